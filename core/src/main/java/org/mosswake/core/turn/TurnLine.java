package org.mosswake.core.turn;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mosswake.core.sure.Factor;
import org.mosswake.core.tow.Tow;

/**
 * A line to be turned: its tow on a straight course, and where its tip is on the boat.
 *
 * @param tipAsternM    of the boat's datum, the middle of the transom (m)
 * @param tipStarboardM of the middle line (m)
 * @param slopesM       of the lure's depth: what one standard deviation of each thing not known changes (m)
 * @param trailer       the second lure of a three-way up to the same tip; it can meet every line but its own
 */
public record TurnLine(
        Tow tow, double tipAsternM, double tipStarboardM, Map<Factor, Double> slopesM, Optional<TurnLine> trailer) {
    public TurnLine {
        slopesM = Map.copyOf(slopesM);
    }

    public TurnLine(Tow tow, double tipAsternM, double tipStarboardM, Map<Factor, Double> slopesM) {
        this(tow, tipAsternM, tipStarboardM, slopesM, Optional.empty());
    }

    /** Of a line that is known exactly. */
    public TurnLine(Tow tow, double tipAsternM, double tipStarboardM) {
        this(tow, tipAsternM, tipStarboardM, Map.of());
    }

    /** A line that is followed, and whose: its place in the spread. */
    record Owned(int index, TurnLine line) {}

    /** All that is followed: the lines in their order, then the second lures. */
    static List<Owned> withTrailers(List<TurnLine> spread) {
        var all = new ArrayList<Owned>();
        for (int i = 0; i < spread.size(); i++) {
            all.add(new Owned(i, spread.get(i)));
        }
        for (int i = 0; i < spread.size(); i++) {
            int index = i;
            spread.get(i).trailer().ifPresent(trailer -> all.add(new Owned(index, trailer)));
        }
        return all;
    }

    /** True where the other lies as this one does in a mirror; what is not known of them is not compared. */
    boolean mirrors(TurnLine other) {
        return tipAsternM == other.tipAsternM
                && tipStarboardM + other.tipStarboardM == 0
                && tow.withLure(tow.lure().mirrored()).equals(other.tow)
                && trailer.isPresent() == other.trailer.isPresent()
                && trailer.stream().allMatch(one -> one.mirrors(other.trailer.get()));
    }
}
