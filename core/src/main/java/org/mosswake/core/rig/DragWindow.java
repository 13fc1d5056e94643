package org.mosswake.core.rig;

import java.util.Optional;
import org.mosswake.core.sure.Likely;
import org.mosswake.core.units.Force;

/**
 * The strike drag a line can use: enough above the water's pull that the reel keeps its line, and not above a third of
 * the weakest part or the rod's class (physics §9, PUBLISHED practice: strike drag is 25–33 % of the weakest part).
 *
 * @param pull  of the water at the tip
 * @param least for a loose take, of its first setting
 * @param most  after the first run too
 * @param firm  least setting once the fish has run; {@code least} unless the take is loose
 */
public record DragWindow(Take take, Force pull, Force least, Force most, Force firm, Limit limit, double usualShare) {
    /** What keeps the drag down. */
    public enum Limit {
        WEAKEST_PART,
        ROD_CLASS
    }

    public static DragWindow of(Force towPull, Force weakestPart) {
        return of(Take.FIRM, towPull, weakestPart, Optional.empty(), RigNumbers.USUAL);
    }

    public static DragWindow of(
            Take take, Force towPull, Force weakestPart, Optional<Force> rodClass, RigNumbers numbers) {
        double pull = towPull.newtons();
        double firm = pull * numbers.of(RigNumbers.ABOVE_PULL);
        double least = switch (take) {
            case FIRM -> firm;
            case LADDER -> pull * numbers.of(RigNumbers.LADDER_ABOVE_PULL);
            case LOOSE -> pull * numbers.of(RigNumbers.LOOSE_LEAST);
        };
        double share = numbers.of(RigNumbers.SHARE_OF_WEAKEST) * weakestPart.newtons();
        boolean rod = rodClass.isPresent() && rodClass.get().newtons() < share;
        double most = rod ? rodClass.get().newtons() : share;
        return new DragWindow(
                take,
                towPull,
                new Force(least),
                new Force(most),
                new Force(take == Take.LOOSE ? firm : least),
                rod ? Limit.ROD_CLASS : Limit.WEAKEST_PART,
                numbers.of(RigNumbers.USUAL_SHARE) / numbers.of(RigNumbers.SHARE_OF_WEAKEST));
    }

    public boolean isEmpty() {
        return firm.newtons() > most.newtons() || least.newtons() > most.newtons();
    }

    /**
     * First setting of a loose take: no firmer than this while the clicker tells of the bite. Where the water pulls
     * little, a reel cannot be set as finely as a share of it.
     */
    public Force looseMost(RigNumbers numbers) {
        return new Force(Math.min(
                most.newtons(),
                Math.max(
                        pull.newtons() * numbers.of(RigNumbers.LOOSE_MOST),
                        pull.newtons() + numbers.of(RigNumbers.LOOSE_ROOM_N))));
    }

    /** Chance that the water alone draws line at this setting, 0 to 1. */
    public double slips(Force strikeDrag, Likely likelyPull) {
        return likelyPull.moreThan(strikeDrag.newtons());
    }

    /** Least setting at which the water draws line in no more than this share of cases, as far as the window and the take go. */
    public Force holding(Likely likelyPull, double share, RigNumbers numbers) {
        double firmest = take == Take.LOOSE ? looseMost(numbers).newtons() : most.newtons();
        return new Force(Math.min(firmest, Math.max(least.newtons(), likelyPull.withOdds(share))));
    }

    /** Chance that the pull leaves no drag at all, 0 to 1. Strengths are taken as they are rated. */
    public double leavesNone(Likely likelyPull) {
        double timesPull = Math.max(firm.newtons(), least.newtons()) / pull.newtons();
        return likelyPull.moreThan(most.newtons() / timesPull);
    }

    /** What most crews set: a little over a quarter of the weakest part, well inside the window. */
    public Force usual() {
        double wanted = usualShare * most.newtons();
        double clearOfThePull = firm.newtons() + (most.newtons() - firm.newtons()) / 4;
        return new Force(Math.min(most.newtons(), Math.max(clearOfThePull, wanted)));
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
