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
 * @param leastMps a speed: the least, or the only one said (m/s)
 * @param mostMps  the most of a window (m/s)
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
        Optional<Double> leastMps,
        Optional<Double> mostMps,
        Optional<Mend> mend) {
    /** In the order of importance. */
    public enum Kind {
        AIRBORNE,
        NOT_CONVERGED,
        /** A lure, ball or lead is on the bottom. */
        TOUCHES_BOTTOM,
        SKIPS,
        /** The line's pull lets the clip go before any fish. */
        CLIP_LETS_GO,
        /** A bait can swim up to the cable. */
        SWIMS_UP,
        /** Lures outside the speeds at which they work. */
        OUT_OF_WINDOW,
        /** The boat idles faster than the lures work. */
        IDLE_TOO_FAST,
        /** Into the stream she no longer moves over the bottom. */
        STREAM_STOPS,
        /** More is let out than the reel carries; {@code asternM} is how much more. */
        REEL_SHORT,
        DRAG_SLIPS,
        DRAG_TOO_TIGHT,
        DRAG_WINDOW_EMPTY,
        /** A heavy weight on a fast line flies back at the boat when the line parts. */
        CARE_WEIGHT,
        /** So much drag takes a rod, and a person with it. */
        CARE_DRAG,
        NEARLY_LEVEL,
        /** How the deep lines lie to a layer of bait. */
        BAIT_LAYER,
        /** Lowest thing over the bottom. */
        OFF_BOTTOM,
        /** Speeds at which every lure works, and whose window narrows it. */
        SPEED_WINDOW,
        LEVEL,
        /** Too shallow for the wake as drawn. */
        WAKE_SHALLOW,
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
            STRIKE_DRAG,
            /** Cable out (m). */
            CABLE_OUT
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
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    Finding withSpeeds(double least, double most) {
        return new Finding(
                kind, lines, share, depthM, asternM, pullN, dragN, limitN, Optional.of(least), Optional.of(most), mend);
    }

    Finding withShare(double value) {
        return new Finding(
                kind, lines, Optional.of(value), depthM, asternM, pullN, dragN, limitN, leastMps, mostMps, mend);
    }

    Finding withPlace(double depth, double astern) {
        return new Finding(
                kind,
                lines,
                share,
                Optional.of(depth),
                Optional.of(astern),
                pullN,
                dragN,
                limitN,
                leastMps,
                mostMps,
                mend);
    }

    Finding withPull(double pull) {
        return new Finding(
                kind, lines, share, depthM, asternM, Optional.of(pull), dragN, limitN, leastMps, mostMps, mend);
    }

    Finding withDrag(double drag, double limit) {
        return new Finding(
                kind,
                lines,
                share,
                depthM,
                asternM,
                pullN,
                Optional.of(drag),
                Optional.of(limit),
                leastMps,
                mostMps,
                mend);
    }

    Finding withMend(Mend.Change change, Optional<UUID> line, double value) {
        return new Finding(
                kind,
                lines,
                share,
                depthM,
                asternM,
                pullN,
                dragN,
                limitN,
                leastMps,
                mostMps,
                Optional.of(new Mend(change, line, value)));
    }
}
