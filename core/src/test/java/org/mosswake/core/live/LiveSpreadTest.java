package org.mosswake.core.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.mosswake.core.live.LiveMoment.LivePlace;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.turn.Bend;
import org.mosswake.core.turn.SailedSpread;
import org.mosswake.core.turn.TurnLine;
import org.mosswake.core.turn.TurnRules;
import org.mosswake.core.turn.TurnSpreads;
import org.mosswake.core.units.Plane;

/** What is made of noisy instruments, held against the same solver led along the way that was really sailed. */
class LiveSpreadTest {
    static final TurnRules RULES = TurnSpreads.rules(7.5, 40);
    private static final TowSolver TOWS = new TowSolver();

    static List<TowedLine> towed(List<TurnLine> lines, double staysInToMps, double hangsBelowM) {
        var towed = new ArrayList<TowedLine>();
        for (int i = 0; i < lines.size(); i++) {
            towed.add(new TowedLine(new UUID(0, i), "L" + i, lines.get(i), staysInToMps, hangsBelowM));
        }
        return towed;
    }

    static LiveSpread mixed() {
        return new LiveSpread(RULES, towed(TurnSpreads.mixed(), Double.POSITIVE_INFINITY, 0), TOWS);
    }

    /** How far each lure is from where it truly is, of the boat (m), at every second but the first minute. */
    private static List<Double> errors(Sailing boat, Function<Sailing, Sample> told, double turnRad) {
        var live = mixed();
        var truth = new SailedSpread(RULES, TurnSpreads.mixed(), TOWS);
        truth.lay(boat.inTheWater());
        var errors = new ArrayList<Double>();
        for (double turn : Sailing.turns(turnRad)) {
            boat.second(turn);
            truth.step(boat.inTheWater(), 1);
            live.hear(told.apply(boat));
            var moment = live.moment();
            if (moment.isEmpty() || moment.get().settlesM() > 0 || !moment.get().towing()) {
                continue;
            }
            var datum = truth.datum(boat.inTheWater());
            List<LivePlace> places = moment.get().lines();
            for (int i = 0; i < places.size(); i++) {
                var there = truth.lines().get(i).orElseThrow();
                // Of a line that hangs only that is said.
                if (there.slack() || places.get(i).slack()) {
                    continue;
                }
                var lure = there.nodes().get(0);
                var seen = places.get(i).nodes().get(0);
                errors.add(Plane.hypot(seen.northM() - (datum.x() - lure.x()), seen.eastM() - (lure.y() - datum.y())));
            }
        }
        return errors;
    }

    /** In twelve days of turns, tight and wide. */
    private static double p95(Function<Sailing, Sample> told, double streamNorth) {
        var errors = new ArrayList<Double>();
        for (int seed = 0; seed < 12; seed++) {
            double rate = Math.toRadians(1.5 + 0.5 * (seed % 6));
            var boat = new Sailing(RULES.speedMps(), 60 * seed, streamNorth, 0, seed);
            errors.addAll(errors(boat, told, rate));
        }
        return errors.stream().sorted().toList().get((int) (0.95 * errors.size()));
    }

    @Test
    void byAllInstrumentsInAStreamEveryLureIsWithinThreeMetres() {
        assertThat(p95(Sailing::all, 0.6)).isLessThan(3);
    }

    @Test
    void byAReceiverAloneEveryLureIsWithinThreeMetres() {
        assertThat(p95(Sailing::receiver, 0)).isLessThan(3);
    }

    @Test
    void byFixesAloneEveryLureIsWithinFiveMetres() {
        assertThat(p95(Sailing::fix, 0)).isLessThan(5);
    }

    /** Sails so many seconds and answers for the last. */
    private static LiveMoment sail(
            LiveSpread live, Sailing boat, int seconds, double turnRad, Function<Sailing, Sample> told) {
        for (int i = 0; i < seconds; i++) {
            boat.second(turnRad);
            live.hear(told.apply(boat));
        }
        return live.moment().orElseThrow();
    }

