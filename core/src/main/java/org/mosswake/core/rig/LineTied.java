package org.mosswake.core.rig;

import java.util.List;
import java.util.Optional;
import org.mosswake.core.units.Force;

/**
 * A line of the spread as the lists of an evening count it.
 *
 * @param offM      line that leaves the reel: the let-out (m)
 * @param teeth     whoever takes it may bite through
 * @param lureName  what must be aboard for it
 */
public record LineTied(
        String label,
        Chain chain,
        Rigging rigging,
        double offM,
        boolean teeth,
        String lureName,
        Force drag,
        Optional<Double> baitKg) {
    /** Carried dead: it is brined, and each has a leader of its own. */
    boolean deadBait() {
        return rigging.bait()
                .map(bait -> bait.kind() != Rigging.Bait.Kind.LIVE && bait.kind() != Rigging.Bait.Kind.DOUBLE_LIVE)
                .orElse(false);
    }

    Marks marks() {
        return rigging.marks().orElseGet(() -> Marks.usual(chain.main().material()));
    }

    static List<String> labels(List<LineTied> on) {
        return on.stream().map(LineTied::label).distinct().toList();
    }
}
