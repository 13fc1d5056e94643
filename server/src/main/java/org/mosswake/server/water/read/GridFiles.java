package org.mosswake.server.water.read;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.mosswake.core.water.Grid;
import org.mosswake.server.water.read.GridReader.Told;
import org.springframework.stereotype.Component;

/** A file of grids in whichever open format it is. */
@Component
public class GridFiles {
    private static final int HEAD = 512;

    private final List<GridReader> readers;

    GridFiles(List<GridReader> readers) {
        this.readers = readers;
    }

    public List<Grid> read(Path file, Told told) throws IOException {
        byte[] head;
        try (InputStream in = Files.newInputStream(file)) {
            head = in.readNBytes(HEAD);
        }
        return readers.stream()
                .filter(reader -> reader.reads(told.name(), head))
                .findFirst()
                .orElseThrow(() -> GridReader.unreadable("it is no plain grid, table of points, NetCDF or GeoTIFF"))
                .read(file, told);
    }
}
