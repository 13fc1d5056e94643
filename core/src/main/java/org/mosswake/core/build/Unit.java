package org.mosswake.core.build;

import java.util.ArrayList;
import java.util.List;

/** A single line or a level pair, the ways it can be set, and which of them it stands at. */
final class Unit {
    final List<Option> options = new ArrayList<>();
    int at;

    /** One way, with where its lures then are. */
    record Option(List<Objective.Set> sets) {}

    Option now() {
        return options.get(at);
    }

    /** What fills it, as first set. */
    List<Placing> filled() {
        return options.get(0).sets().stream().map(Objective.Set::placing).toList();
    }

    static List<Objective.Set> sets(List<Unit> units) {
        return units.stream().flatMap(unit -> unit.now().sets().stream()).toList();
    }
}
