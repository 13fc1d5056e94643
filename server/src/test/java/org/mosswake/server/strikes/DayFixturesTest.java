package org.mosswake.server.strikes;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mosswake.core.strikes.DayLog;
import org.mosswake.core.strikes.DayState;
import org.mosswake.core.strikes.Fact;
import org.mosswake.core.strikes.StrikeState;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Seeded days and what core folds them into, in files that the page's fold is held to as well; -Dmoss.days.write=true
 * rewrites them.
 */
@ExtendWith(RunningServer.class)
class DayFixturesTest {
    private static final Path FOLDER = Path.of("src/test/resources/facts/days");
    private static final Instant BEGIN = Instant.parse("2026-06-18T08:00:00Z");
    private static final JsonMapper PRETTY =
            JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
    private static final List<String> KINDS = List.of(
            "STRUCK",
            "STRUCK",
            "STRUCK",
            "LANDED",
            "LANDED",
            "LOST",
            "LOST",
            "FOLLOWED",
            "SET",
            "SET",
            "CHANGED",
            "CLEARED",
            "RENEWED",
            "CHECKED",
            "TOUCHED",
            "CUED",
            "ENGINES",
            "SIGHTED",
            "BAIT_CAUGHT",
            "BAIT_DEAD",
            "OPENED",
            "ANNOTATED",
            "RETRACTED",
            "CORRECTED",
            "OF_A_NEWER_DEVICE");

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void foldsAsKept(int seed) throws IOException {
        Path file = FOLDER.resolve("day-%02d.json".formatted(seed));
        List<JsonNode> facts = new ArrayList<>(facts(new Random(seed)));
        if (Boolean.getBoolean("moss.days.write")) {
            Files.createDirectories(FOLDER);
            Files.writeString(file, PRETTY.writeValueAsString(told(facts)) + "\n");
        }
        JsonNode kept = Api.JSON.readTree(Files.readString(file));
        assertThat(Api.JSON.readTree(told(facts).toString())).isEqualTo(kept);
        Collections.shuffle(facts, new Random(seed));
        facts.addAll(facts.subList(0, 10));
        ObjectNode shuffled = told(facts);
        shuffled.set("facts", kept.get("facts"));
        assertThat(Api.JSON.readTree(shuffled.toString())).isEqualTo(kept);
    }

    private static List<ObjectNode> facts(Random random) {
        var facts = new ArrayList<ObjectNode>();
        var strikes = new ArrayList<String>(List.of(new UUID(9, 9).toString()));
        for (int i = 0; i < 60; i++) {
            String kind = KINDS.get(random.nextInt(KINDS.size()));
            ObjectNode fact = Api.JSON.createObjectNode();
            String id = new UUID(random.nextLong(), random.nextLong()).toString();
            fact.put("factId", id).put("kind", kind);
            fact.put("happenedAt", BEGIN.plusSeconds(random.nextInt(400) * 60L).toString());
            ObjectNode payload = fact.putObject("payload");
            String strike = strikes.get(random.nextInt(strikes.size()));
            switch (kind) {
                case "LANDED" -> {
                    payload.put("strikeId", strike).put("species", random.nextBoolean() ? "mahi" : "king");
                    if (random.nextInt(3) == 0) {
                        payload.put("released", true);
                    }
                }
                case "LOST" -> {
                    payload.put("strikeId", strike);
                    if (random.nextBoolean()) {
                        payload.put("how", random.nextBoolean() ? "KNOCKED_OFF" : "CUT_OFF");
                    }
                }
                case "OPENED" -> payload.put("strikeId", strike).put("found", "squid");
                case "ANNOTATED" -> payload.put("targetId", strike).put("note", "note " + i);
                case "CORRECTED" -> {
                    payload.put("targetId", any(facts, random));
                    payload.put(
                            "at", BEGIN.plusSeconds(random.nextInt(400) * 60L).toString());
                    if (random.nextBoolean()) {
                        payload.put("latitudeDeg", 27.5).put("longitudeDeg", -47 - random.nextInt(9) / 10.0);
                    }
                }
                case "RETRACTED" -> payload.put("targetId", any(facts, random));
                case "ENGINES" -> payload.put("running", random.nextInt(3));
                case "SIGHTED" -> payload.put("what", "WEED");
                case "BAIT_CAUGHT", "BAIT_DEAD" -> payload.put("bait", "scad").put("count", 1 + random.nextInt(5));
                default -> payload.put("lineId", new UUID(0, random.nextInt(3)).toString());
            }
            if (kind.equals("CUED")) {
                payload.put("cue", "SLACK");
            }
            if (kind.equals("SET") || kind.equals("CHANGED") && random.nextBoolean()) {
                payload.put("letOutM", 20 + random.nextInt(80));
            }
            if (kind.equals("STRUCK")) {
                strikes.add(id);
            }
            facts.add(fact);
        }
        return facts;
    }

