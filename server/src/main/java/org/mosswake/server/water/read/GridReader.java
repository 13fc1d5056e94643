package org.mosswake.server.water.read;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.water.Grid;

/** One open format of grids. */
public interface GridReader {
    /** Grids of more cells than this are not taken: they would not fit beside the rest. */
    int MOST_CELLS = 4_000_000;

    /**
     * What is known of a file from elsewhere.
     *
     * @param kind as its sender says, where he does
     * @param at   when it was so, as its sender says
     */
    record Told(String name, Optional<Grid.Kind> kind, Optional<Instant> at) {}

    /** @param head of the file, some hundred bytes */
    boolean reads(String name, byte[] head);

    /** @throws FaultException where it is not whole, or says nothing that can be used */
    List<Grid> read(Path file, Told told) throws IOException;

    static FaultException unreadable(String why) {
        return FaultException.of(FaultCode.UNREADABLE_GRID, "grid", why);
    }
}
