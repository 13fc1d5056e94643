package org.mosswake.core.live;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.function.ToDoubleFunction;

/**
 * One lure as it comes by a place: each in its own time, by how far astern it hangs.
 *
 * @param inS  until it is there
 * @param offM of the place, to starboard of it positive; the lines' own way apart, as she goes over it
 */
public record LureOver(UUID line, String label, double inS, double offM) {
    /** A lure that a way is reckoned for. */
    public record Hangs(UUID line, String label, double asternM, double starboardM) {}

    /** @param starboardM of her way, by line */
    public static List<Hangs> hang(List<LiveMoment.LivePlace> out, ToDoubleFunction<UUID> starboardM) {
        return out.stream()
                .map(one -> new Hangs(one.id(), one.label(), one.asternM(), starboardM.applyAsDouble(one.id())))
                .toList();
    }

    /**
     * All of them, the first first; those that are past it already and those that have not straightened out behind her are left out.
     *
     * @param asternM of the lure, or the middle of them, that is there in {@code inS}; {@code starboardM} the same
     * @param mps     along her way, past the place
     * @param runM    straight before it
     */
    public static List<LureOver> all(
            List<Hangs> out, double asternM, double starboardM, double inS, double mps, double runM) {
        var all = new ArrayList<LureOver>();
        for (Hangs one : out) {
            double in = inS + (one.asternM() - asternM) / mps;
            if (in > 0 && one.asternM() <= runM) {
                all.add(new LureOver(one.line(), one.label(), in, one.starboardM() - starboardM));
            }
        }
        all.sort(Comparator.comparingDouble(LureOver::inS));
        return all;
    }
}
