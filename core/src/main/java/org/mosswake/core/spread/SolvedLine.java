package org.mosswake.core.spread;

import java.util.Optional;
import org.mosswake.core.tow.TowAnswer;
import org.mosswake.core.tow.TowShape;

/**
 * One line with its answer.
 *
 * @param depthPerKnotM  change of the lure's depth for one knot more (m), empty where either has no depth
 * @param depthPerTenM   change of the lure's depth for 10 m more let out (m)
 * @param pullPerKnotN   change of the pull at the tip for one knot more (N)
 */
public record SolvedLine(
        SpreadLine line,
        String label,
        TowAnswer answer,
        Optional<Double> depthPerKnotM,
        Optional<Double> depthPerTenM,
        Optional<Double> pullPerKnotN) {
    public Optional<TowShape> shape() {
        return answer instanceof TowAnswer.Shaped shaped ? Optional.of(shaped.shape()) : Optional.empty();
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
