package org.mosswake.core.sim;

import java.time.Instant;
import java.util.List;
import java.util.Random;
import org.mosswake.core.units.Plane;
import org.mosswake.core.units.SpeedUnit;

/**
 * A boat on an invented sea, second by second: she weaves along a ledge, a stream carries her, and her instruments write
 * NMEA 0183. The same seed gives the same voyage.
 */
public final class SimulatedBoat {
    private static final double WATER_MPS = SpeedUnit.KNOT.toSi(7.5);
    private static final double STREAM_MPS = SpeedUnit.KNOT.toSi(0.9);
    private static final double STREAM_TOWARDS = Math.toRadians(41);
    private static final double ALONG_DEG = 36;
    private static final double WEAVE_DEG = 30;
    private static final double WEAVE_S = 480;
    private static final Instant BEGINS = Instant.parse("2026-06-18T00:00:00Z");
    private static final double METRES_A_DEGREE = 111_320;

    private final double latitudeDeg;
    private final double longitudeDeg;
    private final Random random;
    private Passer passer = Passer.towards(0, 0, ALONG_DEG);
    private double northM;
    private double eastM;
    private int second;

    /** Begins at a place (degrees). */
    public SimulatedBoat(double latitudeDeg, double longitudeDeg, long seed) {
        this.latitudeDeg = latitudeDeg;
        this.longitudeDeg = longitudeDeg;
        this.random = new Random(seed);
    }

    /** What her instruments write in the next second. */
    public List<String> nextSecond() {
        double throughMps = WATER_MPS + 0.05 * random.nextGaussian();
        double heading = heading(second);
        double northMps = throughMps * Math.cos(heading) + STREAM_MPS * Math.cos(STREAM_TOWARDS);
        double eastMps = throughMps * Math.sin(heading) + STREAM_MPS * Math.sin(STREAM_TOWARDS);
        northM += northMps;
        eastM += eastMps;
        second++;
        return List.of(
                NmeaWriter.place(
                        BEGINS.plusSeconds(second),
                        latitudeDeg + northM / METRES_A_DEGREE,
                        longitudeDeg + eastM / METRES_A_DEGREE / Math.cos(Math.toRadians(latitudeDeg)),
                        Plane.hypot(northMps, eastMps),
                        NmeaWriter.towards(northMps, eastMps)),
                NmeaWriter.water(Math.toDegrees(heading), throughMps),
                NmeaWriter.depth(depthM(), 0.6),
                NmeaWriter.temperature(temperatureC()),
                NmeaWriter.wind(
                        40 + 5 * random.nextGaussian(), SpeedUnit.KNOT.toSi(Math.max(0, 9 + random.nextGaussian()))),
                passing());
    }

    private static double heading(int second) {
        return Math.toRadians(ALONG_DEG + WEAVE_DEG * Math.sin(2 * Math.PI * second / WEAVE_S));
    }

    /** A ketch that her radar follows. */
    private String passing() {
        if (Passer.setsOut(second)) {
            double north = northM;
            double east = eastM;
            for (int s = second; s < second + Passer.COMES_IN_S; s++) {
                north += WATER_MPS * Math.cos(heading(s)) + STREAM_MPS * Math.cos(STREAM_TOWARDS);
                east += WATER_MPS * Math.sin(heading(s)) + STREAM_MPS * Math.sin(STREAM_TOWARDS);
            }
            passer = Passer.towards(north, east, Math.toDegrees(heading(second + Passer.COMES_IN_S)));
        }
        passer = passer.second();
        return NmeaWriter.target(
                "Ketch", passer.northM() - northM, passer.eastM() - eastM, passer.mps(), passer.courseDeg());
    }

    /** A ledge that falls away to the south-east, with humps on it. */
    double depthM() {
        double across = (eastM - northM) / Math.sqrt(2);
        return 95 + 40 * Math.tanh(across / 400) + 6 * Math.sin(northM / 310) * Math.sin(eastM / 270);
    }

    /** Warmer on the far side of an edge. */
    double temperatureC() {
        return 24.2 + 0.35 * Math.tanh((eastM - 0.4 * northM - 300) / 150);
    }
}
