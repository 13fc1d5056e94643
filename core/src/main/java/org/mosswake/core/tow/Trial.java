package org.mosswake.core.tow;

/**
 * One chain at one speed, tried at depth after depth. The wholly wet shape does not depend on depth, so it is marched
 * once; a trial finds where that shape meets the surface (or where a weight does) and marches only what lies above.
 */
final class Trial {
    private final ChainColumns chain;
    private final LineMarch march;
    private final double tipHeight;
    private final Nodes wet = new Nodes();
    private final Nodes above = new Nodes();
    private boolean wetFailed;
    private boolean wholeWetProfile;
    private int wetUsed;
    private double surface;
    private double guessedSlope = Double.NaN;

    Trial(Tow tow, double tolerance, int mostSteps) {
        chain = new ChainColumns(tow);
        march = new LineMarch(chain, tolerance, mostSteps);
        tipHeight = tow.tipHeightM();
    }

    double totalLength() {
        return chain.totalLength;
    }

    boolean spent() {
        return march.spent();
    }

    /** Height of the chain's end above the tip (m) with the lure held at the surface and so much of it in the water. */
    double missAtSurface(double immersion) {
        wetUsed = 0;
        above.count = 0;
        surface = 0;
        march.startAtLure(immersion, above);
        return march.toTip(0, 0, above) ? endMiss() : Double.NaN;
    }

    /** Height of the chain's end above the tip (m) with the lure wholly under at this depth (m); NaN when it failed. */
    double missAtDepth(double depth) {
        if (wet.count == 0) {
            wetFailed = !marchWet();
        }
        if (wetFailed) {
            return Double.NaN;
        }
        surface = depth;
        above.count = 0;
        if (!wholeWetProfile && depth >= wet.z[wet.count - 1]) {
            wetUsed = wet.count;
            return endMiss();
        }
        return leaveWet() ? endMiss() : Double.NaN;
    }

    private boolean marchWet() {
        march.startAtLure(1, wet);
        double stop = tipHeight >= 0 ? tipHeight : Double.NEGATIVE_INFINITY;
        boolean done = march.toTip(Double.POSITIVE_INFINITY, stop, wet);
        wholeWetProfile = chain.totalLength - wet.s[wet.count - 1] < 1e-6;
        return done;
    }

    /** Follows the wet shape to where it first meets the surface, then marches on from there. */
    private boolean leaveWet() {
        for (int i = 0; i + 1 < wet.count; i++) {
            if (wet.piece[i + 1] != wet.piece[i] && touches(wet.piece[i + 1], wet.z[i])) {
                return onwards(i, 0);
            }
            if (wet.z[i + 1] > surface && wet.z[i] <= surface) {
                return onwards(i, exitAhead(i));
            }
        }
        wetUsed = wet.count;
        return true;
    }

    private boolean touches(int link, double z) {
        return chain.hasBody[link] && z > surface - chain.bodyRadius[link];
    }

    private double exitAhead(int i) {
        double ds = wet.s[i + 1] - wet.s[i];
        double slopeA = ds * wet.fz[i] / wet.tension(i);
        double slopeB = ds * wet.fz[i + 1] / wet.tension(i + 1);
        return ds * Hermite.crossing(wet.z[i] - surface, wet.z[i + 1] - surface, slopeA, slopeB);
    }

    private boolean onwards(int i, double ahead) {
        wetUsed = ahead > 0 ? i + 1 : i;
        march.resume(wet, i, ahead, surface, above);
        return march.toTip(surface, 0, above);
    }

    private double endMiss() {
        return z(nodes() - 1) - surface - tipHeight;
    }

    /**
     * A depth to try first: where a straight line leaving the wet shape along its tangent would meet the tip.
     * NaN when the shape gives no hint.
     */
    double firstGuess() {
        if (tipHeight < 0) {
            guessedSlope = 1;
            return wholeWetProfile ? wet.z[wet.count - 1] - tipHeight : Double.NaN;
        }
        double before = straightMiss(0);
        for (int i = 1; i < wet.count; i++) {
            double here = straightMiss(i);
            if (before > 0 && here <= 0) {
                double share = before / (before - here);
                guessedSlope = (before - here) / Math.max(1e-9, wet.z[i] - wet.z[i - 1]);
                return wet.z[i - 1] + share * (wet.z[i] - wet.z[i - 1]);
            }
            before = here;
        }
        return Double.NaN;
    }

    /** By how much the miss falls per metre of depth near the first guess; NaN when there was none. */
    double firstSlope() {
        return guessedSlope;
    }

    private double straightMiss(int i) {
        double rest = chain.totalLength - wet.s[i];
        double tension = wet.tension(i);
        double sag = chain.weightDry[wet.piece[i]] * rest * rest / (2 * tension);
        return wet.fz[i] / tension * rest + sag - tipHeight;
    }

    // The shape of the last trial, from the lure to the tip: the wet part, then what was marched above it.

    int nodes() {
        return wetUsed + above.count;
    }

    double surface() {
        return surface;
    }

    double s(int i) {
        return i < wetUsed ? wet.s[i] : above.s[i - wetUsed];
    }

    double x(int i) {
        return i < wetUsed ? wet.x[i] : above.x[i - wetUsed];
    }

    double y(int i) {
        return i < wetUsed ? wet.y[i] : above.y[i - wetUsed];
    }

    double z(int i) {
        return i < wetUsed ? wet.z[i] : above.z[i - wetUsed];
    }

    int piece(int i) {
        return i < wetUsed ? wet.piece[i] : above.piece[i - wetUsed];
    }

    double fx(int i) {
        return i < wetUsed ? wet.fx[i] : above.fx[i - wetUsed];
    }

    double fy(int i) {
        return i < wetUsed ? wet.fy[i] : above.fy[i - wetUsed];
    }

    double fz(int i) {
        return i < wetUsed ? wet.fz[i] : above.fz[i - wetUsed];
    }

    double tension(int i) {
        return i < wetUsed ? wet.tension(i) : above.tension(i - wetUsed);
    }

    boolean hasBody(int piece) {
        return chain.hasBody[piece];
    }
}
