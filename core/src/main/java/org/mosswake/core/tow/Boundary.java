package org.mosswake.core.tow;

import java.util.function.DoublePredicate;

/** Where a yes turns into a no: there is no function to find a root of, so the interval is halved. */
public final class Boundary {
    private Boundary() {}

    /**
     * The last value found to be a yes, towards a value known to be none.
     *
     * @param halvings of the interval; the answer is within its 2^-halvings part of the boundary
     */
    public static double lastYes(double yes, double no, int halvings, DoublePredicate asked) {
        double is = yes;
        double isNot = no;
        for (int i = 0; i < halvings; i++) {
            double middle = (is + isNot) / 2;
            if (asked.test(middle)) {
                is = middle;
            } else {
                isNot = middle;
            }
        }
        return is;
    }
}
