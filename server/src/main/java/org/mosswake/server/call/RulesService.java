package org.mosswake.server.call;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.call.Entry;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.platform.documents.DocumentKind;
import org.mosswake.server.platform.documents.Documents;
import org.mosswake.server.platform.documents.Documents.Kept;
import org.mosswake.server.platform.json.Stored;
import org.mosswake.server.platform.wire.MarkedReply;
import org.mosswake.server.spread.SpreadService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.node.ObjectNode;

/** The skipper's own table of seasons and rules, an entry for each species. */
@Service
public class RulesService implements MarkedReply.Source {
    private static final String WHAT = "This entry";

    private final Documents documents;
    private final Stored stored;
    private final SpreadService spreads;

    RulesService(Documents documents, Stored stored, SpreadService spreads) {
        this.documents = documents;
        this.stored = stored;
        this.spreads = spreads;
    }

    @Transactional(readOnly = true)
    RulesReply rules(UUID vessel) {
        var rules = new ArrayList<RuleBody>();
        var marked = new ArrayList<MarkedReply>();
        for (Kept kept : documents.all(vessel, DocumentKind.RULE)) {
            Stored.Read<RuleBody> read = read(kept);
            read.value().ifPresent(rules::add);
            if (read.value().isEmpty()) {
                marked.add(MarkedReply.of(
                        MarkedReply.Where.RULES, kept.name(), kept.name(), kept.version(), read.faults()));
            }
        }
        return new RulesReply(rules, marked);
    }

    @Transactional(readOnly = true)
    public List<Entry> table(UUID vessel) {
        return rules(vessel).rules().stream().map(RuleBody::toCore).toList();
    }

    @Override
    public List<MarkedReply> marked(UUID vessel) {
        return rules(vessel).marked();
    }

    @Write
    RuleBody save(UUID vessel, RuleBody body) {
        spreads.requireBoat(vessel);
        var write = new Documents.Change(WHAT, body.species().name(), body.version(), body);
        return read(documents.put(vessel, DocumentKind.RULE, write, body.content(), this::theirs))
                .value()
                .orElseThrow();
    }

    /** @param species as kept: an entry of an earlier edition may name one that is no longer known */
    @Write
    void remove(UUID vessel, String species, int version) {
        spreads.requireBoat(vessel);
        var write = new Documents.Change(WHAT, species, version, null);
        documents.remove(vessel, DocumentKind.RULE, write, this::theirs);
    }

    private @Nullable Object theirs(Optional<Kept> kept) {
        return kept.<Object>map(
                        one -> read(one).value().<Object>map(rule -> rule).orElse(one.body()))
                .orElse(null);
    }

    /** Name and version are the document's own. */
    private Stored.Read<RuleBody> read(Kept kept) {
        if (!(kept.body() instanceof ObjectNode body)) {
            return new Stored.Read<>(Optional.empty(), List.of());
        }
        return stored.read(body.deepCopy().put("species", kept.name()).put("version", kept.version()), RuleBody.class);
    }
}
