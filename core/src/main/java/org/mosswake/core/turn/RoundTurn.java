package org.mosswake.core.turn;

import java.util.List;
import java.util.Optional;

/**
 * How tightly the boat may come right round to one side.
 *
 * @param radiusM of the tightest half turn that is clear, with all wider ones; empty where even the widest fouls
 * @param after   that half turn: when she may turn again, and who passes over whom; empty as {@code radiusM}
 * @param stops   what fouls in a half turn one rung tighter; empty where the boat cannot turn tighter
 * @param islands tighter half turns that are clear although wider ones are not, widest first (m)
 */
public record RoundTurn(
        Side side, Optional<Double> radiusM, Optional<SideLimit> after, Optional<Foul> stops, List<Double> islands) {
    public RoundTurn {
        islands = List.copyOf(islands);
    }

    /** To the other side, of a spread that is its own mirror image. */
    RoundTurn mirrored(int[] twins) {
        return new RoundTurn(
                side.other(),
                radiusM,
                after.map(limit -> limit.mirrored(twins)),
                stops.map(foul -> foul.mirrored(twins)),
                islands);
    }
}
