package org.mosswake.server.marks;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.server.gear.BoatService;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.platform.documents.DocumentKind;
import org.mosswake.server.platform.documents.Documents;
import org.mosswake.server.platform.documents.Documents.Kept;
import org.mosswake.server.platform.documents.Documents.Versioned;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A boat's marks. */
@Service
class MarkService {
    private final Documents documents;
    private final BoatService boats;

    MarkService(Documents documents, BoatService boats) {
        this.documents = documents;
        this.boats = boats;
    }

    @Transactional(readOnly = true)
    List<SeaMarkBody> all(UUID vessel) {
        boats.require(vessel);
        return documents.all(vessel, DocumentKind.MARK).stream()
                .map(MarkService::mark)
                .toList();
    }

    @Write
    SeaMarkBody save(UUID vessel, SeaMarkBody mark) {
        boats.require(vessel);
        return mark(documents.put(vessel, DocumentKind.MARK, change(mark), content(mark), MarkService::theirs));
    }

    @Write
    void remove(UUID vessel, UUID mark, int version) {
        boats.require(vessel);
        documents.remove(
                vessel,
                DocumentKind.MARK,
                new Documents.Change("This mark", mark.toString(), version, Map.of("markId", mark)),
                MarkService::theirs);
    }

    /** @param here that were here before: they stay as they are called now */
    record MarksTaken(int taken, int here, int nowhere) {}

    @Write
    MarksTaken take(UUID vessel, byte[] gpx) {
        boats.require(vessel);
        Waypoints.Read read = Waypoints.read(gpx);
        Map<String, Versioned> ever = new HashMap<>();
        documents.versions(vessel, DocumentKind.MARK, "").forEach(one -> ever.put(one.name(), one));
        int taken = 0;
        for (SeaMarkBody mark : read.marks()) {
            Versioned before = ever.get(mark.markId().toString());
            if (before == null || !before.isKept()) {
                Kept kept = documents.put(
                        vessel,
                        DocumentKind.MARK,
                        new Documents.Change("This mark", mark.markId().toString(), 0, mark),
                        content(mark),
                        MarkService::theirs);
                ever.put(kept.name(), new Versioned(kept.name(), kept.version(), true));
                taken++;
            }
        }
        return new MarksTaken(taken, read.marks().size() - taken, read.nowhere());
    }

    private static Documents.Change change(SeaMarkBody mark) {
        return new Documents.Change("This mark", mark.markId().toString(), mark.version(), mark);
    }

    private static Map<String, Object> content(SeaMarkBody mark) {
        return Map.of("name", mark.name(), "latitudeDeg", mark.latitudeDeg(), "longitudeDeg", mark.longitudeDeg());
    }

    private static @Nullable Object theirs(Optional<Kept> kept) {
        return kept.map(MarkService::mark).orElse(null);
    }

    private static SeaMarkBody mark(Kept kept) {
        return new SeaMarkBody(
                UUID.fromString(kept.name()),
                kept.body().path("name").asString(""),
                kept.body().path("latitudeDeg").asDouble(),
                kept.body().path("longitudeDeg").asDouble(),
                kept.version());
    }
}
