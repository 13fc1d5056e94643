package org.mosswake.core.turn;

import java.util.Map;
import org.mosswake.core.sure.Factor;
import org.mosswake.core.tow.Tow;

/**
 * A line to be turned: its tow on a straight course, and where its tip is on the boat.
 *
 * @param tipAsternM    of the boat's datum, the middle of the transom (m)
 * @param tipStarboardM of the middle line (m)
 * @param slopesM       of the lure's depth: what one standard deviation of each thing not known changes (m)
 */
public record TurnLine(Tow tow, double tipAsternM, double tipStarboardM, Map<Factor, Double> slopesM) {
    public TurnLine {
        slopesM = Map.copyOf(slopesM);
    }

    /** Of a line that is known exactly. */
    public TurnLine(Tow tow, double tipAsternM, double tipStarboardM) {
        this(tow, tipAsternM, tipStarboardM, Map.of());
    }

    /** True where the other lies as this one does in a mirror; what is not known of them is not compared. */
    boolean mirrors(TurnLine other) {
        return tipAsternM == other.tipAsternM
                && tipStarboardM + other.tipStarboardM == 0
                && tow.withLure(tow.lure().mirrored()).equals(other.tow);
    }
}
