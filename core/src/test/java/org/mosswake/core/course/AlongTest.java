package org.mosswake.core.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class AlongTest {
    /** North a kilometre, east a kilometre, and back south beside the first leg. */
    private static final List<Pose> CORNERS =
            List.of(new Pose(0, 0, 0), new Pose(1000, 0, 0), new Pose(1000, 300, 0), new Pose(0, 300, 0));

    @Test
    void tellsTheNextTurnAndHowFarOffSheIs() {
        Along along = Along.of(CORNERS, new Pose(400, 30, 0.1)).orElseThrow();
        assertThat(along.leg()).isZero();
        assertThat(along.offM()).isCloseTo(30, within(1e-9));
        assertThat(along.nextM()).isCloseTo(600, within(1e-9));
        assertThat(along.turnRad()).isCloseTo(Math.PI / 2, within(1e-9));
        assertThat(along.leftM()).isCloseTo(1900, within(1e-9));
    }

    @Test
    void ofTwoLegsBesideOneAnotherSheIsOnTheOneThatGoesHerWay() {
        assertThat(Along.of(CORNERS, new Pose(500, 140, Math.PI)).orElseThrow().leg())
                .isEqualTo(2);
        assertThat(Along.of(CORNERS, new Pose(500, 160, 0)).orElseThrow().leg()).isZero();
    }

    @Test
    void isNothingFarOffAndPastTheEnd() {
        assertThat(Along.of(CORNERS, new Pose(500, 6000, 0))).isEmpty();
        assertThat(Along.of(CORNERS, new Pose(-200, 300, Math.PI))).isEmpty();
        assertThat(Along.of(CORNERS, new Pose(10, 310, Math.PI)).orElseThrow().turnRad())
                .isZero();
    }
}
