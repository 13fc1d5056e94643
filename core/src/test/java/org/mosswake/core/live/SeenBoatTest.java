package org.mosswake.core.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mosswake.core.live.SeenBoat.Sighting;

class SeenBoatTest {
    private static final LocalPlane PLANE = new LocalPlane(new Sample.Place(27.6, -47.3));
    private static final Instant THEN = Instant.parse("2026-06-18T10:00:00Z");

    private static Sighting seen(double seconds, double north, double east) {
        return new Sighting(THEN.plusMillis(Math.round(1000 * seconds)), PLANE.onEarth(north, east));
    }

    @Test
    void seenTwiceHerWayIsKnown() {
        var boat = SeenBoat.of(List.of(seen(40, 0, 400), seen(0, 0, 600))).orElseThrow();
        assertThat(boat.mps()).isCloseTo(5, within(0.02));
        assertThat(boat.courseDeg()).isCloseTo(270, within(0.1));
        assertThat(boat.at()).isEqualTo(THEN.plusSeconds(40));
        assertThat(PLANE.of(boat.place())[1]).isCloseTo(400, within(0.5));
    }

    @Test
    void onceOrTooSoonOrLongAgoItIsNot() {
        assertThat(SeenBoat.of(List.of())).isEmpty();
        assertThat(SeenBoat.of(List.of(seen(0, 0, 600)))).isEmpty();
        assertThat(SeenBoat.of(List.of(seen(0, 0, 600), seen(5, 0, 590)))).isEmpty();
        assertThat(SeenBoat.of(List.of(seen(0, 0, 600), seen(600, 0, 590)))).isEmpty();
    }

    @Test
    void anotherBoatIsPassedOver() {
        // The middle one lies two kilometres off: nobody went there and back.
        var boat = SeenBoat.of(List.of(seen(0, 0, 600), seen(30, 2000, 0), seen(60, 0, 300)))
                .orElseThrow();
        assertThat(boat.mps()).isCloseTo(5, within(0.02));
    }
}
