package org.mosswake.core.spread;

import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * One thing the tool says, as figures; the page makes the sentence in the reader's units.
 *
 * @param lines   whom it is about
 * @param share   of the time out of the water, where it skips
 * @param depthM  common depth, or change of depth (m)
 * @param asternM common distance astern, or by how much one leads the other (m)
 * @param pullN   pull of the water at the tip (N)
 * @param dragN   strike drag set (N)
 * @param limitN  the bound of the drag window that was passed (N)
 * @param mend    the smallest change that ends a warning
 */
public record Finding(
        Kind kind,
        List<UUID> lines,
        Optional<Double> share,
        Optional<Double> depthM,
        Optional<Double> asternM,
        Optional<Double> pullN,
        Optional<Double> dragN,
        Optional<Double> limitN,
        Optional<Mend> mend) {
    /** In the order of importance. */
    public enum Kind {
        AIRBORNE,
        NOT_CONVERGED,
        SKIPS,
        DRAG_SLIPS,
        DRAG_TOO_TIGHT,
        DRAG_WINDOW_EMPTY,
        /** A heavy weight on a fast line flies back at the boat when the line parts. */
        CARE_WEIGHT,
        /** So much drag takes a rod, and a person with it. */
        CARE_DRAG,
        NEARLY_LEVEL,
        LEVEL,
        SPEED_EFFECT,
        DRAG_HOLDS;

        public boolean warns() {
            return compareTo(CARE_WEIGHT) < 0;
        }
    }

    /** A change the reader can accept. */
    public record Mend(Change change, Optional<UUID> line, double value) {
        public enum Change {
            /** Speed through water (m/s). */
            SPEED,
            /** Let-out (m). */
            LET_OUT,
            /** Strike drag (N). */
            STRIKE_DRAG
        }
    }

    static Finding about(Kind kind, List<UUID> lines) {
        return new Finding(
                kind,
                List.copyOf(lines),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    Finding withShare(double value) {
        return new Finding(kind, lines, Optional.of(value), depthM, asternM, pullN, dragN, limitN, mend);
    }

    Finding withPlace(double depth, double astern) {
        return new Finding(kind, lines, share, Optional.of(depth), Optional.of(astern), pullN, dragN, limitN, mend);
    }

    Finding withPull(double pull) {
        return new Finding(kind, lines, share, depthM, asternM, Optional.of(pull), dragN, limitN, mend);
    }

    Finding withDrag(double drag, double limit) {
        return new Finding(kind, lines, share, depthM, asternM, pullN, Optional.of(drag), Optional.of(limit), mend);
    }

    Finding withMend(Mend.Change change, Optional<UUID> line, double value) {
        return new Finding(
                kind, lines, share, depthM, asternM, pullN, dragN, limitN, Optional.of(new Mend(change, line, value)));
    }
}
