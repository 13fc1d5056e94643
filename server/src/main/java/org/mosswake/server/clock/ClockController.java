package org.mosswake.server.clock;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.clock.DemoTides;
import org.mosswake.core.clock.MoonDay;
import org.mosswake.core.clock.Place;
import org.mosswake.core.clock.SunDay;
import org.mosswake.core.clock.TideStation;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ClockController {
    /**
     * Times of the sun; absent where it does not happen that day. {@code start} and {@code end} bound the local day.
     *
     * @param tide absent where no station is near
     */
    record DayReply(
            Instant start,
            Instant end,
            @Nullable Instant firstLight,
            @Nullable Instant dawn,
            @Nullable Instant rise,
            @Nullable Instant noon,
            @Nullable Instant set,
            @Nullable Instant dusk,
            @Nullable Instant lastLight,
            MoonReply moon,
            @Nullable TideReply tide) {}

    /** @param lit share of the disc */
    record MoonReply(@Nullable Instant rise, @Nullable Instant set, double lit, boolean waxing) {
        static MoonReply of(MoonDay moon) {
            return new MoonReply(moon.rise().orElse(null), moon.set().orElse(null), moon.lit(), moon.waxing());
        }
    }

    @GetMapping("/api/day")
    DayReply day(
            @RequestParam LocalDate date,
            @RequestParam Double latitudeDeg,
            @RequestParam Double longitudeDeg,
            @RequestParam String timeZone) {
        var faults = new Faults();
        Place.check(faults, latitudeDeg, longitudeDeg, timeZone);
        if (date.getYear() < 1900 || date.getYear() > 2200) {
            faults.add(FaultCode.OUT_OF_RANGE, "date", date, 1900.0, 2200.0, "");
        }
        faults.throwIfAny();
        ZoneId zone = ZoneId.of(timeZone);
        SunDay sun = SunDay.of(date, zone, latitudeDeg, longitudeDeg);
        Instant start = date.atStartOfDay(zone).toInstant();
        Instant end = date.plusDays(1).atStartOfDay(zone).toInstant();
        return new DayReply(
                start,
                end,
                sun.firstLight().orElse(null),
                sun.dawn().orElse(null),
                sun.rise().orElse(null),
                sun.noon().orElse(null),
                sun.set().orElse(null),
                sun.dusk().orElse(null),
                sun.lastLight().orElse(null),
                MoonReply.of(MoonDay.of(date, zone, latitudeDeg, longitudeDeg)),
                TideStation.near(DemoTides.ALL, latitudeDeg, longitudeDeg)
                        .map(station -> TideReply.of(station, start, end))
                        .orElse(null));
    }
}
