package org.mosswake.core.spread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mosswake.core.gear.Coefficient;
import org.mosswake.core.gear.Fitted;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.LineItem;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.rig.RigNumbers;
import org.mosswake.core.rig.Rigging;
import org.mosswake.core.sure.Doubts;
import org.mosswake.core.sure.Factor;
import org.mosswake.core.sure.Likely;
import org.mosswake.core.sure.Unknown;
import org.mosswake.core.tow.Belly;
import org.mosswake.core.tow.TowAnswer;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.ForceUnit;
import org.mosswake.core.units.SpeedThroughWater;
import org.mosswake.core.units.SpeedUnit;

/** Ranges beside draws of every coefficient: the second method, which knows nothing of slopes. */
class LikelyTowTest {
    private static final int DRAWS_A_REGIME = 10_000;
    private static final int PULLS_A_REGIME = 2_000;
    private static final Holder HOLDER = DemoSpread.flat("flat", 1, 1.8);
    private final TowSolver tows = new TowSolver();

    private record Towed(String name, SpreadLine line, SpeedThroughWater speed) {}

    private static Towed towed(String name, SpreadLine line, double knots) {
        return new Towed(name, line, SpeedThroughWater.of(knots, SpeedUnit.KNOT));
    }

    /** A lure, or with a lead 5 m before it, on a main line. */
    static SpreadLine on(LineItem main, LureKind lure, double letOut, double leadKg) {
        var leader = DemoSpread.item(LineKind.FLUOROCARBON, 80);
        var pieces = new ArrayList<TacklePiece>();
        pieces.add(new TacklePiece(Optional.of(DemoSpread.lure(lure)), leader, Optional.of(leadKg > 0 ? 5.0 : 2.0)));
        var lead = new LureItem(
                DemoSpread.id("lead " + leadKg), "lead", "TORPEDO_LEAD", LureKind.torpedoLead(Math.max(0.01, leadKg)));
        pieces.add(new TacklePiece(leadKg > 0 ? Optional.of(lead) : Optional.empty(), main, Optional.empty()));
        return new SpreadLine(
                DemoSpread.id(main.name() + lure + letOut + leadKg),
                HOLDER,
                letOut,
                Force.of(6, ForceUnit.KILOGRAM_FORCE),
                pieces);
    }

    static Map<String, List<Towed>> regimes() {
        var all = new LinkedHashMap<String, List<Towed>>();
        var mono = DemoSpread.item(LineKind.MONO, 50);
        var braid = DemoSpread.item(LineKind.BRAID, 65);
        var wire = DemoSpread.item(LineKind.TROLLING_WIRE, 40);
        all.put(
                "thin line with a lead",
                List.of(
                        towed("mono 60", on(mono, LureKind.LIVE_BAIT, 60, 0.8), 2),
                        towed("mono 90", on(mono, LureKind.SQUID, 90, 1.5), 2.5),
                        towed("mono 40", on(mono, LureKind.HAIR_JIG, 40, 0.4), 3),
                        towed("braid 60", on(braid, LureKind.EEL_BAIT, 60, 0.7), 2.5),
                        towed("braid 100", on(braid, LureKind.HAIR_JIG, 100, 1), 3.5),
                        towed("spoon", on(mono, LureKind.FLUTTER_SPOON, 65, 0.25), 3),
                        towed("spoon deep", on(mono, LureKind.FLUTTER_SPOON, 85, 0.45), 3)));
        all.put(
                "plugs and planes",
                List.of(
                        towed("plug 30", on(mono, LureKind.LIPPED_PLUG, 30, 0), 5),
                        towed("plug 60", on(mono, LureKind.LIPPED_PLUG, 60, 0), 4),
                        towed("plug braid", on(braid, LureKind.LIPPED_PLUG, 45, 0), 6),
                        towed("plug wire", on(wire, LureKind.LIPPED_PLUG, 60, 0), 5),
                        towed("plane", on(mono, LureKind.DIVING_PLANE, 40, 0), 2.5),
                        towed("plane braid", on(braid, LureKind.DIVING_PLANE, 55, 0), 2)));
        all.put(
                "wire",
                List.of(
                        towed("jig 60", on(wire, LureKind.HAIR_JIG, 60, 0), 2.8),
                        towed("jig 90", on(wire, LureKind.HAIR_JIG, 90, 0), 2.8),
                        towed("spoon", on(wire, LureKind.FLUTTER_SPOON, 75, 0), 2.5),
                        towed("eel", on(wire, LureKind.EEL_BAIT, 50, 0), 2.2),
                        towed("bullet", on(wire, LureKind.FAST_BULLET, 60, 1.2), 9),
                        towed("lead", on(wire, LureKind.SQUID, 70, 0.5), 3)));
        all.put(
                "downrigger",
                List.of(
                        towed("blade", DemoSpread.deep("a", 24, 8, LureKind.ROTATING_BLADE, ClipSeat.FULL), 2.5),
                        towed("live", DemoSpread.deep("b", 15, 6, LureKind.LIVE_BAIT, ClipSeat.FULL), 2),
                        towed("spoon", DemoSpread.deep("c", 40, 10, LureKind.FLUTTER_SPOON, ClipSeat.FULL), 2.5),
                        towed("cut", DemoSpread.deep("d", 20, 6, LureKind.CUT_BAIT, ClipSeat.FULL), 2.2),
                        towed("squid", DemoSpread.deep("e", 30, 5, LureKind.SQUID, ClipSeat.FULL), 2.8)));
        all.put(
                "three-way",
                List.of(
                        towed("short", DemoSpread.threeWay("f", HOLDER, 40), 3),
                        towed("middle", DemoSpread.threeWay("g", HOLDER, 60), 2.5),
                        towed("long", DemoSpread.threeWay("h", HOLDER, 90), 2.2)));
        all.put(
                "near the surface",
                List.of(
                        towed("bullet 8", on(mono, LureKind.FAST_BULLET, 60, 0), 8),
                        towed("bullet 12", on(mono, LureKind.FAST_BULLET, 40, 0), 12),
                        towed("skirt 5", on(mono, LureKind.BULLET_SKIRT, 40, 0), 5),
                        towed("skirt 4", on(mono, LureKind.BULLET_SKIRT, 30, 0), 4),
                        towed("jig 7", on(mono, LureKind.HAIR_JIG, 40, 0), 7),
                        towed("jig 5", on(braid, LureKind.HAIR_JIG, 45, 0), 5),
                        towed("squid", on(mono, LureKind.SQUID, 40, 0), 2)));
        return all;
    }

