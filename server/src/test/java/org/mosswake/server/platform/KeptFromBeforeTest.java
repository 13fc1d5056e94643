package org.mosswake.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What an earlier edition kept and this one does not take: reading goes on, it is marked, and it can be mended. */
@ExtendWith(RunningServer.class)
class KeptFromBeforeTest {
    private static JdbcClient database() {
        return RunningServer.context().getBean(JdbcClient.class);
    }

    private static UUID id(String boat) {
        return UUID.fromString(boat.substring("/api/boats/".length()));
    }

    private static void keep(String boat, String kind, String name, String body) {
        database().sql("""
                insert into document (vessel_id, kind, name, version, body) values (?, ?, ?, 1, ?::jsonb)
                on conflict (vessel_id, kind, name) do update set version = document.version + 1, body = excluded.body""").params(id(boat), kind, name, body).update();
    }

    private static JsonNode marked(Api api, String boat, String name) {
        return api.get(boat + "/marked")
                .json()
                .valueStream()
                .filter(mark -> mark.get("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static int call(Api api, String boat) {
        return api.post(boat + "/call", """
                        {"day":"2026-06-18","at":"2026-06-18T10:00:00Z","answers":[],
                         "place":{"latitudeDeg":27.6,"longitudeDeg":-47.3,"timeZone":"Etc/GMT+3"}}""").status();
    }

    /** Two writes that each passed alone: 4 m/s at most, 5 m/s to start with, and a number nobody knows any more. */
    @Test
    void numbersThatContradictAreShownUnusedAndMendedOneByOne(Api api) {
        String boat = api.sprat();
        keep(boat, "CALL_NUMBERS", "", "{\"M13.startMps\":5.5,\"M13.mostMps\":2.0,\"M99.x\":1,\"MAHI.from\":21}");
        JsonNode kept = api.get(boat + "/numbers").json();
        assertThat(kept.get("set")).hasSize(4);
        assertThat(kept.get("marked")).hasSizeGreaterThanOrEqualTo(2);
        assertThat(call(api, boat)).isEqualTo(200);
        assertThat(marked(api, boat, "M99.x").get("where").asString()).isEqualTo("NUMBERS");

        ObjectNode next =
                Api.JSON.createObjectNode().put("version", kept.get("version").asInt());
        var set = next.putArray("set");
        kept.get("set").forEach(one -> set.add(one));
        set.addObject().put("key", "MAHI.to").put("value", 28);
        JsonNode more = api.put(boat + "/numbers", next).json();
        assertThat(more.get("set")).hasSize(5);

        next.put("version", more.get("version").asInt());
        set.removeAll();
        set.addObject().put("key", "MAHI.to").put("value", 28);
        assertThat(api.put(boat + "/numbers", next).json().get("marked")).isEmpty();
        set.removeAll();
        api.put(boat + "/numbers", next.put("version", more.get("version").asInt() + 1));
    }

    @Test
    void aRuleOfAFishNobodyKnowsIsMarkedAndTakenOut(Api api) {
        String boat = api.sprat();
        keep(boat, "RULE", "KRAKEN", "{\"dated\":\"2026-06-02\",\"barbless\":true,\"gear\":\"\"}");
        keep(boat, "RULE", "WAHOO", "{\"dated\":\"2026-06-02\",\"barbless\":true,\"gear\":\"\",\"bag\":9999}");
        JsonNode table = api.get(boat + "/rules").json();
        assertThat(table.get("marked")).hasSize(2);
        assertThat(call(api, boat)).isEqualTo(200);
        for (JsonNode mark : table.get("marked")) {
            String path = boat + "/rules/" + mark.get("name").asString() + "?version="
                    + mark.get("version").asInt();
            assertThat(api.send("DELETE", path, null).status()).isEqualTo(204);
        }
        assertThat(api.get(boat + "/rules").json().get("marked")).isEmpty();
    }

    @Test
    void anAnswerNobodyAsksForAnyMoreIsSetAsideAndStaysUntilDropped(Api api) {
        String boat = api.sprat();
        String path = boat + "/plans/2026-09-09";
        keep(boat, "PLAN", "2026-09-09", """
                {"answers":[{"topic":"CREW","value":2.0},{"topic":"TEA","choice":"GREEN"},{"topic":"CREW","value":900.0}],
                 "runOutMin":30.0}""");
        ObjectNode plan = (ObjectNode) api.get(path).json();
        assertThat(plan.get("answers")).hasSize(1);
        assertThat(plan.get("setAside")).hasSize(2);
        assertThat(plan.get("runOutMin").asDouble()).isEqualTo(30);
        ObjectNode again =
                (ObjectNode) api.put(path, plan.put("runOutMin", 40.0)).json();
        assertThat(again.get("setAside")).isEqualTo(plan.get("setAside"));
        again.remove("setAside");
        assertThat(api.put(path, again).json().has("setAside")).isFalse();
    }

    @Test
    void gearOutOfRangeIsLeftOutAndNamedWhereItIsUsed(Api api) {
        String boat = api.quietLedger();
        ObjectNode mixed = api.mixedSurface();
        String lure = mixed.at("/draft/lines/0/tackle/0/lureGearId").asString();
        double mass = database()
                .sql("select mass_kg from lure_gear where vessel_id = ? and gear_id = ?")
                .params(id(boat), UUID.fromString(lure))
                .query(Double.class)
                .single();
        change(boat, lure, 4000);
        try {
            assertThat(call(api, boat)).isEqualTo(200);
            assertThat(api.get(boat + "/gear").status()).isEqualTo(200);
            assertThat(api.get(boat + "/marked").json()).hasSize(1);
            var refused = api.post(boat + "/solve", mixed.get("draft"));
            assertThat(refused.codes()).contains("GEAR_UNUSABLE");
            assertThat(refused.fields()).contains("lines[0].tackle[0].lureGearId");
        } finally {
            change(boat, lure, mass);
        }
        assertThat(api.post(boat + "/solve", mixed.get("draft")).status()).isEqualTo(200);
    }

    private static void change(String boat, String lure, double massKg) {
        database()
                .sql("update lure_gear set mass_kg = ?, version = version + 1 where vessel_id = ? and gear_id = ?")
                .params(massKg, id(boat), UUID.fromString(lure))
                .update();
    }
}
