package org.mosswake.server.water;

import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.mosswake.core.course.Field;
import org.mosswake.core.water.Grid;
import org.mosswake.core.water.Spot;
import org.mosswake.core.water.Waters;
import org.mosswake.server.water.WaterMapper.GridRow;
import org.springframework.stereotype.Component;

/** What the grids of a boat have about a place, laid out for a course; kept for the next asking, which a drag makes at once. */
@Component
public class SeaFields {
    private static final int KEPT = 3;
    /** A current of longer ago says nothing of now. */
    private static final Duration OLDEST = Duration.ofDays(6);

    private static final double BESIDE_M = 3000;

    private final GridStore grids;
    private final Map<Key, Field> kept = new LinkedHashMap<>(8, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Field> eldest) {
            return size() > KEPT;
        }
    };

    private record Key(UUID vessel, UUID grid, Spot middle, double reachM) {}

    SeaFields(GridStore grids) {
        this.grids = grids;
    }

    /** Depth of the bottom by the grid that came last of those that show the place; empty where none has any there. */
    public Optional<Field> depth(UUID vessel, Spot middle, double reachM) {
        return newest(grids.all(vessel), Grid.Kind.DEPTH, Instant.MAX, middle, reachM)
                .map(row -> field(vessel, row, middle, reachM))
                .filter(Field::knowsAnything)
                .findFirst();
    }

    private Field field(UUID vessel, GridRow row, Spot middle, double reachM) {
        var key = new Key(vessel, row.gridId(), middle, reachM);
        synchronized (kept) {
            Field before = kept.get(key);
            if (before != null) {
                return before;
            }
        }
        Field field = Field.of(grids.about(vessel, row, middle, reachM), middle, reachM);
        synchronized (kept) {
            kept.put(key, field);
        }
        return field;
    }

    /** Which way the current sets at a place by the picture that was newest then (m/s north, m/s east). */
    public Optional<double[]> current(UUID vessel, Instant at, Spot there) {
        List<GridRow> rows = grids.all(vessel);
        return part(vessel, rows, Grid.Kind.CURRENT_NORTH, at, there)
                .flatMap(north ->
                        part(vessel, rows, Grid.Kind.CURRENT_EAST, at, there).map(east -> new double[] {north, east}));
    }

    private Optional<Double> part(UUID vessel, List<GridRow> rows, Grid.Kind kind, Instant at, Spot there) {
        return newest(rows, kind, at, there, BESIDE_M)
                .flatMap(
                        row -> grids.about(vessel, row, there, BESIDE_M).about(there.latDeg(), there.lonDeg()).stream())
                .findFirst();
    }

    /** Those that show enough of the sea about a place, the newest first. */
    private static Stream<GridRow> newest(List<GridRow> rows, Grid.Kind kind, Instant at, Spot middle, double reachM) {
        List<GridRow> all = rows.stream()
                .filter(row -> row.kind() == kind)
                .filter(row ->
                        row.at() == null || !row.at().isAfter(at) && row.at().isAfter(at.minus(OLDEST)))
                .toList();
        return Waters.wide(all, row -> row.frame().shareOf(middle, reachM)).stream();
    }
}
