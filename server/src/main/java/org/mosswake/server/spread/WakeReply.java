package org.mosswake.server.spread;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.mosswake.core.spread.Wake;

/**
 * The wake to draw, x astern of the transom.
 *
 * @param leastDepthM of water in which the crests stand as computed
 * @param crestsM     where they cross the middle line
 * @param crestShape  the crest at one metre; every other is this one scaled by its distance
 * @param wash        full width of the white band
 */
record WakeReply(
        double wavelengthM,
        double leastDepthM,
        double wedgeHalfAngleDeg,
        List<Double> crestsM,
        List<CrestPoint> crestShape,
        List<WashPoint> wash) {
    private static final double FARTHEST_M = 420;
    private static final int MOST_CRESTS = 80;
    private static final int SHAPE_POINTS = 15;
    private static final int WASH_POINTS = 13;
    private static final List<CrestPoint> SHAPE = Arrays.stream(Wake.unitCrest(SHAPE_POINTS))
            .map(p -> new CrestPoint(p[0], p[1]))
            .toList();

    record CrestPoint(double asternM, double starboardM) {}

    record WashPoint(double asternM, double widthM) {}

    static WakeReply of(Wake wake) {
        int crests = (int) Math.min(MOST_CRESTS, FARTHEST_M / wake.wavelengthM());
        return new WakeReply(
                wake.wavelengthM(),
                wake.leastDepthM(),
                Math.toDegrees(Wake.WEDGE_HALF_ANGLE_RAD),
                IntStream.rangeClosed(1, crests).mapToObj(wake::crestM).toList(),
                SHAPE,
                IntStream.range(0, WASH_POINTS)
                        .mapToDouble(i -> wake.washFadesAtM() * i / (WASH_POINTS - 1))
                        .mapToObj(x -> new WashPoint(x, wake.washWidthM(x)))
                        .toList());
    }
}