    private static Sailing boat(long seed) {
        return new Sailing(RULES.speedMps(), 40, 0.3, 0.1, seed);
    }

    @Test
    void onAStraightCourseNobodyIsCalled() {
        LiveMoment moment = sail(mixed(), boat(1), 300, 0, Sailing::all);
        assertThat(moment.warnings()).isEmpty();
        assertThat(moment.settlesM()).isZero();
        assertThat(moment.lines()).hasSize(6).allSatisfy(line -> {
            assertThat(line.bend()).isEqualTo(Bend.NEITHER);
            assertThat(line.lureMps()).isCloseTo(RULES.speedMps(), within(0.25));
            assertThat(line.offBottom()).isEmpty();
        });
    }

    @Test
    void inATurnInsideLinesRunSlowerThanOutsideOnes() {
        var boat = boat(2);
        var live = mixed();
        sail(live, boat, 120, 0, Sailing::all);
        LiveMoment moment = sail(live, boat, 25, Math.toRadians(2.5), Sailing::all);
        LivePlace inside = moment.lines().get(1);
        LivePlace outside = moment.lines().get(2);
        assertThat(inside.bend()).isEqualTo(Bend.INSIDE);
        assertThat(outside.bend()).isEqualTo(Bend.OUTSIDE);
        assertThat(moment.lines().get(0).bend()).isEqualTo(Bend.NEITHER);
        assertThat(inside.lureMps()).isLessThan(outside.lureMps() - 0.2);
    }

    /** Before they meet the pair is named, and they do meet then if the helm stays. */
    @Test
    void twoLinesThatWillMeetAreNamedInTime() {
        var boat = boat(3);
        var live = mixed();
        sail(live, boat, 120, 0, Sailing::all);
        double turn = -RULES.speedMps() / 55;
        var truth = new SailedSpread(RULES, TurnSpreads.mixed(), TOWS);
        truth.lay(boat.inTheWater());
        int warnedAt = 0;
        int metAt = 0;
        for (int t = 1; t < 120 && metAt == 0; t++) {
            LiveMoment moment = sail(live, boat, 1, turn, Sailing::all);
            truth.step(boat.inTheWater(), 1);
            boolean warned = moment.warnings().stream().anyMatch(one -> one.kind() == LiveWarning.Kind.FOULS);
            warnedAt = warned && warnedAt == 0 ? t : warnedAt;
            metAt = truth.met().isEmpty() ? 0 : t;
        }
        assertThat(metAt).isPositive();
        assertThat(warnedAt).isPositive().isLessThan(metAt - 10);
        LiveMoment straight = sail(live, boat, 60, 0, Sailing::all);
        assertThat(straight.warnings()).noneMatch(one -> one.kind() == LiveWarning.Kind.FOULS);
    }

    /** The bottom she has run over is known before a lure comes there. */
    @Test
    void aLureThatComesToShoalWaterIsNamedBeforeItTouches() {
        var boat = boat(4);
        var live = new LiveSpread(RULES, towed(TurnSpreads.mixed(), Double.POSITIVE_INFINITY, 6), TOWS);
        LiveMoment deep = sail(live, boat, 200, 0, b -> b.all().withDepth(40));
        assertThat(deep.warnings()).isEmpty();
        assertThat(deep.lines().get(0).offBottom().orElseThrow().metres()).isBetween(30.0, 34.0);
        LiveMoment shoal = sail(live, boat, 3, 0, b -> b.all().withDepth(6.5));
        LiveWarning far = shoal.warnings().stream()
                .filter(one -> one.lines().contains(new UUID(0, 0)))
                .findFirst()
                .orElseThrow();
        // 176 m astern: three seconds ago she was there.
        assertThat(far.kind()).isEqualTo(LiveWarning.Kind.BOTTOM);
        assertThat(far.inS()).isCloseTo(176 / RULES.speedMps() - 3, within(4.0));
        assertThat(far.says().text()).startsWith("L0 touches in {0}");
        LiveMoment over = sail(live, boat, 120, 0, b -> b.all().withDepth(40));
        assertThat(over.warnings()).isEmpty();
    }

