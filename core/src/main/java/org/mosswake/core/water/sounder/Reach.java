package org.mosswake.core.water.sounder;

/**
 * When a lure comes to what is under the boat now, on a straight course.
 *
 * @param driftingS for what drifts with the water, like fish
 * @param lyingS    for what lies on the ground, like a wreck
 * @param setM      it passes what lies there to the side that the stream sets to, by so much: she heads up, and the line hangs astern
 */
public record Reach(double driftingS, double lyingS, double setM) {
    private static final double LEAST_MPS = 0.1;

    /**
     * @param asternM    of the sounder, the lure
     * @param throughMps of the boat
     * @param groundMps  of the boat
     * @param acrossMps  of the stream, across her course
     */
    public static Reach of(double asternM, double throughMps, double groundMps, double acrossMps) {
        double through = Math.max(LEAST_MPS, throughMps);
        return new Reach(asternM / through, asternM / Math.max(LEAST_MPS, groundMps), acrossMps * asternM / through);
    }
}
