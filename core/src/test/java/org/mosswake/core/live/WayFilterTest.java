package org.mosswake.core.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.mosswake.core.units.Plane;

class WayFilterTest {
    private static Optional<Motion> sail(
            WayFilter filter, Sailing boat, int seconds, double turnRad, Function<Sailing, Sample> told) {
        Optional<Motion> last = Optional.empty();
        for (int i = 0; i < seconds; i++) {
            boat.second(turnRad);
            last = filter.hear(told.apply(boat));
        }
        return last;
    }

    private static double off(Motion motion, Sailing boat) {
        return Plane.hypot(motion.streamNorthMps() - boat.streamNorth, motion.streamEastMps() - boat.streamEast);
    }

    @Test
    void withLogAndCompassTheStreamIsKnownWithinAMinute() {
        var boat = new Sailing(3.9, 200, 0.5, -0.3, 1);
        Motion motion = sail(new WayFilter(), boat, 60, 0, Sailing::all).orElseThrow();
        assertThat(off(motion, boat)).isLessThan(0.1);
        assertThat(motion.throughMps()).isCloseTo(3.9, within(0.1));
        assertThat(motion.streamDoubtMps()).isLessThan(0.1);
    }

    /** By a receiver alone: what is not known is said not to be, until she has sailed right round. */
    @Test
    void aCircleTellsTheStreamAndBeforeItTheDoubtCoversIt() {
        for (int seed = 0; seed < 10; seed++) {
            var boat = new Sailing(3.9, 36 * seed, 0.4, 0.2, seed);
            var filter = new WayFilter();
            Motion straight = sail(filter, boat, 120, 0, Sailing::receiver).orElseThrow();
            assertThat(off(straight, boat)).isLessThan(3 * straight.streamDoubtMps());
            Motion round = sail(filter, boat, 180, Math.toRadians(2.5), Sailing::receiver)
                    .orElseThrow();
            assertThat(off(round, boat)).as("seed %d", seed).isLessThan(0.2);
            assertThat(round.streamDoubtMps()).isLessThan(0.15);
            assertThat(round.streamDoubtMps()).isLessThan(0.7 * straight.streamDoubtMps());
        }
    }

    /** The tide table is some way off, and nearer than nothing, until a circle tells it better. */
    @Test
    void aTideTableTellsTheStreamToAReceiverAlone() {
        for (int seed = 0; seed < 10; seed++) {
            var boat = new Sailing(3.9, 36 * seed, 0.5, 0.3, seed);
            var filter = new WayFilter(at -> Optional.of(new double[] {0.42, 0.36}));
            Motion straight = sail(filter, boat, 120, 0, Sailing::receiver).orElseThrow();
            assertThat(off(straight, boat)).as("seed %d", seed).isLessThan(0.25);
            assertThat(straight.streamDoubtMps()).isBetween(0.1, 0.25);
            assertThat(straight.throughMps()).isCloseTo(3.9, within(0.25));
            Motion round = sail(filter, boat, 180, Math.toRadians(2.5), Sailing::receiver)
                    .orElseThrow();
            assertThat(off(round, boat)).isLessThan(0.15);
        }
    }

    @Test
    void aTideTableTellsItToWhoTellsPlacesAlone() {
        var boat = new Sailing(3.9, 90, 0.5, 0.1, 3);
        var filter = new WayFilter(at -> Optional.of(new double[] {0.5, 0.1}));
        Motion motion = sail(filter, boat, 120, 0, Sailing::fix).orElseThrow();
        assertThat(off(motion, boat)).isLessThan(0.1);
        assertThat(motion.streamDoubtMps()).isBetween(0.15, 0.3);
    }

    @Test
    void placesAloneTellNoStreamAndSaySo() {
        var boat = new Sailing(3.9, 90, 0.5, 0, 3);
        Motion motion = sail(new WayFilter(), boat, 300, Math.toRadians(2), Sailing::fix)
                .orElseThrow();
        assertThat(motion.streamDoubtMps()).isGreaterThanOrEqualTo(0.5);
    }

    @Test
    void aTurnAndAChangeOfPaceAreFollowedWithinSeconds() {
        var boat = new Sailing(3.9, 350, 0.2, 0, 4);
        var filter = new WayFilter();
        sail(filter, boat, 60, 0, Sailing::all);
        Motion turning = sail(filter, boat, 8, Math.toRadians(3), Sailing::all).orElseThrow();
        assertThat(Math.toDegrees(turning.turnRadS())).isCloseTo(3, within(0.8));
        boat.speed = 2.6;
        Motion slower = sail(filter, boat, 12, 0, Sailing::all).orElseThrow();
        assertThat(slower.throughMps()).isCloseTo(2.6, within(0.15));
    }

    @Test
    void aLogThatIsFouledTakesNothingElseWithIt() {
        var boat = new Sailing(3.9, 10, 0, 0, 5);
        var filter = new WayFilter();
        sail(filter, boat, 60, 0, Sailing::all);
        Motion motion =
                sail(filter, boat, 60, 0, b -> b.receiver().withWater(1.3, 10)).orElseThrow();
        assertThat(motion.groundMps()).isCloseTo(3.9, within(0.15));
        Motion stuck =
                sail(filter, boat, 60, 0, b -> b.receiver().withWater(0, 10)).orElseThrow();
        assertThat(stuck.groundMps()).isCloseTo(3.9, within(0.15));
    }

    @Test
    void aPlaceThatJumpsIsPassedOverAndAWayThatGoesOnElsewhereIsTaken() {
        var boat = new Sailing(3.9, 10, 0, 0, 6);
        var filter = new WayFilter();
        sail(filter, boat, 60, 0, Sailing::all);
        Motion jumped =
                sail(filter, boat, 1, 0, b -> Sample.fix(b.at(), 27.9, -47.3)).orElseThrow();
        assertThat(jumped.northM()).isCloseTo(boat.north, within(10.0));
        assertThat(filter.wasBegunAnew()).isTrue();
        assertThat(filter.wasBegunAnew()).isFalse();
        boat.north += 5000;
        boat.waterNorth += 5000;
        sail(filter, boat, 30, 0, Sailing::all);
        assertThat(filter.wasBegunAnew()).isTrue();
        Motion motion = filter.motion(boat.at()).orElseThrow();
        assertThat(motion.groundMps()).isCloseTo(3.9, within(0.3));
    }

    @Test
    void whatIsOlderThanWhatWasToldMovesNothing() {
        var boat = new Sailing(3.9, 10, 0, 0, 7);
        var filter = new WayFilter();
        sail(filter, boat, 30, 0, Sailing::all);
        var before = filter.motion(boat.at());
        assertThat(filter.hear(Sample.fix(boat.at().minusSeconds(5), 20, 20))).isEmpty();
        assertThat(filter.motion(boat.at())).isEqualTo(before);
    }

    @Test
    void aBoatAtRestHasNoCourse() {
        var boat = new Sailing(0, 10, 0, 0, 8);
        assertThat(sail(new WayFilter(), boat, 5, 0, Sailing::exact)).isEmpty();
    }
}
