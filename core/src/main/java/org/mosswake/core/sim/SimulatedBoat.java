package org.mosswake.core.sim;

import java.util.List;
import java.util.Locale;
import java.util.Random;
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
    private static final double MILE_M = 1852;
    private static final double METRES_A_DEGREE = 111_320;

    private final double latitudeDeg;
    private final double longitudeDeg;
    private final Random random;
    private final Passer passer = new Passer();
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
        double groundKn = SpeedUnit.KNOT.fromSi(Math.hypot(northMps, eastMps));
        double courseDeg = (Math.toDegrees(Math.atan2(eastMps, northMps)) + 360) % 360;
        double latitude = latitudeDeg + northM / METRES_A_DEGREE;
        double longitude = longitudeDeg + eastM / METRES_A_DEGREE / Math.cos(Math.toRadians(latitudeDeg));
        return List.of(
                sentence(
                        "$GPRMC,%s,A,%s,%s,%05.1f,%05.1f,180626,,",
                        clock(), degrees(latitude, 2, "NS"), degrees(longitude, 3, "EW"), groundKn, courseDeg),
                sentence("$VWVHW,%05.1f,T,,,%04.1f,N,,", Math.toDegrees(heading), SpeedUnit.KNOT.fromSi(throughMps)),
                sentence("$SDDPT,%.1f,0.6", depthM() - 0.6),
                sentence("$YXMTW,%.1f,C", temperatureC()),
                sentence("$WIMWV,%05.1f,R,%04.1f,N,A", 40 + 5 * random.nextGaussian(), 9 + random.nextGaussian()),
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
            passer.setOut(north, east, Math.toDegrees(heading(second + Passer.COMES_IN_S)));
        }
        passer.second();
        double north = passer.northM() - northM;
        double east = passer.eastM() - eastM;
        return sentence(
                "$RATTM,01,%.3f,%05.1f,T,%.1f,%05.1f,T,,,N,Ketch,T,,,A",
                Math.hypot(north, east) / MILE_M,
                (Math.toDegrees(Math.atan2(east, north)) + 360) % 360,
                SpeedUnit.KNOT.fromSi(passer.mps()),
                passer.courseDeg());
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

    private String clock() {
        int of = second % 86_400;
        return "%02d%02d%02d".formatted(of / 3600, of / 60 % 60, of % 60);
    }

    private static String degrees(double degrees, int digits, String sides) {
        double size = Math.abs(degrees);
        int whole = (int) size;
        return String.format(
                Locale.ROOT,
                "%0" + digits + "d%07.4f,%s",
                whole,
                60 * (size - whole),
                degrees < 0 ? sides.charAt(1) : sides.charAt(0));
    }

    private static String sentence(String body, Object... values) {
        return summed(String.format(Locale.ROOT, body, values));
    }

    /** With its checksum. */
    static String summed(String text) {
        int sum = text.substring(1).chars().reduce(0, (a, b) -> a ^ b);
        return "%s*%02X".formatted(text, sum);
    }
}
