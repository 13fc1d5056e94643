package org.mosswake.core.spread;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/**
 * One thing the tool says of a spread.
 *
 * @param lines whom it is about
 * @param title a short claim
 * @param text  the sentences with their figures
 * @param mend  the smallest change that ends a warning
 */
public record Finding(Kind kind, List<UUID> lines, Sentence title, Sentence text, Optional<Mend> mend) {
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
        /** A small dodger under the depth it shows in. */
        DODGER_TOO_DEEP,
        /** Lures outside the speeds at which they work. */
        OUT_OF_WINDOW,
        /** The boat idles faster than the lures work. */
        IDLE_TOO_FAST,
        /** Into the stream she no longer moves over the bottom. */
        STREAM_STOPS,
        /** More is let out than the reel carries. */
        REEL_SHORT,
        DRAG_SLIPS,
        DRAG_TOO_TIGHT,
        DRAG_WINDOW_EMPTY,
        /** A heavy weight on a fast line flies back at the boat when the line parts. */
        CARE_WEIGHT,
        /** So much drag takes a rod, and a person with it. */
        CARE_DRAG,
        /** It holds by what is known of the pull, which is not enough. */
        DRAG_MAY_SLIP,
        NEARLY_LEVEL,
        /** How the deep lines lie to a layer of bait. */
        BAIT_LAYER,
        /** Lowest thing over the bottom. */
        OFF_BOTTOM,
        /** What a blade costs a ball in depth. */
        BLADE_LIFTS,
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

        boolean ofDrag() {
            return this == DRAG_SLIPS || this == DRAG_TOO_TIGHT || this == DRAG_WINDOW_EMPTY || this == CARE_DRAG;
        }
    }

    public Finding {
        lines = List.copyOf(lines);
    }

    /** Of no line in particular. */
    static Finding of(Kind kind, Sentence title, Sentence text) {
        return new Finding(kind, List.of(), title, text, Optional.empty());
    }

    static Finding of(Kind kind, Lines about, String title, Sentence text) {
        return of(kind, about, Sentence.of(title), text);
    }

    static Finding of(Kind kind, Lines about, Sentence title, Sentence text) {
        return new Finding(kind, about.ids(), title, text, Optional.empty());
    }

    Finding mendedBy(Change change, String words, Figure figure) {
        return new Finding(kind, lines, title, text, Optional.of(Mend.by(change, Sentence.of(words, figure))));
    }
}
