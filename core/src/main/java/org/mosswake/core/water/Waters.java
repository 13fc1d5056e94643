package org.mosswake.core.water;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/** All grids that are known of a piece of sea, looked at from a moment. */
public record Waters(List<Grid> grids) {
    private static final Duration A_DAY = Duration.ofHours(16);

    public Waters {
        grids = List.copyOf(grids);
    }

    /** Of what the widest picture shows: a newer one that shows less says nothing of the rest. */
    private static final double WIDE = 0.5;

    /**
     * Of pictures of one kind those that show enough of the sea to stand for it, in their order.
     *
     * @param share of it that each one shows
     */
    public static <T> List<T> wide(List<T> pictures, ToDoubleFunction<T> share) {
        double widest = pictures.stream().mapToDouble(share).max().orElse(0);
        return pictures.stream()
                .filter(one -> share.applyAsDouble(one) >= WIDE * widest)
                .toList();
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
