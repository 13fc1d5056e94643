package org.mosswake.core.deck;

import java.util.List;
import java.util.Optional;

/**
 * What one line from an instrument came to.
 *
 * @param readings empty where it tells nothing that is used
 * @param contact of a line that tells of another boat
 * @param wrong    why it told nothing
 */
public record Heard(List<Reading> readings, Optional<Contact> contact, Optional<Wrong> wrong) {
    /** Why a line told nothing; counted, and shown by kind. */
    public enum Wrong {
        NO_SENTENCE("no sentence"),
        CHECKSUM("checksum wrong"),
        NOT_USED("of a kind that is not used"),
        UNREADABLE("fields that cannot be read"),
        NOTHING_SAID("nothing said yet"),
        IMPOSSIBLE("figures that cannot be");

        private final String words;

        Wrong(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    static Heard of(Wrong wrong) {
        return new Heard(List.of(), Optional.empty(), Optional.of(wrong));
    }
}
