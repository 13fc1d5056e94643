package org.mosswake.server.course;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;
import org.mosswake.core.course.Band;
import org.mosswake.core.course.Behind;
import org.mosswake.core.course.Courses;
import org.mosswake.core.course.Field;
import org.mosswake.core.course.Followed;
import org.mosswake.core.course.Laid;
import org.mosswake.core.course.Pose;
import org.mosswake.core.course.Towed;
import org.mosswake.core.handling.SpreadTurns;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.turn.RoundSearch;
import org.mosswake.core.turn.RoundTurn;
import org.mosswake.core.turn.Side;
import org.mosswake.core.turn.TurnLine;
import org.mosswake.core.turn.TurnRules;
import org.mosswake.core.water.Spot;
import org.mosswake.server.course.CourseReply.Lack;
import org.mosswake.server.gear.Aboard;
import org.mosswake.server.platform.compute.Computing;
import org.mosswake.server.spread.SpreadAssembler;
import org.mosswake.server.strikes.FixService;
import org.mosswake.server.water.SeaFields;
import org.springframework.stereotype.Service;

/** Lays courses over what is known of the sea, and follows them with every line of a spread. */
@Service
class CourseService {
    /** Seven knots, of a boat alone that nobody gave a speed (m/s). */
    private static final double USUAL_MPS = 3.6;
    /** Beyond the course itself it is looked round so far (m). */
    private static final double BESIDE_M = 3000;
    /** Middles of what is laid out lie on a lattice, so that a start that is dragged asks for the same again (1/°). */
    private static final double LATTICE = 20;
    /** Nobody asks how far off an edge it is beyond so many widths of its band. */
    private static final double WIDTHS = 3;

    /** Of the way: so often somebody who waits hears how far it is. */
    private static final double TOLD = 0.05;

    private static final double SLACK_MPS = 0.05;

    private static final Duration COVERED_WITHIN = Duration.ofHours(14);

    private final SeaFields fields;
    private final Streams streams;
    private final SpreadAssembler assembler;
    private final Aboard aboard;
    private final FixService fixes;
    private final TowSolver tows = new TowSolver();

    CourseService(SeaFields fields, Streams streams, SpreadAssembler assembler, Aboard aboard, FixService fixes) {
        this.fields = fields;
        this.streams = streams;
        this.assembler = assembler;
        this.aboard = aboard;
        this.fixes = fixes;
    }

    /** What is known before a course is laid. */
    private record Known(
            Spot middle,
            Optional<Field> depth,
            Optional<Band> band,
            Optional<Streams.Stream> stream,
            Optional<Spread> spread,
            List<Pose> covered,
            List<Lack> lacks) {}

    /** What she tows, with the turns it stands. */
    private record Tail(List<TurnLine> lines, TurnRules rules, Towed towed) {}

    /** What is asked is put together, and refused, at once; the rest is work. */
    Callable<CourseReply> lay(UUID vessel, CourseBody body) {
        Known known = known(vessel, body);
        double boatM = aboard.of(vessel).lengthM();
        return () -> {
            var lacks = new ArrayList<>(known.lacks());
            Tail behind = behind(body, known, boatM, lacks);
            List<Double> covered = CourseReply.places(known.covered(), known.middle());
            Optional<Laid> laid = laid(body, known, behind.towed(), lacks);
            return laid.map(one -> CourseReply.of(
                            one, behind.towed(), known.middle(), known.depth(), known.stream(), lacks, covered))
                    .orElseGet(() -> CourseReply.none(behind.towed().radiusM(), known.stream(), lacks, covered));
        };
    }

    /** Followed with every line, told as it goes on. */
    Computing.Told sail(UUID vessel, CourseBody body) {
        Known known = known(vessel, body);
        double boatM = aboard.of(vessel).lengthM();
        return telling -> telling.say(sailed(body, known, boatM, telling));
    }

