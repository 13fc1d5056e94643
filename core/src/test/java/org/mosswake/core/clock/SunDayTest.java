package org.mosswake.core.clock;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.shredzone.commons.suncalc.SunPosition;

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
                        day.firstLight(),
                        day.dawn(),
                        day.rise(),
                        Optional.of(day.noon()),
                        day.set(),
                        day.dusk(),
                        day.lastLight())
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
        var here = SunDay.of(JUNE, ZoneOffset.UTC, 30, 0).noon();
        var west = SunDay.of(JUNE, ZoneOffset.UTC, 30, -15).noon();
        assertThat(Duration.between(here, west)).isBetween(Duration.ofMinutes(59), Duration.ofMinutes(61));
    }

    @Test
    void midnightSunHasNeitherRiseNorSet() {
        SunDay day = SunDay.of(JUNE, ZoneOffset.UTC, 75, 20);
        assertThat(day.rise()).isEmpty();
        assertThat(day.set()).isEmpty();
        assertThat(day.up()).hasValue(day.whole());
        assertThat(Duration.between(day.drawn().from(), day.drawn().to())).isLessThanOrEqualTo(Duration.ofHours(25));
        assertThat(day.bands(day.drawn())).extracting(SunDay.Band::light).containsExactly(SunDay.Light.DAY);
    }

    @Test
    void polarNightIsDarkAllDayAndDrawnWhole() {
        SunDay day = SunDay.of(LocalDate.of(2026, 12, 20), ZoneOffset.UTC, 86, 20);
        assertThat(day.light()).isEmpty();
        assertThat(day.bands(day.drawn())).extracting(SunDay.Band::light).containsExactly(SunDay.Light.NIGHT);
    }

    /** Noon at midnight of the clock: the light runs from one local day into the next. */
    @Test
    void lightRunsOverMidnightOfAClockFarFromTheSun() {
        SunDay day = SunDay.of(JUNE, ZoneOffset.ofHours(12), 0, 0);
        assertThat(day.rise().orElseThrow()).isBefore(day.set().orElseThrow());
        assertThat(daylight(day)).isBetween(Duration.ofMinutes(715), Duration.ofMinutes(740));
    }

    /** The sun's height by another formula of the library: no crossing was taken for its opposite or missed. */
    private static double heightDeg(Instant at, double latitude, double longitude) {
        return SunPosition.compute()
                .on(at.atZone(ZoneOffset.UTC))
                .at(latitude, longitude)
                .execute()
                .getTrueAltitude();
    }

    /** Any place, any clock, any date of ten years: an interval in order, and the light it says. */
    @Test
    void everyPlaceClockAndDateHasItsLight() {
        var random = new Random(10);
        for (int i = 0; i < 3000; i++) {
            double latitude = i % 20 == 0 ? 90 - 180 * (i / 20 % 2) : -90 + 180 * random.nextDouble();
            double longitude = i % 7 == 0 ? 0 : -180 + 360 * random.nextDouble();
            ZoneId zone = ZoneOffset.ofTotalSeconds(60 * (random.nextInt(2 * 18 * 60 + 1) - 18 * 60));
            LocalDate date = LocalDate.of(2020, 1, 1).plusDays(random.nextInt(3653));
            String where = date + " " + zone + " " + latitude + " " + longitude;
            SunDay day = SunDay.of(date, zone, latitude, longitude);
            Instant middle = date.atTime(12, 0).atZone(zone).toInstant();
            assertThat(Duration.between(day.noon(), middle).abs())
                    .as(where)
                    .isLessThan(Duration.ofMinutes(12 * 60 + 3));
            var order = Stream.of(
                            day.firstLight(),
                            day.dawn(),
                            day.rise(),
                            Optional.of(day.noon()),
                            day.set(),
                            day.dusk(),
                            day.lastLight())
                    .flatMap(Optional::stream)
                    .toList();
            assertThat(order).as(where).isSorted();
            day.light()
                    .ifPresent(light -> assertThat(day.whole().holds(light.from())
                                    && day.whole().holds(light.to()))
                            .as(where)
                            .isTrue());
            assertThat(day.bands(day.drawn())).as(where).isNotEmpty();
            for (int hour = 0; hour < 24; hour += 3) {
                Instant at = day.whole().from().plus(Duration.ofHours(hour));
                double height = heightDeg(at, latitude, longitude);
                // Within half a degree of a limit either word will do.
                if (Math.abs(height + 12) > 0.7 && Math.abs(height + 0.8) > 0.7) {
                    SunDay.Light light = height > -0.8
                            ? SunDay.Light.DAY
                            : height > -12 ? SunDay.Light.TWILIGHT : SunDay.Light.NIGHT;
                    assertThat(day.lightAt(at))
                            .as(where + " " + at + " " + height)
                            .isEqualTo(light);
                }
            }
        }
    }
}
