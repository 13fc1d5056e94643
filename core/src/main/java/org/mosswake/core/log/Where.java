package org.mosswake.core.log;

import java.util.Set;

/**
 * A condition on one facet: of a choice any of the texts, of a number from and under.
 *
 * @param from inclusive
 * @param to   exclusive
 */
public record Where(Facet facet, Set<String> choices, double from, double to) {
    public Where {
        choices = Set.copyOf(choices);
    }

    public static Where is(Facet facet, String... choices) {
        return new Where(facet, Set.of(choices), Double.NaN, Double.NaN);
    }

    public static Where between(Facet facet, double from, double to) {
        return new Where(facet, Set.of(), from, to);
    }

    /** Weeks may go over the year's end. */
    boolean holds(double value) {
        return from <= to ? value >= from && value < to : value >= from || value < to;
    }
}
