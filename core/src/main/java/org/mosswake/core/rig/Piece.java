package org.mosswake.core.rig;

import java.util.Optional;
import org.mosswake.core.units.Force;

/**
 * A piece of line with what hangs at its lower end, as the bench sees it.
 *
 * @param at        place in the line's tackle, from the lure up
 * @param foot      how it is made fast below
 * @param hung      lead, attractor or lure at its lower end
 * @param twig      second leader tied in at its lower end
 */
public record Piece(
        int at,
        String name,
        Material material,
        Force strength,
        double diameterM,
        double lengthM,
        Seam foot,
        Optional<Hung> hung,
        Optional<Twig> twig) {
    public record Hung(String name, Sort sort, double massKg) {
        public enum Sort {
            LEAD,
            ATTRACTOR,
            LURE,
            BAIT
        }
    }

    public record Twig(String name, Material material, Force strength, double diameterM, double lengthM, String lure) {
        /** Of no place in the tackle. */
        Piece asPiece() {
            return new Piece(
                    NOWHERE,
                    name,
                    material,
                    strength,
                    diameterM,
                    lengthM,
                    Seam.USUAL,
                    Optional.empty(),
                    Optional.empty());
        }
    }

    private static final int NOWHERE = -1;

    /** False for a second leader, which no change of a piece reaches. */
    public boolean inTackle() {
        return at != NOWHERE;
    }

    public Piece withLength(double metres) {
        return new Piece(at, name, material, strength, diameterM, metres, foot, hung, twig);
    }

    /** EA, the pull that would double its length (N). */
    public double stiffnessN(RigNumbers numbers) {
        return numbers.modulusPa(material) * Math.PI * diameterM * diameterM / 4;
    }
}
