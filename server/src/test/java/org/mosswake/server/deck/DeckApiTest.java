package org.mosswake.server.deck;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class DeckApiTest {
    private static JsonNode deck(Api api, String boat, String spread) {
        String id = Api.named(api.get(boat + "/spreads").json(), spread, "spreadId");
        var answer = api.get(boat + "/spreads/" + id + "/deck");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static List<String> routines(JsonNode deck) {
        return deck.get("routines")
                .valueStream()
                .map(one -> one.get("name").asString().split(" ")[0])
                .toList();
    }

    @Test
    void aSpreadMadeByHandIsHandledAsASurfaceSchool(Api api) {
        JsonNode deck = deck(api, api.quietLedger(), "Mixed surface");
        assertThat(deck.has("playbook")).isFalse();
        assertThat(deck.get("handling").get("holdS").asInt()).isEqualTo(15);
        assertThat(routines(deck)).contains("WEED", "DRAGS", "COLOUR");
    }

    @Test
    void baitsOfTheSpreadHaveClocksOfTheirOwn(Api api) {
        JsonNode deck = deck(api, api.sprat(), "Live baits");
        JsonNode bait = deck.get("routines")
                .valueStream()
                .filter(one -> one.get("name").asString().startsWith("BAIT"))
                .findFirst()
                .orElseThrow();
        assertThat(bait.get("lineId").asString()).isNotBlank();
        assertThat(bait.get("everyS").asInt()).isEqualTo(45 * 60);
    }

    @Test
    void theSkippersTableIsSaidOfItsFish(Api api) {
        JsonNode coho = deck(api, api.sprat(), "Deep in the sound")
                .get("fish")
                .valueStream()
                .filter(one -> one.get("species").asString().equals("COHO"))
                .findFirst()
                .orElseThrow();
        assertThat(coho.get("bag").asInt()).isEqualTo(2);
    }

    @Test
    void aSpreadThatIsNotHereIsNotFound(Api api) {
        assertThat(api.get(api.sprat() + "/spreads/" + UUID.randomUUID() + "/deck")
                        .status())
                .isEqualTo(404);
    }

    /** From the mixed spread to the fast one: what comes in, what goes out, how long, and a bad field by name. */
    @Test
    void oneSpreadBecomesAnother(Api api) {
        String boat = api.quietLedger();
        JsonNode titles = api.get(boat + "/spreads").json();
        String now = titles.get(0).get("spreadId").asString();
        String next = titles.get(1).get("spreadId").asString();
        JsonNode draft = api.get(boat + "/spreads/" + now).json().get("draft");
        var out = draft.get("lines")
                .valueStream()
                .map(line -> "\"" + line.get("lineId").asString() + "\"")
                .toList();
        String body = """
                {"draft": %s, "outLineIds": [%s], "spreadId": "%s"}""";
        JsonNode change = api.post(boat + "/change", body.formatted(draft, String.join(",", out), next))
                .json();
        int lines = api.get(boat + "/spreads/" + next)
                .json()
                .get("draft")
                .get("lines")
                .size();
        assertThat(change.get("out").size() + change.get("moved").size()).isEqualTo(lines);
        assertThat(change.get("in").size() + change.get("moved").size()).isEqualTo(out.size());
        assertThat(change.get("seconds").asDouble()).isPositive();
        JsonNode none = api.post(boat + "/change", body.formatted(draft, String.join(",", out), now))
                .json();
        assertThat(none.get("in")).isEmpty();
        assertThat(none.get("out")).isEmpty();
        assertThat(none.get("moved")).hasSize(out.size());
        assertThat(api.post(boat + "/change", body.formatted(draft, "", java.util.UUID.randomUUID()))
                        .status())
                .isEqualTo(404);
    }

    /** What was seen answers the plan's questions, for a while; of a spread that nobody called no method is said to lead. */
    @Test
    void whatWasSeenIsWeighed(Api api) {
        String boat = api.quietLedger();
        String spread = Api.named(api.get(boat + "/spreads").json(), "Mixed surface", "spreadId");
        String trip = api.get(boat + "/trips").json().get(0).get("tripId").asString();
        var fact = Api.JSON.createObjectNode();
        fact.put("factId", UUID.randomUUID().toString()).put("tripId", trip).put("kind", "SIGHTED");
        fact.put("edition", 2).put("deviceId", UUID.randomUUID().toString());
        fact.put("happenedAt", "2026-06-18T10:00:00Z").put("deviceAt", "2026-06-18T10:00:00Z");
        fact.putObject("payload").put("what", "BIRDS_DIVING");
        var body = Api.JSON.createObjectNode();
        body.putArray("facts").add(fact);
        assertThat(api.post(boat + "/facts", body).status()).isEqualTo(200);
        String asked = boat + "/spreads/" + spread + "/weighed?trip=" + trip + "&at=";
        JsonNode weighed = api.get(asked + "2026-06-18T10:20:00Z").json();
        assertThat(weighed.get("seen")).hasSize(1);
        assertThat(weighed.get("seen").get(0).get("topic").asString()).isEqualTo("BIRDS");
        assertThat(weighed.get("seen").get(0).get("choice").asString()).isEqualTo("DIVING");
        assertThat(weighed.has("leads")).isFalse();
        assertThat(api.get(asked + "2026-06-18T12:20:00Z").json().get("seen")).isEmpty();
        assertThat(api.get(asked + "soon").status()).isEqualTo(400);
    }
}