    private record Drawn(int inside, int running, int all) {}

    private Drawn drawn(Towed towed, Likely likely, int draws, Random random) {
        var doubts = new LineDoubts(towed.line());
        Belly.Pull held = new LineSolver().held(towed.line(), towed.speed());
        int inside = 0;
        int running = 0;
        for (int i = 0; i < draws; i++) {
            double depth = LikelyTow.computed(doubts.moved(towed.speed(), drawn(doubts, random)), held, tows)
                    .figures()[0];
            if (depth > 0) {
                running++;
                inside += depth >= likely.low() && depth <= likely.high() ? 1 : 0;
            }
        }
        return new Drawn(inside, running, draws);
    }

    @Test
    void fourInFiveLieInside() {
        var random = new Random(20);
        int inside = 0;
        int running = 0;
        for (var regime : regimes().entrySet()) {
            int insideHere = 0;
            int runningHere = 0;
            int draws = DRAWS_A_REGIME / regime.getValue().size();
            for (Towed towed : regime.getValue()) {
                Likely likely =
                        LikelyTow.of(towed.line(), towed.speed(), tows).lure().orElseThrow();
                Drawn drawn = drawn(towed, likely, draws, random);
                double up = 1 - drawn.running() / (double) draws;
                assertThat(likely.atSurface()).as(towed.name()).isCloseTo(up, within(0.05));
                insideHere += drawn.inside();
                runningHere += drawn.running();
            }
            assertThat(insideHere / (double) runningHere).as(regime.getKey()).isBetween(0.77, 0.83);
            inside += insideHere;
            running += runningHere;
        }
        assertThat(inside / (double) running).isBetween(0.79, 0.81);
    }

    /** Drawn by the solver that draws the shape, which knows nothing of ranges. */
    @Test
    void fourInFivePullsLieInside() {
        var random = new Random(22);
        var solver = new LineSolver();
        int inside = 0;
        int all = 0;
        for (var regime : regimes().entrySet()) {
            int insideHere = 0;
            int draws = PULLS_A_REGIME / regime.getValue().size();
            int shaped = 0;
            for (Towed towed : regime.getValue()) {
                Likely pull =
                        LikelyTow.of(towed.line(), towed.speed(), tows).pull().orElseThrow();
                var doubts = new LineDoubts(towed.line());
                for (int i = 0; i < draws; i++) {
                    LineDoubts.Moved moved = doubts.moved(towed.speed(), drawn(doubts, random));
                    if (solver.settle(moved.line(), moved.speed()) instanceof TowAnswer.Shaped now) {
                        double newtons = now.shape().tensionAtTipN();
                        shaped++;
                        insideHere += newtons >= pull.low() && newtons <= pull.high() ? 1 : 0;
                    }
                }
            }
            assertThat(shaped).as(regime.getKey()).isGreaterThan((int) (0.99 * PULLS_A_REGIME) - 10);
            assertThat(insideHere / (double) shaped).as(regime.getKey()).isBetween(0.77, 0.83);
            inside += insideHere;
            all += shaped;
        }
        assertThat(inside / (double) all).isBetween(0.785, 0.815);
    }

