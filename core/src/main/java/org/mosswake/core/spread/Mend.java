package org.mosswake.core.spread;

import java.util.List;
import org.mosswake.core.units.Sentence;

/**
 * What would help, in words, and the changes that do it.
 *
 * @param changes none where it cannot be done from what is aboard
 */
public record Mend(Sentence words, List<Change> changes) {
    public Mend {
        changes = List.copyOf(changes);
    }

    public static Mend by(Change change, Sentence words) {
        return new Mend(words, List.of(change));
    }
}
