package org.mosswake.server.course;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.clock.DemoTides;
import org.mosswake.core.clock.TideStation;
import org.mosswake.core.water.Spot;
import org.mosswake.server.water.SeaFields;
import org.springframework.stereotype.Component;

/** The stream at a place: what the tide makes of it, and the current that a picture shows, which knows of no tide. */
@Component
class Streams {
    private static final Duration LOOK = Duration.ofMinutes(5);
    private static final Duration LONGEST = Duration.ofHours(9);

    private final SeaFields fields;

    Streams(SeaFields fields) {
        this.fields = fields;
    }

    /** @param turns when it no longer sets the way it does now; empty for not within hours */
    record Stream(double northMps, double eastMps, boolean byTide, boolean byPicture, Optional<Instant> turns) {
        double mps() {
            return Math.hypot(northMps, eastMps);
        }

        double towardsRad() {
            return Math.atan2(eastMps, northMps);
        }
    }

    /** Empty where neither is known. */
    Optional<Stream> at(UUID vessel, Spot there, Instant at) {
        Optional<TideStation> tide = TideStation.near(DemoTides.ALL, there.latDeg(), there.lonDeg());
        Optional<double[]> current = fields.current(vessel, at, there);
        if (tide.isEmpty() && current.isEmpty()) {
            return Optional.empty();
        }
        double[] now = sum(tide, current, at);
        return Optional.of(
                new Stream(now[0], now[1], tide.isPresent(), current.isPresent(), turns(tide, current, at, now)));
    }

    private static Optional<Instant> turns(
            Optional<TideStation> tide, Optional<double[]> current, Instant at, double[] now) {
        if (tide.isEmpty()) {
            return Optional.empty();
        }
        for (Instant later = at.plus(LOOK); later.isBefore(at.plus(LONGEST)); later = later.plus(LOOK)) {
            double[] then = sum(tide, current, later);
            if (then[0] * now[0] + then[1] * now[1] < 0) {
                return Optional.of(later);
            }
        }
        return Optional.empty();
    }

    private static double[] sum(Optional<TideStation> tide, Optional<double[]> current, Instant at) {
        double[] still = {0, 0};
        double[] by = current.orElse(still);
        double[] and = tide.map(station -> station.streamNorthEast(at)).orElse(still);
        return new double[] {by[0] + and[0], by[1] + and[1]};
    }
}
