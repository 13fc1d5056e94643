package org.mosswake.core.spread;

import java.util.UUID;
import org.mosswake.core.rig.Hooks;
import org.mosswake.core.rig.JointKind;
import org.mosswake.core.rig.Take;

/** One change of a spread, as it is offered and can be taken with a tap. Lengths in m, forces in N. */
public sealed interface Change {
    /** Another speed through the water. */
    record Speed(double mps) implements Change {}

    /** A change of one line. */
    sealed interface OfLine extends Change {
        UUID line();
    }

    record LetOut(UUID line, double metres) implements OfLine {}

    record StrikeDrag(UUID line, double newtons) implements OfLine {
        /** To the tenth of a newton. */
        public static StrikeDrag tenth(UUID line, double newtons) {
            return new StrikeDrag(line, Math.round(newtons * 10) / 10.0);
        }
    }

    record CableOut(UUID line, double metres) implements OfLine {}

    record ToHolder(UUID line, UUID holder) implements OfLine {}

    /** The line comes in and is fished no more. */
    record TakeIn(UUID line) implements OfLine {}

    record TakenBy(UUID line, Take take) implements OfLine {}

    record OnReel(UUID line, UUID reel) implements OfLine {}

    record Hooked(UUID line, Hooks.Kind kind) implements OfLine {}

    /** Another scent on its lure or bait, or none. */
    record Scented(UUID line, String scent) implements OfLine {}

    /** A change of one piece of the tackle, counted from the lure up. */
    sealed interface OfPiece extends OfLine {
        int piece();
    }

    /** Another line for the piece. */
    record TiedOf(UUID line, int piece, UUID gear) implements OfPiece {}

    record Lengthened(UUID line, int piece, double metres) implements OfPiece {}

    /** Another weight or lure at the foot of the piece. */
    record Carrying(UUID line, int piece, UUID gear) implements OfPiece {}

    /** The joint at the foot of the piece, of the piece itself or of what hangs below it. */
    record Joined(UUID line, int piece, boolean below, JointKind kind) implements OfPiece {}

    /** The fitting at the foot of the piece holds so much. */
    record Fitted(UUID line, int piece, double newtons) implements OfPiece {}
}
