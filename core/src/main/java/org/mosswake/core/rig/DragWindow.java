package org.mosswake.core.rig;

import org.mosswake.core.units.Force;

/**
 * The strike drag a line can use: enough above the water's pull that the clicker keeps silent, and not above a third
 * of the weakest part.
 *
 * @param least tow pull × 1.2 (PUBLISHED practice, editable default)
 * @param most  a third of the weakest part (PUBLISHED practice: strike drag is 25–33 % of it)
 */
public record DragWindow(Force least, Force most) {
    private static final double ABOVE_PULL = 1.2;
    private static final double SHARE_OF_WEAKEST = 0.33;
    private static final double USUAL_SHARE = 0.28;

    public static DragWindow of(Force towPull, Force weakestPart) {
        return new DragWindow(
                new Force(ABOVE_PULL * towPull.newtons()), new Force(SHARE_OF_WEAKEST * weakestPart.newtons()));
    }

    /** What most crews set before they know the pull: a little over a quarter of the weakest part. */
    public static Force usual(Force weakestPart) {
        return new Force(USUAL_SHARE * weakestPart.newtons());
    }

    public boolean isEmpty() {
        return least.newtons() > most.newtons();
    }

    public Verdict judge(Force strikeDrag) {
        if (strikeDrag.newtons() < least.newtons()) {
            return Verdict.SLIPS_ON_THE_WATER;
        }
        return strikeDrag.newtons() > most.newtons() ? Verdict.BREAKS_THE_WEAKEST : Verdict.HOLDS;
    }

    public enum Verdict {
        /** The water alone pulls line, or nearly. */
        SLIPS_ON_THE_WATER,
        HOLDS,
        /** A hard fish can break the weakest part before the drag gives. */
        BREAKS_THE_WEAKEST
    }
}
