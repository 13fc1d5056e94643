package org.mosswake.core.clock;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import org.shredzone.commons.suncalc.MoonIllumination;
import org.shredzone.commons.suncalc.MoonTimes;

/**
 * The moon of one local day.
 *
 * @param lit    share of its disc lit at the middle of the day
 * @param waxing it grows
 */
public record MoonDay(Optional<Instant> rise, Optional<Instant> set, double lit, boolean waxing) {
    /** By commons-suncalc; times good to a few minutes. */
    public static MoonDay of(LocalDate day, ZoneId zone, double latitude, double longitude) {
        MoonTimes times = MoonTimes.compute()
                .on(day.atStartOfDay(zone))
                .oneDay()
                .at(latitude, longitude)
                .execute();
        MoonIllumination light =
                MoonIllumination.compute().on(day.atTime(12, 0).atZone(zone)).execute();
        return new MoonDay(
                Optional.ofNullable(times.getRise()).map(t -> t.toInstant()),
                Optional.ofNullable(times.getSet()).map(t -> t.toInstant()),
                light.getFraction(),
                light.getPhase() < 0);
    }
}
