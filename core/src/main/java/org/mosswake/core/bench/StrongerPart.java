package org.mosswake.core.bench;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.gear.LineItem;
import org.mosswake.core.rig.Fitting;
import org.mosswake.core.rig.Hooks;
import org.mosswake.core.rig.Part;
import org.mosswake.core.rig.Seam;
import org.mosswake.core.spread.Change;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.units.Force;

/**
 * A line with its weakest part made the next size stronger.
 *
 * @param changes that do it; empty where it must be bought
 */
record StrongerPart(SpreadLine tied, List<Change> changes) {
    /** Lines, hooks and fittings are sold about a quarter stronger, size by size (trade). */
    private static final double NEXT_SIZE = 1.25;

    /** @param box lines to choose from; empty: whatever is sold */
    static Optional<StrongerPart> of(SpreadLine tied, Optional<List<LineItem>> box) {
        Part weakest = tied.chain().weakest();
        if (weakest.sort() == Part.Sort.HOOKS) {
            Hooks hooks = tied.rigging().hooks();
            Force more = new Force(hooks.strength().newtons() * NEXT_SIZE);
            return box.isPresent()
                    ? Optional.empty()
                    : Optional.of(new StrongerPart(
                            tied.withRigging(tied.rigging().withHooks(new Hooks(hooks.kind(), hooks.count(), more))),
                            List.of()));
        }
        if (weakest.piece() < 0 || weakest.twig()) {
            return Optional.empty();
        }
        if (weakest.sort() == Part.Sort.FITTING) {
            Seam now = tied.chain().foot(weakest.piece());
            Force more = new Force(weakest.strength().orElseThrow().newtons() * NEXT_SIZE);
            Seam foot = Seam.of(
                    now.above().orElseThrow(),
                    new Fitting(now.fitting().orElseThrow().kind(), more),
                    now.below().orElseThrow());
            return Optional.of(new StrongerPart(
                    tied.withFoot(weakest.piece(), foot),
                    List.of(new Change.Fitted(tied.id(), weakest.piece(), more.newtons()))));
        }
        int at = weaker(tied, weakest);
        LineItem now = tied.tackle().get(at).line();
        return line(now, box)
                .map(item -> new StrongerPart(
                        tied.withPiece(at, tied.tackle().get(at).withLine(item)),
                        box.isPresent() ? List.of(new Change.TiedOf(tied.id(), at, item.id())) : List.of()));
    }

    /** The piece that gives a weakest part its strength. */
    private static int weaker(SpreadLine tied, Part part) {
        int at = part.piece();
        if (part.sort() == Part.Sort.END_BELOW) {
            return at - 1;
        }
        if (part.sort() != Part.Sort.JOIN) {
            return at;
        }
        double above = tied.tackle().get(at).line().strength().newtons();
        return tied.tackle().get(at - 1).line().strength().newtons() < above ? at - 1 : at;
    }

    private static Optional<LineItem> line(LineItem now, Optional<List<LineItem>> box) {
        if (box.isPresent()) {
            return box.get().stream()
                    .filter(item -> item.kind().material() == now.kind().material())
                    .filter(item -> item.strength().newtons() > now.strength().newtons() + 1)
                    .min(Comparator.comparingDouble(item -> item.strength().newtons()));
        }
        Force more = new Force(now.strength().newtons() * NEXT_SIZE);
        return Optional.of(
                new LineItem(now.id(), now.name(), now.kind(), now.kind().metreRated(more), more));
    }
}
