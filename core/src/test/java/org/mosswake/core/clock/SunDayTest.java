package org.mosswake.core.clock;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class SunDayTest {
    private static final ZoneId PLACE = ZoneId.of("Etc/GMT+3");
    private static final LocalDate JUNE = LocalDate.of(2026, 6, 18);

    private static Duration daylight(SunDay day) {
        return Duration.between(day.rise().orElseThrow(), day.set().orElseThrow());
    }

    @Test
    void lightComesInOrder() {
        SunDay day = SunDay.of(JUNE, PLACE, 27.6, -47.3);
        var times = Stream.of(
                        day.firstLight(), day.dawn(), day.rise(), day.noon(), day.set(), day.dusk(), day.lastLight())
                .map(t -> t.orElseThrow())
                .toList();
        assertThat(times).isSorted();
        assertThat(times).allMatch(t -> t.atZone(PLACE).toLocalDate().equals(JUNE));
    }

    /** At an equinox every place has about twelve hours, a little more by refraction and the sun's disc. */
    @Test
    void equinoxHasTwelveHours() {
        for (double latitude : new double[] {-45, 0, 27.6, 43.4}) {
            SunDay day = SunDay.of(LocalDate.of(2026, 3, 20), ZoneOffset.UTC, latitude, 0);
            assertThat(daylight(day)).isBetween(Duration.ofMinutes(719), Duration.ofMinutes(735));
        }
    }

    @Test
    void summerDaysGrowWithLatitude() {
        assertThat(daylight(SunDay.of(JUNE, PLACE, 43.4, -38.9)))
                .isGreaterThan(daylight(SunDay.of(JUNE, PLACE, 27.6, -47.3)));
    }

    /** Noon moves by four minutes for a degree of longitude. */
    @Test
    void noonFollowsTheLongitude() {
        var here = SunDay.of(JUNE, ZoneOffset.UTC, 30, 0).noon().orElseThrow();
        var west = SunDay.of(JUNE, ZoneOffset.UTC, 30, -15).noon().orElseThrow();
        assertThat(Duration.between(here, west)).isBetween(Duration.ofMinutes(59), Duration.ofMinutes(61));
    }

    @Test
    void midnightSunHasNeitherRiseNorSet() {
        SunDay day = SunDay.of(JUNE, ZoneOffset.UTC, 75, 20);
        assertThat(day.rise()).isEmpty();
        assertThat(day.set()).isEmpty();
        assertThat(day.noon()).isPresent();
    }
}
