package org.mosswake.core.tow;

import org.mosswake.core.fault.Accepted;

/** Where the model is accepted. Outside, the answer would be a guess, so input there is a fault. */
public final class TowLimits {
    public static final Accepted SPEED_MPS = new Accepted(0.2, 11, "m/s");
    public static final Accepted TIP_HEIGHT_M = new Accepted(-300, 12, "m");
    public static final Accepted LENGTH_M = new Accepted(0.5, 400, "m");
    public static final Accepted DIAMETER_M = new Accepted(0.0001, 0.01, "m");
    public static final Accepted LINE_DENSITY = new Accepted(100, 23_000, "kg/m³");
    public static final Accepted NORMAL_DRAG = new Accepted(0, 5, "");
    public static final Accepted TANGENTIAL_DRAG = new Accepted(0, 1, "");
    public static final Accepted MASS_KG = new Accepted(0, 100, "kg");
    public static final Accepted VOLUME_M3 = new Accepted(0, 0.1, "m³");
    public static final Accepted DRAG_AREA_M2 = new Accepted(0, 2, "m²");
    public static final Accepted STEERING_AREA_M2 = new Accepted(-2, 2, "m²");
    public static final int MOST_PIECES = 20;

    private TowLimits() {}
}
