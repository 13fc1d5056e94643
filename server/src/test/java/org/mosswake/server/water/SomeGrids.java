package org.mosswake.server.water;

import io.jhdf.HdfFile;
import io.jhdf.WritableHdfFile;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.zip.DeflaterOutputStream;
import ucar.ma2.Array;
import ucar.ma2.DataType;
import ucar.ma2.InvalidRangeException;
import ucar.nc2.Dimension;
import ucar.nc2.NetcdfFileWriteable;

/** The same small sea in every format: eight rows of ten, 20 °C and a tenth for each column, one gap in the north-west. */
final class SomeGrids {
    static final int ROWS = 8;
    static final int COLUMNS = 10;

    private SomeGrids() {}

    static float value(int row, int column) {
        return row == ROWS - 1 && column == 0 ? Float.NaN : 20 + 0.1f * column + row;
    }

    private static double lat(int row) {
        return 27 + 0.1 * row;
    }

    private static double lon(int column) {
        return -48 + 0.1 * column;
    }

    static byte[] ascii() {
        var text =
                new StringBuilder("ncols 10\nnrows 8\nxllcenter -48\nyllcenter 27\ncellsize 0.1\nNODATA_value -99\n");
        for (int row = ROWS - 1; row >= 0; row--) {
            for (int column = 0; column < COLUMNS; column++) {
                float value = value(row, column);
                text.append(Float.isNaN(value) ? "-99" : Float.toString(value)).append(' ');
            }
            text.append('\n');
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    /** In whatever order, temperature beside a column that is none. */
    static byte[] points() {
        var text = new StringBuilder("Longitude;Latitude;SST;note\n");
        for (int column = COLUMNS - 1; column >= 0; column--) {
            for (int row = 0; row < ROWS; row++) {
                float value = value(row, column);
                text.append("%.2f;%.2f;%s;x%n".formatted(lon(column), lat(row), Float.isNaN(value) ? "" : value));
            }
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    /** In kelvin, packed as short numbers, from the north, with a time. */
    static byte[] classic() throws IOException, InvalidRangeException {
        Path file = Files.createTempFile("grid", ".nc");
        NetcdfFileWriteable out = NetcdfFileWriteable.createNew(file.toString(), false);
        Dimension time = out.addDimension("time", 1);
        Dimension lat = out.addDimension("lat", ROWS);
        Dimension lon = out.addDimension("lon", COLUMNS);
        out.addVariable("time", DataType.DOUBLE, new Dimension[] {time});
        out.addVariableAttribute("time", "units", "hours since 2026-06-17 00:00:00");
        out.addVariable("lat", DataType.DOUBLE, new Dimension[] {lat});
        out.addVariable("lon", DataType.DOUBLE, new Dimension[] {lon});
        out.addVariable("sea_surface_temperature", DataType.SHORT, new Dimension[] {time, lat, lon});
        out.addVariableAttribute("sea_surface_temperature", "scale_factor", 0.01);
        out.addVariableAttribute("sea_surface_temperature", "add_offset", 273.15);
        out.addVariableAttribute("sea_surface_temperature", "_FillValue", -32768);
        out.create();
        double[] lats = new double[ROWS];
        double[] lons = new double[COLUMNS];
        short[][][] values = new short[1][ROWS][COLUMNS];
        for (int row = 0; row < ROWS; row++) {
            lats[row] = lat(ROWS - 1 - row);
            for (int column = 0; column < COLUMNS; column++) {
                lons[column] = lon(column);
                float value = value(ROWS - 1 - row, column);
                values[0][row][column] = Float.isNaN(value) ? Short.MIN_VALUE : (short) Math.round(100 * value);
            }
        }
        out.write("time", Array.factory(new double[] {22}));
        out.write("lat", Array.factory(lats));
        out.write("lon", Array.factory(lons));
        out.write("sea_surface_temperature", Array.factory(values));
        out.close();
        return taken(file);
    }

    static byte[] hdf5() throws IOException {
        Path file = Files.createTempFile("grid", ".nc");
        try (WritableHdfFile out = HdfFile.write(file)) {
            double[] lats = new double[ROWS];
            double[] lons = new double[COLUMNS];
            float[][] values = new float[ROWS][COLUMNS];
            for (int row = 0; row < ROWS; row++) {
                lats[row] = lat(row);
                for (int column = 0; column < COLUMNS; column++) {
                    lons[column] = lon(column);
                    values[row][column] = value(row, column);
                }
            }
            out.putDataset("latitude", lats);
            out.putDataset("longitude", lons);
            out.putDataset("sst", values);
        }
        return taken(file);
    }

    /** As the standard lays it out, byte by byte: floats from the north, deflated, its place told by a corner. */
    static byte[] geoTiff() {
        var rows = new ByteArrayOutputStream();
        try (var deflated = new DataOutputStream(new DeflaterOutputStream(rows))) {
            for (int row = ROWS - 1; row >= 0; row--) {
                for (int column = 0; column < COLUMNS; column++) {
                    deflated.writeFloat(Float.isNaN(value(row, column)) ? -99 : value(row, column));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return tiff(rows.toByteArray(), 32, 3, 1, 2);
    }

    /** Three bytes a pixel: what looks like a chart of the sea and holds no value of it. */
    static byte[] colours() {
        return tiff(new byte[3 * ROWS * COLUMNS], 8, 1, 3, 2);
    }

    /** In metres of a projection. */
    static byte[] projected() {
        return tiff(new byte[4 * ROWS * COLUMNS], 32, 3, 1, 1);
    }

    private static byte[] tiff(byte[] strip, int bits, int format, int bands, int model) {
        int entries = 14;
        int after = 8 + 2 + 12 * entries + 4;
        ByteBuffer out = ByteBuffer.allocate(after + 200 + strip.length);
        out.putShort((short) 0x4D4D).putShort((short) 42).putInt(8).putShort((short) entries);
        int scale = after;
        int tie = scale + 24;
        int keys = tie + 48;
        int none = keys + 24;
        int data = none + 8;
        entry(out, 256, 3, 1, COLUMNS << 16);
        entry(out, 257, 3, 1, ROWS << 16);
        // Of three bands the list would stand elsewhere: the first two are here, and the third is as they are.
        entry(out, 258, 3, 1, bits << 16);
        entry(out, 259, 3, 1, (bands > 1 || model == 1 ? 1 : 8) << 16);
        entry(out, 262, 3, 1, (bands > 1 ? 2 : 1) << 16);
        entry(out, 273, 4, 1, data);
        entry(out, 277, 3, 1, bands << 16);
        entry(out, 278, 3, 1, ROWS << 16);
        entry(out, 279, 4, 1, strip.length);
        entry(out, 339, 3, 1, format << 16);
        entry(out, 33_550, 12, 3, scale);
        entry(out, 33_922, 12, 6, tie);
        entry(out, 34_735, 3, 12, keys);
        entry(out, 42_113, 2, 4, 0x2D393900);
        out.putInt(0);
        out.putDouble(0.1).putDouble(0.1).putDouble(0);
        // The corner in the north-west, half a cell beside the middle of the first one.
        for (double at : new double[] {0, 0, 0, lon(0) - 0.05, lat(ROWS - 1) + 0.05, 0}) {
            out.putDouble(at);
        }
        for (int key : new int[] {1, 1, 0, 2, 1024, 0, 1, model, 1025, 0, 1, 1}) {
            out.putShort((short) key);
        }
        out.position(data);
        out.put(strip);
        return Arrays.copyOf(out.array(), out.position());
    }

    private static void entry(ByteBuffer out, int tag, int type, int count, int value) {
        out.putShort((short) tag).putShort((short) type).putInt(count).putInt(value);
    }

    private static byte[] taken(Path file) throws IOException {
        byte[] bytes = Files.readAllBytes(file);
        Files.delete(file);
        return bytes;
    }
}
