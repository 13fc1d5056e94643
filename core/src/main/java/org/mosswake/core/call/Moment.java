package org.mosswake.core.call;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.mosswake.core.clock.MoonDay;
import org.mosswake.core.clock.SunDay;
import org.mosswake.core.clock.TidalStream;

/**
 * An hour of the day as fish see it.
 *
 * @param tide      its stream, where a station is near
 * @param nearNewOrFull the moon is within about three days of new or full
 */
public record Moment(Instant at, Light light, Optional<TidalStream> tide, boolean nearNewOrFull) {
    /** The first hour after sunrise still counts as first light. */
    private static final Duration LOW_SUN = Duration.ofMinutes(60);
    /** By late morning the early bite is over (practice). */
    private static final Duration MORNING = Duration.ofHours(4);

    private static final Duration MIDDAY_ENDS = Duration.ofHours(2);

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

    public static Moment of(Instant at, SunDay sun, MoonDay moon, Optional<TidalStream> tide) {
        return new Moment(at, light(at, sun), tide, moon.lit() < NEW_BELOW || moon.lit() > FULL_ABOVE);
    }

    /** (m/s) */
    public Optional<Double> streamMps() {
        return tide.map(TidalStream::mps);
    }

    private static Light light(Instant time, SunDay sun) {
        Instant at = sun.onThisDay(time);
        switch (sun.lightAt(at)) {
            case NIGHT:
                return Light.NIGHT;
            case TWILIGHT:
                return at.isBefore(sun.noon()) ? Light.FIRST_LIGHT : Light.DUSK;
            default:
                break;
        }
        if (sun.rise().filter(rise -> at.isBefore(rise.plus(LOW_SUN))).isPresent()) {
            return Light.FIRST_LIGHT;
        }
        if (sun.set().filter(set -> !at.isBefore(set.minus(LOW_SUN))).isPresent()) {
            return Light.DUSK;
        }
        if (sun.rise().filter(rise -> at.isBefore(rise.plus(MORNING))).isPresent()) {
            return Light.MORNING;
        }
        // Where the sun does not set no hour is low: the middle of the day is as long as the sun is up.
        Instant afternoon = sun.noon().plus(MIDDAY_ENDS);
        return sun.rise().isEmpty() || at.isBefore(afternoon) ? Light.MIDDAY : Light.AFTERNOON;
    }
}
