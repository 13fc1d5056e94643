package org.mosswake.core.deck;

import java.util.Optional;
import org.mosswake.core.units.SpeedUnit;

/**
 * The bits of one message of a ship's transponder: six to a character, as ITU-R M.1371 has them. Read are the places of
 * all classes (types 1, 2, 3, 18, 19) and the names of small boats (24, part A).
 */
final class AisPayload {
    /** Ten-thousandths of a minute. */
    private static final double PLACE_UNIT = 1 / 600_000.0;

    private static final double SPEED_UNIT = SpeedUnit.KNOT.toSi(0.1);
    private static final int SPEED_UNKNOWN = 1023;
    private static final double COURSE_UNIT = 0.1;
    private static final int COURSE_UNKNOWN = 3600;

    private final String text;

    private AisPayload(String text) {
        this.text = text;
    }

    /** Empty where it is no message that is read, or says no place and no name. */
    static Optional<Contact> read(String text) {
        var payload = new AisPayload(text);
        return switch (payload.has(6) ? payload.number(0, 6) : 0) {
            case 1, 2, 3 -> payload.place(50, 61, 116);
            case 18, 19 -> payload.place(46, 57, 112);
            case 24 -> payload.name();
            default -> Optional.empty();
        };
    }

    private Optional<Contact> place(int speedAt, int longitudeAt, int courseAt) {
        if (!has(courseAt + 12)) {
            return Optional.empty();
        }
        double longitude = signed(longitudeAt, 28) * PLACE_UNIT;
        double latitude = signed(longitudeAt + 28, 27) * PLACE_UNIT;
        if (Math.abs(latitude) > 90 || Math.abs(longitude) > 180) {
            return Optional.empty();
        }
        int speed = number(speedAt, 10);
        int course = number(courseAt, 12);
        boolean moves = speed < SPEED_UNKNOWN && course < COURSE_UNKNOWN;
        return Optional.of(new Contact(
                id(),
                Optional.empty(),
                Optional.of(new Contact.Place(latitude, longitude)),
                Optional.empty(),
                moves ? Optional.of(speed * SPEED_UNIT) : Optional.empty(),
                moves ? Optional.of(course * COURSE_UNIT) : Optional.empty()));
    }

    private Optional<Contact> name() {
        if (!has(160) || number(38, 2) != 0) {
            return Optional.empty();
        }
        var name = new StringBuilder();
        for (int i = 0; i < 20; i++) {
            int code = number(40 + 6 * i, 6);
            name.append((char) (code < 32 ? code + 64 : code));
        }
        String words = name.toString().replace('@', ' ').strip();
        return words.isEmpty()
                ? Optional.empty()
                : Optional.of(new Contact(
                        id(),
                        Optional.of(words),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()));
    }

    private String id() {
        return "AIS " + number(8, 30);
    }

    private boolean has(int bits) {
        return 6 * text.length() >= bits;
    }

    private int signed(int from, int bits) {
        int value = number(from, bits);
        return value >= 1 << (bits - 1) ? value - (1 << bits) : value;
    }

    private int number(int from, int bits) {
        int value = 0;
        for (int i = from; i < from + bits; i++) {
            int code = text.charAt(i / 6) - 48;
            int six = (code > 40 ? code - 8 : code) & 63;
            value = value << 1 | (six >> (5 - i % 6) & 1);
        }
        return value;
    }
}
