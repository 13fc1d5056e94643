package org.mosswake.core.course;

import java.util.SplittableRandom;
import org.mosswake.core.units.Plane;

/** A ledge that winds, with a hump or two, at any bearing: the band is a range of its depths, and the start lies in it. */
final class SeededSeabed {
    static final double LENGTH_M = 5 * 1852;

    final Band band;
    final Pose start;
    private final double turnedRad;
    private final double[] amplitude = new double[3];
    private final double[] wavelength = new double[3];
    private final double[] phase = new double[3];
    private final double[][] humps;
    private final double slope;

    SeededSeabed(long seed) {
        var random = new SplittableRandom(seed * 1_000_003);
        turnedRad = random.nextDouble(2 * Math.PI);
        for (int i = 0; i < 3; i++) {
            wavelength[i] = random.nextDouble(1800, 9000);
            amplitude[i] = random.nextDouble(0.02, 0.13) * wavelength[i];
            phase[i] = random.nextDouble(2 * Math.PI);
        }
        humps = new double[random.nextInt(3)][];
        for (int i = 0; i < humps.length; i++) {
            humps[i] = new double[] {
                random.nextDouble(-9000, 9000),
                random.nextDouble(-700, 700),
                random.nextDouble(300, 800),
                random.nextDouble(4, 18)
            };
        }
        slope = random.nextDouble(0.02, 0.09);
        double wide = random.nextDouble(90, 1100);
        Field field = Field.invented(1.15 * LENGTH_M, this::depthM);
        band = new Band(field, 60 - slope * wide / 2, 60 + slope * wide / 2);
        start = begin();
    }

    private double depthM(double northM, double eastM) {
        double along = northM * Math.cos(turnedRad) + eastM * Math.sin(turnedRad);
        double across = eastM * Math.cos(turnedRad) - northM * Math.sin(turnedRad);
        for (int i = 0; i < 3; i++) {
            across -= amplitude[i] * Math.sin(2 * Math.PI * along / wavelength[i] + phase[i]);
        }
        double depth = 60 + slope * across;
        for (double[] hump : humps) {
            double off = Plane.hypot(along - hump[0], across - hump[1]);
            depth -= hump[3] * Math.exp(-off * off / (2 * hump[2] * hump[2]));
        }
        return Math.max(3, depth);
    }

    /** In the middle of the band nearest to the middle of it all. */
    private Pose begin() {
        for (double off = 0; off < 4000; off += 50) {
            for (double deg = 0; deg < 360; deg += 10) {
                Pose there = new Pose(0, 0, Math.toRadians(deg)).ahead(off);
                if (band.within(there.northM(), there.eastM()) > 0.8) {
                    return new Pose(there.northM(), there.eastM(), 0);
                }
            }
        }
        throw new IllegalStateException("no band near");
    }
}
