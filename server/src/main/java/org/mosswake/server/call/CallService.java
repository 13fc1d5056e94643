package org.mosswake.server.call;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.mosswake.core.build.FirstSpread;
import org.mosswake.core.call.Box;
import org.mosswake.core.call.Call;
import org.mosswake.core.call.Conditions;
import org.mosswake.core.call.Entry;
import org.mosswake.core.call.LineCount;
import org.mosswake.core.call.Moment;
import org.mosswake.core.call.Outfit;
import org.mosswake.core.call.Ranking;
import org.mosswake.core.call.Situation;
import org.mosswake.core.clock.DemoTides;
import org.mosswake.core.clock.LightDepth;
import org.mosswake.core.clock.MoonDay;
import org.mosswake.core.clock.Span;
import org.mosswake.core.clock.Step;
import org.mosswake.core.clock.SunDay;
import org.mosswake.core.clock.TideStation;
import org.mosswake.core.day.BagRoom;
import org.mosswake.core.day.DayPlan;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.server.gear.Carried;
import org.mosswake.server.gear.LineAboard;
import org.mosswake.server.spread.CarriedService;
import org.springframework.stereotype.Service;

/** Puts boat, box, ways and day together and asks the core. */
@Service
public class CallService {
    /** Hours weighed before the light comes and after it goes. */
    private static final Duration BESIDE_LIGHT = Duration.ofMinutes(60);

    /** Turns of the tide are told so long before and after the day: lines go in and come home by any hour of it. */
    private static final Duration BESIDE_DAY = Duration.ofHours(8);

    /** Beyond the end of any day, by more than one tide. */
    private static final Duration TURNS_LOOKED_UP = Duration.ofHours(40);

    private final CarriedService carried;
    private final DayEvening evening;
    private final WaysService ways;
    private final RulesService rules;
    private final DayKept day;

    CallService(CarriedService carried, WaysService ways, RulesService rules, DayEvening evening, DayKept day) {
        this.carried = carried;
        this.evening = evening;
        this.ways = ways;
        this.rules = rules;
        this.day = day;
    }

    /** A day at a place. */
    private record Sky(
            SunDay sun, MoonDay moon, Optional<TideStation> tide, List<TideStation.Turn> turns, ZoneId zone) {
        static Sky of(CallBody body) {
            PlaceBody place = body.place();
            Optional<TideStation> tide = TideStation.near(DemoTides.ALL, place.latitudeDeg(), place.longitudeDeg());
            Instant begins = body.day().atStartOfDay(place.zone()).toInstant();
            return new Sky(
                    SunDay.of(body.day(), place.zone(), place.latitudeDeg(), place.longitudeDeg()),
                    MoonDay.of(body.day(), place.zone(), place.latitudeDeg(), place.longitudeDeg()),
                    tide,
                    tide.map(station -> station.turns(begins, begins.plus(TURNS_LOOKED_UP)))
                            .orElse(List.of()),
                    place.zone());
        }

        Moment moment(Instant at) {
            return Moment.of(at, sun, moon, tide.map(station -> station.streamAt(at, turns)));
        }
    }

    /** Every method weighed at a moment of a day out. */
    public Ranking ranking(
            UUID vessel, LocalDate day, Instant at, double latitude, double longitude, ZoneId zone, Conditions known) {
        CallBody body = CallBody.of(day, at, new PlaceBody(latitude, longitude, zone.getId()), known);
        return Ranking.of(asOf(vessel, body, Sky.of(body)));
    }

    /** All a call of a day out is made from, by the shipped weights and the skipper's own. */
    public Situation untaught(
            UUID vessel, LocalDate day, Instant at, double latitude, double longitude, ZoneId zone, Conditions known) {
        CallBody body = CallBody.of(day, at, new PlaceBody(latitude, longitude, zone.getId()), known);
        return situation(vessel, body, Sky.of(body)).with(ways.ownNumbers(vessel));
    }

    /** Another day out with the same boat, box and ways. */
    public Situation again(
            Situation before,
            LocalDate day,
            Instant at,
            double latitude,
            double longitude,
            ZoneId zone,
            Conditions known) {
        CallBody body = CallBody.of(day, at, new PlaceBody(latitude, longitude, zone.getId()), known);
        return new Situation(
                day,
                Sky.of(body).moment(at),
                known,
                before.outfit(),
                before.schools(),
                before.table(),
                before.numbers());
    }

    CallReply call(UUID vessel, CallBody body) {
        Sky sky = Sky.of(body);
        Situation morning = situation(vessel, body, sky);
        BagRoom bag = bag(vessel, body, morning);
        Situation s = morning.with(bag.left(morning.conditions()));
        Call call = Call.of(s, moments(sky), Optional.ofNullable(body.playbook()));
        Optional<Entry> entry = entry(s, call.taken());
        Optional<Integer> room = entry.flatMap(one -> BagRoom.forCrew(one, s.conditions()));
        // What is set in the morning does not follow what is kept at noon.
        Call early = bag.kept() == 0 ? call : Call.of(morning, moments(sky), Optional.ofNullable(body.playbook()));
        return CallReply.of(
                call, steps(vessel, morning, early, body, sky), entry, room, bag.kept(), ways.taughtByDays(vessel));
    }

