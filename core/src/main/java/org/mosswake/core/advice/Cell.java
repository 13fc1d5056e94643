package org.mosswake.core.advice;

import java.util.ArrayList;
import java.util.List;

/**
 * How a line fishes: one arm of each kind of question, by its number.
 *
 * @param arms by kind of question, in their order
 */
public record Cell(List<Integer> arms) {
    public Cell {
        arms = List.copyOf(arms);
    }

    public static Cell of(Integer... arms) {
        return new Cell(List.of(arms));
    }

    public int arm(int question) {
        return arms.get(question);
    }

    public Cell with(int question, int arm) {
        var other = new ArrayList<>(arms);
        other.set(question, arm);
        return new Cell(other);
    }
}
