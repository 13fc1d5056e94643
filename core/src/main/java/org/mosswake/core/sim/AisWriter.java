package org.mosswake.core.sim;

import org.mosswake.core.units.SpeedUnit;

/** What a small boat's transponder sends (ITU-R M.1371, type 18), as a sentence. */
public final class AisWriter {
    private static final double PLACE_UNIT = 600_000;

    private AisWriter() {}

    /**
     * @param mmsi nine digits
     * @param mps  over ground, towards {@code courseDeg}
     */
    public static String place(int mmsi, double latitudeDeg, double longitudeDeg, double mps, double courseDeg) {
        var bits = new StringBuilder();
        add(bits, 18, 6);
        add(bits, 0, 2);
        add(bits, mmsi, 30);
        add(bits, 0, 8);
        add(bits, Math.round(SpeedUnit.KNOT.fromSi(mps) * 10), 10);
        add(bits, 1, 1);
        add(bits, Math.round(longitudeDeg * PLACE_UNIT), 28);
        add(bits, Math.round(latitudeDeg * PLACE_UNIT), 27);
        add(bits, Math.round(courseDeg * 10) % 3600, 12);
        add(bits, 511, 9);
        add(bits, 60, 6);
        add(bits, 0, 29);
        var payload = new StringBuilder();
        for (int i = 0; i < bits.length(); i += 6) {
            int six = Integer.parseInt(bits.substring(i, i + 6), 2);
            payload.append((char) (six < 40 ? six + 48 : six + 56));
        }
        return NmeaWriter.summed("!AIVDM,1,1,,A," + payload + ",0");
    }

    private static void add(StringBuilder bits, long value, int count) {
        for (int i = count - 1; i >= 0; i--) {
            bits.append(value >> i & 1);
        }
    }
}
