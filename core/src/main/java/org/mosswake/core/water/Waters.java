package org.mosswake.core.water;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** All grids that are known of a piece of sea, looked at from a moment. */
public record Waters(List<Grid> grids) {
    public Waters {
        grids = List.copyOf(grids);
    }

    /** The newest of a kind. */
    public Optional<Grid> newest(Grid.Kind kind) {
        return ofKind(kind).stream().findFirst();
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
