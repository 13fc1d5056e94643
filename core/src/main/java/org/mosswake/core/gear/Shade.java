package org.mosswake.core.gear;

import java.util.List;
import java.util.Locale;

/** How dark a lure stands against the light from above. */
public enum Shade {
    DARK,
    NEUTRAL,
    LIGHT;

    private static final List<String> DARK_WORDS = List.of("black", "dark", "purple", "brown", "red");
    private static final List<String> LIGHT_WORDS =
            List.of("white", "silver", "pink", "chartreuse", "chrome", "yellow", "glow", "light");

    /** By the words of a colour, until the skipper says otherwise. */
    public static Shade guess(String colour) {
        String words = colour.toLowerCase(Locale.ROOT);
        if (DARK_WORDS.stream().anyMatch(words::contains)) {
            return DARK;
        }
        return LIGHT_WORDS.stream().anyMatch(words::contains) ? LIGHT : NEUTRAL;
    }
}
