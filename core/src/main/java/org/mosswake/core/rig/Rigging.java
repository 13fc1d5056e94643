package org.mosswake.core.rig;

import java.util.Optional;
import org.mosswake.core.fault.Accepted;

/**
 * What is chosen for a line on the bench, beside its tackle.
 *
 * @param bait    what is on the hooks; empty for a lure
 * @param take    empty: as the lure has it
 * @param marks   empty: as the main line has it
 * @param scent   on lure or bait, in the crew's own word, {@value #UNSCENTED} where they say so; empty: not said
 */
public record Rigging(
        Optional<Reel> reel,
        Hooks hooks,
        Optional<Bait> bait,
        Optional<Take> take,
        Optional<Marks> marks,
        Optional<String> scent,
        RigNumbers numbers) {
    public static final String UNSCENTED = "none";
    public static final int LONGEST_SCENT = 40;

    public static final Rigging USUAL = new Rigging(
            Optional.empty(),
            Hooks.Kind.SINGLE.usual(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            RigNumbers.USUAL);

    /**
     * @param lengthM  from nose to fork
     * @param angleRad of the bevel from straight across, or of the bend; empty: as usual
     */
    public record Bait(Kind kind, double lengthM, Optional<Double> angleRad) {
        public static final Accepted LENGTH_M = new Accepted(0.04, 1.2, "m");
        public static final Accepted ANGLE_RAD = new Accepted(0, Math.toRadians(75), "rad");

        public enum Kind {
            LIVE,
            DOUBLE_LIVE,
            EEL_SHAPED,
            CUT,
            BENT
        }
    }

    public Pulls pulls() {
        double hand = reel.map(Reel::handM).orElse(numbers.of(RigNumbers.HAND_M));
        return new Pulls(hand, numbers.of(RigNumbers.COUNTED_M));
    }

    public Rigging withHooks(Hooks other) {
        return new Rigging(reel, other, bait, take, marks, scent, numbers);
    }

    public Rigging withTake(Take other) {
        return new Rigging(reel, hooks, bait, Optional.of(other), marks, scent, numbers);
    }

    public Rigging withReel(Reel other) {
        return new Rigging(Optional.of(other), hooks, bait, take, marks, scent, numbers);
    }

    public Rigging withNumbers(RigNumbers other) {
        return new Rigging(reel, hooks, bait, take, marks, scent, other);
    }

    public Rigging withScent(String other) {
        return new Rigging(reel, hooks, bait, take, marks, Optional.of(other), numbers);
    }
}
