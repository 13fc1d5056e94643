package org.mosswake.server.strikes.paper;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.mosswake.core.log.PaperDay;
import org.mosswake.core.spread.Labels;
import org.mosswake.core.strikes.Loss;
import org.mosswake.server.gear.BoatService;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.spread.CarriedService;
import org.mosswake.server.spread.FishedBody;
import org.mosswake.server.spread.FishedSpreads;
import org.mosswake.server.spread.SpreadDraft;
import org.mosswake.server.spread.SpreadService;
import org.mosswake.server.strikes.FactService;
import org.mosswake.server.strikes.TripBody;
import org.mosswake.server.strikes.TripService;
import org.mosswake.server.strikes.paper.PaperBody.PaperRefused;
import org.mosswake.server.strikes.paper.PaperBody.PaperReply;
import org.mosswake.server.strikes.paper.PaperBody.PaperRow;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Makes a day out of what was on paper: each row becomes the facts that the deck would have told. */
@Service
class PaperService {
    /** Facts of paper are those of a device of their own. */
    private static final UUID PAPER = UUID.nameUUIDFromBytes(new byte[] {'p', 'a', 'p', 'e', 'r'});

    /** Nobody writes down when a fish was in and the line out again (ESTIMATE). */
    private static final Duration FIGHT = Duration.ofMinutes(5);

    private static final Duration OUT_AGAIN = Duration.ofMinutes(8);
    private static final int EDITION = 2;

    private final SpreadService spreads;
    private final CarriedService carried;
    private final FishedSpreads fishedSpreads;
    private final BoatService boats;
    private final TripService trips;
    private final FactService facts;
    private final JsonMapper json;

    PaperService(
            SpreadService spreads,
            CarriedService carried,
            FishedSpreads fishedSpreads,
            BoatService boats,
            TripService trips,
            FactService facts,
            JsonMapper json) {
        this.carried = carried;
        this.fishedSpreads = fishedSpreads;
        this.spreads = spreads;
        this.boats = boats;
        this.trips = trips;
        this.facts = facts;
        this.json = json;
    }

    @Write
    PaperReply read(UUID vessel, PaperBody body) {
        var lines = new LinkedHashMap<String, UUID>();
        Labels.of(spreads.assembled(vessel, body.spreadId()).lines()).forEach((id, label) -> lines.put(label, id));
        PaperDay.Day day = PaperDay.read(body.text(), lines.keySet());
        BoatService.Home home = boats.homeOf(vessel);
        Instant begins = body.day().atStartOfDay(home.zone()).toInstant();
        boolean keeps = body.take() && !day.rows().isEmpty();
        if (keeps) {
            trips.save(
                    vessel,
                    new TripBody(
                            body.tripId(),
                            body.name(),
                            body.day(),
                            boats.placeOf(vessel),
                            home.latitudeDeg(),
                            home.longitudeDeg(),
                            home.zone().getId()));
            ObjectNode all = json.createObjectNode();
            String fished = fished(vessel, body.spreadId());
            var telling = new Telling(all.putArray("facts"), body, lines, begins, fished);
            day.rows().forEach(telling::tell);
            facts.take(vessel, all.toString());
        }
        return new PaperReply(
                day.rows().stream().map(row -> reply(row, begins)).toList(),
                day.refused().stream()
                        .map(one -> new PaperRefused(one.line(), one.text(), one.why()))
                        .toList(),
                List.copyOf(lines.keySet()),
                keeps);
    }

    /** As it stands saved; what it was that day nobody wrote down. */
    private String fished(UUID vessel, UUID spread) {
        SpreadDraft draft = carried.kept(vessel, spread).orElseThrow();
        return fishedSpreads.keep(vessel, json.writeValueAsString(new FishedBody(spread, null, draft, null)));
    }

    private static PaperRow reply(PaperDay.Row row, Instant begins) {
        return new PaperRow(
                row.line(),
                begins.plus(row.after()),
                row.kind(),
                row.labels(),
                row.species().orElse(null),
                row.lengthM().orElse(null),
                row.released(),
                row.how().orElse(null),
                row.seen().orElse(null));
    }

    /** Ids follow from day, line and row: typed in again it is the same. */
    private record Telling(ArrayNode facts, PaperBody body, Map<String, UUID> lines, Instant begins, String fished) {
        void tell(PaperDay.Row row) {
            Instant at = begins.plus(row.after());
            switch (row.kind()) {
                case SET -> row.labels().forEach(label -> ofLine(row, "SET", label, at));
                case UP -> row.labels().forEach(label -> ofLine(row, "CLEARED", label, at));
                case SEEN ->
                    fact(row, "SIGHTED", "", at)
                            .put("what", row.seen().orElseThrow().name());
                case STRIKE -> strike(row, at);
            }
        }

        private void strike(PaperDay.Row row, Instant at) {
            String label = row.labels().get(0);
            ofLine(row, "STRUCK", label, at);
            String strike = id(row, "STRUCK", label).toString();
            if (row.species().isPresent()) {
                ObjectNode landed = fact(row, "LANDED", label, at.plus(FIGHT))
                        .put("strikeId", strike)
                        .put("species", row.species().get());
                row.lengthM().ifPresent(metres -> landed.put("lengthM", metres));
                if (row.released()) {
                    landed.put("released", true);
                }
            } else {
                ObjectNode lost = fact(row, "LOST", label, at.plus(FIGHT)).put("strikeId", strike);
                row.how().map(Loss::name).ifPresent(how -> lost.put("how", how));
            }
            ofLine(row, "SET", label, at.plus(OUT_AGAIN));
        }

        private void ofLine(PaperDay.Row row, String kind, String label, Instant at) {
            ObjectNode payload =
                    fact(row, kind, label, at).put("lineId", lines.get(label).toString());
            if (!kind.equals("CLEARED")) {
                payload.put("fished", fished);
            }
        }

        private UUID id(PaperDay.Row row, String kind, String label) {
            String named = body.tripId() + " " + row.line() + " " + row.after() + " " + kind + " " + label + " "
                    + row.species();
            return UUID.nameUUIDFromBytes(named.getBytes(StandardCharsets.UTF_8));
        }

        private ObjectNode fact(PaperDay.Row row, String kind, String label, Instant at) {
            ObjectNode fact = facts.addObject()
                    .put("factId", id(row, kind, label).toString())
                    .put("tripId", body.tripId().toString())
                    .put("kind", kind)
                    .put("edition", EDITION)
                    .put("deviceId", PAPER.toString())
                    .put("happenedAt", at.toString())
                    .put("deviceAt", at.toString());
            return fact.putObject("payload");
        }
    }
}
