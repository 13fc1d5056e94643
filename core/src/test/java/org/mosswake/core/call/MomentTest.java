package org.mosswake.core.call;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.mosswake.core.call.Moment.Light;
import org.mosswake.core.clock.MoonDay;
import org.mosswake.core.clock.SunDay;

class MomentTest {
    private static final ZoneId ZONE = ZoneId.of("Etc/GMT+3");
    private static final LocalDate JUNE = LocalDate.of(2026, 6, 18);
    private static final SunDay SUN = SunDay.of(JUNE, ZONE, 27.6, -47.3);
    private static final MoonDay HALF = new MoonDay(Optional.empty(), Optional.empty(), 0.5, true);

    private static Light at(Instant when) {
        return Moment.of(when, SUN, HALF, Optional.empty()).light();
    }

    @Test
    void lightComesInItsOrderThroughTheDay() {
        var seen = EnumSet.noneOf(Light.class);
        Light before = Light.NIGHT;
        Instant from = JUNE.atStartOfDay(ZONE).toInstant();
        for (Instant when = from;
                when.isBefore(from.plus(Duration.ofHours(24)));
                when = when.plus(Duration.ofMinutes(5))) {
            Light now = at(when);
            if (now != before) {
                assertThat(now == Light.NIGHT || !seen.contains(now))
                        .as(when + " " + now)
                        .isTrue();
                seen.add(now);
                before = now;
            }
        }
        assertThat(seen).containsExactlyInAnyOrder(Light.values());
    }

    @Test
    void theFirstHourOfSunStillCountsAsFirstLight() {
        Instant rise = SUN.rise().orElseThrow();
        assertThat(at(rise.plus(Duration.ofMinutes(59)))).isEqualTo(Light.FIRST_LIGHT);
        assertThat(at(rise.plus(Duration.ofMinutes(61)))).isEqualTo(Light.MORNING);
        assertThat(at(SUN.set().orElseThrow().minus(Duration.ofMinutes(30)))).isEqualTo(Light.DUSK);
        assertThat(at(SUN.noon())).isEqualTo(Light.MIDDAY);
    }

    @Test
    void aPolarDayHasNoNightAndAPolarNightNoDay() {
        SunDay up = SunDay.of(JUNE, ZoneId.of("UTC"), 78, 20);
        assertThat(Moment.of(Instant.parse("2026-06-18T01:00:00Z"), up, HALF, Optional.empty())
                        .light())
                .isEqualTo(Light.MIDDAY);
        SunDay down = SunDay.of(JUNE, ZoneId.of("UTC"), -80, 20);
        assertThat(Moment.of(Instant.parse("2026-06-18T11:00:00Z"), down, HALF, Optional.empty())
                        .light())
                .isEqualTo(Light.NIGHT);
    }

    @Test
    void newAndFullAreNear() {
        for (double lit : new double[] {0.02, 0.98}) {
            var moon = new MoonDay(Optional.empty(), Optional.empty(), lit, true);
            assertThat(Moment.of(Instant.EPOCH, SUN, moon, Optional.empty()).nearNewOrFull())
                    .isTrue();
        }
        assertThat(Moment.of(Instant.EPOCH, SUN, HALF, Optional.empty()).nearNewOrFull())
                .isFalse();
    }
}
