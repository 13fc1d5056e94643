package org.mosswake.core.handling;

import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.turn.Side;

/**
 * A step of setting the lines.
 *
 * @param because  the line the reason speaks of
 * @param steer    for one alone: towards which side to steer while it goes out; empty when straight on is as good
 * @param clearsM  how far the lines already out then keep from where it goes in (m); empty for the first
 */
public record SetStep(
        UUID line, Reason reason, Optional<UUID> because, Optional<Side> steer, Optional<Double> clearsM) {
    public enum Reason {
        /** Nothing still aboard goes farther out. */
        FARTHEST,
        /** Level with the line just set. */
        LEVEL,
        /** Swung wide after another is out, it would cross that one. */
        WIDE_FIRST
    }
}
