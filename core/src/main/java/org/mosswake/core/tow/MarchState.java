package org.mosswake.core.tow;

/** Where a march stands. Place is measured from the lure (x astern, y starboard, z up), tension towards the tip. */
final class MarchState {
    int piece;
    double s;
    double x;
    double y;
    double z;
    double fx;
    double fy;
    double fz;

    double tension() {
        return Math.sqrt(fx * fx + fy * fy + fz * fz);
    }
}
