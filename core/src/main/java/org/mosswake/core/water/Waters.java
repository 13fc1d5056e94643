package org.mosswake.core.water;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** All grids that are known of a piece of sea, looked at from a moment. */
public record Waters(List<Grid> grids) {
    private static final Duration A_DAY = Duration.ofHours(16);

    public Waters {
        grids = List.copyOf(grids);
    }

    /** The newest of a kind. */
    public Optional<Grid> newest(Grid.Kind kind) {
        return ofKind(kind).stream().findFirst();
    }

    /** The newest, and those of days before it: two pictures of one day are one. */
    List<Grid> daysOf(Grid.Kind kind) {
        var chosen = new ArrayList<Grid>();
        for (Grid grid : ofKind(kind)) {
            if (chosen.isEmpty() || isDayBefore(grid, chosen.get(chosen.size() - 1))) {
                chosen.add(grid);
            }
        }
        return chosen;
    }

    private static boolean isDayBefore(Grid grid, Grid later) {
        return grid.at().isPresent()
                && later.at().isPresent()
                && Duration.between(grid.at().get(), later.at().get()).compareTo(A_DAY) >= 0;
    }

    /** The newest first; what does not change comes before all. */
    List<Grid> ofKind(Grid.Kind kind) {
        return grids.stream()
                .filter(grid -> grid.kind() == kind)
                .sorted(Comparator.comparing(
                        (Grid grid) -> grid.at().map(at -> -at.getEpochSecond()).orElse(Long.MIN_VALUE)))
                .toList();
    }
}
