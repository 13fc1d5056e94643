package org.mosswake.core.gear;

import java.util.List;
import java.util.Set;
import org.mosswake.core.sure.Sighting;

/** What of an item was fitted, and to what: it errs by itself then, not with all of its kind. */
public record Fitted(Set<Coefficient> coefficients, List<Sighting> seen) {
    public static final Fitted NOT = new Fitted(Set.of(), List.of());

    public Fitted {
        coefficients = Set.copyOf(coefficients);
        seen = List.copyOf(seen);
    }
}
