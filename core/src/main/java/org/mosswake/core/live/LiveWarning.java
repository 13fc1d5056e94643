package org.mosswake.core.live;

import java.util.List;
import java.util.UUID;
import org.mosswake.core.units.Sentence;

/**
 * What somebody must act on now.
 *
 * @param says what comes, and what to do about it
 * @param inS  until then (s)
 */
public record LiveWarning(Kind kind, Sentence says, List<UUID> lines, double inS) {
    public enum Kind {
        /** A boat's way crosses a line. */
        CROSSED,
        /** Two lines meet if she goes on turning. */
        FOULS,
        /** A lure, or what hangs below it, comes to the bottom. */
        BOTTOM,
        /** A lure leaves the water. */
        SKIPS,
        /** Too slow to steer. */
        STEERAGE,
        /** The stream sets the other way, and the method goes with it. */
        STREAM_TURNED
    }

    public LiveWarning {
        lines = List.copyOf(lines);
    }
}
