package org.mosswake.core.rig;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * One leader as it is cut and tied; alike ones are equal.
 *
 * @param atLure  the lowest one, which fish and teeth wear
 * @param sleeves at both its ends
 */
record Leader(Part.Sort sort, String name, Material material, long millimetres, boolean atLure, int sleeves) {
    double lengthM() {
        return millimetres / 1000.0;
    }

    String key() {
        return sort + ":" + name + ":" + millimetres;
    }

    String words() {
        return sort == Part.Sort.BITE_LEADER ? material.words() + " leader" : sort.words();
    }

    /** Every leader of a line, from the lure up, second leaders last. */
    static List<Leader> of(Chain chain) {
        var all = new ArrayList<Leader>();
        List<Piece> pieces = chain.pieces();
        for (int i = 0; i < pieces.size() - 1; i++) {
            Piece piece = pieces.get(i);
            int sleeves = sleeves(piece.foot().above())
                    + sleeves(pieces.get(i + 1).foot().below());
            all.add(new Leader(
                    sort(chain, i), piece.name(), piece.material(), millimetres(piece.lengthM()), i == 0, sleeves));
        }
        pieces.forEach(piece -> piece.twig()
                .ifPresent(twig -> all.add(new Leader(
                        Part.Sort.LEADER,
                        twig.name(),
                        twig.material(),
                        millimetres(twig.lengthM()),
                        true,
                        2 * Seams.usualEnd(twig.material(), twig.strength()).sleeves()))));
        return all;
    }

    private static Part.Sort sort(Chain chain, int piece) {
        return chain.parts().stream()
                .filter(part ->
                        part.piece() == piece && !part.twig() && part.sort().line())
                .findFirst()
                .orElseThrow()
                .sort();
    }

    private static int sleeves(Optional<JointKind> joint) {
        return joint.map(JointKind::sleeves).orElse(0);
    }

    private static long millimetres(double metres) {
        return Math.round(1000 * metres);
    }
}
