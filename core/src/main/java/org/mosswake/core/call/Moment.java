package org.mosswake.core.call;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.mosswake.core.clock.MoonDay;
import org.mosswake.core.clock.SunDay;

/**
 * An hour of the day as fish see it.
 *
 * @param streamMps of the tide, where a station is near (m/s)
 * @param nearNewOrFull the moon is within about three days of new or full
 */
public record Moment(Instant at, Light light, Optional<Double> streamMps, boolean nearNewOrFull) {
    /** The first hour after sunrise still counts as first light. */
    private static final Duration LOW_SUN = Duration.ofMinutes(60);
    /** By late morning the early bite is over (practice). */
    private static final Duration MORNING = Duration.ofHours(4);

    private static final double NEW_BELOW = 0.1;
    private static final double FULL_ABOVE = 0.9;

    public enum Light {
        NIGHT("in the dark"),
        FIRST_LIGHT("at first light"),
        MORNING("in the morning"),
        MIDDAY("in the middle of the day"),
        AFTERNOON("in the afternoon"),
        DUSK("at dusk");

        private final String words;

        Light(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    public static Moment of(Instant at, SunDay sun, MoonDay moon, Optional<Double> streamMps) {
        return new Moment(
                at, light(at, sun), streamMps.map(Math::abs), moon.lit() < NEW_BELOW || moon.lit() > FULL_ABOVE);
    }

    private static Light light(Instant at, SunDay sun) {
        if (sun.rise().isEmpty() || sun.set().isEmpty()) {
            return sun.noon().isPresent() ? Light.MIDDAY : Light.NIGHT;
        }
        Instant rise = sun.rise().get();
        Instant set = sun.set().get();
        if (at.isBefore(sun.firstLight().orElse(rise))
                || at.isAfter(sun.lastLight().orElse(set))) {
            return Light.NIGHT;
        }
        if (at.isBefore(rise.plus(LOW_SUN))) {
            return Light.FIRST_LIGHT;
        }
        if (!at.isBefore(set.minus(LOW_SUN))) {
            return Light.DUSK;
        }
        if (at.isBefore(rise.plus(MORNING))) {
            return Light.MORNING;
        }
        Instant afternoon = sun.noon().orElse(rise.plus(MORNING)).plus(Duration.ofHours(2));
        return at.isBefore(afternoon) ? Light.MIDDAY : Light.AFTERNOON;
    }
}
