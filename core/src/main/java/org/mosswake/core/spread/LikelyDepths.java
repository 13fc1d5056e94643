package org.mosswake.core.spread;

import java.util.List;
import java.util.Optional;
import org.mosswake.core.sure.Likely;
import org.mosswake.core.sure.LikelySearch;
import org.mosswake.core.tow.Belly;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.units.SpeedThroughWater;

/**
 * How far the depths of a line may be off.
 *
 * @param lure  empty for one that is never under, or has no shape with some of its errors
 * @param other the ball of a downrigger or the second lure of a three-way
 */
public record LikelyDepths(Optional<Likely> lure, Optional<Likely> other) {
    public static final LikelyDepths UNKNOWN = new LikelyDepths(Optional.empty(), Optional.empty());

    public static LikelyDepths of(SpreadLine line, SpeedThroughWater speed, TowSolver tows) {
        var doubts = new LineDoubts(line);
        Belly.Pull held = new LineSolver(tows).held(line, speed);
        List<Optional<Likely>> found =
                new LikelySearch(doubts.all(), by -> computed(doubts.moved(speed, by), held, tows)).all();
        return new LikelyDepths(found.get(0), found.get(1));
    }

    /** Of the deeper of the two. */
    public Optional<Likely> deepest() {
        return other.filter(ball -> lure.isEmpty() || ball.bestM() > lure.get().bestM())
                .or(() -> lure);
    }

    /** What the deeper of the two reaches with these odds, 0 to 1 (m). */
    public Optional<Double> deepestWithOdds(double odds) {
        return deepest().map(likely -> likely.withOdds(odds));
    }

    /**
     * Of the lure and of the other thing that hangs from the line.
     *
     * @param held of a downrigger's clip by the line up to the rod, as without any error: its own is a small one
     */
    public static LikelySearch.Outcome computed(LineDoubts.Moved moved, Belly.Pull held, TowSolver tows) {
        SpreadLine line = moved.line();
        var branched = line.downrigger(moved.speed())
                .map(rig -> rig.held(held).depths(tows).map(d -> new double[] {d.branchM(), d.mainM()}))
                .or(() -> line.branched(moved.speed())
                        .map(tow -> tow.depths(tows).map(d -> new double[] {d.mainM(), d.branchM()})));
        if (branched.isPresent()) {
            double[] none = {Double.NaN, Double.NaN};
            return new LikelySearch.Outcome(branched.get().orElse(none), Double.NaN);
        }
        TowSolver.Under under = tows.under(line.tow(moved.speed()));
        return new LikelySearch.Outcome(new double[] {under.depthM(), Double.NaN}, under.marginM());
    }
}