    private static Doubts.Moved drawn(LineDoubts doubts, Random random) {
        return doubts.all()
                .moved(DoubleStream.generate(random::nextGaussian)
                        .limit(doubts.all().size())
                        .toArray());
    }

    private Likely likely(SpreadLine line, double knots) {
        return LikelyTow.of(line, SpeedThroughWater.of(knots, SpeedUnit.KNOT), tows)
                .lure()
                .orElseThrow();
    }

    private double[] gaps(SpreadLine one, SpreadLine two, SpeedThroughWater speed, Random random) {
        var factors = new HashMap<Factor, Double>();
        var gaps = new double[4000];
        for (int i = 0; i < gaps.length; i++) {
            factors.clear();
            gaps[i] = drawnDepth(one, speed, factors, random) - drawnDepth(two, speed, factors, random);
        }
        return gaps;
    }

    /** With the errors that an earlier line of the same draw had. */
    private double drawnDepth(SpreadLine line, SpeedThroughWater speed, Map<Factor, Double> drawn, Random random) {
        var doubts = new LineDoubts(line);
        var deviations = new double[doubts.all().size()];
        for (int k = 0; k < deviations.length; k++) {
            deviations[k] = drawn.computeIfAbsent(doubts.all().factor(k), factor -> random.nextGaussian());
        }
        return LikelyTow.computed(doubts.moved(speed, doubts.all().moved(deviations)), Belly.Pull.NONE, tows)
                .figures()[0];
    }

    /** Two lines of one wire err together: the gap between them is far surer than either depth. */
    @Test
    void gapsAreAsSureAsTheDraws() {
        var random = new Random(21);
        var wire = DemoSpread.item(LineKind.TROLLING_WIRE, 40);
        var mono = DemoSpread.item(LineKind.MONO, 50);
        var pairs = List.of(
                List.of(on(wire, LureKind.HAIR_JIG, 60, 0), on(wire, LureKind.HAIR_JIG, 90, 0)),
                List.of(on(wire, LureKind.HAIR_JIG, 60, 0), on(mono, LureKind.HAIR_JIG, 60, 0.8)),
                List.of(on(mono, LureKind.LIPPED_PLUG, 30, 0), on(mono, LureKind.LIPPED_PLUG, 40, 0)),
                List.of(on(mono, LureKind.LIVE_BAIT, 60, 0.8), on(mono, LureKind.HAIR_JIG, 40, 0.4)));
        double inside = 0;
        double all = 0;
        for (var pair : pairs) {
            var speed = SpeedThroughWater.of(3, SpeedUnit.KNOT);
            Likely one = likely(pair.get(0), 3);
            Likely two = likely(pair.get(1), 3);
            double deviation = one.gapDeviation(two);
            double gap = one.best() - two.best();
            double here = Arrays.stream(gaps(pair.get(0), pair.get(1), speed, random))
                    .filter(drawn -> Math.abs(drawn - gap) <= Likely.FOUR_IN_FIVE * deviation)
                    .count();
            assertThat(here / 4000).isBetween(0.75, 0.85);
            inside += here;
            all += 4000;
        }
        assertThat(inside / all).isBetween(0.77, 0.83);
        Likely near = likely(pairs.get(2).get(0), 3);
        Likely far = likely(pairs.get(2).get(1), 3);
        assertThat(near.gapDeviation(far)).isLessThan((near.high() - near.low()) / 5);
    }

    /** What crews say of a method lies inside what is said of it here. */
    @Test
    void figuresOfPracticeLieInside() {
        var mono = DemoSpread.item(LineKind.MONO, 50);
        assertThat(likely(on(mono, LureKind.FLUTTER_SPOON, 62, 0.23), 3))
                .satisfies(spoon -> assertThat(spoon.low()).isLessThan(6))
                .satisfies(spoon -> assertThat(spoon.high()).isGreaterThan(6.5));
        assertThat(likely(on(mono, LureKind.FLUTTER_SPOON, 83, 0.45), 3))
                .satisfies(spoon -> assertThat(spoon.low()).isLessThan(12))
                .satisfies(spoon -> assertThat(spoon.high()).isGreaterThan(12));
        Likely wire = likely(on(DemoSpread.item(LineKind.TROLLING_WIRE, 40), LureKind.HAIR_JIG, 60, 0), 2.8);
        assertThat(60 / wire.high()).isBetween(6.0, 11.0);
        assertThat(60 / wire.low()).isBetween(7.0, 12.0);
    }

