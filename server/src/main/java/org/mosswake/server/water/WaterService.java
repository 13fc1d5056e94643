package org.mosswake.server.water;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.water.Beginnings;
import org.mosswake.core.water.Grid;
import org.mosswake.core.water.Running;
import org.mosswake.core.water.Spot;
import org.mosswake.core.water.Wanted;
import org.mosswake.core.water.Waters;
import org.mosswake.server.gear.BoatService;
import org.mosswake.server.gear.BoatTitle;
import org.mosswake.server.log.StruckWeeks;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.water.WaterMapper.GridRow;
import org.mosswake.server.water.read.GridFiles;
import org.mosswake.server.water.read.GridReader;
import org.mosswake.server.water.read.GridReader.Told;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Grids of a boat's sea, and where they say that it is worth beginning. */
@Service
class WaterService {
    /** She is out and home again in a day: 25 miles. */
    static final int REACH_M = 46_300;

    private static final int PLACES = 3;
    /** Of temperature: some days, with two pictures each. */
    private static final int MOST_PICTURES = 8;
    /** Pictures of the sea from longer ago say nothing of today. */
    private static final Duration OLDEST = Duration.ofDays(6);

    /** A day's run and back. */
    private static final double NEAR_M = 60 * 1852.0;

    private static final int MOST_BOATS = 500;

    private final GridStore grids;
    private final GridFiles files;
    private final BoatService boats;
    private final StruckWeeks struck;
    private final RunningService running;

    WaterService(GridStore grids, GridFiles files, BoatService boats, StruckWeeks struck, RunningService running) {
        this.grids = grids;
        this.files = files;
        this.boats = boats;
        this.struck = struck;
        this.running = running;
    }

    @Transactional(readOnly = true)
    List<GridRow> all(UUID vessel) {
        boats.require(vessel);
        return grids.all(vessel);
    }

    @Transactional(readOnly = true)
    Spot home(UUID vessel) {
        BoatService.Home lies = boats.homeOf(vessel);
        return new Spot(lies.latitudeDeg(), lies.longitudeDeg());
    }

    @Transactional(readOnly = true)
    Grid grid(UUID vessel, UUID grid) {
        return grids.grid(vessel, grids.one(vessel, grid));
    }

    @Write
    void remove(UUID vessel, UUID grid) {
        grids.remove(vessel, grid);
    }

    /** Everything that a file holds, or nothing of it; what was sent can be read once, so it is read before anything is begun. */
    List<GridRow> take(UUID vessel, Told told, InputStream sent) {
        boats.require(vessel);
        try {
            Path file = Files.createTempFile("moss-grid", "");
            try {
                Files.copy(sent, file, StandardCopyOption.REPLACE_EXISTING);
                return grids.keep(vessel, told.name(), read(file, told));
            } finally {
                Files.deleteIfExists(file);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * Of no boat in particular: every one whose water it shows has it.
     *
     * @throws FaultException also where it shows the water of none
     */
    void takeForAll(Told told, Path file) throws IOException {
        List<Grid> all = read(file, told);
        List<UUID> near = boats.titles(0, MOST_BOATS).stream()
                .filter(boat -> !boat.putAway())
                .map(BoatTitle::boatId)
                .filter(vessel -> all.get(0).frame().awayM(home(vessel)) <= NEAR_M)
                .toList();
        if (near.isEmpty()) {
            throw GridReader.unreadable("no boat lies within 60 miles of what it shows");
        }
        near.forEach(vessel -> grids.keep(vessel, told.name(), all));
    }

    private List<Grid> read(Path file, Told told) throws IOException {
        try {
            return files.read(file, told);
        } catch (FaultException e) {
            // Numbers of a frame are of the file: its reader never typed them.
            throw e.faults().stream()
                            .anyMatch(fault -> List.of("grid", "kind", "at").contains(fault.field()))
                    ? e
                    : GridReader.unreadable("it lies nowhere on earth, or its cells have no size");
        }
    }

    void keep(UUID vessel, String name, List<Grid> all) {
        grids.keep(vessel, name, all);
    }

    /**
     * @param picture of temperature that the edges were found in, absent without one
     * @param running how she gets there
     */
    record Looked(Beginnings.Found found, Optional<GridRow> picture, Spot home, Running running) {}

    /** What is known at a moment, for a target, from where she lies; the log may have entries to make first. */
    Looked look(UUID vessel, Instant at, LocalDate day, Optional<Species> target, double reachM) {
        Spot home = home(vessel);
        List<GridRow> all = grids.all(vessel).stream()
                .filter(row ->
                        row.at() == null || !row.at().isAfter(at) && row.at().isAfter(at.minus(OLDEST)))
                .toList();
        List<GridRow> rows = wide(all, home, reachM);
        var known = new ArrayList<Grid>();
        looked(rows).forEach(row -> known.add(grids.about(vessel, row, home, reachM)));
        var waters = new Waters(known);
        List<Spot> weeks = struck.of(vessel, day).stream()
                .map(place -> new Spot(place.latitudeDeg(), place.longitudeDeg()))
                .toList();
        var found = Beginnings.of(
                new Beginnings.Ask(
                        waters,
                        target.map(WaterService::wanted),
                        home,
                        reachM,
                        at,
                        weeks.isEmpty() ? Optional.empty() : Optional.of(weeks)),
                PLACES);
        return new Looked(
                found,
                rows.stream().filter(row -> row.kind() == Grid.Kind.TEMPERATURE).findFirst(),
                home,
                running.of(vessel).toCore());
    }

    /** The newest first, as they were; of each kind those that show enough of the sea in reach. */
    private static List<GridRow> wide(List<GridRow> all, Spot home, double reachM) {
        Map<Grid.Kind, List<GridRow>> kinds = all.stream()
                .collect(Collectors.groupingBy(
                        GridRow::kind, () -> new EnumMap<>(Grid.Kind.class), Collectors.toList()));
        return kinds.values().stream()
                .flatMap(rows -> Waters.wide(rows, row -> row.shows(home, reachM)).stream())
                .toList();
    }

    /** The newest of each kind, and of the temperature those before it: the rest is not asked. */
    private static List<GridRow> looked(List<GridRow> rows) {
        var count = new EnumMap<Grid.Kind, Integer>(Grid.Kind.class);
        return rows.stream()
                .filter(row -> count.merge(row.kind(), 1, Integer::sum)
                        <= (row.kind() == Grid.Kind.TEMPERATURE ? MOST_PICTURES : 1))
                .toList();
    }

    private static Wanted wanted(Species species) {
        Species.Band band = species.usualBand();
        return new Wanted(species.words(), band.coldest(), band.from(), band.to(), band.warmest());
    }
}
