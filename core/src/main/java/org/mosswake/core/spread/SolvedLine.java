package org.mosswake.core.spread;

import java.util.Optional;
import org.mosswake.core.tow.TowAnswer;
import org.mosswake.core.tow.TowShape;

/**
 * One line with its answer.
 *
 * @param depthPerKnotM  change of the lure's depth for one knot more (m), empty where either has no depth
 * @param depthPerTenM   change of the lure's depth for 10 m more let out (m)
 * @param deep           for a line on a downrigger
 * @param branch         the second lure of a three-way
 * @param pullPerKnotN   change of the pull at the tip for one knot more (N)
 * @param likely         how far the depths may be off
 */
public record SolvedLine(
        SpreadLine line,
        String label,
        TowAnswer answer,
        Optional<Double> depthPerKnotM,
        Optional<Double> depthPerTenM,
        Optional<Double> pullPerKnotN,
        Optional<DeepPlace> deep,
        Optional<BranchPlace> branch,
        LikelyTow likely) {
    public Optional<TowShape> shape() {
        return answer instanceof TowAnswer.Shaped shaped ? Optional.of(shaped.shape()) : Optional.empty();
    }

    /** Deepest lure still counted as one of the surface (m): below, the wave over it moves it little. */
    private static final double SURFACE_M = 1.0;

    /** Wave and water of a surface lure; empty for a deep one or one in the air. */
    public Optional<Ride> ride(Wake wake) {
        return shape().filter(shape -> shape.depthM() <= SURFACE_M).map(shape -> {
            double astern = lureAsternM().orElseThrow();
            double starboard = lureStarboardM().orElseThrow();
            return new Ride(
                    wake.crestNear(astern),
                    wake.offCrest(astern),
                    wake.insideWedge(astern, starboard),
                    wake.waterAt(astern, starboard));
        });
    }

    /**
     * @param crest    counted from the transom
     * @param offCrest share of a wave behind it; negative on the face towards the boat
     */
    public record Ride(int crest, double offCrest, boolean insideWedge, Wake.Water water) {
        /** {@code Crest 4, in clean water}; the wave is named only where the crests reach. */
        String words() {
            return (insideWedge ? "Crest " + crest : "Outside the wake") + ", " + water.words();
        }
    }

    /** Lure astern of the transom (m). */
    public Optional<Double> lureAsternM() {
        return shape().map(s -> line.holder().tip().asternM() + s.asternM());
    }

    /** Lure to starboard of the middle line (m). */
    public Optional<Double> lureStarboardM() {
        return shape().map(s -> line.holder().tip().starboardM() + s.lateralM());
    }
}
