package org.mosswake.core.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;

class RunningTest {
    private static final double MILE_M = 1852;

    private static Running told(Double knots, Double run, Double troll, Double tank) {
        return new Running(
                Optional.ofNullable(knots).map(kn -> kn * MILE_M / 3600),
                Optional.ofNullable(run),
                Optional.ofNullable(troll),
                Optional.ofNullable(tank));
    }

    /** Ten miles at twenty knots are half an hour; forty litres an hour burn forty out and home, of 200 that may go of 300. */
    @Test
    void outAndHomeAndWhatIsLeftToTrollWith() {
        Running.Reach reach = told(20.0, 40.0, 16.0, 300.0).to(10 * MILE_M);
        assertThat(reach.runS()).isCloseTo(1800, within(1e-6));
        assertThat(reach.bothWaysL().orElseThrow()).isCloseTo(40, within(1e-9));
        assertThat(reach.trollH().orElseThrow()).isCloseTo(10, within(1e-9));
        assertThat(reach.isTooFar()).isFalse();
    }

    @Test
    void whatIsFartherThanTwoThirdsOfTheTankIsTooFar() {
        Running boat = told(20.0, 60.0, 10.0, 90.0);
        assertThat(boat.to(9.99 * MILE_M).isTooFar()).isFalse();
        assertThat(boat.to(10.01 * MILE_M).isTooFar()).isTrue();
        assertThat(boat.to(30 * MILE_M).trollH()).contains(0.0);
    }

    /** Nothing is said of what nobody told, and nobody is told that a place is too far by it. */
    @Test
    void whatIsNotToldIsNotReckoned() {
        assertThat(Running.UNTOLD.to(16 * MILE_M).runS()).isCloseTo(3600, within(1e-6));
        assertThat(Running.UNTOLD.to(16 * MILE_M).bothWaysL()).isEmpty();
        Running.Reach noTank = told(null, 40.0, 10.0, null).to(300 * MILE_M);
        assertThat(noTank.bothWaysL()).isPresent();
        assertThat(noTank.trollH()).isEmpty();
        assertThat(noTank.isTooFar()).isFalse();
    }
}
