package org.mosswake.server.strikes;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import org.mosswake.core.fault.Fault;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.server.platform.http.FaultReply;
import org.mosswake.server.spread.FishedSpreads;
import org.mosswake.server.spread.SpreadService;
import org.mosswake.server.strikes.FactReader.Arrived;
import org.mosswake.server.strikes.FactsReply.Outcome;
import org.mosswake.server.strikes.FactsReply.Taken;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Takes facts in, once each and each by itself: one insert, and whatever is computed is computed afterwards. */
@Service
public class FactService {
    private static final Logger LOG = LoggerFactory.getLogger(FactService.class);

    private final FactMapper facts;
    private final FixMapper fixes;
    private final FactReader reader;
    private final FishedSpreads fished;
    private final SpreadService spreads;
    private final StruckLines lines;
    private final JsonMapper json;
    private final Clock clock;

    FactService(
            FactMapper facts,
            FixMapper fixes,
            FactReader reader,
            FishedSpreads fished,
            SpreadService spreads,
            StruckLines lines,
            JsonMapper json,
            Clock clock) {
        this.facts = facts;
        this.fixes = fixes;
        this.reader = reader;
        this.fished = fished;
        this.spreads = spreads;
        this.lines = lines;
        this.json = json;
        this.clock = clock;
    }

    /** @param body as a device sent it, with the contents that its facts name */
    public FactsReply take(UUID vessel, String body) {
        FactsText text = FactsText.read(json, body, "facts");
        spreads.requireBoat(vessel);
        for (FactsText.Entry content : text.contents()) {
            keep(vessel, content);
        }
        var arrived = text.facts().stream()
                .map(entry -> reader.arrived(entry.text(), entry.tree()))
                .toList();
        return taken(vessel, arrived);
    }

    /** Events of the first edition: taken as facts, and refused with a problem as they were. */
    void takeEvents(UUID vessel, UUID trip, String body) {
        FactsText text = FactsText.read(json, body, "events");
        spreads.requireBoat(vessel);
        var arrived = text.facts().stream()
                .map(entry -> reader.arrivedEvent(entry.text(), entry.tree(), trip))
                .toList();
        FactsReply reply = taken(vessel, arrived);
        var faults = new ArrayList<Fault>();
        for (int i = 0; i < arrived.size(); i++) {
            String path = "events[" + i + "]";
            arrived.get(i).faults().forEach(fault -> faults.add(fault.under(path)));
            if (arrived.get(i).faults().isEmpty() && reply.facts().get(i).outcome() == Outcome.REFUSED) {
                faults.add(Fault.of(FaultCode.EVENT_ID_REUSED, path + ".eventId"));
            }
        }
        if (!faults.isEmpty()) {
            throw new FaultException(faults);
        }
    }

    /** Whatever becomes of it, the facts stand: what they lack is asked for in the answer. */
    private void keep(UUID vessel, FactsText.Entry content) {
        try {
            fished.keep(vessel, content.text());
        } catch (IllegalArgumentException | DataIntegrityViolationException e) {
            LOG.info("a spread as fished cannot be read: {}", e.getMessage());
        }
    }

    private FactsReply taken(UUID vessel, List<Arrived> arrived) {
        var taken = arrived.stream().map(fact -> take(vessel, fact)).toList();
        var envelopes = arrived.stream()
                .map(Arrived::envelope)
                .flatMap(Stream::ofNullable)
                .toList();
        envelopes.stream()
                .filter(envelope -> envelope.kind().equals(FactKind.STRUCK.name()))
                .map(FactEnvelope::tripId)
                .distinct()
                .forEach(trip -> lines.soon(vessel, trip));
        return new FactsReply(taken, lines.lacking(vessel, envelopes));
    }

    private Taken take(UUID vessel, Arrived fact) {
        if (fact.envelope() == null) {
            return refused(fact.factId(), fact.faults(), null);
        }
        int made;
        try {
            made = facts.insert(vessel, fact.envelope(), fact.hash(), fact.received(), clock.instant());
        } catch (DataIntegrityViolationException e) {
            // Text that the database takes for none, such as half a character.
            LOG.info("fact {} cannot be kept: {}", fact.factId(), e.getMessage());
            return refused(
                    fact.factId(), List.of(Fault.of(FaultCode.MALFORMED, "", "a text in it is no whole text")), null);
        }
        if (made > 0) {
            alsoAsFix(vessel, fact.envelope());
            return new Taken(fact.factId(), Outcome.KEPT, List.of(), null);
        }
        var kept = Objects.requireNonNull(facts.kept(vessel, fact.envelope().factId()));
        return kept.hash().equals(fact.hash())
                ? new Taken(fact.factId(), Outcome.KEPT_BEFORE, List.of(), null)
                : refused(fact.factId(), List.of(Fault.of(FaultCode.EVENT_ID_REUSED, "factId")), kept.received());
    }

    private void alsoAsFix(UUID vessel, FactEnvelope fact) {
        if (fact.kind().equals(FactKind.FIX.name())) {
            var fix = ((tools.jackson.databind.node.ObjectNode) fact.payload().deepCopy())
                    .put("at", fact.happenedAt().toString());
            fixes.insert(vessel, fact.deviceId(), "[" + fix + "]");
        }
    }

    private static Taken refused(UUID fact, List<Fault> faults, String kept) {
        return new Taken(
                fact, Outcome.REFUSED, faults.stream().map(FaultReply::of).toList(), kept);
    }
}
