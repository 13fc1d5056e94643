package org.mosswake.core.turn;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The tightest radius that brings her right round with nothing meeting: a ladder of radii, widest first, each a half turn and
 * the straight run after it, given up at its first foul.
 */
public final class RoundSearch {
    static final double TIGHTEST_M = 20;
    /** Nobody calls a wider one a turn (m). */
    public static final double WIDEST_M = 600;

    private static final double RUNG = 1.15;

    private final TurnRules rules;
    private final double leastM;

    /** @param leastM radius under which the boat does not turn (m) */
    public RoundSearch(TurnRules rules, double leastM) {
        this.rules = rules;
        this.leastM = leastM;
    }

    /** Radii from the widest down to what the boat can do (m). */
    List<Double> rungs() {
        var rungs = new ArrayList<Double>();
        for (double radius = TIGHTEST_M; radius <= WIDEST_M; radius *= RUNG) {
            if (radius >= leastM) {
                rungs.add(0, radius);
            }
        }
        return rungs;
    }

    public RoundTurn of(List<TurnLine> spread, Side side) {
        Optional<Double> tightest = Optional.empty();
        Optional<SideLimit> after = Optional.empty();
        Optional<Foul> stops = Optional.empty();
        var islands = new ArrayList<Double>();
        for (double radius : rungs()) {
            var study = new TurnStudy(rules.withRadius(radius));
            Optional<Foul> foul = study.foul(spread, side, Math.PI);
            if (foul.isEmpty() && stops.isPresent()) {
                islands.add(radius);
            } else if (foul.isEmpty()) {
                tightest = Optional.of(radius);
                after = Optional.of(study.clearRound(spread, side));
            } else if (stops.isEmpty()) {
                stops = foul;
            }
        }
        return new RoundTurn(side, tightest, after, stops, islands);
    }

    /** Both sides; a spread that is its own mirror image is followed to one. */
    public Map<Side, RoundTurn> of(List<TurnLine> spread) {
        RoundTurn port = of(spread, Side.PORT);
        Optional<int[]> twins = twins(spread);
        return Map.of(
                Side.PORT, port, Side.STARBOARD, twins.map(port::mirrored).orElseGet(() -> of(spread, Side.STARBOARD)));
    }

    private static Optional<int[]> twins(List<TurnLine> spread) {
        var twins = new int[spread.size()];
        for (int i = 0; i < twins.length; i++) {
            twins[i] = -1;
            for (int j = 0; j < twins.length; j++) {
                if (spread.get(i).mirrors(spread.get(j))) {
                    twins[i] = j;
                }
            }
            if (twins[i] < 0) {
                return Optional.empty();
            }
        }
        return Optional.of(twins);
    }
}
