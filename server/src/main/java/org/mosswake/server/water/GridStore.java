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
import org.mosswake.server.water.WaterMapper.GridRow;
import org.springframework.stereotype.Component;

/** Grids in the database, packed. */
@Component
class GridStore {
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
        byte[] packed =
                Objects.requireNonNull(mapper.cells(vessel, row.gridId())).cells();
        return new Grid(row.kind(), Optional.ofNullable(row.at()), row.frame(), unpacked(packed, row));
    }

    void remove(UUID vessel, UUID grid) {
        one(vessel, grid);
        mapper.remove(vessel, grid);
    }

    /** The same grid again is the one that is here. */
    GridRow keep(UUID vessel, String name, Grid grid) {
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

    private static float[] unpacked(byte[] packed, GridRow row) {
        var values = new float[row.rowCount() * row.columnCount()];
        var bytes = new byte[4 * row.columnCount()];
        try (var in = new DataInputStream(new InflaterInputStream(new ByteArrayInputStream(packed)))) {
            for (int r = 0; r < row.rowCount(); r++) {
                in.readFully(bytes);
                ByteBuffer.wrap(bytes)
                        .order(ByteOrder.LITTLE_ENDIAN)
                        .asFloatBuffer()
                        .get(values, r * row.columnCount(), row.columnCount());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return values;
    }
}