    private SailedEvent sailed(CourseBody body, Known known, double boatM, Computing.Telling telling) {
        var lacks = new ArrayList<>(known.lacks());
        Tail behind = behind(body, known, boatM, lacks);
        Optional<Courses.Ask> ask = ask(body, known, behind.towed(), lacks);
        if (ask.isEmpty() || known.spread().isEmpty()) {
            return SailedEvent.nothing();
        }
        double[] heard = {0};
        Optional<Followed> followed = Followed.of(ask.get(), known.depth(), behind.rules(), behind.lines(), gone -> {
            if (heard[0] == 0 || Math.abs(gone - heard[0]) >= TOLD) {
                heard[0] = gone;
                telling.tell(SailedEvent.progress(gone));
            }
        });
        return followed.map(one -> SailedEvent.done(
                        one.sailed(),
                        known.spread().orElseThrow(),
                        known.middle(),
                        CourseReply.of(
                                one.laid(),
                                one.towed(),
                                known.middle(),
                                known.depth(),
                                known.stream(),
                                lacks,
                                CourseReply.places(known.covered(), known.middle()))))
                .orElseGet(SailedEvent::nothing);
    }

    private Known known(UUID vessel, CourseBody body) {
        Spot start = body.start().spot();
        var middle = new Spot(
                Math.round(start.latDeg() * LATTICE) / LATTICE, Math.round(start.lonDeg() * LATTICE) / LATTICE);
        double reach = body.lengthM() + middle.toM(start) + BESIDE_M;
        Optional<Field> depth = fields.depth(vessel, middle, Math.ceil(reach / BESIDE_M) * BESIDE_M);
        Optional<Streams.Stream> stream = streams.at(vessel, start, body.at());
        Optional<Spread> spread = body.towed().map(draft -> assembler.assemble(vessel, draft));
        var lacks = new ArrayList<Lack>();
        Optional<Band> band = band(body, middle, reach, depth, lacks);
        if (stream.isEmpty()) {
            lacks.add(Lack.STREAM);
        }
        if (spread.isEmpty()) {
            lacks.add(Lack.SPREAD);
        }
        return new Known(middle, depth, band, stream, spread, covered(vessel, body.at(), middle), lacks);
    }

    private static Optional<Band> band(
            CourseBody body, Spot middle, double reach, Optional<Field> depth, List<Lack> lacks) {
        CourseBody.BandBody asked = body.band();
        boolean needed = body.kind() != Courses.Kind.LADDER && body.kind() != Courses.Kind.SPIRAL;
        boolean ofDepths = asked != null && asked.edge() == null;
        // About a hump there is no edge to keep to.
        if (asked == null || body.kind() == Courses.Kind.AROUND && !ofDepths) {
            if (needed) {
                lacks.add(Lack.BAND);
            }
            return Optional.empty();
        }
        if (asked.edge() != null) {
            List<Spot> line =
                    asked.edge().line().stream().map(CourseBody.SpotBody::spot).toList();
            double within = asked.edge().withinM();
            return Optional.of(new Band(Field.off(line, middle, reach, WIDTHS * within), 0, within));
        }
        if (depth.isEmpty()) {
            lacks.add(Lack.DEPTH);
        }
        return depth.map(
                field -> new Band(field, asked.depth().fromM(), asked.depth().toM()));
    }

    private List<Pose> covered(UUID vessel, Instant at, Spot middle) {
        return fixes.way(vessel, at.minus(COVERED_WITHIN), at).stream()
                .map(fix -> new Spot(fix.latitudeDeg(), fix.longitudeDeg()))
                .map(spot -> new Pose(middle.northM(spot), middle.eastM(spot), 0))
                .toList();
    }

