package org.mosswake.server.owner;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.spread.SpreadService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

@Service
public class OwnerService {
    private final OwnedTables tables;
    private final SpreadService spreads;
    private final Archive archive;
    /** A slow sender holds a connection to the database: one at a time. */
    private final Semaphore taking = new Semaphore(1);

    OwnerService(OwnedTables tables, SpreadService spreads, Archive archive) {
        this.archive = archive;
        this.tables = tables;
        this.spreads = spreads;
    }

    @Transactional(readOnly = true)
    public String mark(UUID owner) {
        spreads.requireBoat(owner);
        return tables.mark(owner);
    }

    /** All of it as it is at one moment. */
    @Transactional(readOnly = true, isolation = org.springframework.transaction.annotation.Isolation.REPEATABLE_READ)
    public void write(UUID owner, OutputStream out) throws IOException {
        var writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
        writer.write("{\"owner\": \"" + owner + "\",\n\"mark\": \"" + tables.mark(owner) + "\",\n\"tables\": {\n");
        tables.write(owner, writer);
        writer.write("}}\n");
        writer.flush();
    }

    /**
     * Everything of an owner who is not here, from the file that {@link #write} wrote. Whoever has her file may bring her
     * back, forgotten or not.
     */
    @Transactional
    public UUID takeIn(InputStream file) {
        if (!taking.tryAcquire()) {
            throw FaultException.of(FaultCode.UNREADABLE_ARCHIVE, "archive", "another one is being taken in");
        }
        try {
            return archive.takeIn(file);
        } finally {
            taking.release();
        }
    }

    /** Only what was taken away before: a mark that is not today's is refused, and nothing is removed. */
    @Write
    public void forget(UUID owner, String mark) {
        spreads.requireBoat(owner);
        if (!tables.mark(owner).equals(mark)) {
            throw FaultException.of(FaultCode.EXPORT_IS_OLD, "mark");
        }
        tables.forget(owner);
    }

    /** @param title of the boat that is made */
    @Write
    public void copy(UUID owner, UUID copy, String title) {
        tables.copy(owner, copy, title);
    }

    /** Of what was made by {@link #copy}: nobody needs to take it away before. */
    @Write
    public void forgetCopy(UUID copy) {
        tables.forget(copy);
    }
}
