package org.mosswake.core.tow;

import java.util.List;
import org.mosswake.core.units.SpeedThroughWater;

/** Deep lines for tests: wire, a lead, a plug, a downrigger. */
final class Deep {
    static final Body JIG = new Body(0.085, 0.085 / 5000, 0.003, 0, 0);
    static final Body BLADE = new Body(0.06, 0.06 / 1150, 0.025, 0, 0);
    /** Pulls with next to nothing. */
    static final Body NOTHING = new Body(0.001, 0.001 / 1100, 1e-6, 0, 0);

    static final LinePiece CABLE = new LinePiece(1, 0.0011, 6500, 1.8, 0.012);

    private Deep() {}

    private static LinePiece mono(double length) {
        return new LinePiece(length, 0.0006, 1150, 1.2, 0.008);
    }

    static Tow wire(double speed, double letOut) {
        var wire = new LinePiece(letOut - 10, 0.000635, 7900, 2.0, 0.012);
        return new Tow(new SpeedThroughWater(speed), 1.2, List.of(Link.of(JIG, mono(10)), Link.bare(wire)));
    }

    static Tow lead(double speed, double letOut, double kilograms) {
        var lead = new Body(kilograms, kilograms / 11340, 0.0006 * Math.pow(kilograms, 2.0 / 3), 0, 0);
        return new Tow(
                new SpeedThroughWater(speed), 1.2, List.of(Link.of(JIG, mono(6)), Link.of(lead, mono(letOut - 6))));
    }

    static Tow plug(double speed, double letOut) {
        return new Tow(
                new SpeedThroughWater(speed),
                1.2,
                List.of(Link.of(new Body(0.085, 0.085 / 900, 0.001, 0.0018, 0), mono(letOut))));
    }

    static Body ball(double kilograms) {
        double volume = kilograms / 11340;
        double radius = Math.cbrt(3 * volume / (4 * Math.PI));
        return new Body(kilograms, volume, 0.45 * Math.PI * radius * radius, 0, 0);
    }

    /** A 4.5 kg ball with an attractor eight metres behind the clip. */
    static Downrigger downrigger(double speed, double cableOut, Body attractor) {
        return new Downrigger(
                new SpeedThroughWater(speed), 0.9, cableOut, 1, ball(4.5), CABLE, List.of(Link.of(attractor, mono(8))));
    }
}
