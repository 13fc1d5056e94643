package org.mosswake.core.spread;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** Short names by place: S, P, C for surface lines, D for deep ones, counted from the outside in. */
public final class Labels {
    /** A tip this close to the middle line belongs to the middle (m). */
    private static final double MIDDLE_M = 0.25;

    private Labels() {}

    public static Map<UUID, String> of(List<SpreadLine> lines) {
        var labels = new HashMap<UUID, String>();
        var counts = new HashMap<String, Integer>();
        lines.stream().sorted(FROM_OUTSIDE_IN).forEach(line -> {
            String side = side(line);
            labels.put(line.id(), side + counts.merge(side, 1, Integer::sum));
        });
        return labels;
    }

    private static final Comparator<SpreadLine> FROM_OUTSIDE_IN = Comparator.comparingDouble(
                    (SpreadLine line) -> -Math.abs(line.holder().tip().starboardM()))
            .thenComparingDouble(line -> -line.letOutM())
            .thenComparing(SpreadLine::id);

    private static String side(SpreadLine line) {
        double starboard = line.holder().tip().starboardM();
        if (line.runsDeep()) {
            return "D";
        }
        return Math.abs(starboard) <= MIDDLE_M ? "C" : starboard > 0 ? "S" : "P";
    }
}
