package org.mosswake.server.strikes;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.mosswake.server.platform.demo.DemoIds;
import org.mosswake.server.platform.demo.DemoPart;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** One invented morning on Tarrow Banks: strikes drawn from a fixed seed, most on the far lines. */
@Component
class DemoTrip implements DemoPart {
    private static final long SEED = 20260618;
    private static final UUID TRIP = DemoIds.of("trip 18 June");
    private static final String DEVICE = DemoIds.of("device").toString();
    private static final Instant LINES_IN = Instant.parse("2026-06-18T08:06:00Z");
    private static final List<String> OUT =
            List.of("mixed C1", "mixed S1", "mixed P1", "mixed S2", "mixed P2", "mixed D1");
    private static final List<String> LINES = List.of("mixed S1", "mixed C1", "mixed S1", "mixed D1", "mixed P2");
    private static final List<String> SPECIES = List.of("mahi", "mahi", "king", "small tuna");

    private static final double WAY_MPS = 3.4;
    private static final int WAY_S = 2 * 3600 + 2400;
    private static final double LEG_M = 5200;
    private static final double DEGREE_M = 111_195;

    private final TripService trips;
    private final FixService fixes;
    private final FactService facts;
    private final JsonMapper json;

    DemoTrip(TripService trips, FixService fixes, FactService facts, JsonMapper json) {
        this.fixes = fixes;
        this.trips = trips;
        this.facts = facts;
        this.json = json;
    }

    @Override
    public int order() {
        return 4;
    }

    @Override
    public void load() {
        UUID boat = DemoIds.QUIET_LEDGER;
        trips.save(
                boat,
                new TripBody(
                        TRIP,
                        "First light on the ledge",
                        LocalDate.of(2026, 6, 18),
                        "Tarrow Banks",
                        27.6,
                        -47.3,
                        "Etc/GMT+3"));
        fixes.heard(boat, UUID.fromString(DEVICE), way());
        ObjectNode body = json.createObjectNode();
        tell(body.putArray("facts"));
        facts.take(boat, body.toString());
    }

    /** Up and down the ledge at seven and a half knots, weaving across its edge. */
    private static List<FixBody> way() {
        var way = new ArrayList<FixBody>();
        double along = Math.toRadians(35);
        for (int second = 0; second <= WAY_S; second += 10) {
            double sailed = WAY_MPS * second;
            double leg = sailed % (2 * LEG_M);
            double on = (leg < LEG_M ? leg : 2 * LEG_M - leg) - LEG_M / 2;
            double across = 220 * Math.sin(sailed / 420) + 40 * Math.sin(sailed / 1900);
            double north = on * Math.cos(along) - across * Math.sin(along);
            double east = on * Math.sin(along) + across * Math.cos(along);
            way.add(new FixBody(
                    LINES_IN.minusSeconds(360).plusSeconds(second),
                    27.6 + north / DEGREE_M,
                    -47.3 + east / (DEGREE_M * Math.cos(Math.toRadians(27.6))),
                    null,
                    null));
        }
        return way;
    }

    private static void tell(ArrayNode facts) {
        OUT.forEach(line -> ofLine(facts, FactKind.SET, line, line + " set", LINES_IN));
        fact(facts, FactKind.TENDED, "drags", LINES_IN.plus(Duration.ofMinutes(105)))
                .put("routine", "DRAGS");
        OUT.forEach(
                line -> ofLine(facts, FactKind.CHECKED, line, line + " clean", LINES_IN.plus(Duration.ofMinutes(136))));
        var random = new Random(SEED);
        Instant at = LINES_IN;
        for (int i = 0; i < 5; i++) {
            at = at.plus(Duration.ofMinutes(11 + random.nextInt(26)));
            UUID strike = DemoIds.of("strike " + i);
            String line = LINES.get(random.nextInt(LINES.size()));
            ofLine(facts, FactKind.STRUCK, line, "strike " + i, at)
                    .put("spreadId", DemoIds.MIXED_SURFACE.toString())
                    .put("revision", 1);
            Instant ended = at.plus(Duration.ofMinutes(4 + random.nextInt(6)));
            if (random.nextInt(4) == 0) {
                fact(facts, FactKind.LOST, "LOST " + strike, ended).put("strikeId", strike.toString());
            } else {
                fact(facts, FactKind.LANDED, "LANDED " + strike, ended)
                        .put("strikeId", strike.toString())
                        .put("species", SPECIES.get(random.nextInt(SPECIES.size())));
            }
            ofLine(facts, FactKind.SET, line, "again " + i, ended.plus(Duration.ofMinutes(3)));
        }
    }

    private static ObjectNode ofLine(ArrayNode facts, FactKind kind, String line, String name, Instant at) {
        return fact(facts, kind, name, at)
                .put("lineId", DemoIds.of("line " + line).toString());
    }

    private static ObjectNode fact(ArrayNode facts, FactKind kind, String name, Instant at) {
        ObjectNode fact = facts.addObject()
                .put("factId", DemoIds.of(name).toString())
                .put("tripId", TRIP.toString())
                .put("kind", kind.name())
                .put("edition", FactKind.EDITION)
                .put("deviceId", DEVICE)
                .put("happenedAt", at.toString())
                .put("deviceAt", at.toString());
        return fact.putObject("payload");
    }
}
