package org.mosswake.server.water.read;

import java.awt.Rectangle;
import java.awt.image.DataBuffer;
import java.awt.image.Raster;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.plugins.tiff.TIFFDirectory;
import javax.imageio.plugins.tiff.TIFFField;
import javax.imageio.plugins.tiff.TIFFImageReadParam;
import javax.imageio.stream.ImageInputStream;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.water.Grid;
import org.mosswake.core.water.Grid.Frame;
import org.springframework.stereotype.Component;

/**
 * A picture of values that says where on earth it lies (OGC GeoTIFF 1.1): one value a cell, in degrees of latitude and longitude. The
 * pixels are read by Java's own reader, some rows at a time. A picture of colours says nothing of the sea and is refused.
 */
@Component
class GeoTiff implements GridReader {
    private static final int PIXEL_SCALE = 33_550;
    private static final int TIE_POINT = 33_922;
    private static final int TRANSFORMATION = 34_264;
    private static final int KEYS = 34_735;
    private static final int NO_DATA = 42_113;

    private static final int KEY_MODEL = 1024;
    private static final int KEY_RASTER = 1025;
    private static final int IN_DEGREES = 2;
    private static final int AT_POINTS = 2;

    /** Cells that are read at once. */
    private static final int AT_ONCE = 200_000;

    @Override
    public boolean reads(String name, byte[] head) {
        String first = new String(head, 0, Math.min(4, head.length), StandardCharsets.ISO_8859_1);
        if (first.equals("II+\0") || first.equals("MM\0+")) {
            throw GridReader.unreadable("it is a BigTIFF: save it as a plain GeoTIFF");
        }
        return first.equals("II*\0") || first.equals("MM\0*");
    }

    @Override
    public List<Grid> read(Path file, Told told) throws IOException {
        Grid.Kind kind = told.kind()
                .or(() -> Naming.kind(told.name()))
                .orElseThrow(() -> FaultException.of(FaultCode.GRID_OF_WHAT, "kind", told.name()));
        ImageReader reader = ImageIO.getImageReadersByFormatName("tiff").next();
        try (ImageInputStream in = ImageIO.createImageInputStream(file.toFile())) {
            reader.setInput(in);
            refuseTooMany(reader);
            // It has read its head, without what it does not know by name; it reads that anew.
            in.seek(0);
            reader.setInput(in);
            TIFFDirectory said = said(reader);
            Frame frame = frame(said, reader.getHeight(0), reader.getWidth(0));
            float gap = gap(said);
            return List.of(Taken.grid(
                    kind,
                    told.at().or(() -> Naming.moment(told.name())),
                    told.name(),
                    frame,
                    cells(reader, frame),
                    gap));
        } catch (FaultException e) {
            throw e;
        } catch (IOException | RuntimeException e) {
            // A broken head makes the reader stumble in ways of its own.
            throw GridReader.unreadable("its GeoTIFF is not whole");
        } finally {
            reader.dispose();
        }
    }

    private static void refuseTooMany(ImageReader reader) throws IOException {
        if ((long) reader.getHeight(0) * reader.getWidth(0) > MOST_CELLS) {
            throw GridReader.unreadable("it has more than " + MOST_CELLS / 1_000_000 + " million cells");
        }
    }

    /** With what stands for a gap, which Java's own reader does not know by name: told of no reading, it would leave it out. */
    private static TIFFDirectory said(ImageReader reader) throws IOException {
        var all = (TIFFImageReadParam) reader.getDefaultReadParam();
        all.setReadUnknownTags(true);
        all.setSourceRegion(new Rectangle(0, 0, 1, 1));
        return TIFFDirectory.createFromMetadata(reader.readAll(0, all).getMetadata());
    }

    private static Frame frame(TIFFDirectory said, int rows, int columns) {
        if (said.containsTIFFField(TRANSFORMATION)) {
            throw GridReader.unreadable("it is turned or sheared: warp it to latitude and longitude (EPSG:4326)");
        }
        TIFFField scale = said.getTIFFField(PIXEL_SCALE);
        TIFFField tie = said.getTIFFField(TIE_POINT);
        if (scale == null || tie == null || scale.getCount() < 2 || tie.getCount() < 6) {
            throw GridReader.unreadable("it does not say where on earth it lies");
        }
        if (key(said, KEY_MODEL).orElse(IN_DEGREES) != IN_DEGREES) {
            throw GridReader.unreadable("it lies on a projection: warp it to latitude and longitude (EPSG:4326)");
        }
        double across = scale.getAsDouble(0);
        double up = scale.getAsDouble(1);
        // A pixel is an area unless it says that it is a point: then its middle is half a cell from its corner.
        double half = key(said, KEY_RASTER).filter(type -> type == AT_POINTS).isPresent() ? 0 : 0.5;
        double west = tie.getAsDouble(3) + (half - tie.getAsDouble(0)) * across;
        double north = tie.getAsDouble(4) - (half - tie.getAsDouble(1)) * up;
        return new Frame(rows, columns, north - (rows - 1) * up, west > 180 ? west - 360 : west, up, across);
    }

    /** Keys stand in fours: which, where its value is, how many, the value. */
    private static Optional<Integer> key(TIFFDirectory said, int which) {
        TIFFField keys = said.getTIFFField(KEYS);
        for (int i = 4; keys != null && i + 3 < keys.getCount(); i += 4) {
            if (keys.getAsInt(i) == which && keys.getAsInt(i + 1) == 0) {
                return Optional.of(keys.getAsInt(i + 3));
            }
        }
        return Optional.empty();
    }

    private static float gap(TIFFDirectory said) {
        TIFFField none = said.getTIFFField(NO_DATA);
        try {
            return none == null
                    ? Float.NaN
                    : Float.parseFloat(none.getAsString(0).strip());
        } catch (NumberFormatException e) {
            return Float.NaN;
        }
    }

    /** From the south, as grids are; a TIFF runs from the north. */
    private static float[] cells(ImageReader reader, Frame frame) throws IOException {
        var cells = new float[frame.rows() * frame.columns()];
        int some = Math.max(1, AT_ONCE / frame.columns());
        for (int from = 0; from < frame.rows(); from += some) {
            int count = Math.min(some, frame.rows() - from);
            ImageReadParam rows = reader.getDefaultReadParam();
            rows.setSourceRegion(new Rectangle(0, from, frame.columns(), count));
            Raster raster = reader.read(0, rows).getRaster();
            if (raster.getNumBands() > 1 || raster.getTransferType() == DataBuffer.TYPE_BYTE) {
                throw GridReader.unreadable("it is a picture of colours: the file with the values is wanted");
            }
            var row = new float[frame.columns()];
            for (int i = 0; i < count; i++) {
                raster.getSamples(0, i, frame.columns(), 1, 0, row);
                int at = frame.rows() - 1 - from - i;
                System.arraycopy(row, 0, cells, at * frame.columns(), frame.columns());
            }
        }
        return cells;
    }
}
