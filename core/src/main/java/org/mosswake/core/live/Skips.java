package org.mosswake.core.live;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.turn.SailedSpread.Sailed;

/** Which lures have left the water for longer than a moment. */
final class Skips {
    /** A lure that hurries round the outside of a short turn comes down again by itself (s, ESTIMATE). */
    private static final double FOR_S = 15;

    private final List<TowedLine> lines;
    private final double[] since;
    private double now;

    Skips(List<TowedLine> lines) {
        this.lines = lines;
        since = new double[lines.size()];
        forget();
    }

    void forget() {
        Arrays.fill(since, Double.POSITIVE_INFINITY);
        now = 0;
    }

    void look(List<Optional<Sailed>> sailed, double at) {
        now = at;
        for (int i = 0; i < since.length; i++) {
            double limit = lines.get(i).staysInToMps();
            boolean skips =
                    sailed.get(i).filter(one -> one.lureSpeedMps() >= limit).isPresent();
            since[i] = skips ? Math.min(since[i], at) : Double.POSITIVE_INFINITY;
        }
    }

    boolean skips(int line) {
        return now - since[line] >= FOR_S;
    }
}
