package org.mosswake.core.tow;

import java.util.List;

/** What became of a line. */
public sealed interface TowAnswer {
    /** The line hangs still behind the boat: {@link TowShape}. */
    record Shaped(TowShape shape) implements TowAnswer {}

    /**
     * Even a lure barely touching the water hangs below the tip: it flies.
     *
     * @param mends what would put it back, computed; empty when no single change does
     */
    record Airborne(List<AirborneMend> mends) implements TowAnswer {}

    /**
     * The budget ran out or the line has no tension somewhere.
     *
     * @param reason a sentence
     * @param missM  by how much the best end missed the tip (m)
     */
    record NotConverged(String reason, double missM) implements TowAnswer {}
}
