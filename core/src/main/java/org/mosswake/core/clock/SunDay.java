package org.mosswake.core.clock;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import org.shredzone.commons.suncalc.SunTimes;
import org.shredzone.commons.suncalc.SunTimes.Twilight;

/**
 * The light of one local day. Near the poles some of these do not happen; they are then empty.
 *
 * @param firstLight  sun 12° under the horizon, rising (nautical dawn): shapes can be told apart
 * @param dawn        sun 6° under, rising (civil dawn)
 * @param rise        upper limb on the horizon, with mean refraction
 * @param noon        highest
 * @param dusk        sun 6° under, setting
 * @param lastLight   sun 12° under, setting
 */
public record SunDay(
        Optional<Instant> firstLight,
        Optional<Instant> dawn,
        Optional<Instant> rise,
        Optional<Instant> noon,
        Optional<Instant> set,
        Optional<Instant> dusk,
        Optional<Instant> lastLight) {
    /**
     * Times within the local day, by the series of Montenbruck and Pfleger in commons-suncalc; good to about a minute.
     *
     * @param latitude  degrees north
     * @param longitude degrees east
     */
    public static SunDay of(LocalDate day, ZoneId zone, double latitude, double longitude) {
        SunTimes nautical = times(day, zone, latitude, longitude, Twilight.NAUTICAL);
        SunTimes civil = times(day, zone, latitude, longitude, Twilight.CIVIL);
        SunTimes visual = times(day, zone, latitude, longitude, Twilight.VISUAL);
        return new SunDay(
                rise(nautical), rise(civil), rise(visual), noon(visual), set(visual), set(civil), set(nautical));
    }

    private static SunTimes times(LocalDate day, ZoneId zone, double latitude, double longitude, Twilight twilight) {
        return SunTimes.compute()
                .on(day.atStartOfDay(zone))
                .oneDay()
                .at(latitude, longitude)
                .twilight(twilight)
                .execute();
    }

    private static Optional<Instant> rise(SunTimes times) {
        return Optional.ofNullable(times.getRise()).map(t -> t.toInstant());
    }

    private static Optional<Instant> set(SunTimes times) {
        return Optional.ofNullable(times.getSet()).map(t -> t.toInstant());
    }

    private static Optional<Instant> noon(SunTimes times) {
        return Optional.ofNullable(times.getNoon()).map(t -> t.toInstant());
    }
}
