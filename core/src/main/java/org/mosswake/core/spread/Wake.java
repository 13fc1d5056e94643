package org.mosswake.core.spread;

import java.util.Optional;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.tow.Physics;
import org.mosswake.core.units.SpeedThroughWater;

/**
 * The water a boat leaves behind, x astern of the transom (m). In deep water the transverse crests stand
 * λ = 2πV²/g apart inside a wedge of half angle asin(1/3) = 19.47° (PUBLISHED, Kelvin 1887); crest n stands at
 * (n − ¼)λ (phase ESTIMATE). Holds where the water is deeper than λ/2.
 *
 * <p>The wash is the white band behind the propellers, w₀ + k√x wide, fading out with distance.
 *
 * @param wavelengthM between crests (m)
 * @param washWidthAtTransomM w₀: the propellers' spread and a metre (m)
 * @param washFadesAtM        where the white is gone (m)
 */
public record Wake(double wavelengthM, double washWidthAtTransomM, double washFadesAtM) {
    public static final double WEDGE_HALF_ANGLE_RAD = Math.asin(1.0 / 3);
    /** √m (ESTIMATE). */
    public static final double WASH_SPREADING = 0.42;

    private static final double CREST_PHASE = 0.25;
    /** Propellers of two engines or more stand this far apart (m, ESTIMATE). */
    private static final double PROPELLER_SPACING_M = 0.75;

    private static final double WASH_MARGIN_M = 1;
    /** Wash fades between these distances (m), growing with speed and engines (ESTIMATE). */
    private static final double FADES_AT_LEAST_M = 8;

    private static final double FADES_AT_MOST_M = 60;
    private static final double FADES_PER_ENGINE_SECOND = 4;
    /** As wide as a lure's own show: nearer the band's edge it is at the edge (m). */
    private static final double EDGE_M = 0.7;

    public static final Accepted PROP_SPREAD_M = new Accepted(0, 10, "m");

    public static Wake of(SpeedThroughWater speed, int engines) {
        return of(speed, engines, Optional.empty());
    }

    /** @param propSpreadM between the outermost propellers (m); usual spacing where it is not known */
    public static Wake of(SpeedThroughWater speed, int engines, Optional<Double> propSpreadM) {
        double v = speed.mps();
        double fades = FADES_AT_LEAST_M + FADES_PER_ENGINE_SECOND * engines * v;
        return new Wake(
                2 * Math.PI * v * v / Physics.GRAVITY,
                WASH_MARGIN_M + (engines < 2 ? 0 : propSpreadM.orElse(PROPELLER_SPACING_M * (engines - 1))),
                engines == 0 ? 0 : Math.min(FADES_AT_MOST_M, fades));
    }

    /** Least depth of water in which the crests stand as computed (m). */
    public double leastDepthM() {
        return wavelengthM / 2;
    }

    /** Where crest n, counted from the transom, stands (m). */
    public double crestM(int n) {
        return (n - CREST_PHASE) * wavelengthM;
    }

    /** Full width of the wash there (m), 0 where it has faded. */
    public double washWidthM(double asternM) {
        return asternM < 0 || asternM > washFadesAtM ? 0 : washWidthAtTransomM + WASH_SPREADING * Math.sqrt(asternM);
    }

    public Water waterAt(double asternM, double starboardM) {
        double half = washWidthM(asternM) / 2;
        double beside = Math.abs(starboardM);
        if (half == 0 || beside > half + EDGE_M) {
            return Water.CLEAN;
        }
        return beside < half - EDGE_M / 2 ? Water.WASH : Water.EDGE;
    }

    /** The crest nearest to a place astern of the transom, at least the first. */
    public int crestNear(double asternM) {
        return (int) Math.max(1, Math.round(asternM / wavelengthM + CREST_PHASE));
    }

    /** How far along its wave a place lies: 0 on the crest, negative on the face towards the boat, within ±½. */
    public double offCrest(double asternM) {
        return (asternM - crestM(crestNear(asternM))) / wavelengthM;
    }

    public boolean insideWedge(double asternM, double starboardM) {
        return asternM > 0 && Math.abs(starboardM) <= asternM * Math.tan(WEDGE_HALF_ANGLE_RAD);
    }

    /**
     * A transverse crest that passes one metre behind the transom, from cusp to cusp; every other crest is this one
     * scaled by its distance. With θ from −35.26° to 35.26°: x = (5cosθ − cos3θ)/4, y = (sinθ + sin3θ)/4
     * (PUBLISHED, Kelvin 1887).
     *
     * @param points how many
     * @return places as astern, starboard
     */
    public static double[][] unitCrest(int points) {
        double cusp = Math.asin(1 / Math.sqrt(3));
        var places = new double[points][];
        for (int i = 0; i < points; i++) {
            double theta = cusp * (2.0 * i / (points - 1) - 1);
            places[i] = new double[] {
                (5 * Math.cos(theta) - Math.cos(3 * theta)) / 4, (Math.sin(theta) + Math.sin(3 * theta)) / 4
            };
        }
        return places;
    }

    /** Kind of water a lure swims in. */
    public enum Water {
        WASH("in the wash"),
        EDGE("at the edge of the wash"),
        CLEAN("in clean water");

        private final String words;

        Water(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
