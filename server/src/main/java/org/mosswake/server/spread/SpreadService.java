package org.mosswake.server.spread;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadSolver;
import org.mosswake.server.gear.BoatService;
import org.mosswake.server.platform.content.Contents;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.platform.http.StaleWrite;
import org.mosswake.server.platform.json.Stored;
import org.mosswake.server.spread.SpreadMapper.SpreadRow;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Spreads as kept: a name under a version, and immutable revisions of the content. */
@Service
public class SpreadService {
    private final SpreadMapper spreads;
    private final BoatService boats;
    private final SpreadAssembler assembler;
    private final Contents contents;
    private final Stored stored;
    private final JsonMapper json;
    private final Clock clock;
    private final SpreadSolver solver = new SpreadSolver();

    SpreadService(
            SpreadMapper spreads,
            BoatService boats,
            SpreadAssembler assembler,
            Contents contents,
            Stored stored,
            JsonMapper json,
            Clock clock) {
        this.spreads = spreads;
        this.boats = boats;
        this.assembler = assembler;
        this.contents = contents;
        this.stored = stored;
        this.json = json;
        this.clock = clock;
    }

    /** Refuses a boat that is not kept here. */
    public void requireBoat(UUID vessel) {
        boats.require(vessel);
    }

    /** Refuses a spread that is not kept here. */
    public void requireSpread(UUID vessel, UUID spread) {
        known(spreads.spread(vessel, spread), spread);
    }

    SolvedReply solve(UUID vessel, SpreadDraft draft) {
        return SolvedReply.of(solver.solve(assembler.assemble(vessel, draft)));
    }

    @Transactional(readOnly = true)
    List<SpreadBody.Title> titles(UUID vessel, int from, int count) {
        return spreads.titles(vessel, from, count);
    }

    @Transactional(readOnly = true)
    int count(UUID vessel) {
        return spreads.count(vessel);
    }

    @Transactional(readOnly = true)
    SpreadBody.Kept spread(UUID vessel, UUID spread) {
        SpreadRow row = known(spreads.spread(vessel, spread), spread);
        return new SpreadBody.Kept(
                spread,
                row.version(),
                row.name(),
                row.headRevision(),
                row.updatedAt(),
                draft(vessel, spread, row.headRevision()));
    }

    /** As it is kept, put together with what is aboard. */
    @Transactional(readOnly = true)
    public Spread assembled(UUID vessel, UUID spread) {
        SpreadRow row = known(spreads.spread(vessel, spread), spread);
        return assembler.assemble(vessel, draft(vessel, spread, row.headRevision()));
    }

    @Transactional(readOnly = true)
    Optional<SpreadDraft> last(UUID vessel, UUID spread) {
        return Optional.ofNullable(spreads.spread(vessel, spread))
                .map(row -> draft(vessel, spread, row.headRevision()));
    }

    /** Version 0 makes it; any other must be the kept one, else both sides are answered and nothing changes. */
    @Write
    SpreadBody.Kept save(UUID vessel, SpreadBody body) {
        // Before anything is looked up: a boat saved at the same time must not lose a holder that a line hangs from.
        boats.hold(vessel);
        assembler.assemble(vessel, body.draft());
        var now = clock.instant().truncatedTo(ChronoUnit.MICROS);
        if (body.version() == 0) {
            int made = spreads.insertSpread(new SpreadRow(vessel, body.spreadId(), 1, body.name(), 1, now));
            if (made == 0) {
                throw new StaleWrite("This spread", body, spread(vessel, body.spreadId()));
            }
            writeRevision(vessel, body.spreadId(), 1, body.draft());
            return spread(vessel, body.spreadId());
        }
        SpreadRow kept = known(spreads.locked(vessel, body.spreadId()), body.spreadId());
        if (kept.version() != body.version()) {
            throw new StaleWrite("This spread", body, spread(vessel, body.spreadId()));
        }
        int revision = spreads.lastRevision(vessel, body.spreadId()) + 1;
        writeRevision(vessel, body.spreadId(), revision, body.draft());
        spreads.updateSpread(new SpreadRow(vessel, body.spreadId(), body.version(), body.name(), revision, now));
        return spread(vessel, body.spreadId());
    }

    private static SpreadRow known(SpreadRow row, UUID spread) {
        if (row == null) {
            throw FaultException.of(FaultCode.NOT_FOUND, "spread", spread.toString());
        }
        return row;
    }

    private void writeRevision(UUID vessel, UUID spread, int revision, SpreadDraft draft) {
        String hash = contents.keep(vessel, json.writeValueAsString(draft));
        spreads.insertRevision(vessel, spread, revision, hash, "saved", clock.instant());
    }

    private SpreadDraft draft(UUID vessel, UUID spread, int revision) {
        return Optional.ofNullable(spreads.hash(vessel, spread, revision))
                .flatMap(hash -> contents.body(vessel, hash))
                .map(body -> stored.asIs(body, SpreadDraft.class))
                .orElseThrow(() -> FaultException.of(FaultCode.NOT_FOUND, "revision", revision));
    }
}
