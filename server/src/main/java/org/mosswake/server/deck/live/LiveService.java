package org.mosswake.server.deck.live;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.call.Numbers;
import org.mosswake.core.clock.DemoTides;
import org.mosswake.core.clock.TideStation;
import org.mosswake.core.live.LiveMoment;
import org.mosswake.core.live.LiveSpread;
import org.mosswake.core.live.Sample;
import org.mosswake.core.live.SeenBoat;
import org.mosswake.core.live.TowedLine;
import org.mosswake.core.live.WayFilter;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.spread.Labels;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.turn.TurnRules;
import org.mosswake.server.call.OriginService;
import org.mosswake.server.course.KeptCourses;
import org.mosswake.server.deck.instruments.TrackService;
import org.mosswake.server.deck.instruments.VesselClock;
import org.mosswake.server.gear.Aboard;
import org.mosswake.server.gear.BoatService;
import org.mosswake.server.spread.SpreadAssembler;
import org.mosswake.server.strikes.FixBody;
import org.springframework.stereotype.Service;

/** Leads a spread along what is told of its boat: by her instruments, or, where they are silent, by the device that asks. */
@Service
public class LiveService {
    /** A spread that is asked for first is led along so much of what was told before. */
    private static final Duration BEFORE = Duration.ofMinutes(5);

    private final SpreadAssembler assembler;
    private final Aboard aboard;
    private final BoatService boats;
    private final OriginService origins;
    private final TrackService track;
    private final VesselClock clock;
    private final KeptCourses courses;
    private final LiveSpreads spreads = new LiveSpreads();

    LiveService(
            SpreadAssembler assembler,
            Aboard aboard,
            BoatService boats,
            OriginService origins,
            TrackService track,
            VesselClock clock,
            KeptCourses courses) {
        this.courses = courses;
        this.boats = boats;
        this.origins = origins;
        this.assembler = assembler;
        this.aboard = aboard;
        this.track = track;
        this.clock = clock;
    }

    /** What is asked is put together, and refused, at once; the rest is work. */
    Callable<LiveReply> live(UUID vessel, LiveBody body) {
        Spread whole = assembler.assemble(vessel, body.draft());
        var asked = asked(vessel, whole, body.outLineIds(), Optional.ofNullable(body.spreadId()));
        List<Sample.Place> corners = Optional.ofNullable(body.courseDay())
                .map(day -> courses.corners(vessel, day))
                .orElse(List.of());
        return () -> spreads.with(asked, () -> begin(asked), kept -> {
            hear(kept, vessel, body.fixes());
            SeenBoat.of(body.sightings()).ifPresent(kept.live()::see);
            return LiveReply.of(
                    kept.live(),
                    clock.now(vessel),
                    whole.speed().mps(),
                    back(kept.live(), body.back()),
                    Optional.ofNullable(body.meet())
                            .flatMap(meet -> kept.live().moment().flatMap(moment -> Meetings.of(moment, meet))),
                    kept.live().moment().flatMap(moment -> AlongReply.of(corners, moment)));
        });
    }

    /**
     * Where the lines that are out are by what was told last; the same spread as the page's, led once.
     *
     * @param out    lines that are out
     * @param spread that they are of, where it is kept
     */
    public Optional<LiveMoment> moment(UUID vessel, Spread whole, List<UUID> out, Optional<UUID> spread) {
        var asked = asked(vessel, whole, out, spread);
        return spreads.with(asked, () -> begin(asked), kept -> {
            hear(kept, vessel, List.of());
            return kept.live().moment();
        });
    }

    private static Optional<LiveSpread.Returning> back(LiveSpread live, LiveBody.@Nullable BackBody back) {
        return back == null
                ? Optional.empty()
                : live.back(
                        new Sample.Place(back.latitudeDeg(), back.longitudeDeg()),
                        Optional.ofNullable(back.lineId()),
                        back.portRadiusM(),
                        back.starboardRadiusM());
    }

    private LiveSpreads.Asked asked(UUID vessel, Spread whole, List<UUID> out, Optional<UUID> spread) {
        boolean withStream = spread.flatMap(id -> origins.playbookOf(vessel, id))
                .filter(book -> Numbers.USUAL.playbook(book).is(Playbook.Trait.OVER_GROUND))
                .isPresent();
        return new LiveSpreads.Asked(
                vessel, whole, List.copyOf(out), aboard.of(vessel).lengthM(), withStream);
    }

    /** By the station next to her home, where one is known. */
    private WayFilter.Tide tideOf(UUID vessel) {
        BoatService.Home home = boats.homeOf(vessel);
        return TideStation.near(DemoTides.ALL, home.latitudeDeg(), home.longitudeDeg())
                .<WayFilter.Tide>map(station -> at -> Optional.of(station.streamNorthEast(at)))
                .orElse(WayFilter.Tide.UNKNOWN);
    }

    private LiveSpread begin(LiveSpreads.Asked asked) {
        Spread whole = asked.spread();
        Map<UUID, String> labels = Labels.of(whole.lines());
        var tows = new TowSolver();
        var out = whole.lines().stream()
                .filter(line -> asked.out().contains(line.id()))
                .map(line -> TowedLine.of(line, labels.get(line.id()), whole.speed(), tows))
                .toList();
        var rules = new TurnRules(
                whole.speed().mps(),
                TurnRules.USUAL_RADIUS_M,
                TurnRules.usualPivotAsternM(asked.boatLengthM()),
                TurnRules.USUAL_CLEAR_ACROSS_M,
                TurnRules.USUAL_CLEAR_UP_M);
        return new LiveSpread(rules, out, tows, tideOf(asked.vessel()), asked.withStream());
    }

    private void hear(LiveSpreads.Kept kept, UUID vessel, List<FixBody> fixes) {
        Instant now = clock.now(vessel);
        Instant from = kept.heard().isAfter(now.minus(BEFORE)) ? kept.heard() : now.minus(BEFORE);
        var told = track.after(vessel, from);
        for (TrackService.Told one : told) {
            one.others().forEach(kept.live()::see);
            kept.live().hear(one.sample());
            kept.heard(one.sample().at());
        }
        boolean silent = Duration.between(kept.heard(), now).compareTo(LiveReply.OLD) > 0;
        // The last fix of a way alone would hide the way: the device is asked for all of it by an answer without a
        // course.
        boolean whole = fixes.size() > 1 || kept.live().moment().isPresent();
        if (silent && whole) {
            fixes.stream().map(LiveService::sample).forEach(kept.live()::hear);
        }
    }

    /** A device that stands still tells no course. */
    private static Sample sample(FixBody fix) {
        Sample place = Sample.fix(fix.at(), fix.latitudeDeg(), fix.longitudeDeg());
        return fix.speedOverGroundMps() == null || fix.courseDeg() == null
                ? place
                : place.withGround(fix.speedOverGroundMps(), fix.courseDeg());
    }
}
