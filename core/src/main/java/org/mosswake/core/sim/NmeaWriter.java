package org.mosswake.core.sim;

import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.mosswake.core.units.Plane;
import org.mosswake.core.units.SpeedUnit;

/** Sentences as instruments write them. Angles are degrees, speeds m/s, lengths m. */
final class NmeaWriter {
    private static final double MILE_M = 1852;
    private static final DateTimeFormatter CLOCK =
            DateTimeFormatter.ofPattern("HHmmss").withZone(ZoneOffset.UTC);
    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofPattern("ddMMyy").withZone(ZoneOffset.UTC);

    private NmeaWriter() {}

    static String place(Instant at, double latitude, double longitude, double groundMps, double courseDeg) {
        return sentence(
                "$GPRMC,%s,A,%s,%s,%05.1f,%05.1f,%s,,",
                CLOCK.format(at),
                degrees(latitude, 2, "NS"),
                degrees(longitude, 3, "EW"),
                SpeedUnit.KNOT.fromSi(groundMps),
                courseDeg,
                DAY.format(at));
    }

    static String water(double headingDeg, double throughMps) {
        return sentence("$VWVHW,%05.1f,T,,,%04.1f,N,,", headingDeg, SpeedUnit.KNOT.fromSi(throughMps));
    }

    /** @param transducerM under the surface */
    static String depth(double bottomM, double transducerM) {
        return sentence("$SDDPT,%.1f,%.1f", bottomM - transducerM, transducerM);
    }

    static String temperature(double celsius) {
        return sentence("$YXMTW,%.1f,C", celsius);
    }

    /** As felt aboard. */
    static String wind(double fromBowDeg, double mps) {
        return sentence("$WIMWV,%05.1f,R,%04.1f,N,A", fromBowDeg, SpeedUnit.KNOT.fromSi(mps));
    }

    /** A boat that her radar follows, {@code northM} and {@code eastM} of her. */
    static String target(String name, double northM, double eastM, double mps, double courseDeg) {
        return sentence(
                "$RATTM,01,%.3f,%05.1f,T,%.1f,%05.1f,T,,,N,%s,T,,,A",
                Plane.hypot(northM, eastM) / MILE_M,
                towards(northM, eastM),
                SpeedUnit.KNOT.fromSi(mps),
                courseDeg,
                name);
    }

    /** Degrees from north, clockwise. */
    static double towards(double northM, double eastM) {
        return (Math.toDegrees(Math.atan2(eastM, northM)) + 360) % 360;
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
