package org.mosswake.server.water;

import java.util.Optional;
import java.util.UUID;
import org.mosswake.server.gear.BoatService;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.platform.documents.DocumentKind;
import org.mosswake.server.platform.documents.Documents;
import org.mosswake.server.platform.documents.Documents.Kept;
import org.mosswake.server.platform.json.Stored;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How boats run out and what they burn. */
@Service
class RunningService {
    private static final String ONLY = "running";
    private static final RunningBody NOTHING = new RunningBody(0, null, null, null, null);

    private final Documents documents;
    private final Stored stored;
    private final BoatService boats;

    RunningService(Documents documents, Stored stored, BoatService boats) {
        this.documents = documents;
        this.stored = stored;
        this.boats = boats;
    }

    @Transactional(readOnly = true)
    RunningBody of(UUID vessel) {
        boats.require(vessel);
        return running(documents.one(vessel, DocumentKind.RUNNING, ONLY));
    }

    @Write
    RunningBody save(UUID vessel, RunningBody body) {
        boats.require(vessel);
        var change = new Documents.Change("How she runs out", ONLY, body.version(), body);
        return running(Optional.of(documents.put(vessel, DocumentKind.RUNNING, change, body.at(0), this::running)));
    }

    private RunningBody running(Optional<Kept> kept) {
        return kept.map(one -> stored.read(one.body(), RunningBody.class)
                        .value()
                        .orElse(NOTHING)
                        .at(one.version()))
                .orElse(NOTHING);
    }
}
