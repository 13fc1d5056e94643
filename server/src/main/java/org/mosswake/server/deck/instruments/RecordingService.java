package org.mosswake.server.deck.instruments;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Optional;
import java.util.UUID;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.mosswake.core.deck.Heard;
import org.mosswake.core.deck.NmeaReader;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.server.gear.BoatService;
import org.mosswake.server.platform.database.Write;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What instruments wrote, kept to be heard again. */
@Service
class RecordingService {
    private final RecordingMapper rows;
    private final BoatService boats;

    RecordingService(RecordingMapper rows, BoatService boats) {
        this.rows = rows;
        this.boats = boats;
    }

    /**
     * @param lines with a sentence that is used
     * @param others that tell nothing, or nothing that is used
     */
    record Recorded(int lines, int others) {}

    /** Keeps it for a source; one without a single sentence that is used is refused. */
    @Write
    Recorded keep(UUID vessel, UUID source, byte[] recorded) {
        boats.require(vessel);
        var read = new int[2];
        var lines = new LineFeed(line -> {
            Heard heard = NmeaReader.read(line);
            read[heard.wrong().isPresent() ? 1 : 0]++;
        });
        lines.take(recorded, recorded.length);
        lines.end();
        if (read[0] == 0) {
            throw FaultException.of(FaultCode.NO_SENTENCES, "the file", read[1]);
        }
        rows.keep(vessel, source, read[0] + read[1], packed(recorded));
        return new Recorded(read[0], read[1]);
    }

    private static byte[] packed(byte[] bytes) {
        var packed = new ByteArrayOutputStream();
        try (var out = new GZIPOutputStream(packed)) {
            out.write(bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return packed.toByteArray();
    }

    /** From its beginning. */
    @Transactional(readOnly = true)
    public Optional<InputStream> open(UUID vessel, UUID source) throws IOException {
        RecordingMapper.Row row = rows.read(vessel, source);
        return row == null
                ? Optional.empty()
                : Optional.of(new GZIPInputStream(new ByteArrayInputStream(row.packed())));
    }
}
