package org.mosswake.core.spread;

import java.util.Optional;
import org.mosswake.core.gear.LineItem;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.rig.Seam;

/**
 * What is tied, from the lure up: a lure or weight, or nothing, and the line above it.
 *
 * @param lengthM of the line; empty for the main line, whose length is what the let-out leaves
 * @param branch  tied in at the foot of this piece
 * @param foot    how the line is made fast there
 */
public record TacklePiece(
        Optional<LureItem> item, LineItem line, Optional<Double> lengthM, Optional<Branch> branch, Seam foot) {
    public TacklePiece(Optional<LureItem> item, LineItem line, Optional<Double> lengthM, Optional<Branch> branch) {
        this(item, line, lengthM, branch, Seam.USUAL);
    }

    public TacklePiece(Optional<LureItem> item, LineItem line, Optional<Double> lengthM) {
        this(item, line, lengthM, Optional.empty());
    }

    public TacklePiece withLine(LineItem other) {
        return new TacklePiece(item, other, lengthM, branch, foot);
    }

    public TacklePiece withItem(LureItem other) {
        return new TacklePiece(Optional.of(other), line, lengthM, branch, foot);
    }

    public TacklePiece withLength(double metres) {
        return new TacklePiece(item, line, Optional.of(metres), branch, foot);
    }

    public TacklePiece withFoot(Seam other) {
        return new TacklePiece(item, line, lengthM, branch, other);
    }
}
