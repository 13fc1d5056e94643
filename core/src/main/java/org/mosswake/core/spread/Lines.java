package org.mosswake.core.spread;

import java.util.List;
import java.util.UUID;

/** Lines as a sentence speaks of them: by their labels, in the singular or the plural. */
record Lines(List<UUID> ids, List<String> labels) {
    private static final int FEW = 4;

    static Lines of(SolvedLine line) {
        return of(List.of(line));
    }

    static Lines of(List<SolvedLine> lines) {
        return new Lines(
                lines.stream().map(line -> line.line().id()).toList(),
                lines.stream().map(SolvedLine::label).toList());
    }

    boolean many() {
        return ids.size() > 1;
    }

    /** Whichever of the two forms agrees. */
    String say(String one, String more) {
        return many() ? more : one;
    }

    String names() {
        return joined(labels);
    }

    /** The first names of many. */
    String few() {
        return labels.size() > FEW
                ? String.join(", ", labels.subList(0, FEW - 1)) + " and " + (labels.size() - FEW + 1) + " more"
                : names();
    }

    private static String joined(List<String> names) {
        int last = names.size() - 1;
        return last < 1
                ? String.join("", names)
                : String.join(", ", names.subList(0, last)) + " and " + names.get(last);
    }
}
