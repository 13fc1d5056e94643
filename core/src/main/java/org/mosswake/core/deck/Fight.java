package org.mosswake.core.deck;

import java.util.List;
import org.mosswake.core.units.Sentence;

/** A fight by its phases (handbook §9). */
public enum Fight {
    HOOKED(
            "just hooked",
            "fish off the quarter, up-wind, so that she does not drift over it",
            "a touch of one engine swings the stern away"),
    CIRCLES(
            "circles under the boat",
            "nearly done: gain on the near side of each circle, hold on the far side",
            "short strokes, low gear where the reel has two speeds"),
    ALONGSIDE(
            "at the boat",
            "to keep: gaff the head, box open beforehand; to release: leave it in the water, unhook it at the side and swim it");

    private final String words;
    private final List<Sentence> says;

    Fight(String words, String... says) {
        this.words = words;
        this.says = List.of(says).stream().map(Sentence::of).toList();
    }

    public String words() {
        return words;
    }

    public List<Sentence> says() {
        return says;
    }
}
