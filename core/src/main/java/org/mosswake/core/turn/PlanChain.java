package org.mosswake.core.turn;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.mosswake.core.tow.Link;
import org.mosswake.core.tow.Physics;
import org.mosswake.core.tow.Tow;
import org.mosswake.core.tow.TowProfile;
import org.mosswake.core.units.Plane;

/**
 * The line cut into pieces between nodes, as columns. Node 0 is the lure, node {@code pieces} the tip; piece i lies
 * between nodes i and i + 1. Forces are these factors times speed squared.
 */
final class PlanChain {
    /** Seen from above a hanging piece is short; shorter ones would make the equations stiff (m). */
    private static final double SHORTEST_M = 0.05;

    /** Finer pieces of line than this are never asked for (m). */
    private static final double FINEST_M = 1;

    final int pieces;
    /** As seen from above (m). */
    final double[] length;
    /** Across and along each piece (kg/m). */
    final double[] normal;

    final double[] along;
    /** Of the body at each node, against its motion and to starboard of it (kg/m); node 0 holds the lure. */
    final double[] drag;

    final double[] side;

    /** True when a piece was made longer than the tow shows it: the rest place is then the chain's own. */
    boolean stretched;

    private PlanChain(int pieces) {
        this.pieces = pieces;
        length = new double[pieces];
        normal = new double[pieces];
        along = new double[pieces];
        drag = new double[pieces];
        side = new double[pieces];
    }

    /** A line that lies wholly in the plan, by its own coefficients. */
    PlanChain(List<TurnPiece> fromLure, double lureDragAreaM2, int wanted) {
        this(Arrays.stream(parts(fromLure, wanted)).sum());
        int[] parts = parts(fromLure, wanted);
        drag[0] = Physics.SEA_WATER_DENSITY * lureDragAreaM2 / 2;
        int i = 0;
        for (int p = 0; p < parts.length; p++) {
            TurnPiece piece = fromLure.get(p);
            double l = piece.lengthM() / parts[p];
            double half = Physics.SEA_WATER_DENSITY * piece.diameterM() / 2 * l;
            for (int k = 0; k < parts[p]; k++, i++) {
                length[i] = l;
                normal[i] = half * piece.normalDragCoefficient();
                along[i] = half * Math.PI * piece.tangentialDragCoefficient();
            }
        }
    }

    private static int[] parts(List<TurnPiece> fromLure, int wanted) {
        double total = fromLure.stream().mapToDouble(TurnPiece::lengthM).sum();
        return fromLure.stream()
                .mapToInt(piece -> Math.max(1, (int) Math.round(wanted * piece.lengthM() / total)))
                .toArray();
    }

    /**
     * A towed line as seen from above: every piece as long as the solved tow shows it from above, with the drag across
     * of its true length, and the drag along it and of the bodies fitted to the tow's horizontal pull.
     *
     * @param cuts lengths of line from the lure (m) at the nodes, from 0 to the whole line
     */
    static PlanChain of(Tow tow, TowProfile profile, double[] cuts) {
        var chain = new PlanChain(cuts.length - 1);
        double wet = profile.wetM();
        double perSpeedSquared = 1 / (tow.speed().mps() * tow.speed().mps());
        for (int i = 0; i < chain.pieces; i++) {
            var below = profile.at(cuts[i]);
            var above = profile.below(cuts[i + 1]);
            double dx = above.asternM() - below.asternM();
            double dy = above.starboardM() - below.starboardM();
            double l = Plane.hypot(dx, dy);
            double gain = l > 1e-9
                    ? ((above.pullAsternN() - below.pullAsternN()) * dx
                                    + (above.pullStarboardN() - below.pullStarboardN()) * dy)
                            / l
                    : 0;
            chain.length[i] = Math.max(SHORTEST_M, l);
            chain.stretched |= l < SHORTEST_M;
            chain.along[i] = Math.max(0, gain) * perSpeedSquared;
            chain.normal[i] = across(tow, cuts[i], Math.min(cuts[i + 1], wet));
            body(chain, i, profile, cuts[i], perSpeedSquared);
        }
        return chain;
    }

    /** Pull at the tip on a straight course, per speed squared (kg/m). */
    double pull() {
        return Arrays.stream(drag).sum() + Arrays.stream(along).sum();
    }

    /** What the body at node i adds to the pull: the jump of the pull there, all of it at the lure. */
    private static void body(PlanChain chain, int i, TowProfile profile, double cut, double perSpeedSquared) {
        var above = profile.at(cut);
        var below = profile.below(cut);
        double astern = i == 0 ? above.pullAsternN() : above.pullAsternN() - below.pullAsternN();
        double starboard = i == 0 ? above.pullStarboardN() : above.pullStarboardN() - below.pullStarboardN();
        chain.drag[i] = Math.max(0, -astern) * perSpeedSquared;
        chain.side[i] = -starboard * perSpeedSquared;
    }

    private static double across(Tow tow, double from, double to) {
        double sum = 0;
        double start = 0;
        for (Link link : tow.chainFromLure()) {
            double end = start + link.line().lengthM();
            double shared = Math.min(end, to) - Math.max(start, from);
            if (shared > 0) {
                sum += Physics.SEA_WATER_DENSITY
                        / 2
                        * link.line().diameterM()
                        * link.line().normalDragCoefficient()
                        * shared;
            }
            start = end;
        }
        return sum;
    }

    /**
     * Where to cut a towed line: at the lure, at every body, where it leaves the water and at the tip, and the wet line
     * between into about {@code wanted} pieces.
     */
    static double[] cuts(Tow tow, TowProfile profile, int wanted) {
        double wet = profile.wetM();
        double length = profile.lengthM();
        var corners = new ArrayList<Double>(List.of(0.0));
        double at = 0;
        for (int i = 1; i < tow.chainFromLure().size(); i++) {
            at += tow.chainFromLure().get(i - 1).line().lengthM();
            if (tow.chainFromLure().get(i).body().isPresent() && at < wet) {
                corners.add(at);
            }
        }
        if (wet > corners.get(corners.size() - 1) + SHORTEST_M) {
            corners.add(wet);
        }
        var cuts = new ArrayList<Double>();
        for (int i = 0; i + 1 < corners.size(); i++) {
            double from = corners.get(i);
            double piece = corners.get(i + 1) - from;
            int parts = Math.max(1, (int) Math.min(Math.round(wanted * piece / wet), Math.round(piece / FINEST_M)));
            for (int k = 0; k < parts; k++) {
                cuts.add(from + piece * k / parts);
            }
        }
        cuts.add(corners.get(corners.size() - 1));
        if (length > cuts.get(cuts.size() - 1) + SHORTEST_M) {
            cuts.add(length);
        } else {
            cuts.set(cuts.size() - 1, length);
        }
        return cuts.stream().mapToDouble(Double::doubleValue).toArray();
    }
}
