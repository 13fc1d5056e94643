package org.mosswake.core.deck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.mosswake.core.units.Plane;

class HoldSpeedTest {
    private static final Instant NOW = Instant.parse("2026-06-18T08:00:00Z");

    private static Optional<HoldSpeed> hold(double wanted, double water, double heading, double ground, double course) {
        var instruments = new Instruments();
        instruments.hear("a", 1, NOW, Reading.of(Gauge.WATER_SPEED, water));
        instruments.hear("a", 1, NOW, Reading.of(Gauge.HEADING, heading));
        instruments.hear("a", 1, NOW, Reading.of(Gauge.GROUND, ground, course));
        return HoldSpeed.of(wanted, instruments.shown(NOW), NOW);
    }

    @Test
    void withTheStreamTheReceiverShowsMoreAndAgainstItLess() {
        HoldSpeed with = hold(3, 2.5, 90, 3.5, 90).orElseThrow();
        assertThat(with.groundMps()).isCloseTo(4, within(1e-9));
        assertThat(with.streamMps()).isCloseTo(1, within(1e-9));
        assertThat(with.streamTowardsDeg()).isCloseTo(90, within(1e-9));
        assertThat(hold(3, 2.5, 270, 1.5, 270).orElseThrow().groundMps()).isCloseTo(2, within(1e-9));
    }

    /** At the speed she has, the receiver shows what it shows; a faster lure never wants a slower boat ahead of the beam. */
    @Test
    void agreesWithWhatIsShownWhateverTheStream() {
        var random = new Random(5);
        for (int i = 0; i < 1000; i++) {
            double water = 1 + 6 * random.nextDouble();
            double heading = 360 * random.nextDouble();
            double set = Math.toRadians(360 * random.nextDouble());
            double drift = 0.8 * random.nextDouble();
            double north = water * Math.cos(Math.toRadians(heading)) + drift * Math.cos(set);
            double east = water * Math.sin(Math.toRadians(heading)) + drift * Math.sin(set);
            double course = (Math.toDegrees(Math.atan2(east, north)) + 360) % 360;
            double ground = Plane.hypot(north, east);
            HoldSpeed same = hold(water, water, heading, ground, course).orElseThrow();
            assertThat(same.groundMps()).isCloseTo(ground, within(1e-9));
            assertThat(same.streamMps()).isCloseTo(drift, within(1e-9));
            assertThat(hold(water + 0.5, water, heading, ground, course)
                            .orElseThrow()
                            .groundMps())
                    .isGreaterThan(ground);
        }
    }

    /** Its wheel stuck, a log says nought at eight knots: the sea does not run at eight knots. */
    @Test
    void aFouledLogMakesNoStream() {
        assertThat(hold(3.9, 0, 90, 4.1, 90)).isEmpty();
        assertThat(hold(3.9, 0.5, 90, 4.1, 90)).isEmpty();
        assertThat(hold(3.9, 3.5, 90, 4.1, 90)).isPresent();
    }

    @Test
    void nothingIsSaidWhereOneOfThreeIsNotHeard() {
        var instruments = new Instruments();
        instruments.hear("a", 1, NOW, Reading.of(Gauge.WATER_SPEED, 3));
        instruments.hear("a", 1, NOW, Reading.of(Gauge.HEADING, 10));
        instruments.hear("a", 1, NOW, new Reading(Gauge.GROUND, 0.1, Optional.empty()));
        assertThat(HoldSpeed.of(3, instruments.shown(NOW), NOW)).isEmpty();
        instruments.hear("a", 1, NOW, Reading.of(Gauge.GROUND, 3, 12));
        assertThat(HoldSpeed.of(3, instruments.shown(NOW), NOW)).isPresent();
        Instant later = NOW.plusSeconds(20);
        assertThat(HoldSpeed.of(3, instruments.shown(later), later)).isEmpty();
    }
}
