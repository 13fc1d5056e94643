package org.mosswake.core.spread;

import java.util.Optional;

/**
 * What is tied, from the lure up: a lure or weight, or nothing, and the line above it.
 *
 * @param lengthM of the line; empty for the main line, whose length is what the let-out leaves
 * @param branch  tied in at the foot of this piece
 */
public record TacklePiece(Optional<LureItem> item, LineItem line, Optional<Double> lengthM, Optional<Branch> branch) {
    public TacklePiece(Optional<LureItem> item, LineItem line, Optional<Double> lengthM) {
        this(item, line, lengthM, Optional.empty());
    }
}
