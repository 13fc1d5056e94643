package org.mosswake.server.owner;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A boat with something in every table is taken away whole, forgotten whole, and stays forgotten. */
@ExtendWith(RunningServer.class)
class OwnerApiTest {
    private static final JdbcClient DATABASE = RunningServer.context().getBean(JdbcClient.class);

    /** A copy of the demo's boat, row by row, so that no table is left out whatever is added later. */
    private static String copyOf(String boat) {
        UUID from = UUID.fromString(boat.substring("/api/boats/".length()));
        UUID to = UUID.randomUUID();
        for (String table : new String[] {
            "vessel",
            "boat",
            "holder",
            "lure_gear",
            "line_gear",
            "reel_gear",
            "content",
            "content_gear",
            "spread",
            "spread_revision",
            "trip",
            "document"
        }) {
            DATABASE.sql("insert into " + table + " select r.* from " + table + " t, jsonb_populate_record(t, "
                            + "jsonb_build_object('vessel_id', ?::text)) r where t.vessel_id = ?")
                    .params(to.toString(), from)
                    .update();
        }
        DATABASE.sql("insert into fix values (?, gen_random_uuid(), now(), 1, 2)")
                .param(to)
                .update();
        return "/api/boats/" + to;
    }

    private static Set<String> tablesOf(UUID owner) {
        return DATABASE.sql("""
                        select table_name from information_schema.columns
                        where table_schema = 'public' and column_name = 'vessel_id'""").query(String.class).list().stream()
                .filter(table -> DATABASE.sql("select count(*) from " + table + " where vessel_id = ?")
                                .param(owner)
                                .query(Integer.class)
                                .single()
                        > 0)
                .collect(Collectors.toSet());
    }

    private static ObjectNode fact(String trip) {
        ObjectNode fact = Api.JSON.createObjectNode();
        fact.put("factId", UUID.randomUUID().toString()).put("tripId", trip).put("kind", "ENGINES");
        fact.put("edition", 2).put("deviceId", UUID.randomUUID().toString());
        fact.put("happenedAt", "2026-06-20T09:00:00Z").put("deviceAt", "2026-06-20T09:00:00Z");
        fact.putObject("payload").put("running", 1);
        return fact;
    }

    private static Api.Answer send(Api api, String boat, ObjectNode fact) {
        ObjectNode body = Api.JSON.createObjectNode();
        body.putArray("facts").add(fact);
        return api.post(boat + "/facts", body);
    }

    @Test
    void exportedWholeThenForgottenForGood(Api api) {
        String boat = copyOf(api.quietLedger());
        UUID owner = UUID.fromString(boat.substring("/api/boats/".length()));
        ObjectNode fact = fact(UUID.randomUUID().toString());
        assertThat(send(api, boat, fact).status()).isEqualTo(200);
        JsonNode export = api.get(boat + "/export").json();
        for (String table : tablesOf(owner)) {
            int rows = DATABASE.sql("select count(*) from " + table + " where vessel_id = ?")
                    .param(owner)
                    .query(Integer.class)
                    .single();
            assertThat(export.get("tables").get(table)).as(table).hasSize(rows);
        }
        assertThat(send(api, boat, fact(UUID.randomUUID().toString())).status()).isEqualTo(200);
        String forget = "{\"mark\":\"" + export.get("mark").asString() + "\"}";
        assertThat(api.post(boat + "/forget", forget).codes()).containsExactly("EXPORT_IS_OLD");
        assertThat(tablesOf(owner)).contains("fact", "fix", "boat");

        String mark = api.get(boat + "/export").json().get("mark").asString();
        assertThat(api.post(boat + "/forget", "{\"mark\":\"" + mark + "\"}").status())
                .isEqualTo(204);
        assertThat(tablesOf(owner)).containsExactly("forgotten");
        assertThat(send(api, boat, fact).status()).isEqualTo(410);
        assertThat(send(api, boat, fact).codes()).containsExactly("FORGOTTEN");
        ObjectNode again = ((ObjectNode) api.get(api.quietLedger()).json()).put("version", 0);
        again.put("boatId", owner.toString());
        assertThat(api.put(boat, again).codes()).containsExactly("FORGOTTEN");
        assertThat(api.get(api.quietLedger()).status()).as("nobody else's").isEqualTo(200);
    }

    @Test
    void theTriggersStillHoldForEverybodyElse(Api api) {
        UUID owner = UUID.fromString(api.quietLedger().substring("/api/boats/".length()));
        assertThat(org.assertj.core.api.Assertions.catchThrowable(
                        () -> DATABASE.sql("select set_config('moss.forgetting', gen_random_uuid()::text, false)")
                                .query(String.class)
                                .single()))
                .isNull();
        assertThat(org.assertj.core.api.Assertions.catchThrowable(
                        () -> DATABASE.sql("delete from content where vessel_id = ?")
                                .param(owner)
                                .update()))
                .hasMessageContaining("is never changed");
    }
}