    /** Of the target where the playbook takes it, else of its first fish in the table. */
    private static Optional<Entry> entry(Situation s, Playbook p) {
        Optional<Species> target = s.conditions().target().filter(p.targets()::contains);
        return s.table().stream()
                .filter(entry ->
                        target.map(entry.species()::equals).orElse(p.targets().contains(entry.species())))
                .findFirst();
    }

    List<Step> steps(UUID vessel, CallBody body) {
        Sky sky = Sky.of(body);
        Situation s = situation(vessel, body, sky);
        return steps(vessel, s, Call.of(s, moments(sky), Optional.ofNullable(body.playbook())), body, sky);
    }

    /** The evening is that of the spread called for the day, where one was; else it is reckoned from the number of lines. */
    private List<Step> steps(UUID vessel, Situation s, Call call, CallBody body, Sky sky) {
        List<Step> reckoned = reckoned(s, call, body, sky);
        return evening.before(vessel, body.day(), sky.zone())
                .map(work -> Stream.concat(
                                work.stream(), reckoned.stream().filter(step -> step.kind() != Step.Kind.EVENING))
                        .toList())
                .orElse(reckoned);
    }

    private static List<Step> reckoned(Situation s, Call call, CallBody body, Sky sky) {
        Span day = sky.sun().whole().with(BESIDE_DAY);
        var wishes = new DayPlan.Wishes(
                minutes(body.runOutMin() == null ? CallBody.USUAL_RUN_MIN : body.runOutMin()),
                Optional.ofNullable(body.catchBaitMin()).map(CallService::minutes),
                Optional.ofNullable(body.linesIn()),
                Optional.ofNullable(body.homeAt()),
                sky.zone(),
                sky.sun(),
                sky.tide().map(station -> station.turns(day.from(), day.to())).orElse(List.of()));
        return DayPlan.of(s, call, wishes);
    }

    private static Duration minutes(double minutes) {
        return Duration.ofSeconds(Math.round(60 * minutes));
    }

    private static List<Moment> moments(Sky sky) {
        Span whole = sky.sun().whole();
        Span over = sky.sun()
                .light()
                .map(light -> light.with(BESIDE_LIGHT).within(whole))
                .orElse(whole);
        long step = Call.STEP.toSeconds();
        Instant at = Instant.ofEpochSecond(Math.floorDiv(over.from().getEpochSecond(), step) * step);
        var moments = new ArrayList<Moment>();
        for (; at.isBefore(over.to()); at = at.plus(Call.STEP)) {
            moments.add(sky.moment(at));
        }
        return moments;
    }

    /** With what was kept until the moment asked for. */
    private Situation asOf(UUID vessel, CallBody body, Sky sky) {
        Situation morning = situation(vessel, body, sky);
        return morning.with(bag(vessel, body, morning).left(morning.conditions()));
    }

    private BagRoom bag(UUID vessel, CallBody body, Situation morning) {
        return BagRoom.of(morning.conditions(), morning.table(), day.kept(vessel, body.day(), body.at()));
    }

    private Situation situation(UUID vessel, CallBody body, Sky sky) {
        return new Situation(
                body.day(),
                sky.moment(body.at()),
                body.conditions(),
                outfit(carried.of(vessel)),
                ways.schools(vessel),
                rules.table(vessel),
                ways.numbers(vessel));
    }

    private static Outfit outfit(Carried carried) {
        return new Outfit(
                carried.boat(),
                carried.idle(),
                new Box(
                        carried.lures().stream()
                                .map(lure -> new Box.Lure(
                                        lure.item(), lure.lengthM(), lure.role(), lure.shade(), lure.count()))
                                .toList(),
                        carried.lines().stream().map(CallService::line).toList(),
                        carried.reels().stream()
                                .map(reel ->
                                        new Box.Reel(reel.reel(), reel.main().map(CallService::line), reel.count()))
                                .toList()),
                carried.propSpreadM(),
                carried.numbers());
    }

    private static Box.Line line(LineAboard line) {
        return new Box.Line(line.item(), line.kind());
    }

    /** All that a build needs, gathered before the first word of the answer: faults come as any other's. */
    record Build(FirstSpread.Wish wish, LineCount lines) {}

    Build build(UUID vessel, BuildBody body) {
        Sky sky = Sky.of(body.call());
        Situation s = asOf(vessel, body.call(), sky);
        Playbook p = Optional.ofNullable(body.call().playbook())
                .map(s.numbers()::playbook)
                .orElseGet(() -> Ranking.of(s).first().playbook());
        LineCount count = LineCount.of(s, p);
        int lines = body.lines() == null ? count.lines() : body.lines();
        List<SpreadLine> locked = body.draft() == null ? List.of() : carried.locked(vessel, body.draft());
        Instant rise = sky.sun().up().map(Span::from).orElse(body.call().at());
        return new Build(
                new FirstSpread.Wish(
                        s,
                        p,
                        Math.min(Spread.MOST_LINES, Math.max(lines, locked.size())),
                        locked,
                        LightDepth.COHO.at(body.call().at(), rise),
                        UUID::randomUUID),
                count);
    }
}
