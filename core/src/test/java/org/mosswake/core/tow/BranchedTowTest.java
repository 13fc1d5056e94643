package org.mosswake.core.tow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.mosswake.core.units.SpeedThroughWater;

/** Three-way with two lures: a heavy jig on a metre and a half, a light one on four and a half. */
class BranchedTowTest {
    private final TowSolver tows = new TowSolver();
    private static final LinePiece LEADER = new LinePiece(1, 0.0008, 1150, 1.2, 0.008);
    private static final Body HEAVY = new Body(0.8, 0.8 / 10000, 0.002, 0, 0);
    private static final Body LIGHT = new Body(0.15, 0.15 / 6000, 0.002, 0, 0);

    private static BranchedTow threeWay(double speed, Body light) {
        var main = new Tow(
                new SpeedThroughWater(speed),
                1.2,
                List.of(Link.of(HEAVY, LEADER.withLength(1.5)), Link.bare(LEADER.withLength(40))));
        return new BranchedTow(main, 1, List.of(Link.of(light, LEADER.withLength(4.5))));
    }

    @Test
    void bothBranchesAreSolved() {
        BranchedTow.Answer answer = threeWay(1.4, LIGHT).solve(tows).orElseThrow();
        double junction = -answer.junction().heightM();
        assertThat(answer.main().depthM()).isBetween(junction, junction + 1.5);
        assertThat(answer.branchAsternM()).isGreaterThan(answer.main().asternM() + 2);
        assertThat(answer.branch().depthM()).isBetween(junction - 1, junction + 4.5);
    }

    @Test
    void theTrailersDragLiftsTheLead() {
        double light = threeWay(1.4, LIGHT).solve(tows).orElseThrow().main().depthM();
        double plump =
                threeWay(1.4, Deep.BLADE).solve(tows).orElseThrow().main().depthM();
        assertThat(plump).isLessThan(light - 1);
    }

    /** A trailer that pulls with next to nothing leaves the lead where the lead alone would be. */
    @Test
    void aTrailerWithoutForceChangesNothing() {
        var feather = new Body(0.001, 0.001 / 1100, 1e-6, 0, 0);
        BranchedTow tow = new BranchedTow(
                threeWay(1.4, LIGHT).main(),
                1,
                List.of(Link.of(feather, new LinePiece(0.5, 0.0001, 1030, 1.2, 0.008))));
        var alone = (TowAnswer.Shaped) tows.solve(tow.main());
        assertThat(tow.solve(tows).orElseThrow().main().depthM())
                .isCloseTo(alone.shape().depthM(), within(0.02));
    }
}
