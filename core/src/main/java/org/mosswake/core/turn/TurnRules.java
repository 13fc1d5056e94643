package org.mosswake.core.turn;

import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;

/**
 * How a turn is made and what counts as a foul.
 *
 * @param speedMps      of the pivot through the water (m/s)
 * @param radiusM       of the pivot's circle (m)
 * @param pivotAsternM  of the datum; negative forward of the transom (m)
 * @param clearAcrossM  lines nearer than this, and
 * @param clearUpM      no farther above one another than this, foul (m)
 */
public record TurnRules(double speedMps, double radiusM, double pivotAsternM, double clearAcrossM, double clearUpM) {
    public static final Accepted CLEAR_M = new Accepted(0.1, 10, "m");
    private static final double GRAVITY = 9.80665;
    public static final double USUAL_RADIUS_M = 40;
    public static final double USUAL_CLEAR_ACROSS_M = 1.5;
    public static final double USUAL_CLEAR_UP_M = 1.0;
    /** Line nearer to its tip than this is not counted: tips do not swing into one another (m). */
    static final double NEAR_TIP_M = 6;
    /** Most a step may turn, and the fineness of limits (rad). */
    static final double STEP_RAD = Math.toRadians(3);
    /** In a wide turn a step goes so much of the radius: lines lag evenly there. */
    private static final double WIDE = 50;
    /** Least of what a step may go at most (m); chosen by the convergence study in docs/decisions. */
    static final double STEP_M = 2.5;

    public TurnRules {
        var faults = new Faults();
        Helm.RADIUS_M.check(faults, "radiusM", radiusM);
        CLEAR_M.check(faults, "clearAcrossM", clearAcrossM);
        CLEAR_M.check(faults, "clearUpM", clearUpM);
        faults.throwIfAny();
    }

    /** She turns no tighter than two and a half of her lengths, or than a seventh of her weight sideways (ESTIMATE). */
    public static double tightestM(double speedMps, double boatLengthM) {
        return Math.max(2.5 * boatLengthM, speedMps * speedMps / (0.15 * GRAVITY));
    }

    public TurnRules withRadius(double metres) {
        return new TurnRules(speedMps, metres, pivotAsternM, clearAcrossM, clearUpM);
    }

    /** The pivot of a boat lies 0.3 of her length from the stern (ESTIMATE). */
    public static double usualPivotAsternM(double boatLengthM) {
        return -0.3 * boatLengthM;
    }

    /** Distance the pivot goes in one step (m). */
    double stepM() {
        return Math.min(Math.max(STEP_M, radiusM / WIDE), STEP_RAD * radiusM);
    }

    double dt() {
        return stepM() / speedMps;
    }

    Pose start() {
        return new Pose(pivotAsternM, 0, 0);
    }
}
