package org.mosswake.core.bench;

import java.util.List;
import java.util.Optional;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.gear.LineItem;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.rig.Reel;

/**
 * What the bench is asked with.
 *
 * @param lines    in the box
 * @param lures    in the box, leads and attractors too
 * @param reels    in the box
 * @param fishKg   that is met
 * @param keepM    line to keep behind the let-out (m); empty: as much as such a line usually has
 * @param barblessFor fish that the skipper's own table asks barbless hooks for
 * @param rollers  guides; else rings
 * @param teeth    are met by the method
 * @param bottomM  depth of water, where known (m)
 */
public record BenchAsk(
        List<LineItem> lines,
        List<LureItem> lures,
        List<Reel> reels,
        double fishKg,
        Optional<Double> keepM,
        Optional<String> barblessFor,
        boolean rollers,
        boolean teeth,
        Optional<Double> bottomM) {
    public static final Accepted FISH_KG = new Accepted(0.2, 500, "kg");
    public static final Accepted KEEP_M = new Accepted(0, 1000, "m");
    /** Of what is mostly met (ESTIMATE; the skipper sets his own). */
    public static final double USUAL_FISH_KG = 12;

    public BenchAsk {
        lines = List.copyOf(lines);
        lures = List.copyOf(lures);
        reels = List.copyOf(reels);
    }

    List<LureItem> leads() {
        return lures.stream().filter(LureItem::lead).toList();
    }
}
