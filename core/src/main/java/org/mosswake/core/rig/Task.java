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
        BRINE,
        LEADERS,
        SPOOLS,
        MARKS,
        HOOKS,
        TEST,
        WEIGHTS,
        TETHERS
    }

    public Task {
        lines = List.copyOf(lines);
    }
}
