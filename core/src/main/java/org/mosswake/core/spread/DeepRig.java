package org.mosswake.core.spread;

import org.mosswake.core.gear.LineItem;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.tow.Downrigger;

/**
 * What takes a line down from a downrigger.
 *
 * @param cableOutM  from the surface down (m)
 * @param clipAboveM of the ball, along the cable (m)
 * @param seat       how far the line is pushed into the clip's jaws
 */
public record DeepRig(double cableOutM, double clipAboveM, LureItem ball, LineItem cable, ClipSeat seat) {
    private static final double LEAST_M = 4;

    /** With the clip a metre above the ball, and enough cable to begin at that depth, as far as a cable reaches. */
    public static DeepRig reaching(double depthM, LureItem ball, LineItem cable, ClipSeat seat) {
        double out = Math.min(Downrigger.CABLE_OUT_M.most(), Math.max(LEAST_M, depthM + 1));
        return new DeepRig(out, 1, ball, cable, seat);
    }

    public DeepRig withCableOut(double metres) {
        return new DeepRig(metres, clipAboveM, ball, cable, seat);
    }
}
