package org.mosswake.core.units;

import java.util.List;
import java.util.stream.Stream;

/**
 * A short sentence with its figures left open, so that each reader sees them in units of his own.
 *
 * @param text with {@code {0}}, {@code {1}} … where the figures belong
 */
public record Sentence(String text, List<Figure> figures) {
    private static final List<String> PLACES =
            List.of("{0}", "{1}", "{2}", "{3}", "{4}", "{5}", "{6}", "{7}", "{8}", "{9}");

    public Sentence {
        figures = List.copyOf(figures);
        for (int i = 0; i < figures.size(); i++) {
            if (!text.contains(PLACES.get(i))) {
                throw new IllegalArgumentException("figure " + i + " has no place in: " + text);
            }
        }
        if (text.indexOf('{') >= 0 && text.contains(PLACES.get(figures.size()))) {
            throw new IllegalArgumentException("a figure is missing in: " + text);
        }
    }

    public static Sentence of(String text, Figure... figures) {
        return new Sentence(text, List.of(figures));
    }

    /** With more said after it; places in {@code more} are counted from zero. */
    public Sentence and(String more, Figure... added) {
        String shifted = more;
        for (int i = added.length - 1; i >= 0; i--) {
            shifted = shifted.replace(PLACES.get(i), PLACES.get(i + figures.size()));
        }
        return new Sentence(
                text + shifted,
                Stream.concat(figures.stream(), Stream.of(added)).toList());
    }

    /** A name that somebody typed, so that nothing in it is taken for the place of a figure. */
    public static String plain(String name) {
        return name.replace("{", "(").replace("}", ")");
    }
}
