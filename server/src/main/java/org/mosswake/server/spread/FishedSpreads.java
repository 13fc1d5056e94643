package org.mosswake.server.spread;

import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.spread.Spread;
import org.mosswake.server.platform.content.Contents;
import org.mosswake.server.platform.json.Stored;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Spreads as they were fished, put together with boat and gear as their device saw them. */
@Service
public class FishedSpreads {
    /** @param body as it was sent or kept */
    public record Fished(FishedBody body, Spread spread) {}

    private final Contents contents;
    private final SpreadMapper spreads;
    private final SpreadAssembler assembler;
    private final Stored stored;

    FishedSpreads(Contents contents, SpreadMapper spreads, SpreadAssembler assembler, Stored stored) {
        this.contents = contents;
        this.spreads = spreads;
        this.assembler = assembler;
        this.stored = stored;
    }

    /**
     * Empty where the content is not here yet.
     *
     * @param hash of a {@link FishedBody}
     * @param at   whose gear is taken where the device did not say which it saw
     * @throws FaultException where it cannot be put together
     */
    @Transactional(readOnly = true)
    public Optional<Fished> byHash(UUID vessel, String hash, Instant at) {
        return contents.body(vessel, hash).map(body -> fished(vessel, stored.asIs(body, FishedBody.class), at));
    }

    /** A saved revision, as first editions named it. */
    @Transactional(readOnly = true)
    public Optional<Fished> byRevision(UUID vessel, UUID spread, int revision, Instant at) {
        return Optional.ofNullable(spreads.hash(vessel, spread, revision))
                .flatMap(hash -> contents.body(vessel, hash))
                .map(body -> stored.asIs(body, SpreadDraft.class))
                .map(draft -> fished(vessel, new FishedBody(spread, revision, draft, null), at));
    }

    /** A line-up inside a fact, as first editions sent what was not saved. */
    @Transactional(readOnly = true)
    public Fished byDraft(UUID vessel, @Nullable UUID spread, String draft, Instant at) {
        return fished(vessel, new FishedBody(spread, null, stored.asIs(draft, SpreadDraft.class), null), at);
    }

    @Transactional(readOnly = true)
    public boolean knows(UUID vessel, String hash) {
        return contents.body(vessel, hash).isPresent();
    }

    /** @throws IllegalArgumentException where it has no canonical form */
    public String keep(UUID vessel, String content) {
        return contents.keep(vessel, content);
    }

    private Fished fished(UUID vessel, FishedBody body, Instant at) {
        var faults = new Faults();
        if (faults.required("draft", body.draft())) {
            body.draft().check(faults, "draft.");
        }
        faults.throwIfAny();
        Map<UUID, Integer> seen = body.seen() == null ? Map.of() : body.seen();
        return new Fished(body, assembler.assemble(vessel, body.draft(), seen, at));
    }
}
