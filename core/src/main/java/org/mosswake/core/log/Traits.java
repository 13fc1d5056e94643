package org.mosswake.core.log;

import java.util.Map;

/** What is known of a line at a time, or of day and sea. */
public record Traits(Map<Facet, String> choices, Map<Facet, Double> numbers) {
    public static final Traits NONE = new Traits(Map.of(), Map.of());

    public Traits {
        choices = Map.copyOf(choices);
        numbers = Map.copyOf(numbers);
    }
}
