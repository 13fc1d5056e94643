package org.mosswake.server.deck.instruments;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.server.gear.BoatService;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.platform.documents.DocumentKind;
import org.mosswake.server.platform.documents.Documents;
import org.mosswake.server.platform.documents.Documents.Kept;
import org.mosswake.server.platform.json.Stored;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Sources of a boat's instruments, as they are kept. */
@Service
class SourceService {
    private static final int MOST = 8;
    private static final SourceBody PRACTICE =
            new SourceBody(1, "Practice sea", SourceBody.Way.PRACTICE, null, null, 1);

    private final Documents documents;
    private final InstrumentMapper rows;
    private final RecordingMapper recordings;
    private final BoatService boats;
    private final Stored stored;
    private final JsonMapper json;
    private final VesselClock clock;

    SourceService(
            Documents documents,
            InstrumentMapper rows,
            RecordingMapper recordings,
            BoatService boats,
            Stored stored,
            JsonMapper json,
            VesselClock clock) {
        this.documents = documents;
        this.rows = rows;
        this.recordings = recordings;
        this.boats = boats;
        this.stored = stored;
        this.json = json;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public InstrumentsReply reply(UUID vessel) {
        return reply(vessel, Optional.empty());
    }

    /** @param wantedMps through the water, to be held */
    @Transactional(readOnly = true)
    public InstrumentsReply reply(UUID vessel, Optional<Double> wantedMps) {
        boats.require(vessel);
        var sources = kept(vessel).entrySet().stream()
                .map(one -> new InstrumentsReply.SourceReply(one.getKey(), one.getValue()))
                .toList();
        Instant asked = clock.now(vessel);
        Optional<InstrumentsReply.Now> now =
                // What another edition wrote is overwritten within a second, or is nobody's any more.
                Optional.ofNullable(rows.read(vessel))
                        .flatMap(text -> stored.read(json.readTree(text), InstrumentsReply.Now.class)
                                .value());
        return new InstrumentsReply(
                asked,
                sources,
                now.orElse(null),
                now.flatMap(one -> wantedMps.flatMap(mps -> one.hold(mps, asked)))
                        .orElse(null));
    }

    /** Those that today's rules take. */
    @Transactional(readOnly = true)
    public Map<UUID, SourceBody> kept(UUID vessel) {
        if (clock.isPractised(vessel)) {
            return Map.of(PracticeEar.source(vessel), PRACTICE);
        }
        var kept = new HashMap<UUID, SourceBody>();
        for (Kept one : documents.all(vessel, DocumentKind.INSTRUMENT)) {
            body(one).ifPresent(body -> kept.put(UUID.fromString(one.name()), body));
        }
        return kept;
    }

    @Write
    public InstrumentsReply keep(UUID vessel, UUID source, SourceBody body) {
        boats.require(vessel);
        if (clock.isPractised(vessel)) {
            throw FaultException.of(FaultCode.ONLY_PRACTICE, "sources");
        }
        if (body.version() == 0 && kept(vessel).size() >= MOST) {
            throw FaultException.of(FaultCode.TOO_MANY, "sources", MOST + 1, MOST);
        }
        ObjectNode content = json.valueToTree(body);
        content.remove(List.of("version"));
        documents.put(vessel, DocumentKind.INSTRUMENT, change(source, body), content, this::theirs);
        return reply(vessel);
    }

    @Write
    public InstrumentsReply remove(UUID vessel, UUID source, int version) {
        boats.require(vessel);
        var change = new Documents.Change("This source", source.toString(), version, version);
        documents.remove(vessel, DocumentKind.INSTRUMENT, change, this::theirs);
        recordings.remove(vessel, source);
        return reply(vessel);
    }

    private static Documents.Change change(UUID source, SourceBody body) {
        return new Documents.Change("This source", source.toString(), body.version(), body);
    }

    private @Nullable Object theirs(Optional<Kept> kept) {
        return kept.flatMap(this::body).orElse(null);
    }

    private Optional<SourceBody> body(Kept kept) {
        ObjectNode body = kept.body() instanceof ObjectNode node
                ? node.deepCopy().put("version", kept.version())
                : json.createObjectNode();
        return stored.read(body, SourceBody.class).value();
    }
}
