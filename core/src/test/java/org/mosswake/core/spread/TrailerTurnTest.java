package org.mosswake.core.spread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.tow.TowAnswer;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.turn.Side;
import org.mosswake.core.turn.TurnLine;
import org.mosswake.core.turn.TurnRules;
import org.mosswake.core.turn.TurnStudy;
import org.mosswake.core.units.SpeedThroughWater;
import org.mosswake.core.units.SpeedUnit;

/** The lure of a three-way trails metres behind the lead that ends its main line: it takes part in a turn of its own. */
class TrailerTurnTest {
    private static final SpeedThroughWater SPEED = SpeedThroughWater.of(2.5, SpeedUnit.KNOT);
    private final TowSolver tows = new TowSolver();

    private TurnLine threeWay(double letOut) {
        return DemoSpread.threeWay("three", DemoSpread.flat("flat", 1, 1.8), letOut)
                .turned(SPEED, tows);
    }

    @ParameterizedTest
    @ValueSource(doubles = {30, 60, 90})
    void theTrailerHangsWhereTheThreeWayPutsIt(double letOut) {
        SpreadLine line = DemoSpread.threeWay("three", DemoSpread.flat("flat", 1, 1.8), letOut);
        BranchPlace branch = new LineSolver().solve(line, SPEED).branch().orElseThrow();
        TurnLine trailer = line.turned(SPEED, tows).trailer().orElseThrow();
        assertThat(tows.settle(trailer.tow())).isInstanceOfSatisfying(TowAnswer.Shaped.class, answer -> {
            assertThat(answer.shape().depthM()).isCloseTo(branch.depthM(), within(0.03));
            assertThat(answer.shape().asternM()).isCloseTo(branch.asternM(), within(0.05));
        });
    }

    /** What a ball or lead pulls is more at a crawl than any lure's area: nothing is refused for it. */
    @Test
    void aCrawlIsSolvedToo() {
        var crawl = SpeedThroughWater.of(0.4, SpeedUnit.KNOT);
        SpreadLine deep = DemoSpread.deep("deep", 24, 8, LureKind.CUT_BAIT, ClipSeat.FULL);
        assertThat(new LineSolver().solve(deep, crawl).answer()).isInstanceOf(TowAnswer.Shaped.class);
        SpreadLine three = DemoSpread.threeWay("three", DemoSpread.flat("flat", 1, 1.8), 30);
        assertThat(three.turned(crawl, tows).trailer()).isPresent();
    }

    /** Another line is let out until its lure swims where the trailer does: by the lead alone nothing would be said. */
    @Test
    void itFoulsWhatTheLeadWouldPass() {
        var rules = new TurnRules(
                SPEED.mps(),
                30,
                TurnRules.usualPivotAsternM(7),
                TurnRules.USUAL_CLEAR_ACROSS_M,
                TurnRules.USUAL_CLEAR_UP_M);
        TurnLine three = threeWay(45);
        var bare = new TurnLine(three.tow(), three.tipAsternM(), three.tipStarboardM(), three.slopesM());
        int sooner = 0;
        for (double letOut = 30; letOut <= 60; letOut += 2) {
            TurnLine other = LikelyTowTest.on(DemoSpread.item(LineKind.MONO, 50), LureKind.HAIR_JIG, letOut, 0.5)
                    .withHolder(DemoSpread.flat("other", -1, 1.8))
                    .turned(SPEED, tows);
            double with = limit(rules, List.of(three, other));
            double without = limit(rules, List.of(bare, other));
            assertThat(with).isLessThanOrEqualTo(without + 1e-9);
            sooner += with < without - 0.01 ? 1 : 0;
        }
        assertThat(sooner).isPositive();
    }

    private static double limit(TurnRules rules, List<TurnLine> lines) {
        var study = new TurnStudy(rules);
        return Math.min(
                study.limit(lines, Side.PORT).limitRad(),
                study.limit(lines, Side.STARBOARD).limitRad());
    }
}
