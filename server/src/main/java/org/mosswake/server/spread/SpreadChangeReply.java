package org.mosswake.server.spread;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.rig.Hooks;
import org.mosswake.core.rig.JointKind;
import org.mosswake.core.rig.Take;
import org.mosswake.core.spread.Change;

/**
 * One change, as {@link Change} has it; which of the rest is there follows from {@code what}.
 *
 * @param piece of the tackle, from the lure up
 * @param value in SI: m/s, m or N
 * @param text  the name of a scent
 */
public record SpreadChangeReply(
        What what,
        @Nullable UUID lineId,
        @Nullable Integer piece,
        @Nullable UUID gearId,
        @Nullable UUID holderId,
        @Nullable Double value,
        @Nullable JointKind joint,
        @Nullable Take take,
        Hooks.@Nullable Kind hooks,
        @Nullable String text) {
    /** How the page tells one change from another. */
    public enum What {
        SPEED,
        LET_OUT,
        STRIKE_DRAG,
        CABLE_OUT,
        HOLDER,
        TAKE_IN,
        TAKE,
        REEL,
        HOOKS,
        SCENT,
        LINE,
        LENGTH,
        ITEM,
        JOINT_ABOVE,
        JOINT_BELOW,
        FITTING
    }

    public static List<SpreadChangeReply> of(List<Change> changes) {
        return changes.stream().map(SpreadChangeReply::of).toList();
    }

    static SpreadChangeReply of(Change change) {
        if (change instanceof Change.Speed speed) {
            return new SpreadChangeReply(What.SPEED, null, null, null, null, speed.mps(), null, null, null, null);
        }
        return change instanceof Change.OfPiece piece ? ofPiece(piece) : ofLine((Change.OfLine) change);
    }

    private static SpreadChangeReply ofLine(Change.OfLine change) {
        if (change instanceof Change.LetOut to) {
            return valued(What.LET_OUT, change, to.metres());
        } else if (change instanceof Change.StrikeDrag to) {
            return valued(What.STRIKE_DRAG, change, to.newtons());
        } else if (change instanceof Change.CableOut to) {
            return valued(What.CABLE_OUT, change, to.metres());
        } else if (change instanceof Change.ToHolder to) {
            return new SpreadChangeReply(
                    What.HOLDER, change.line(), null, null, to.holder(), null, null, null, null, null);
        } else if (change instanceof Change.TakeIn) {
            return new SpreadChangeReply(What.TAKE_IN, change.line(), null, null, null, null, null, null, null, null);
        } else if (change instanceof Change.TakenBy by) {
            return new SpreadChangeReply(What.TAKE, change.line(), null, null, null, null, null, by.take(), null, null);
        } else if (change instanceof Change.OnReel on) {
            return new SpreadChangeReply(What.REEL, change.line(), null, on.reel(), null, null, null, null, null, null);
        } else if (change instanceof Change.Hooked by) {
            return new SpreadChangeReply(
                    What.HOOKS, change.line(), null, null, null, null, null, null, by.kind(), null);
        } else if (change instanceof Change.Scented with) {
            return new SpreadChangeReply(
                    What.SCENT, change.line(), null, null, null, null, null, null, null, with.scent());
        }
        throw new IllegalArgumentException("no reply for " + change);
    }

    private static SpreadChangeReply valued(What what, Change.OfLine change, double value) {
        return new SpreadChangeReply(what, change.line(), null, null, null, value, null, null, null, null);
    }

    private static SpreadChangeReply ofPiece(Change.OfPiece change) {
        if (change instanceof Change.TiedOf of) {
            return piece(What.LINE, change, of.gear(), null, null);
        } else if (change instanceof Change.Carrying item) {
            return piece(What.ITEM, change, item.gear(), null, null);
        } else if (change instanceof Change.Lengthened to) {
            return piece(What.LENGTH, change, null, to.metres(), null);
        } else if (change instanceof Change.Fitted by) {
            return piece(What.FITTING, change, null, by.newtons(), null);
        } else if (change instanceof Change.Joined by) {
            return piece(by.below() ? What.JOINT_BELOW : What.JOINT_ABOVE, change, null, null, by.kind());
        }
        throw new IllegalArgumentException("no reply for " + change);
    }

    private static SpreadChangeReply piece(
            What what, Change.OfPiece change, @Nullable UUID gear, @Nullable Double value, @Nullable JointKind joint) {
        return new SpreadChangeReply(what, change.line(), change.piece(), gear, null, value, joint, null, null, null);
    }
}
