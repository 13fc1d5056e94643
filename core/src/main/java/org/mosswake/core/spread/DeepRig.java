package org.mosswake.core.spread;

/**
 * What takes a line down from a downrigger.
 *
 * @param cableOutM  from the surface down (m)
 * @param clipAboveM of the ball, along the cable (m)
 * @param seat       how far the line is pushed into the clip's jaws
 */
public record DeepRig(double cableOutM, double clipAboveM, LureItem ball, LineItem cable, ClipSeat seat) {
    public DeepRig withCableOut(double metres) {
        return new DeepRig(metres, clipAboveM, ball, cable, seat);
    }
}