    /** Ten metres of thin leader, so many metres of the heavy line, and backing. */
    private static SpreadLine segment(LineItem heavy, double metres, LureKind lure) {
        var pieces = List.of(
                new TacklePiece(
                        Optional.of(DemoSpread.lure(lure)),
                        DemoSpread.item(LineKind.FLUOROCARBON, 20),
                        Optional.of(6.0)),
                new TacklePiece(Optional.empty(), heavy, Optional.of(metres)),
                new TacklePiece(Optional.empty(), DemoSpread.item(LineKind.BRAID, 30), Optional.empty()));
        return new SpreadLine(
                DemoSpread.id(heavy.name() + metres),
                HOLDER,
                6 + metres + 6,
                Force.of(3, ForceUnit.KILOGRAM_FORCE),
                pieces);
    }

    /** About 1.5 m a colour, and 6 to 9 m for 30 m of copper, at 1 m/s. */
    @ParameterizedTest
    @ValueSource(ints = {3, 5, 7, 10})
    void leadCoreSinksAboutAMetreAndAHalfAColour(int colours) {
        Likely likely = likely(segment(DemoSpread.item(LineKind.LEAD_CORE, 27), colours * 9.1, LureKind.SQUID), 1.944);
        assertThat(likely.best() / colours).isBetween(1.2, 1.8);
        assertThat(likely.low()).isLessThan(1.5 * colours);
        assertThat(likely.high()).isGreaterThan(1.5 * colours);
    }

    @Test
    void copperSinksSixToNineMetresForThirty() {
        assertThat(likely(segment(DemoSpread.item(LineKind.COPPER, 45), 30, LureKind.SQUID), 1.944)
                        .best())
                .isBetween(6.0, 9.0);
    }

    /** 4.5 kg on 15 m of cable at 1.5 m/s: 12–14 m with plain gear. */
    @Test
    void aBallHangsWherePracticeSays() {
        SpreadLine plain = DemoSpread.deep("plain", 15, 6, LureKind.SQUID, ClipSeat.FULL);
        var ball = LikelyTow.of(plain, new SpeedThroughWater(1.5), tows).other().orElseThrow();
        assertThat(ball.best()).isBetween(12.0, 14.0);
    }

    @Test
    void aTouchOfBottomNarrowsWhatIsFittedAndWhatHangsOnIt() {
        var wire = DemoSpread.item(LineKind.TROLLING_WIRE, 40);
        SpreadLine line = wheeled(on(wire, LureKind.HAIR_JIG, 75, 0));
        var speed = SpeedThroughWater.of(2.8, SpeedUnit.KNOT);
        Likely before = likely(line, 2.8);
        var calibration = new Calibration(
                wire.id(),
                Coefficient.NORMAL_DRAG,
                wire.metre().normalDragCoefficient(),
                List.of(new Calibration.Observation(Calibration.Kind.BOTTOM, line, speed, before.best() * 1.1)));
        double value = calibration.fit().value();
        var fitted = new Fitted(Set.of(Coefficient.NORMAL_DRAG), calibration.sightings(value));
        LineItem known =
                wire.withMetre(Coefficient.NORMAL_DRAG.in(wire.metre(), value)).fitted(fitted);
        Likely after = likely(wheeled(on(known, LureKind.HAIR_JIG, 75, 0)), 2.8);
        assertThat(after.best()).isCloseTo(before.best() * 1.1, within(0.02));
        assertThat(width(after)).isLessThan(0.75 * width(before));
        Likely other = likely(on(known, LureKind.EEL_BAIT, 40, 0), 2.5);
        assertThat(width(other)).isLessThan(width(likely(on(wire, LureKind.EEL_BAIT, 40, 0), 2.5)));
    }

    /** Of a boat whose speed a paddle wheel tells. */
    private static SpreadLine wheeled(SpreadLine line) {
        var numbers = RigNumbers.USUAL.with(RigNumbers.sure(Unknown.SPEED), 0.03);
        Rigging usual = line.rigging();
        return line.withRigging(new Rigging(
                usual.reel(), usual.hooks(), usual.bait(), usual.take(), usual.marks(), usual.scent(), numbers));
    }

    private static double width(Likely likely) {
        return Math.log(likely.high() / likely.low());
    }

    @Test
    void oddsOfBeingDeeperFollowTheRange() {
        Likely likely = likely(on(DemoSpread.item(LineKind.MONO, 50), LureKind.LIPPED_PLUG, 30, 0), 5);
        assertThat(likely.moreThan(likely.low())).isCloseTo(0.9, within(0.01));
        assertThat(likely.moreThan(likely.high())).isCloseTo(0.1, within(0.01));
        assertThat(likely.moreThan(0)).isEqualTo(1);
        assertThat(likely.moreThan(100)).isLessThan(1e-6);
    }
}
