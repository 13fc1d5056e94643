package org.mosswake.core.rig;

import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/**
 * Something that must be aboard.
 *
 * @param key    of the stock
 * @param amount needed, of {@code kind}: pieces, metres or kilograms
 * @param have   aboard; 0 where nobody counted
 * @param counted somebody did
 */
public record Goods(String key, Sentence words, Figure.Kind kind, double amount, double have, boolean counted) {
    /** Still to be bought; pieces are whole. */
    public double lacking() {
        double lacks = Math.max(0, amount - have);
        return kind == Figure.Kind.COUNT ? Math.ceil(lacks - 1e-9) : lacks;
    }
}
