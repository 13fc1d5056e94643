package org.mosswake.server.water;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.time.Clock;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.InflaterInputStream;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.water.Grid;
import org.mosswake.core.water.Spot;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.water.WaterMapper.GridRow;
import org.springframework.stereotype.Component;

/** Grids in the database, packed. */
@Component
class GridStore {
    /** Cells beside what is looked at, so that an edge at its rim has two sides. */
    private static final int BESIDE = 8;

    private final WaterMapper mapper;
    private final Clock clock;

    GridStore(WaterMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    List<GridRow> all(UUID vessel) {
        return mapper.all(vessel);
    }

    GridRow one(UUID vessel, UUID grid) {
        GridRow row = mapper.one(vessel, grid);
        if (row == null) {
            throw FaultException.of(FaultCode.NOT_FOUND, "grid", grid.toString());
        }
        return row;
    }

    Grid grid(UUID vessel, GridRow row) {
        return window(vessel, row, new Window(0, row.rowCount(), 0, row.columnCount()));
    }

    /** What lies within so far of a place, and some cells more; the two nearest rows and columns where nothing does. */
    Grid about(UUID vessel, GridRow row, Spot home, double reachM) {
        Grid.Frame frame = row.frame();
        double up = reachM / frame.northM() + BESIDE;
        double across = reachM / frame.eastM() + BESIDE;
        int rows = row.rowCount();
        int columns = row.columnCount();
        int south = within(frame.row(home.latDeg()) - up, rows - 2);
        int north = within(frame.row(home.latDeg()) + up, rows - 2) + 2;
        int west = within(frame.column(home.lonDeg()) - across, columns - 2);
        int east = within(frame.column(home.lonDeg()) + across, columns - 2) + 2;
        return window(vessel, row, new Window(south, north, west, east));
    }

    private static int within(double at, int most) {
        return (int) Math.max(0, Math.min(most, Math.floor(at)));
    }

    /** The first row and the one after the last, and so the columns. */
    private record Window(int south, int north, int west, int east) {}

    private Grid window(UUID vessel, GridRow row, Window of) {
        byte[] packed =
                Objects.requireNonNull(mapper.cells(vessel, row.gridId())).cells();
        Grid.Frame whole = row.frame();
        var frame = new Grid.Frame(
                of.north() - of.south(),
                of.east() - of.west(),
                whole.latDeg(of.south()),
                whole.lonDeg(of.west()),
                whole.latStepDeg(),
                whole.lonStepDeg());
        return new Grid(row.kind(), Optional.ofNullable(row.at()), frame, unpacked(packed, row.columnCount(), of));
    }

    void remove(UUID vessel, UUID grid) {
        one(vessel, grid);
        mapper.remove(vessel, grid);
    }

    /** All or none. */
    @Write
    public List<GridRow> keep(UUID vessel, String name, List<Grid> all) {
        return all.stream().map(grid -> keep(vessel, name, grid)).toList();
    }

    /** The same grid again is the one that is here. */
    private GridRow keep(UUID vessel, String name, Grid grid) {
        byte[] cells = packed(grid.values());
        float least = Float.MAX_VALUE;
        float most = -Float.MAX_VALUE;
        for (float value : grid.values()) {
            least = value < least ? value : least;
            most = value > most ? value : most;
        }
        boolean any = least <= most;
        var frame = grid.frame();
        UUID id = UUID.nameUUIDFromBytes(ByteBuffer.allocate(cells.length + 200)
                .put((grid.kind() + " " + grid.at() + " " + frame).getBytes(java.nio.charset.StandardCharsets.UTF_8))
                .put(cells)
                .array());
        var row = new GridRow(
                id,
                name,
                grid.kind(),
                grid.at().orElse(null),
                frame.rows(),
                frame.columns(),
                frame.southDeg(),
                frame.westDeg(),
                frame.latStepDeg(),
                frame.lonStepDeg(),
                (float) grid.known(),
                any ? least : null,
                any ? most : null);
        mapper.insert(vessel, row, cells, clock.instant());
        return row;
    }

    private static byte[] packed(float[] values) {
        var out = new ByteArrayOutputStream(values.length);
        var deflater = new Deflater(Deflater.BEST_SPEED);
        try (var packing = new DeflaterOutputStream(out, deflater)) {
            ByteBuffer some = ByteBuffer.allocate(1 << 14).order(ByteOrder.LITTLE_ENDIAN);
            for (float value : values) {
                some.putFloat(value);
                if (!some.hasRemaining()) {
                    packing.write(some.array());
                    some.clear();
                }
            }
            packing.write(some.array(), 0, some.position());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            deflater.end();
        }
        return out.toByteArray();
    }

    /** Row by row: of a large grid only what is wanted is held. */
    private static float[] unpacked(byte[] packed, int columns, Window of) {
        int wide = of.east() - of.west();
        var values = new float[(of.north() - of.south()) * wide];
        var bytes = new byte[4 * columns];
        try (var in = new DataInputStream(new InflaterInputStream(new ByteArrayInputStream(packed)))) {
            for (int r = 0; r < of.north(); r++) {
                in.readFully(bytes);
                if (r >= of.south()) {
                    ByteBuffer.wrap(bytes)
                            .order(ByteOrder.LITTLE_ENDIAN)
                            .asFloatBuffer()
                            .get(of.west(), values, (r - of.south()) * wide, wide);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return values;
    }
}