    @Test
    void aLureIsSaidToLeaveTheWaterWhenItDoesSoForLong() {
        var live = new LiveSpread(RULES, towed(TurnSpreads.mixed(), 4.2, 0), TOWS);
        var boat = boat(5);
        assertThat(sail(live, boat, 150, 0, Sailing::all).warnings()).isEmpty();
        boat.speed = 4.6;
        assertThat(sail(live, boat, 8, 0, Sailing::all).warnings()).isEmpty();
        LiveMoment fast = sail(live, boat, 60, 0, Sailing::all);
        assertThat(fast.warnings()).singleElement().satisfies(one -> {
            assertThat(one.kind()).isEqualTo(LiveWarning.Kind.SKIPS);
            assertThat(one.lines()).hasSize(6);
            assertThat(one.says().text()).contains("L0, L1").contains("leave the water");
        });
    }

    private static void slowTo(LiveSpread live, Sailing boat, double mps) {
        while (boat.speed > mps) {
            boat.speed = Math.max(mps, boat.speed - 0.25);
            sail(live, boat, 1, 0, Sailing::all);
        }
    }

    @Test
    void aBoatThatStopsTowsNothingAndIsTakenUpAgain() {
        var live = mixed();
        var boat = boat(6);
        sail(live, boat, 100, 0, Sailing::all);
        slowTo(live, boat, 0.6);
        assertThat(sail(live, boat, 10, 0, Sailing::all).warnings())
                .anyMatch(one -> one.kind() == LiveWarning.Kind.STEERAGE);
        slowTo(live, boat, 0.1);
        LiveMoment drifting = sail(live, boat, 60, 0, Sailing::all);
        assertThat(drifting.towing()).isFalse();
        assertThat(drifting.lines()).isEmpty();
        assertThat(drifting.warnings()).isEmpty();
        boat.speed = RULES.speedMps();
        LiveMoment again = sail(live, boat, 15, 0, Sailing::all);
        assertThat(again.towing()).isTrue();
        assertThat(again.settlesM()).isBetween(100.0, 230.0);
    }

    /** Seconds that are lost, doubled or late change nothing that matters. */
    @Test
    void gapsAndRepetitionsAreSailedOver() {
        var whole = mixed();
        var holed = mixed();
        var boat = boat(7);
        for (int t = 0; t < 240; t++) {
            boat.second(t > 150 ? Math.toRadians(2) : 0);
            Sample sample = boat.all();
            whole.hear(sample);
            if (t % 7 != 3 && t % 31 > 4) {
                holed.hear(sample);
                holed.hear(sample);
                holed.hear(Sample.fix(sample.at().minusSeconds(9), 27.6, -47.3));
            }
        }
        var a = whole.moment().orElseThrow().lines();
        var b = holed.moment().orElseThrow().lines();
        for (int i = 0; i < a.size(); i++) {
            assertThat(a.get(i).nodes().get(0).northM())
                    .isCloseTo(b.get(i).nodes().get(0).northM(), within(4.0));
            assertThat(a.get(i).nodes().get(0).eastM())
                    .isCloseTo(b.get(i).nodes().get(0).eastM(), within(4.0));
        }
    }

    /** After a long silence a sounder may be the first that speaks: where she is, nobody knows then. */
    @Test
    void afterASilenceNothingIsShownUntilSheHasACourseAgain() {
        var live = mixed();
        var boat = boat(8);
        sail(live, boat, 60, 0, Sailing::all);
        for (int i = 0; i < 60; i++) {
            boat.second(0);
        }
        live.hear(new Sample(
                boat.at(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(40.0)));
        assertThat(live.moment()).isEmpty();
        assertThat(sail(live, boat, 5, 0, Sailing::all).settlesM()).isPositive();
    }
}
