package org.mosswake.core.course;

import java.util.List;
import java.util.Optional;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.turn.SailedSpread;
import org.mosswake.core.turn.TurnLine;
import org.mosswake.core.turn.TurnRules;

/** What hangs behind her on a straight course, measured off the lines themselves. */
public final class Behind {
    private Behind() {}

    /**
     * @param lines   of her spread; those that fly are left out
     * @param radiusM of the tightest turn they stand
     */
    public static Towed of(
            List<TurnLine> lines, TurnRules rules, double radiusM, double streamNorthMps, double streamEastMps) {
        var spread = new SailedSpread(rules, lines, new TowSolver());
        spread.lay(new org.mosswake.core.turn.Pose(0, 0, 0));
        List<SailedSpread.Node> lures = spread.lines().stream()
                .flatMap(Optional::stream)
                .map(line -> line.nodes().get(0))
                .toList();
        return new Towed(
                rules.speedMps(),
                radiusM,
                lures.stream().map(SailedSpread.Node::x).toList(),
                lures.stream().mapToDouble(lure -> Math.abs(lure.y())).max().orElse(0),
                streamNorthMps,
                streamEastMps);
    }
}
