package org.mosswake.server.call;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.server.call.OriginBody.OriginReply;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.platform.documents.DocumentKind;
import org.mosswake.server.platform.documents.Documents;
import org.mosswake.server.platform.documents.Documents.Kept;
import org.mosswake.server.platform.json.Stored;
import org.mosswake.server.spread.SpreadService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Where a spread came from, kept beside it. */
@Service
public class OriginService {
    private final Documents documents;
    private final Stored stored;
    private final SpreadService spreads;
    private final JsonMapper json;

    OriginService(Documents documents, Stored stored, SpreadService spreads, JsonMapper json) {
        this.documents = documents;
        this.stored = stored;
        this.spreads = spreads;
        this.json = json;
    }

    /** Empty for a spread made by hand. */
    @Transactional(readOnly = true)
    Optional<OriginReply> origin(UUID vessel, UUID spread) {
        spreads.requireSpread(vessel, spread);
        return documents.one(vessel, DocumentKind.ORIGIN, spread.toString()).map(this::reply);
    }

    /** The method a spread was built by; empty for one made by hand, or not kept. */
    @Transactional(readOnly = true)
    public Optional<PlaybookId> playbookOf(UUID vessel, UUID spread) {
        return documents
                .one(vessel, DocumentKind.ORIGIN, spread.toString())
                .map(this::reply)
                .map(OriginReply::playbook);
    }

    /** The last spread called for a day, and the method it was called by. */
    @Transactional(readOnly = true)
    public Optional<Called> calledFor(UUID vessel, LocalDate day) {
        spreads.requireBoat(vessel);
        return documents.all(vessel, DocumentKind.ORIGIN).stream()
                .filter(kept -> day.toString().equals(kept.body().path("day").asString("")))
                .max(Comparator.comparing(Kept::changedAt))
                .map(kept ->
                        new Called(UUID.fromString(kept.name()), reply(kept).playbook()));
    }

    /** @param playbook absent where an earlier edition called it */
    public record Called(UUID spreadId, @Nullable PlaybookId playbook) {}

    @Write
    OriginReply keep(UUID vessel, UUID spread, OriginBody body) {
        spreads.requireSpread(vessel, spread);
        var write = new Documents.Change("The story of this spread", spread.toString(), body.version(), body);
        ObjectNode content = json.valueToTree(body);
        content.remove(List.of("version"));
        return reply(documents.put(
                vessel,
                DocumentKind.ORIGIN,
                write,
                content,
                kept -> kept.map(this::reply).orElse(null)));
    }

    /** A story told by an earlier edition that cannot be read any more has no playbook; its words are kept. */
    private OriginReply reply(Kept kept) {
        ObjectNode body = kept.body() instanceof ObjectNode node
                ? node.deepCopy().put("version", kept.version())
                : json.createObjectNode();
        return stored.read(body, OriginBody.class)
                .value()
                .map(story -> new OriginReply(
                        kept.version(),
                        kept.changedAt(),
                        story.playbook(),
                        story.stories(),
                        story.lacks(),
                        story.notes()))
                .orElseGet(
                        () -> new OriginReply(kept.version(), kept.changedAt(), null, List.of(), List.of(), List.of()));
    }
}
