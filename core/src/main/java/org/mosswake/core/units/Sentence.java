package org.mosswake.core.units;

import java.util.List;

/**
 * A short sentence with its figures left open, so that each reader sees them in units of his own.
 *
 * @param text with {@code {0}}, {@code {1}} … where the figures belong
 */
public record Sentence(String text, List<Figure> figures) {
    private static final List<String> PLACES = List.of("{0}", "{1}", "{2}", "{3}", "{4}", "{5}");

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

    /** A name that somebody typed, so that nothing in it is taken for the place of a figure. */
    public static String plain(String name) {
        return name.replace("{", "(").replace("}", ")");
    }
}
