package org.mosswake.server.platform.documents;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.platform.documents.DocumentMapper.Row;
import org.mosswake.server.platform.http.StaleWrite;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads and writes documents of a vessel. Who may write which name is the caller's to check. */
@Service
public class Documents {
    private final DocumentMapper rows;
    private final JsonMapper json;
    private final Clock clock;

    Documents(DocumentMapper rows, JsonMapper json, Clock clock) {
        this.rows = rows;
        this.json = json;
        this.clock = clock;
    }

    /** A document as it is kept; the body is read by whoever asked, for it may be of an older edition. */
    public record Kept(String name, int version, JsonNode body, Instant changedAt) {}

    /**
     * A change to be kept.
     *
     * @param what    for the sentence of a stale one, e.g. "This plan"
     * @param version it was made from; 0 where nothing was kept
     * @param sent    as answered back beside what is kept
     */
    public record Change(String what, String name, int version, Object sent) {}

    @Transactional(readOnly = true)
    public Optional<Kept> one(UUID vessel, DocumentKind kind, String name) {
        return Optional.ofNullable(rows.one(vessel, kind, name)).flatMap(this::kept);
    }

    /** By name. */
    @Transactional(readOnly = true)
    public List<Kept> all(UUID vessel, DocumentKind kind) {
        return under(vessel, kind, "");
    }

    /** Those whose names begin so. */
    @Transactional(readOnly = true)
    public List<Kept> under(UUID vessel, DocumentKind kind, String prefix) {
        return rows.all(vessel, kind, prefix).stream()
                .flatMap(row -> kept(row).stream())
                .toList();
    }

    /** @param isKept false where it was taken out under this version */
    public record Versioned(String name, int version, boolean isKept) {}

    /** Versions of those whose names begin so, taken out or not: the higher one of two answers is the later. */
    @Transactional(readOnly = true)
    public List<Versioned> versions(UUID vessel, DocumentKind kind, String prefix) {
        return rows.ever(vessel, kind, prefix).stream()
                .map(row -> new Versioned(row.name(), row.version(), row.body() != null))
                .toList();
    }

    /**
     * Keeps {@code body} where the version fits.
     *
     * @param theirs how what is kept is answered; it is empty where that was taken out meanwhile
     * @throws StaleWrite where it does not fit
     */
    @Write
    public Kept put(
            UUID vessel,
            DocumentKind kind,
            Change write,
            Object body,
            Function<Optional<Kept>, @Nullable Object> theirs) {
        String text = json.writeValueAsString(body);
        Row row = write.version() == 0
                ? rows.begin(vessel, kind, write.name(), text, now())
                : rows.change(vessel, kind, write.name(), write.version(), text, now());
        return kept(fitting(row, vessel, kind, write, theirs)).orElseThrow();
    }

    /** Takes it out where the version fits; what is not there is not taken out. */
    @Write
    public void remove(
            UUID vessel, DocumentKind kind, Change write, Function<Optional<Kept>, @Nullable Object> theirs) {
        Row row = rows.change(vessel, kind, write.name(), write.version(), null, now());
        fitting(row, vessel, kind, write, theirs);
    }

    private Row fitting(
            @Nullable Row row,
            UUID vessel,
            DocumentKind kind,
            Change write,
            Function<Optional<Kept>, @Nullable Object> theirs) {
        if (row == null) {
            throw new StaleWrite(write.what(), write.sent(), theirs.apply(one(vessel, kind, write.name())));
        }
        return row;
    }

    private Optional<Kept> kept(Row row) {
        return row.body() == null
                ? Optional.empty()
                : Optional.of(new Kept(row.name(), row.version(), json.readTree(row.body()), row.changedAt()));
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
