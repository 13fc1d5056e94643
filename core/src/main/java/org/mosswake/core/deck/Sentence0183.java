package org.mosswake.core.deck;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * One sentence of NMEA 0183, taken apart: who talks does not matter, what it is about does.
 *
 * @param type   the three letters behind the talker, such as {@code RMC}
 * @param fields behind the type, in order, as they were sent
 */
record Sentence0183(String type, List<String> fields) {
    /** Of the standard, with room for the long ones that some instruments send. */
    private static final int LONGEST = 164;

    private static final Pattern SHAPE = Pattern.compile("[$!][A-Z]{2}([A-Z]{3}),([ -)+-~]*)(?:\\*([0-9A-Fa-f]{2}))?");
    /** No exponents, no NaN: what a sounder sends. */
    private static final Pattern NUMBER = Pattern.compile("[+-]?\\d{1,9}(\\.\\d{0,9})?|[+-]?\\.\\d{1,9}");

    /** Why a line is none. */
    static final class NotOne extends Exception {
        private static final long serialVersionUID = 1;
        final transient Heard.Wrong wrong;

        NotOne(Heard.Wrong wrong) {
            super(wrong.words(), null, false, false);
            this.wrong = wrong;
        }
    }

    /** Whatever stands before the sentence on its line is passed over; a checksum that is there must be right. */
    static Sentence0183 of(String line) throws NotOne {
        int start = Math.max(line.lastIndexOf('$'), line.lastIndexOf('!'));
        if (start < 0 || line.length() - start > LONGEST) {
            throw new NotOne(Heard.Wrong.NO_SENTENCE);
        }
        String text = line.substring(start).stripTrailing();
        var shape = SHAPE.matcher(text);
        if (!shape.matches()) {
            throw new NotOne(Heard.Wrong.NO_SENTENCE);
        }
        if (shape.group(3) != null && Integer.parseInt(shape.group(3), 16) != sum(text)) {
            throw new NotOne(Heard.Wrong.CHECKSUM);
        }
        return new Sentence0183(shape.group(1), List.of(shape.group(2).split(",", -1)));
    }

    private static int sum(String text) {
        int end = text.lastIndexOf('*');
        return text.substring(1, end).chars().reduce(0, (a, b) -> a ^ b);
    }

    /** Empty where the field is, or is not there at all. */
    Optional<String> text(int field) {
        return field < fields.size() && !fields.get(field).isBlank()
                ? Optional.of(fields.get(field).strip())
                : Optional.empty();
    }

    Optional<Double> number(int field) throws NotOne {
        Optional<String> text = text(field);
        if (text.isEmpty()) {
            return Optional.empty();
        }
        if (!NUMBER.matcher(text.get()).matches()) {
            throw new NotOne(Heard.Wrong.UNREADABLE);
        }
        return Optional.of(Double.valueOf(text.get()));
    }

    boolean says(int field, String word) {
        return text(field).filter(word::equals).isPresent();
    }

    /**
     * Degrees of {@code ddmm.mm} and the letter of its side in the field behind it.
     *
     * @param negative the letter of the side that counts below nought
     */
    Optional<Double> degrees(int field, String positive, String negative) throws NotOne {
        Optional<Double> packed = number(field);
        Optional<String> side = text(field + 1);
        if (packed.isEmpty() || side.isEmpty()) {
            return Optional.empty();
        }
        double whole = Math.floor(packed.get() / 100);
        double minutes = packed.get() - 100 * whole;
        boolean below = side.get().equals(negative);
        if (packed.get() < 0 || minutes >= 60 || !below && !side.get().equals(positive)) {
            throw new NotOne(Heard.Wrong.UNREADABLE);
        }
        return Optional.of((below ? -1 : 1) * (whole + minutes / 60));
    }
}
