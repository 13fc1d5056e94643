package org.mosswake.core.turn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.units.Plane;

/** Led step by step along a way, held against the study of the same way with shorter steps and finer lines. */
class SailedSpreadTest {
    private static final TurnRules RULES = TurnSpreads.rules(7.5, 60);
    private static final Helm TURN = Helm.turn(Side.STARBOARD, Math.PI, RULES.radiusM());

    private static SailedSpread spread(List<TurnLine> lines) {
        var spread = new SailedSpread(RULES, lines, new TowSolver());
        spread.lay(RULES.start());
        return spread;
    }

    private static void sail(SailedSpread spread, Helm helm, int fromS, int toS) {
        for (int t = fromS + 1; t <= toS; t++) {
            spread.step(helm.after(RULES.speedMps() * t, RULES.start()), 1);
        }
    }

    @Test
    void inAHalfTurnEveryLureIsWhereTheStudyHasIt() {
        var frames = new HelmStudy(RULES, TURN, TurnSpreads.twelve()).through();
        var spread = spread(TurnSpreads.twelve());
        int seconds = (int) (TURN.lengthM() / RULES.speedMps());
        for (int t = 1; t <= seconds; t++) {
            sail(spread, TURN, t - 1, t);
            int step = (int) Math.round(RULES.speedMps() * t / RULES.stepM());
            TurnFrame near = frames.get(Math.min(step, frames.size() - 1));
            Pose pose = TURN.after(near.afterS() * RULES.speedMps(), RULES.start());
            double ahead = RULES.speedMps() * (near.afterS() - t);
            for (int i = 0; i < 12; i++) {
                var lure = spread.lines().get(i).orElseThrow().nodes().get(0);
                var swung = near.lines().get(i);
                double off = Plane.hypot(
                        pose.astern(lure.x(), lure.y())
                                + RULES.pivotAsternM()
                                - swung.nodes().get(0).asternM(),
                        pose.starboard(lure.x(), lure.y())
                                - swung.nodes().get(0).starboardM());
                // The nearest frame is up to half a step from the second.
                assertThat(off).as("line %d at %d s", i, t).isLessThan(0.6 + Math.abs(ahead));
            }
        }
    }

    /** Two lines in the middle hang in one plane: on any heading their last digits are no crossing. */
    @Test
    void onNoHeadingDoLinesInOnePlaneMeet() {
        double dt = 3 / RULES.speedMps();
        for (int deg = 1; deg < 360; deg += 23) {
            double heading = Math.toRadians(deg);
            var spread = new SailedSpread(RULES, TurnSpreads.twelve(), new TowSolver());
            spread.lay(new Pose(0, 0, heading));
            for (int step = 1; step < 400; step++) {
                double run = 3.0 * step;
                spread.step(new Pose(-run * Math.cos(heading), run * Math.sin(heading), heading), dt);
                assertThat(spread.met()).as("on %d°, after %.0f m", deg, run).isEmpty();
            }
        }
    }

    @Test
    void straightOnNothingMovesAndNothingMeets() {
        var straight = new Helm(List.of(new Helm.Straight(1000)));
        var spread = spread(TurnSpreads.mixed());
        var before = spread.lines();
        sail(spread, straight, 0, 60);
        for (int i = 0; i < before.size(); i++) {
            var was = before.get(i).orElseThrow();
            var is = spread.lines().get(i).orElseThrow();
            assertThat(was.nodes().get(0).x() - is.nodes().get(0).x()).isCloseTo(60 * RULES.speedMps(), within(0.3));
            assertThat(is.lureDepthM()).isCloseTo(was.lureDepthM(), within(0.02));
        }
        assertThat(spread.met()).isEmpty();
    }

    @Test
    void whatIsSailedAheadLeavesTheSpreadWhereItIs() {
        var spread = spread(TurnSpreads.mixed());
        sail(spread, TURN, 0, 10);
        var here = spread.lines();
        var ahead = spread.copy();
        sail(ahead, TURN, 10, 30);
        assertThat(spread.lines()).isEqualTo(here);
        sail(spread, TURN, 10, 30);
        assertThat(spread.lines()).isEqualTo(ahead.lines());
    }

    /** The study says which turn fouls: sailed, the same pair meets, and not before the limit. */
    @Test
    void thePairThatTheStudyNamesMeets() {
        var study = new TurnStudy(TurnSpreads.rules(7.5, 40));
        var rules = study.rules();
        SideLimit limit = study.limit(TurnSpreads.mixed(), Side.PORT);
        var spread = new SailedSpread(rules, TurnSpreads.mixed(), new TowSolver());
        spread.lay(rules.start());
        Helm round = Helm.turn(Side.PORT, 2 * Math.PI, rules.radiusM());
        List<SailedSpread.Met> met = List.of();
        int t = 0;
        while (met.isEmpty() && t * rules.speedMps() < round.lengthM()) {
            t++;
            spread.step(round.after(rules.speedMps() * t, rules.start()), 1);
            met = spread.met();
        }
        assertThat(met).isNotEmpty();
        // The limit counts the straightening after it too: going on round, they meet no sooner.
        assertThat(t * rules.speedMps() / rules.radiusM()).isGreaterThan(limit.limitRad() - 0.15);
    }

    @Test
    void aLineThatIsSnatchedFindsAShapeAgain() {
        var spread = spread(TurnSpreads.mixed());
        sail(spread, TURN, 0, 5);
        for (int t = 0; t < 20; t++) {
            spread.step(new Pose(-400 - 60 * (t % 3), 300 * (t % 2), t), 1);
        }
        var straight = new Helm(List.of(new Helm.Straight(3000)));
        spread.lay(RULES.start());
        sail(spread, straight, 0, 20);
        assertThat(spread.lines()).allSatisfy(line -> {
            assertThat(line.orElseThrow().slack()).isFalse();
            assertThat(line.orElseThrow().lureSpeedMps()).isCloseTo(RULES.speedMps(), within(0.05));
        });
    }
}
