package org.mosswake.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.rig.JointKind;
import org.mosswake.core.rig.Seam;
import org.mosswake.core.rig.Take;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.spread.TacklePiece;

/**
 * One change to a line or its speed, as the page can make it.
 *
 * @param piece of the tackle, from the lure up
 * @param gear  line, lure or reel to take
 * @param value in the SI unit of what changes
 */
public record BenchChange(
        What what,
        Optional<Integer> piece,
        Optional<UUID> gear,
        Optional<Double> value,
        Optional<JointKind> joint,
        Optional<Take> take) {
    public enum What {
        /** Another line for a piece. */
        LINE,
        LENGTH,
        JOINT_ABOVE,
        JOINT_BELOW,
        /** A fitting that holds {@code value} (N). */
        FITTING,
        /** Another weight or lure at the foot of a piece. */
        ITEM,
        LET_OUT,
        SPEED,
        STRIKE_DRAG,
        TAKE,
        REEL,
        HOOKS_SINGLE,
        HOOKS_TWO_IN_LINE
    }

    static BenchChange of(What what, double value) {
        return new BenchChange(
                what, Optional.empty(), Optional.empty(), Optional.of(value), Optional.empty(), Optional.empty());
    }

    static BenchChange of(What what) {
        return new BenchChange(
                what, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    static BenchChange gear(What what, int piece, UUID gear) {
        return new BenchChange(
                what, Optional.of(piece), Optional.of(gear), Optional.empty(), Optional.empty(), Optional.empty());
    }

    static BenchChange at(What what, int piece, double value) {
        return new BenchChange(
                what, Optional.of(piece), Optional.empty(), Optional.of(value), Optional.empty(), Optional.empty());
    }

    static BenchChange joint(What what, int piece, JointKind kind) {
        return new BenchChange(
                what, Optional.of(piece), Optional.empty(), Optional.empty(), Optional.of(kind), Optional.empty());
    }

    static BenchChange take(Take take) {
        return new BenchChange(
                What.TAKE, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(take));
    }

    static BenchChange reel(UUID reel) {
        return new BenchChange(
                What.REEL, Optional.empty(), Optional.of(reel), Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** The piece with another foot, in a copy of the tackle. */
    static List<TacklePiece> withPiece(List<TacklePiece> tackle, int at, TacklePiece piece) {
        var all = new ArrayList<>(tackle);
        all.set(at, piece);
        return all;
    }

    static SpreadLine withFoot(SpreadLine line, int at, Seam foot) {
        return line.withTackle(
                withPiece(line.tackle(), at, line.tackle().get(at).withFoot(foot)));
    }
}
