package org.mosswake.server.owner;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** An owner's file goes out and comes in again the same; anything else is refused with nothing kept. */
@ExtendWith(RunningServer.class)
class ArchiveApiTest {
    private static final JdbcClient DATABASE = RunningServer.context().getBean(JdbcClient.class);

    /** What the database or the log counts by itself. */
    private static final Set<String> COUNTED = Set.of("sequence", "changes");

    private static Api.Answer bring(Api api, String file) {
        return api.post("/api/owners", file);
    }

    private static String file(Api api, String boat) {
        return api.get(boat + "/export").text();
    }

    private static JsonNode tables(String file) {
        JsonNode tables = Api.JSON.readTree(file).get("tables");
        tables.forEach(rows -> rows.forEach(row -> ((ObjectNode) row).remove(COUNTED)));
        return tables;
    }

    private static void forget(Api api, String boat) {
        String mark = api.get(boat + "/export/mark").json().get("mark").asString();
        assertThat(api.post(boat + "/forget", "{\"mark\":\"" + mark + "\"}").status())
                .isEqualTo(204);
    }

    /** The demo's large boat under another key: with her day out, its facts and fixes. */
    private static String another(Api api, String of, UUID owner) {
        String file = file(api, of).replace(of.substring("/api/boats/".length()), owner.toString());
        Api.Answer brought = bring(api, file);
        assertThat(brought.status()).as(brought.text()).isEqualTo(200);
        assertThat(brought.json().get("boatId").asString()).isEqualTo(owner.toString());
        return "/api/boats/" + owner;
    }

    @Test
    void outAndInAgainItIsTheSame(Api api) {
        UUID owner = UUID.randomUUID();
        String boat = another(api, api.quietLedger(), owner);
        DATABASE.sql("insert into fix values (?, gen_random_uuid(), now(), 1, 2)")
                .param(owner)
                .update();
        // Made from facts, they are there once somebody looks at the log.
        assertThat(api.get(boat + "/log?day=2026-06-18").status()).isEqualTo(200);
        String out = file(api, boat);
        assertThat(tables(out).get("fact")).isNotEmpty();
        assertThat(tables(out).get("fix")).isNotEmpty();
        assertThat(bring(api, out).codes()).containsExactly("HERE_ALREADY");
        forget(api, boat);
        String ofBefore = out.replaceFirst(
                "\"tables\": ?\\{", "$0\"log_stand\": [{\"vessel_id\": \"" + owner + "\", \"changes\": 4}],");
        assertThat(ofBefore).as("a table that archives of before have").isNotEqualTo(out);
        assertThat(bring(api, ofBefore).status()).isEqualTo(200);
        assertThat(tables(file(api, boat))).isEqualTo(tables(out));
        String log = "/log?day=2026-06-18";
        assertThat(api.get(boat + log).json().get("sum"))
                .isEqualTo(api.get(api.quietLedger() + log).json().get("sum"));
        ObjectNode fact = Api.JSON.createObjectNode();
        fact.put("factId", UUID.randomUUID().toString())
                .put("tripId", UUID.randomUUID().toString());
        fact.put("kind", "ENGINES")
                .put("edition", 2)
                .put("deviceId", UUID.randomUUID().toString());
        fact.put("happenedAt", "2026-06-20T09:00:00Z").put("deviceAt", "2026-06-20T09:00:00Z");
        fact.putObject("payload").put("running", 1);
        ObjectNode body = Api.JSON.createObjectNode();
        body.putArray("facts").add(fact);
        assertThat(api.post(boat + "/facts", body).status()).as("she goes on").isEqualTo(200);
        forget(api, boat);
    }

    @Test
    void whatIsNoWholeFileIsRefusedAndNothingKept(Api api) {
        String quiet = api.quietLedger();
        UUID owner = UUID.randomUUID();
        String whole = file(api, quiet).replace(quiet.substring("/api/boats/".length()), owner.toString());
        var random = new Random(8);
        for (int i = 0; i < 60; i++) {
            refused(api, whole.substring(0, random.nextInt(whole.length() - 4)));
        }
        refused(api, "");
        refused(api, "[]");
        refused(api, "{}");
        refused(api, "PK\u0003\u0004 a zip");
        refused(api, whole + whole);
        refused(api, whole.replaceFirst("\"vessel_id\": \"[^\"]+\"", "\"vessel_id\": \"" + UUID.randomUUID() + "\""));
        assertThat(refused(api, whole.replaceFirst("\"boat\": \\[", "\"later\": [], \"boat\": ["))
                        .text())
                .contains("later edition");
        refused(api, whole.replace("\"beam_m\"", "\"breadth_m\""));
        refused(api, whole.replace("\"happened_at\": \"2", "\"happened_at\": \"x"));
        assertThat(DATABASE.sql("select count(*) from vessel where vessel_id = ?")
                        .param(owner)
                        .query(Integer.class)
                        .single())
                .isZero();
    }

    private static Api.Answer refused(Api api, String file) {
        Api.Answer answer = bring(api, file);
        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.codes()).containsAnyOf("UNREADABLE_ARCHIVE", "MALFORMED", "MISSING");
        return answer;
    }
}
