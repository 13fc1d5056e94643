package org.mosswake.core.rig;

import java.util.List;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.ForceUnit;

/**
 * Metal between two lines.
 *
 * @param strength as rated
 */
public record Fitting(Kind kind, Force strength) {
    public static final Accepted STRENGTH_N = new Accepted(10, 10_000, "N");

    /** Ratings they are sold in (kg of force; usual in the trade). */
    private static final List<Double> SIZES_KG = List.of(12.0, 23.0, 36.0, 57.0, 80.0, 115.0, 160.0, 227.0, 340.0);

    public enum Kind {
        SWIVEL("swivel"),
        BEADED_SWIVEL("beaded swivel"),
        SNAP_SWIVEL("snap swivel"),
        THREE_WAY("three-way swivel"),
        SOLID_RING("solid ring");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Slim enough to be wound through ring guides; rollers pass none (practice). */
        boolean passesRings() {
            return this == SWIVEL || this == SOLID_RING;
        }
    }

    /** The smallest one sold that holds what both lines hold. */
    static Fitting holding(Kind kind, Force above, Force below) {
        double wanted = Math.max(above.newtons(), below.newtons());
        return SIZES_KG.stream()
                .map(kg -> Force.of(kg, ForceUnit.KILOGRAM_FORCE))
                .filter(rated -> rated.newtons() >= wanted - 1)
                .findFirst()
                .map(rated -> new Fitting(kind, rated))
                .orElseGet(() -> new Fitting(kind, new Force(wanted)));
    }
}
