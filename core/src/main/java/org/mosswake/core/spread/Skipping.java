package org.mosswake.core.spread;

import org.mosswake.core.gear.LureItem;

/** How much out of the water is too much. */
public final class Skipping {
    /** Less is the chop of the sea (share of the time). */
    private static final double CHOP = 0.005;
    /** A head that is meant to splash is in the water most of the time (share of the time, ESTIMATE). */
    private static final double SPLASH = 0.3;

    private Skipping() {}

    public static boolean tooMuch(LureItem lure, double share) {
        return share > (lure.splashes() ? SPLASH : CHOP);
    }
}
