package org.mosswake.core.turn;

import java.util.Comparator;

/**
 * Two lines that come by one another and do not meet.
 *
 * @param line     index of the line, with {@code other}
 * @param betweenM between them there (m): up and down where they cross
 * @param near     nearer than the skipper's margin; else they only pass over one another
 * @param step     of the way they were watched along
 */
public record Pass(int line, int other, double betweenM, boolean near, int step) {
    static final Comparator<Pass> CLOSEST =
            Comparator.comparing(Pass::near).reversed().thenComparing(Pass::betweenM);

    boolean sameLines(Pass that) {
        return line == that.line && other == that.other;
    }

    Pass mirrored(int[] twins) {
        return new Pass(twins[line], twins[other], betweenM, near, step);
    }
}
