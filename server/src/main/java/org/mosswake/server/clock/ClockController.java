package org.mosswake.server.clock;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.clock.DemoTides;
import org.mosswake.core.clock.MoonDay;
import org.mosswake.core.clock.Place;
import org.mosswake.core.clock.Span;
import org.mosswake.core.clock.SunDay;
import org.mosswake.core.clock.TideStation;
import org.mosswake.core.fault.Faults;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ClockController {
    /**
     * The day that belongs to a date: what lies around its noon, over midnight where the clock is far from the sun's.
     *
     * @param start of what is drawn, in whole hours: from before first light, to {@code end} after dark
     * @param light over it, in order and without a gap
     * @param rise  with the others: absent where it does not happen that day
     * @param tide absent where no station is near
     */
    record DayReply(
            Instant start,
            Instant end,
            List<LightReply> light,
            @Nullable Instant firstLight,
            @Nullable Instant dawn,
            @Nullable Instant rise,
            Instant noon,
            @Nullable Instant set,
            @Nullable Instant dusk,
            @Nullable Instant lastLight,
            MoonReply moon,
            @Nullable TideReply tide) {}

    record LightReply(SunDay.Light light, Instant from, Instant to) {
        static LightReply of(SunDay.Band band) {
            return new LightReply(band.light(), band.span().from(), band.span().to());
        }
    }

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
        faults.throwIfAny();
        ZoneId zone = ZoneId.of(timeZone);
        SunDay sun = SunDay.of(date, zone, latitudeDeg, longitudeDeg);
        Span drawn = sun.drawn();
        return new DayReply(
                drawn.from(),
                drawn.to(),
                sun.bands(drawn).stream().map(LightReply::of).toList(),
                sun.firstLight().orElse(null),
                sun.dawn().orElse(null),
                sun.rise().orElse(null),
                sun.noon(),
                sun.set().orElse(null),
                sun.dusk().orElse(null),
                sun.lastLight().orElse(null),
                MoonReply.of(MoonDay.of(date, zone, latitudeDeg, longitudeDeg)),
                TideStation.near(DemoTides.ALL, latitudeDeg, longitudeDeg)
                        .map(station -> TideReply.of(station, drawn.from(), drawn.to()))
                        .orElse(null));
    }
}
