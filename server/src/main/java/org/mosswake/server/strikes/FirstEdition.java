package org.mosswake.server.strikes;

import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.mosswake.core.fault.Fault;
import org.mosswake.server.platform.json.CanonicalJson;
import org.mosswake.server.platform.json.Times;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Events as the first program sent them, flat, without an edition. Frozen: what was kept from them, and what old devices
 * may still hold, is read by this for ever.
 */
final class FirstEdition {
    /** To a microsecond, as the database kept them. */
    private static final DateTimeFormatter KEPT =
            DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HH:mm:ss.SSSSSS'Z'").withZone(ZoneOffset.UTC);

    private static final Map<String, String> RENAMED =
            Map.of("speciesName", "species", "fishLengthM", "lengthM", "fishMassKg", "massKg");

    private static final List<String> OF_STRIKES = List.of("LANDED", "LOST");

    private FirstEdition() {}

    /** @throws IllegalArgumentException where it has no canonical form */
    static String hash(ObjectNode event, UUID trip) {
        ObjectNode content = event.deepCopy();
        // The server made a revision of a line-up that was sent, and kept the one or the other.
        content.remove(List.of("draft", "revision"));
        content.properties().stream()
                .filter(member -> member.getValue().isNull())
                .map(Map.Entry::getKey)
                .toList()
                .forEach(content::remove);
        content.put("tripId", trip.toString());
        for (String time : List.of("happenedAt", "deviceAt")) {
            content.put(time, KEPT.format(instant(content.path(time).asString(""))));
        }
        return CanonicalJson.hash(content.toString());
    }

    private static Instant instant(String text) {
        return text.isEmpty() ? Instant.EPOCH : Times.instant(text);
    }

    /** As an envelope of today. */
    static ObjectNode envelope(ObjectNode event, UUID trip) {
        ObjectNode envelope = event.objectNode();
        envelope.set("factId", event.get("eventId"));
        envelope.put("tripId", trip.toString());
        envelope.put("edition", 1);
        for (String name : List.of("kind", "deviceId", "happenedAt", "deviceAt")) {
            envelope.set(name, event.get(name));
        }
        envelope.set("payload", payload(event));
        return envelope;
    }

    /** As a payload of today, with all that it held. */
    static ObjectNode payload(JsonNode event) {
        ObjectNode payload = (ObjectNode) event.deepCopy();
        payload.remove(List.of("eventId", "kind", "deviceId", "happenedAt", "deviceAt", "tripId"));
        RENAMED.forEach((was, is) -> rename(payload, was, is));
        if (OF_STRIKES.contains(event.path("kind").asString(""))) {
            rename(payload, "targetId", "strikeId");
        }
        return payload;
    }

    private static void rename(ObjectNode payload, String was, String is) {
        JsonNode value = payload.remove(was);
        if (value != null) {
            payload.set(is, value);
        }
    }

    /** A fault of today's members in the words of then. */
    static Fault worded(Fault fault) {
        String field = fault.field().replaceFirst("^payload\\.", "").replaceFirst("^factId$", "eventId");
        String then = RENAMED.entrySet().stream()
                .filter(name -> name.getValue().equals(field))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(field.equals("strikeId") ? "targetId" : field);
        return fault.at(then);
    }
}
