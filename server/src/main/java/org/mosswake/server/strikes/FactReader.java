package org.mosswake.server.strikes;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.Fault;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.strikes.Fact;
import org.mosswake.core.strikes.Happening;
import org.mosswake.server.platform.json.CanonicalJson;
import org.mosswake.server.platform.json.Stored;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Reads facts of every edition: those that arrive, strictly, and those that are kept, as well as it can. */
@Component
class FactReader {
    private final Stored stored;
    private final JsonMapper json;

    FactReader(Stored stored, JsonMapper json) {
        this.stored = stored;
        this.json = json;
    }

    /**
     * A fact that arrived.
     *
     * @param factId   where it can be read at all
     * @param envelope absent where there are faults
     * @param faults   why it is not taken
     */
    record Arrived(
            @Nullable UUID factId, @Nullable FactEnvelope envelope, String hash, String received, List<Fault> faults) {
        private static Arrived refused(@Nullable UUID id, String received, List<Fault> faults) {
            return new Arrived(id, null, "", received, faults);
        }
    }

    /** @param received the text of one fact */
    Arrived arrived(String received, JsonNode tree) {
        return arrived(received, tree, null);
    }

    /** @param received the text of one event of the first edition */
    Arrived arrivedEvent(String received, JsonNode tree, UUID trip) {
        return arrived(received, tree, trip);
    }

    private Arrived arrived(String received, JsonNode tree, @Nullable UUID firstEditionsTrip) {
        if (!(tree instanceof ObjectNode object)) {
            return Arrived.refused(
                    null, received, List.of(Fault.of(FaultCode.WRONG_TYPE, "", "no object", "an object")));
        }
        boolean first = firstEditionsTrip != null;
        ObjectNode whole = first ? FirstEdition.envelope(object, firstEditionsTrip) : object;
        UUID id = id(whole);
        Stored.Read<FactEnvelope> envelope = stored.read(whole, FactEnvelope.class);
        Faults faults = new Faults();
        envelope.faults().forEach(faults::add);
        // The payload is looked at whatever is wrong around it: all faults are answered at once.
        check(whole.path("kind").asString(""), whole.path("edition").asInt(1), whole.path("payload"), faults);
        if (!faults.isEmpty()) {
            var said = faults.list();
            return Arrived.refused(
                    id,
                    received,
                    first ? said.stream().map(FirstEdition::worded).toList() : said);
        }
        try {
            String hash = first ? FirstEdition.hash(object, firstEditionsTrip) : CanonicalJson.hash(received);
            return new Arrived(id, envelope.value().orElseThrow(), hash, received, List.of());
        } catch (IllegalArgumentException e) {
            return Arrived.refused(id, received, List.of(Fault.of(FaultCode.MALFORMED, "", e.getMessage())));
        }
    }

    private void check(String kind, int edition, JsonNode payload, Faults faults) {
        if (payload.toString().contains("\\u0000")) {
            faults.add(FaultCode.NUL_CHARACTER, "payload");
        } else if (payload.isObject()) {
            says(kind, edition, payload).ifPresent(says -> {
                says.faults().forEach(fault -> faults.add(fault.under("payload")));
                says.value().ifPresent(happening -> happening.check(faults, "payload."));
            });
        }
    }

    private static @Nullable UUID id(ObjectNode whole) {
        try {
            return UUID.fromString(whole.path("factId").asString(""));
        } catch (IllegalArgumentException e) {
            return null;
        }
    }

    /** Empty for a kind or an edition that this program does not know. */
    private Optional<Stored.Read<? extends Happening>> says(String kind, int edition, JsonNode payload) {
        return FactKind.of(kind)
                .filter(known -> edition <= FactKind.EDITION)
                .map(known -> stored.read(payload, known.says()));
    }

    /** The payload in today's words. */
    ObjectNode payload(FactRow row) {
        ObjectNode body = (ObjectNode) json.readTree(row.body());
        return row.edition() == 1 ? FirstEdition.payload(body) : (ObjectNode) body.get("payload");
    }

    /** A fact that is kept; what cannot be read any more is shown as of an unknown kind. */
    Fact kept(FactRow row) {
        return kept(row, payload(row));
    }

    /** @param payload of the row, where it was read already */
    Fact kept(FactRow row, ObjectNode payload) {
        Happening what = says(row.kind(), row.edition(), payload)
                .flatMap(says -> says.value().map(Happening.class::cast))
                .orElse(new Happening.Unknown(row.kind()));
        return new Fact(row.factId(), row.happenedAt(), what);
    }
}