    private static String any(List<ObjectNode> facts, Random random) {
        return facts.isEmpty()
                ? new UUID(9, 8).toString()
                : facts.get(random.nextInt(facts.size())).get("factId").asString();
    }

    private static ObjectNode told(List<? extends JsonNode> facts) {
        DayLog day = DayLog.of(facts.stream().map(DayFixturesTest::read).toList());
        ObjectNode told = Api.JSON.createObjectNode();
        told.putArray("facts").addAll(List.copyOf(facts));
        var strikes = told.putArray("strikes");
        day.strikes().forEach(strike -> strikes.add(strike(strike)));
        var at = told.putArray("at");
        var spans = told.putArray("spans");
        for (int hour = 0; hour < 8; hour += 2) {
            Instant from = BEGIN.plus(Duration.ofHours(hour)).minusSeconds(17);
            at.add(state(from, day.at(from)));
            Instant to = from.plus(Duration.ofMinutes(95));
            ObjectNode span = spans.addObject().put("from", from.toString()).put("to", to.toString());
            ObjectNode exposure = span.putObject("exposure");
            day.exposure(from, to)
                    .forEach((line, sums) -> exposure.putObject(line)
                            .put("outS", sums.out().toSeconds())
                            .put("fightingS", sums.fighting().toSeconds())
                            .put("unknownS", sums.unknown().toSeconds()));
        }
        return told;
    }

    private static ObjectNode strike(StrikeState strike) {
        ObjectNode one = Api.JSON.createObjectNode();
        one.put("factId", strike.id().toString()).put("lineId", strike.line().toString());
        one.put("outcome", strike.outcome().name());
        strike.ended().ifPresent(end -> one.put("ended", end.toEpochMilli()));
        one.put("at", strike.at().toEpochMilli());
        strike.placed()
                .ifPresent(place -> one.putObject("placed")
                        .put("latitudeDeg", place.latitudeDeg())
                        .put("longitudeDeg", place.longitudeDeg()));
        strike.how().ifPresent(how -> one.put("how", how.name()));
        var species = one.putArray("species");
        strike.fish().forEach(fish -> species.add(fish.species()));
        var notes = one.putArray("notes");
        strike.notes().forEach(notes::add);
        return one;
    }

    private static ObjectNode state(Instant moment, DayState state) {
        ObjectNode one = Api.JSON.createObjectNode().put("at", moment.toString());
        ObjectNode lines = one.putObject("lines");
        state.lines().forEach((line, stretch) -> {
            ObjectNode how = lines.putObject(line).put("state", stretch.state().name());
            how.put("from", stretch.from().toEpochMilli());
            stretch.letOutM().ifPresent(metres -> how.put("letOutM", metres.intValue()));
        });
        var on = one.putArray("on");
        state.on().forEach(id -> on.add(id.toString()));
        ObjectNode bag = one.putObject("bag");
        state.bag().forEach(bag::put);
        state.engines().ifPresent(running -> one.put("engines", running));
        ObjectNode well = one.putObject("well");
        state.well().forEach(well::put);
        return one;
    }

    private static Fact read(JsonNode fact) {
        Instant at = Instant.parse(fact.get("happenedAt").asString());
        UUID none = new UUID(0, 0);
        String body =
                Api.JSON.createObjectNode().set("payload", fact.get("payload")).toString();
        return RunningServer.context()
                .getBean(FactReader.class)
                .kept(new FactRow(
                        UUID.fromString(fact.get("factId").asString()),
                        none,
                        fact.get("kind").asString(),
                        FactKind.EDITION,
                        none,
                        at,
                        at,
                        at,
                        body));
    }
}
