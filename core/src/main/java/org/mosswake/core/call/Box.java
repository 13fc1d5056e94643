package org.mosswake.core.call;

import java.util.List;
import java.util.Optional;
import java.util.function.ToIntFunction;
import org.mosswake.core.gear.ColourRole;
import org.mosswake.core.gear.LineItem;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.gear.Shade;

/** What is aboard to fish with. */
public record Box(List<Lure> lures, List<Line> lines, List<Reel> reels) {
    public Box {
        lures = List.copyOf(lures);
        lines = List.copyOf(lines);
        reels = List.copyOf(reels);
    }

    /** @param count of it aboard */
    public record Lure(LureItem item, double lengthM, ColourRole role, Shade shade, int count) {
        public boolean lead() {
            return item.kind().endsWith("_LEAD");
        }

        /** The topic that states how many baits of this sort are aboard; empty for a lure. */
        public Optional<Topic> bait() {
            for (var stated : Topic.BAITS.entrySet()) {
                if (item.isA(stated.getKey())) {
                    return Optional.of(stated.getValue());
                }
            }
            return Optional.empty();
        }

        Lure counted(int aboard) {
            return new Lure(item, lengthM, role, shade, aboard);
        }
    }

    public record Line(LineItem item, LineKind kind) {}

    /**
     * Rods with reels, all alike.
     *
     * @param rod  the reel as the bench knows it
     * @param main what is spooled, of {@link Box#lines}; empty for a reel that is kept for downrigger or spare
     */
    public record Reel(org.mosswake.core.rig.Reel rod, Optional<Line> main, int count) {
        public String name() {
            return rod.name();
        }

        /** Left of its main line with so much of it off (m); negative when the spool is too small. */
        public double leftM(double diameterM, double offM) {
            return rod.leftM(diameterM, offM);
        }
    }

    Box withCounts(ToIntFunction<Lure> aboard) {
        return new Box(
                lures.stream()
                        .map(lure -> lure.counted(aboard.applyAsInt(lure)))
                        .toList(),
                lines,
                reels);
    }

    /** Rods aboard; empty when none was entered, so that nobody is held to none. */
    Optional<Integer> rods() {
        return reels.isEmpty()
                ? Optional.empty()
                : Optional.of(reels.stream().mapToInt(Reel::count).sum());
    }

    boolean hasLine(LineKind... kinds) {
        return lines.stream().anyMatch(line -> List.of(kinds).contains(line.kind()));
    }
}
