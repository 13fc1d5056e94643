package org.mosswake.core.strikes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class TrackTest {
    private static final Instant BEGIN = Instant.parse("2026-06-18T08:00:00Z");
    private static final double METRE = Math.toDegrees(1 / 6_371_008.8);

    /** East along the equator over the date line, 2 m a second. */
    private static List<Track.Fix> east(int seconds) {
        return IntStream.rangeClosed(0, seconds)
                .mapToObj(s -> new Track.Fix(
                        BEGIN.plusSeconds(s), 0, Math.IEEEremainder(180 - 100 * METRE + 2 * s * METRE, 360)))
                .toList();
    }

    @Test
    void whatIsTowedLiesBackAlongTheWayAndToItsSide() {
        var spot = Track.of(east(100)).behind(BEGIN.plusSeconds(60), 90, 5).orElseThrow();
        assertThat(spot.longitudeDeg()).isCloseTo(180 - 70 * METRE, within(0.01 * METRE));
        assertThat(spot.latitudeDeg()).as("starboard of east is south").isCloseTo(-5 * METRE, within(0.01 * METRE));
    }

    @Test
    void roundACornerItFollows() {
        var fixes = new java.util.ArrayList<>(IntStream.rangeClosed(0, 50)
                .mapToObj(s -> new Track.Fix(BEGIN.plusSeconds(s), 0, s * METRE))
                .toList());
        IntStream.rangeClosed(1, 60)
                .forEach(s -> fixes.add(new Track.Fix(BEGIN.plusSeconds(50 + s), s * METRE, 50 * METRE)));
        var spot = Track.of(fixes).behind(BEGIN.plusSeconds(70), 30, 0).orElseThrow();
        assertThat(spot.latitudeDeg()).isCloseTo(0, within(1e-9));
        assertThat(spot.longitudeDeg()).isCloseTo(40 * METRE, within(0.01 * METRE));
    }

    @Test
    void nothingIsSaidBeforeTheFixesAboutItAreIn() {
        assertThat(Track.of(List.of()).behind(BEGIN, 30, 0)).isEmpty();
        assertThat(Track.of(east(59)).behind(BEGIN.plusSeconds(60), 30, 0))
                .as("none after it")
                .isEmpty();
        assertThat(Track.of(east(100)).behind(BEGIN.plusSeconds(60), 130, 0))
                .as("not far enough back")
                .isEmpty();
        var gap = new java.util.ArrayList<>(east(20));
        east(200).stream().skip(150).forEach(gap::add);
        assertThat(Track.of(gap).behind(BEGIN.plusSeconds(160), 60, 0))
                .as("over a gap")
                .isEmpty();
    }
}
