package org.mosswake.core.rig;

import java.util.List;
import org.mosswake.core.units.Sentence;

/**
 * One thing to do before the trip, to be ticked off.
 *
 * @param key     stays the same while what is to be done does
 * @param title   what
 * @param detail  with what and how
 * @param minutes it takes
 * @param lines   it is for, by label
 */
public record Task(Sort sort, String key, Sentence title, Sentence detail, double minutes, List<String> lines) {
    public enum Sort {
        BRINE("brine"),
        LEADERS("leaders"),
        SPOOLS("spools"),
        MARKS("marks on the line"),
        HOOKS("hooks to sharpen"),
        TEST("pull tests"),
        WEIGHTS("weights"),
        TETHERS("tethers");

        private final String words;

        Sort(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    public Task {
        lines = List.copyOf(lines);
    }
}
