package org.mosswake.core.spread;

import java.util.List;
import java.util.Optional;
import org.mosswake.core.sure.Likely;
import org.mosswake.core.sure.LikelySearch;
import org.mosswake.core.tow.Belly;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.units.SpeedThroughWater;

/**
 * How far the depths (m) of a line and its pull may be off.
 *
 * @param lure  empty for one that is never under, or has no shape with some of its errors
 * @param other the ball of a downrigger or the second lure of a three-way
 * @param pull  of the water at the tip (N), or at the clip of a downrigger; empty for a line that flies with some of its
 *              errors
 */
public record LikelyTow(Optional<Likely> lure, Optional<Likely> other, Optional<Likely> pull) {
    public static final LikelyTow UNKNOWN = new LikelyTow(Optional.empty(), Optional.empty(), Optional.empty());

    public static LikelyTow of(SpreadLine line, SpeedThroughWater speed, TowSolver tows) {
        var doubts = new LineDoubts(line);
        Belly.Pull held = new LineSolver(tows).held(line, speed);
        List<Optional<Likely>> found =
                new LikelySearch(doubts.all(), by -> computed(doubts.moved(speed, by), held, tows)).all();
        return new LikelyTow(found.get(0), found.get(1), found.get(2));
    }

    /** Of the deeper of the two. */
    public Optional<Likely> deepest() {
        return other.filter(ball -> lure.isEmpty() || ball.best() > lure.get().best())
                .or(() -> lure);
    }

    /** What the deeper of the two reaches with these odds, 0 to 1 (m). */
    public Optional<Double> deepestWithOdds(double odds) {
        return deepest().map(likely -> likely.withOdds(odds));
    }

    /**
     * Depths of the lure and of the other thing that hangs from the line, and the pull.
     *
     * @param held of a downrigger's clip by the line up to the rod, as without any error: its own is a small one
     */
    public static LikelySearch.Outcome computed(LineDoubts.Moved moved, Belly.Pull held, TowSolver tows) {
        SpreadLine line = moved.line();
        var branched = line.downrigger(moved.speed())
                .map(rig ->
                        rig.held(held).depths(tows).map(d -> new double[] {d.branchM(), d.mainM(), d.branchPullN()}))
                .or(() -> line.branched(moved.speed())
                        .map(tow -> tow.depths(tows).map(d -> new double[] {d.mainM(), d.branchM(), d.mainPullN()})));
        if (branched.isPresent()) {
            double[] none = {Double.NaN, Double.NaN, Double.NaN};
            return new LikelySearch.Outcome(branched.get().orElse(none), Double.NaN);
        }
        TowSolver.Under under = tows.under(line.tow(moved.speed()));
        return new LikelySearch.Outcome(new double[] {under.depthM(), Double.NaN, under.pullN()}, under.marginM());
    }
}
