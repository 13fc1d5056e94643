package org.mosswake.core.deck;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class RecordingPaceTest {
    private static List<Long> waits(String... lines) {
        var pace = new RecordingPace();
        return List.of(lines).stream().map(line -> pace.before(line).toMillis()).toList();
    }

    private static String rmc(String time) {
        return "$GPRMC," + time + ",A,2736.500,N,04718.200,W,007.5,036.0,130626,,";
    }

    @Test
    void linesAreHeardAsFarApartAsTheyWereWritten() {
        assertThat(waits(rmc("081836"), "$SDDPT,50.0,0.0", rmc("081837.50"), "$GPGLL,2736.5,N,04718.2,W,081839,A"))
                .containsExactly(0L, 0L, 1500L, 1500L);
    }

    @Test
    void midnightIsNoJumpAndOutOfOrderNothingWaits() {
        assertThat(waits(rmc("235959"), rmc("000001"), rmc("000000"), rmc("000002")))
                .containsExactly(0L, 2000L, 0L, 1000L);
    }

    @Test
    void aGapIsNotSatOut() {
        assertThat(waits(rmc("080000"), rmc("093000"), rmc("093001"))).containsExactly(0L, 1000L, 1000L);
    }

    @Test
    void whatTellsNoHoursComesTenLinesASecond() {
        String[] lines = IntStream.range(0, 30).mapToObj(i -> "$SDDPT,50.0,0.0").toArray(String[]::new);
        assertThat(waits(lines).stream().mapToLong(Long::longValue).sum())
                .isEqualTo(Duration.ofSeconds(3).toMillis());
        assertThat(waits("rubbish", "", "$GPRMC,999999,A,,,,,,,,,")).containsOnly(0L);
    }
}
