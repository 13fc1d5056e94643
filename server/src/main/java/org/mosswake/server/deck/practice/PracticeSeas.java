package org.mosswake.server.deck.practice;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import org.mosswake.core.clock.DemoTides;
import org.mosswake.core.clock.Span;
import org.mosswake.core.clock.SunDay;
import org.mosswake.core.clock.SunDay.Light;
import org.mosswake.core.clock.TideStation;
import org.mosswake.core.live.Sample;
import org.mosswake.core.sim.Practice;
import org.mosswake.core.sim.SyntheticSea;
import org.mosswake.server.gear.BoatService;
import org.springframework.stereotype.Component;

/** The invented sea of each practice day; it follows from its seed and the boat's home, and is made again when needed. */
@Component
class PracticeSeas {
    private static final int MOST_KEPT = 20;
    private static final double ALONG_DEG = 40;
    private static final int BEFORE_SUNRISE_MIN = 20;
    private static final int WITHOUT_SUNRISE_H = 6;

    private record Key(UUID vessel, long seed) {}

    private final BoatService boats;
    private final Map<Key, Practice> kept = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Practice> eldest) {
            return size() > MOST_KEPT;
        }
    };

    PracticeSeas(BoatService boats) {
        this.boats = boats;
    }

    synchronized Practice of(UUID vessel, long seed) {
        return kept.computeIfAbsent(new Key(vessel, seed), key -> made(boats.homeOf(vessel), seed));
    }

    private static Practice made(BoatService.Home home, long seed) {
        Optional<TideStation> tide = TideStation.near(DemoTides.ALL, home.latitudeDeg(), home.longitudeDeg());
        ToDoubleFunction<Instant> flood = tide.<ToDoubleFunction<Instant>>map(station -> station::streamMps)
                .orElse(SyntheticSea::moonsTideMps);
        return new Practice(
                seed,
                new Sample.Place(home.latitudeDeg(), home.longitudeDeg()),
                tide.map(TideStation::floodTowardsDeg).orElse(ALONG_DEG),
                flood,
                light(home));
    }

    /** Asked each second of a day: its sun is reckoned once. */
    private static Function<Instant, Light> light(BoatService.Home home) {
        var suns = new java.util.concurrent.ConcurrentHashMap<LocalDate, SunDay>();
        return at -> suns.computeIfAbsent(LocalDate.ofInstant(at, home.zone()), day -> sun(day, home))
                .lightAt(at);
    }

    private static SunDay sun(LocalDate day, BoatService.Home home) {
        return SunDay.of(day, home.zone(), home.latitudeDeg(), home.longitudeDeg());
    }

    /** Before the sun comes up; where it does not, in the morning of the clock. */
    Instant begins(UUID vessel, LocalDate day) {
        BoatService.Home home = boats.homeOf(vessel);
        ZoneId zone = home.zone();
        return sun(day, home)
                .up()
                .map(Span::from)
                .map(rise -> rise.minusSeconds(60L * BEFORE_SUNRISE_MIN))
                .orElseGet(() -> day.atTime(WITHOUT_SUNRISE_H, 0).atZone(zone).toInstant());
    }
}
