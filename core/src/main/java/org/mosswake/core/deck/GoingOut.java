package org.mosswake.core.deck;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.gear.SpeedWindow;
import org.mosswake.core.rig.Marks;
import org.mosswake.core.spread.ClipSeat;
import org.mosswake.core.spread.DeepRig;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.spread.TacklePiece;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/**
 * How one line goes out, step by step, in the words of who does it: what is tied, a look beside the boat, the let-out in the
 * line's own measure, where it is held, the drag.
 */
public record GoingOut(UUID line, String label, List<Sentence> steps) {
    /** A sentence holds no more. */
    private static final int MOST_FIGURES = 5;

    public GoingOut {
        steps = List.copyOf(steps);
    }

    /** @param paceMps of the spread, through the water */
    public static GoingOut of(SpreadLine line, String label, double paceMps) {
        var steps = new ArrayList<Sentence>();
        steps.add(tied(line));
        line.lure().works().map(works -> beside(works, paceMps)).ifPresent(steps::add);
        steps.add(out(line));
        steps.add(held(line));
        steps.add(Sentence.of(
                "Strike drag {0}, the rod on its tether.",
                Figure.pull(line.strikeDrag().newtons())));
        return new GoingOut(line.id(), label, steps);
    }

    /** From the lure up. */
    private static Sentence tied(SpreadLine line) {
        Sentence said = Sentence.of(Sentence.plain(line.lure().name()));
        for (TacklePiece piece : line.tackle()) {
            boolean first = piece == line.tackle().get(0);
            if (!first && piece.item().isPresent()) {
                said = said.and(
                        ", " + Sentence.plain(piece.item().map(LureItem::name).orElseThrow()));
            }
            if (piece.lengthM().isPresent() && said.figures().size() < MOST_FIGURES) {
                said = said.and(
                        ", {0} of " + Sentence.plain(piece.line().name()),
                        Figure.distance(piece.lengthM().get()));
            }
        }
        return said.and(".");
    }

    private static Sentence beside(SpeedWindow works, double paceMps) {
        Figure least = Figure.speed(works.leastMps());
        Figure most = Figure.speed(works.mostMps());
        if (paceMps < works.leastMps() || paceMps > works.mostMps()) {
            return Sentence.of(
                    "Look at it beside the boat: it works from {0} to {1}, and she goes {2}.",
                    least, most, Figure.speed(paceMps));
        }
        return Sentence.of("Look at it beside the boat: at {0} it should work.", Figure.speed(paceMps));
    }

    private static Sentence out(SpreadLine line) {
        Marks marks = line.rigging()
                .marks()
                .orElseGet(() -> Marks.usual(line.chain().main().material()));
        Sentence find = marks.find(line.letOutM(), line.rigging().pulls());
        return switch (marks) {
            case INK ->
                Sentence.of(
                        "Let out to the " + find.text() + ".", find.figures().toArray(Figure[]::new));
            default ->
                Sentence.of("Let out {0}: ", Figure.distance(line.letOutM()))
                        .and(find.text() + ".", find.figures().toArray(Figure[]::new));
        };
    }

    private static Sentence held(SpreadLine line) {
        String holder = Sentence.plain(line.holder().name());
        if (line.deep().isPresent()) {
            DeepRig rig = line.deep().get();
            return Sentence.of(
                    "Into the clip, "
                            + (rig.seat() == ClipSeat.HALF ? "half-way into its jaws" : "all the way into its jaws")
                            + "; ball down to {0}; take up the belly.",
                    Figure.distance(rig.cableOutM()));
        }
        return switch (line.holder().kind()) {
            case RIGGER -> Sentence.of("Into the clip of the " + holder + ".");
            default -> Sentence.of("Rod into the " + holder + ".");
        };
    }
}
