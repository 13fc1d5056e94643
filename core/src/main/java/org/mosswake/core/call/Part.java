package org.mosswake.core.call;

import java.util.List;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.units.Figure;

/**
 * A number that may be said with a topic.
 *
 * @param words what it is, as asked
 * @param range in SI
 * @param of    choices it belongs to; empty for all
 * @param needed whether those choices say nothing without it
 */
public record Part(Key key, String words, Figure.Kind kind, Accepted range, List<String> of, boolean needed) {
    public enum Key {
        /** The first, or only, number of a topic. */
        VALUE,
        /** The far end of a range that begins at the value. */
        OTHER,
        /** Direction, clockwise from north (rad). */
        TOWARDS,
        /** Over the ground (m/s). */
        SPEED;

        /** Name in a fault's path and in a body. */
        public String field() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    static Part value(String words, Figure.Kind kind, double least, double most) {
        return new Part(Key.VALUE, words, kind, accepted(kind, least, most), List.of(), false);
    }

    Part as(Key other) {
        return new Part(other, words, kind, range, of, needed);
    }

    Part of(Enum<?>... choices) {
        return new Part(
                key,
                words,
                kind,
                range,
                List.of(choices).stream().map(Enum::name).toList(),
                needed);
    }

    Part always() {
        return new Part(key, words, kind, range, of, true);
    }

    boolean belongsTo(Answer answer) {
        return of.isEmpty() || answer.choices().stream().anyMatch(of::contains);
    }

    private static Accepted accepted(Figure.Kind kind, double least, double most) {
        return new Accepted(
                least,
                most,
                switch (kind) {
                    case TEMPERATURE, TEMPERATURE_STEP -> "°C";
                    case DISTANCE, MILES, SMALL -> "m";
                    case SPEED -> "m/s";
                    case ANGLE -> "rad";
                    default -> "";
                });
    }
}
