package org.mosswake.core.gear;

import java.util.List;
import java.util.Locale;

/** What a lure's colour is for. */
public enum ColourRole {
    /** The forage's own. */
    IMITATOR,
    /** Shows itself: pink, chartreuse, orange. */
    ATTRACTOR;

    private static final List<String> LOUD =
            List.of("pink", "chartreuse", "orange", "yellow", "red", "glow", "purple", "lime");

    /** By the words of a colour, until the skipper says otherwise. */
    public static ColourRole guess(String colour) {
        String words = colour.toLowerCase(Locale.ROOT);
        return LOUD.stream().anyMatch(words::contains) ? ATTRACTOR : IMITATOR;
    }
}
