package org.mosswake.core.turn;

import java.util.List;
import java.util.Optional;

/**
 * How far the boat may turn to one side at the radius.
 *
 * @param limitRad     turning any angle up to it and then running straight has no foul (rad); half a turn at most
 * @param firstFoul    what stops a turn a step further; empty when half a turn is clear
 * @param againM       straight after a turn to the limit, until no two lines are near or over one another: she may turn
 *                     again (m)
 * @param againS       the same (s)
 * @param passes       pairs that come by one another in a turn to the limit, or after it, and do not meet; closest first
 */
public record SideLimit(
        Side side, double limitRad, Optional<Foul> firstFoul, double againM, double againS, List<Pass> passes) {
    public SideLimit {
        passes = List.copyOf(passes);
    }

    SideLimit mirrored(int[] twins) {
        return new SideLimit(
                side.other(),
                limitRad,
                firstFoul.map(foul -> foul.mirrored(twins)),
                againM,
                againS,
                passes.stream().map(pass -> pass.mirrored(twins)).toList());
    }
}
