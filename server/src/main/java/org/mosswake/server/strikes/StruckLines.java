package org.mosswake.server.strikes;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.mosswake.core.spread.SolvedLine;
import org.mosswake.core.spread.SpreadSolver;
import org.mosswake.core.strikes.Happening;
import org.mosswake.core.strikes.Happening.Changed;
import org.mosswake.core.strikes.Happening.OfLine;
import org.mosswake.core.strikes.Happening.Struck;
import org.mosswake.core.tow.Physics;
import org.mosswake.server.spread.FishedSpreads;
import org.mosswake.server.spread.FishedSpreads.Fished;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Computes struck lines after their facts were accepted: at once where all that is needed is here, else when somebody
 * reads the day. Whoever computes one, it comes out the same, and the first one stays.
 */
@Component
class StruckLines {
    private static final Logger LOG = LoggerFactory.getLogger(StruckLines.class);
    private static final int MOST_WAITING = 1000;

    private final FactMapper facts;
    private final FactReader reader;
    private final FishedSpreads fished;
    private final StruckPlaces places;
    private final JsonMapper json;
    private final Clock clock;
    private final SpreadSolver solver = new SpreadSolver();
    /** A day that finds no room is computed when it is read. */
    private final ThreadPoolExecutor worker = new ThreadPoolExecutor(
            1,
            1,
            30,
            TimeUnit.SECONDS,
            new LinkedBlockingQueue<>(MOST_WAITING),
            task -> {
                var thread = new Thread(task, "struck-lines");
                thread.setDaemon(true);
                return thread;
            },
            new ThreadPoolExecutor.DiscardPolicy());

    StruckLines(
            FactMapper facts,
            FactReader reader,
            FishedSpreads fished,
            StruckPlaces places,
            JsonMapper json,
            Clock clock) {
        this.facts = facts;
        this.reader = reader;
        this.fished = fished;
        this.places = places;
        this.json = json;
        this.clock = clock;
        worker.allowCoreThreadTimeOut(true);
    }

    /** Without anybody waiting for it. */
    void soon(UUID vessel, UUID trip) {
        worker.execute(() -> {
            try {
                compute(vessel, trip);
            } catch (DataAccessException | TransactionException e) {
                LOG.debug("left for the reader: {}", e.getMessage());
            }
        });
    }

    /** What can be computed of a day and is not. */
    void compute(UUID vessel, UUID trip) {
        for (FactRow row : facts.uncomputed(vessel, trip)) {
            try {
                line(vessel, row)
                        .ifPresent(line -> facts.insertLine(
                                vessel,
                                row.factId(),
                                Physics.SOLVER_EDITION,
                                clock.instant(),
                                json.writeValueAsString(line)));
            } catch (DataAccessException | TransactionException e) {
                throw e;
            } catch (RuntimeException e) {
                // Whatever its device said of what was fished: one strike never keeps the day from its reader.
                LOG.info("strike {} cannot be computed: {}", row.factId(), e.toString());
            }
        }
        places.set(vessel, trip);
    }

    private Optional<StruckLine> line(UUID vessel, FactRow row) {
        if (!(reader.kept(row).what() instanceof Struck strike)) {
            return Optional.empty();
        }
        return fished(vessel, row, strike)
                .flatMap(spread -> solved(spread, strike.lineId()).map(line -> StruckLine.of(spread, line)));
    }

    private Optional<SolvedLine> solved(Fished spread, UUID line) {
        return solver.solve(spread.spread()).lines().stream()
                .filter(solved -> solved.line().id().equals(line))
                .findFirst();
    }

    /** The spread as it was fished when that was told of a line; empty where nobody said. */
    Optional<Fished> fished(UUID vessel, FactRow row, OfLine told) {
        Instant at = row.happenedAt();
        Optional<String> hash = hash(told);
        if (hash.isPresent()) {
            return fished.byHash(vessel, hash.get(), at);
        }
        ObjectNode said = reader.payload(row);
        UUID spread = said.hasNonNull("spreadId")
                ? UUID.fromString(said.get("spreadId").asString())
                : null;
        if (said.hasNonNull("draft")) {
            return Optional.of(fished.byDraft(vessel, spread, said.get("draft").toString(), at));
        }
        return spread != null && said.hasNonNull("revision")
                ? fished.byRevision(vessel, spread, said.get("revision").asInt(), at)
                : Optional.empty();
    }

    private static Optional<String> hash(OfLine told) {
        if (told instanceof Struck struck) {
            return struck.fished();
        } else if (told instanceof Happening.Set set) {
            return set.fished();
        } else if (told instanceof Changed changed) {
            return changed.fished();
        }
        return Optional.empty();
    }

    /** Those of a day that name a spread as fished that is not here. */
    List<String> lacking(UUID vessel, List<FactEnvelope> envelopes) {
        return envelopes.stream()
                .map(envelope -> envelope.payload().path("fished").asString(""))
                .filter(hash -> !hash.isEmpty())
                .distinct()
                .filter(hash -> !fished.knows(vessel, hash))
                .toList();
    }
}
