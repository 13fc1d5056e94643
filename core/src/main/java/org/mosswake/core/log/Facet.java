package org.mosswake.core.log;

import java.util.List;
import java.util.Optional;
import org.mosswake.core.units.Figure;

/**
 * What an entry of the log can be told apart by. Choices are texts; numbers are in SI and come in bands, from the first
 * edge to the last. An entry of which it is not known belongs to none of them, never to zero.
 */
public enum Facet {
    SPECIES("fish"),
    OUTCOME("outcome"),
    LOSS("how it was lost"),
    EATEN("what it had eaten"),
    PLACE("place"),
    MONTH("month", Figure.Kind.COUNT, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13),
    WEEK("week", Figure.Kind.COUNT, weeks()),
    HOUR("hour", Figure.Kind.COUNT, 0, 3, 6, 9, 12, 15, 18, 21, 24),
    LIGHT("light"),
    STREAM("stream"),
    MOON("moon"),
    WATER("water", Figure.Kind.TEMPERATURE, -3, 8, 12, 16, 20, 22, 24, 26, 28, 40),
    CLARITY("clarity"),
    BOTTOM("bottom", Figure.Kind.DISTANCE, 0, 10, 20, 35, 50, 80, 150, 11_000),
    /** As the call words it. */
    METHOD("method"),
    POSITION("position"),
    LURE("lure"),
    COLOUR("colour"),
    SIZE("length of the lure", Figure.Kind.SMALL, 0, 0.1, 0.15, 0.2, 0.3, 2),
    SCENT("scent"),
    DEPTH("depth", Figure.Kind.DISTANCE, 0, 1.5, 4, 8, 15, 25, 300),
    LET_OUT("let-out", Figure.Kind.DISTANCE, 0, 15, 30, 50, 80, 120, 400),
    OFF_BOTTOM("off the bottom", Figure.Kind.DISTANCE, 0, 3, 8, 15, 30, 11_000),
    LEADER("leader", Figure.Kind.DISTANCE, 0, 1, 2, 4, 8, 60),
    PACE("pace", Figure.Kind.SPEED, 0, 1.3, 2.1, 3.1, 3.6, 4.1, 5.1, 15),
    BEND("turning"),
    /** Minutes since the bait was renewed; of baits alone. */
    BAIT_AGE("minutes since the bait was renewed", Figure.Kind.COUNT, 0, 15, 30, 45, 60, 90, 1440),
    PACE_AGE("minutes since the pace was changed", Figure.Kind.COUNT, 0, 5, 10, 20, 40, 1440),
    CREW("crew", Figure.Kind.COUNT, 1, 2, 3, 4, 5, 13);

    private final String words;
    private final Optional<Figure.Kind> kind;
    private final double[] edges;

    Facet(String words) {
        this.words = words;
        kind = Optional.empty();
        edges = new double[0];
    }

    Facet(String words, Figure.Kind kind, double... edges) {
        this.words = words;
        this.kind = Optional.of(kind);
        this.edges = edges;
    }

    private static double[] weeks() {
        var edges = new double[54];
        for (int i = 0; i < edges.length; i++) {
            edges[i] = i + 1;
        }
        return edges;
    }

    public String words() {
        return words;
    }

    /** Empty for a choice. */
    public Optional<Figure.Kind> kind() {
        return kind;
    }

    public boolean isNumber() {
        return kind.isPresent();
    }

    /** Said of a fish alone: it tells nothing of the time that was fished. */
    public boolean isOfStrike() {
        return this == SPECIES || this == OUTCOME || this == LOSS || this == EATEN;
    }

    /** Set by the crew, and not by day or sea: what one may change when it takes more. */
    public boolean isChosen() {
        return switch (this) {
            case METHOD,
                    POSITION,
                    LURE,
                    COLOUR,
                    SIZE,
                    SCENT,
                    DEPTH,
                    LET_OUT,
                    OFF_BOTTOM,
                    LEADER,
                    PACE,
                    BEND,
                    BAIT_AGE,
                    PACE_AGE -> true;
            default -> false;
        };
    }

    /** Which band a number lies in; empty outside of all. */
    Optional<Integer> band(double value) {
        for (int i = 0; i + 1 < edges.length; i++) {
            if (value >= edges[i] && value < edges[i + 1]) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    int bands() {
        return Math.max(0, edges.length - 1);
    }

    double from(int band) {
        return edges[band];
    }

    double to(int band) {
        return edges[band + 1];
    }

    /** Those a question is worth asking of, over all days: what was chosen, and what the water did. */
    public static final List<Facet> QUESTIONS = List.of(
            POSITION,
            DEPTH,
            OFF_BOTTOM,
            LURE,
            COLOUR,
            SIZE,
            SCENT,
            LEADER,
            PACE,
            BEND,
            BAIT_AGE,
            PACE_AGE,
            HOUR,
            LIGHT,
            STREAM,
            MOON,
            WATER);
}
