package org.mosswake.core.bench;

import java.util.List;
import org.mosswake.core.spread.Mend;
import org.mosswake.core.units.Sentence;

/**
 * What the bench says of a line, with what would mend it.
 *
 * @param title a few words
 * @param mends to choose from, the first is the nearest at hand
 */
public record BenchNote(Kind kind, Weight weight, Sentence title, Sentence text, List<Mend> mends) {
    public enum Weight {
        DANGER,
        GOOD,
        PLAIN
    }

    public enum Kind {
        WINDOW,
        SHOCK,
        REEL,
        RUN,
        TEETH,
        ALUMINIUM,
        CLIP,
        BARBS,
        TETHER,
        ATTRACTOR,
        THREE_WAY,
        LEAD,
        HAND_WORK
    }

    public BenchNote {
        mends = List.copyOf(mends);
    }
}
