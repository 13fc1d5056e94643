package org.mosswake.core.clock;

import java.time.Duration;
import java.time.Instant;

/**
 * Five constituents that carry most of a tide. Arguments and node factors by Schureman, Manual of Harmonic Analysis and
 * Prediction of Tides (1958), with mean longitudes by Meeus, Astronomical Algorithms (2nd ed., ch. 47).
 */
public enum TideConstituent {
    /** Moon, twice a day. */
    M2 {
        @Override
        double argumentDeg(Sky sky) {
            return 2 * (sky.hourDeg - sky.moonDeg + sky.sunDeg);
        }

        @Override
        double factor(Sky sky) {
            return 1 - 0.037 * Math.cos(sky.nodeRad);
        }

        @Override
        double leadDeg(Sky sky) {
            return -2.1 * Math.sin(sky.nodeRad);
        }
    },
    /** Sun, twice a day. */
    S2 {
        @Override
        double argumentDeg(Sky sky) {
            return 2 * sky.hourDeg;
        }
    },
    /** The moon's changing distance, twice a day. */
    N2 {
        @Override
        double argumentDeg(Sky sky) {
            return 2 * sky.hourDeg - 3 * sky.moonDeg + 2 * sky.sunDeg + sky.perigeeDeg;
        }

        @Override
        double factor(Sky sky) {
            return M2.factor(sky);
        }

        @Override
        double leadDeg(Sky sky) {
            return M2.leadDeg(sky);
        }
    },
    /** Declination of moon and sun, once a day. */
    K1 {
        @Override
        double argumentDeg(Sky sky) {
            return sky.hourDeg + sky.sunDeg + 90;
        }

        @Override
        double factor(Sky sky) {
            return 1.006 + 0.115 * Math.cos(sky.nodeRad);
        }

        @Override
        double leadDeg(Sky sky) {
            return -8.9 * Math.sin(sky.nodeRad);
        }
    },
    /** Declination of the moon, once a day. */
    O1 {
        @Override
        double argumentDeg(Sky sky) {
            return sky.hourDeg - 2 * sky.moonDeg + sky.sunDeg - 90;
        }

        @Override
        double factor(Sky sky) {
            return 1.009 + 0.187 * Math.cos(sky.nodeRad);
        }

        @Override
        double leadDeg(Sky sky) {
            return 10.8 * Math.sin(sky.nodeRad);
        }
    };

    /** V of the equilibrium tide at Greenwich (°). */
    abstract double argumentDeg(Sky sky);

    /** f, by which the amplitude changes over 18.6 years. */
    double factor(Sky sky) {
        return 1;
    }

    /** u, by which the phase does (°). */
    double leadDeg(Sky sky) {
        return 0;
    }

    /** f·cos(V + u − g): the share of its amplitude at a moment, for a phase lag g at Greenwich (°). */
    double at(Sky sky, double lagDeg) {
        return factor(sky) * Math.cos(Math.toRadians(argumentDeg(sky) + leadDeg(sky) - lagDeg));
    }

    /** Mean longitudes at a moment. */
    static final class Sky {
        private static final Instant J2000 = Instant.parse("2000-01-01T12:00:00Z");
        private static final double SECONDS_A_CENTURY = 36525 * 86400.0;

        final double hourDeg;
        final double moonDeg;
        final double sunDeg;
        final double perigeeDeg;
        final double nodeRad;

        Sky(Instant at) {
            double seconds = Duration.between(J2000, at).toMillis() / 1000.0;
            double t = seconds / SECONDS_A_CENTURY;
            hourDeg = 15 * (seconds / 3600 % 24 + 12);
            moonDeg = 218.3164477 + 481_267.88123421 * t;
            sunDeg = 280.46646 + 36_000.76983 * t;
            perigeeDeg = 83.3532465 + 4069.0137287 * t;
            nodeRad = Math.toRadians(125.04452 - 1934.136261 * t);
        }
    }
}