    private Tail behind(CourseBody body, Known known, double boatM, List<Lack> lacks) {
        double mps = known.spread()
                .map(spread -> spread.speed().mps())
                .orElse(Optional.ofNullable(body.speedMps()).orElse(USUAL_MPS));
        double tightest = TurnRules.tightestM(mps, boatM);
        List<TurnLine> lines = known.spread()
                .map(spread -> spread.lines().stream()
                        .map(line -> line.turned(spread.speed(), tows))
                        .toList())
                .orElse(List.of());
        var usual = rules(mps, boatM, TurnRules.USUAL_RADIUS_M);
        double radius = body.radiusM() != null
                ? Math.max(tightest, body.radiusM())
                : known.spread()
                        .map(spread -> right(new SpreadTurns(usual, List.of()).rightRound(spread, boatM), lacks))
                        .orElse(tightest);
        double north = known.stream().map(Streams.Stream::northMps).orElse(0.0);
        double east = known.stream().map(Streams.Stream::eastMps).orElse(0.0);
        return new Tail(lines, rules(mps, boatM, radius), Behind.of(lines, usual, radius, north, east));
    }

    private static TurnRules rules(double mps, double boatM, double radiusM) {
        return new TurnRules(
                mps,
                radiusM,
                TurnRules.usualPivotAsternM(boatM),
                TurnRules.USUAL_CLEAR_ACROSS_M,
                TurnRules.USUAL_CLEAR_UP_M);
    }

    /** The wider of both sides: a course turns to both. */
    private static double right(Map<Side, RoundTurn> round, List<Lack> lacks) {
        if (round.values().stream().anyMatch(side -> side.radiusM().isEmpty())) {
            lacks.add(Lack.ROUND);
        }
        return round.values().stream()
                .mapToDouble(side -> side.radiusM().orElse(RoundSearch.WIDEST_M))
                .max()
                .orElse(RoundSearch.WIDEST_M);
    }

    private static Optional<Laid> laid(CourseBody body, Known known, Towed towed, List<Lack> lacks) {
        Optional<Laid> laid = ask(body, known, towed, lacks).flatMap(Courses::lay);
        if (laid.isEmpty()
                && body.kind() == Courses.Kind.AROUND
                && known.band().isPresent()
                && !lacks.contains(Lack.STEMS)) {
            lacks.add(Lack.HUMP);
        }
        return laid;
    }

    /** Empty where the stream sets faster than she goes, or is to be gone with and not known. */
    private static Optional<Courses.Ask> ask(CourseBody body, Known known, Towed towed, List<Lack> lacks) {
        Optional<Streams.Stream> stream = known.stream();
        if (stream.map(Streams.Stream::mps).orElse(0.0) >= towed.mps()) {
            lacks.add(Lack.STEMS);
            return Optional.empty();
        }
        boolean carried = body.kind() == Courses.Kind.WITH_STREAM;
        if (carried && stream.isEmpty()) {
            return Optional.empty();
        }
        // Where nobody says which way, it is that of the stream: a drag must not turn the course about.
        double towards = body.towardsDeg() != null
                ? Math.toRadians(body.towardsDeg())
                : stream.filter(one -> one.mps() > SLACK_MPS)
                        .map(Streams.Stream::towardsRad)
                        .orElse(Double.NaN);
        Optional<Double> back = stream.filter(one -> carried)
                .flatMap(one -> one.turns()
                        .map(turn -> towed.overGroundMps(one.towardsRad())
                                * Duration.between(body.at(), turn).toSeconds()));
        return Optional.of(new Courses.Ask(
                body.kind(),
                pose(body.start(), known, towards),
                Optional.ofNullable(body.ends()).map(spot -> pose(spot, known, 0)),
                body.through() == null
                        ? List.of()
                        : body.through().stream()
                                .map(spot -> pose(spot, known, 0))
                                .toList(),
                body.lengthM(),
                towards,
                known.band(),
                towed,
                body.weaves(),
                back,
                known.covered()));
    }

    private static Pose pose(CourseBody.SpotBody spot, Known known, double towardsRad) {
        Spot there = spot.spot();
        return new Pose(
                known.middle().northM(there), known.middle().eastM(there), Double.isNaN(towardsRad) ? 0 : towardsRad);
    }
}
