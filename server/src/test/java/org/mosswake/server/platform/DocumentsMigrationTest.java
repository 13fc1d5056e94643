package org.mosswake.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;

/** What was kept in eight tables before is read after the upgrade as it was. */
class DocumentsMigrationTest {
    private static final UUID BOAT = UUID.fromString("11111111-1111-4111-8111-111111111111");
    private static final UUID SPREAD = UUID.fromString("22222222-2222-4222-8222-222222222222");

    private static final List<String> BEFORE = List.of(
            "insert into vessel (vessel_id) values ('%1$s')",
            """
            insert into boat (vessel_id, version, name, length_m, beam_m, engines, place, latitude_deg, longitude_deg, time_zone)
            values ('%1$s', 1, 'Old', 8, 2.5, 1, 'Home', 10, 20, 'UTC')""",
            """
            insert into holder values ('%1$s', '33333333-3333-4333-8333-333333333333', 0, 'Centre', 'CENTRE', 0, 0, 1, 1, 0, 1.5)""",
            "insert into spread values ('%1$s', '%2$s', 1, 'Old spread', 1, now())",
            "insert into spread_revision (vessel_id, spread_id, revision, speed_through_water_mps, reason, created_at)"
                    + " values ('%1$s', '%2$s', 1, 3.5, 'saved', now())",
            """
            insert into plan values ('%1$s', '2026-06-18', 3, '[{"topic":"CREW","value":2.0}]', 1800, 2700,
                   '2026-06-18T09:15:00.25Z', null)""",
            "insert into school_choice values ('%1$s', 'FAST', 1)",
            "insert into call_number values ('%1$s', 'MAHI.from', 21.5), ('%1$s', 'M3.startMps', 4)",
            "insert into rig_number values ('%1$s', 'count.waste', 0.2)",
            "insert into rule_entry values ('%1$s', 'MAHI', 2, '2026-06-02', '05-01', '09-30', 10, 0.5, null, true, null, 'x')",
            "insert into stock values ('%1$s', 'tethers', 4)",
            "insert into tick values ('%1$s', '%2$s', 'leaders:a:6', now())",
            """
            insert into spread_origin values ('%1$s', '%2$s', now(), 'MIXED',
                   '{"playbook":"MIXED","stories":[],"lacks":[],"notes":[]}')""");

    @Test
    void everyRowIsThereAfterwards() throws SQLException {
        String url = RunningServer.freshDatabase();
        String user = RunningServer.environment("MOSS_TEST_DATABASE_USER");
        String password = RunningServer.environment("MOSS_TEST_DATABASE_PASSWORD");
        Flyway.configure().dataSource(url, user, password).target("4").load().migrate();
        try (var old = DriverManager.getConnection(url, user, password)) {
            for (String sql : BEFORE) {
                old.createStatement().execute(sql.formatted(BOAT, SPREAD));
            }
        }
        try (var context = RunningServer.start(
                url, Map.of("moss.home", System.getProperty("java.io.tmpdir") + "/moss-" + UUID.randomUUID()))) {
            var api = new Api("http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port"));
            String boat = "/api/boats/" + BOAT;
            var plan = api.get(boat + "/plans/2026-06-18").json();
            assertThat(plan.get("version").asInt()).isEqualTo(3);
            assertThat(plan.get("runOutMin").asDouble()).isEqualTo(30);
            assertThat(plan.get("catchBaitMin").asDouble()).isEqualTo(45);
            assertThat(plan.get("linesIn").asString()).isEqualTo("2026-06-18T09:15:00.250Z");
            assertThat(plan.get("answers").get(0).get("value").asDouble()).isEqualTo(2);
            assertThat(api.get(boat + "/schools").text()).contains("{\"school\":\"FAST\",\"side\":1,\"version\":1}");
            assertThat(api.get(boat + "/numbers").json().get("set")).hasSize(2);
            assertThat(api.get(boat + "/rig/numbers")
                            .json()
                            .get("set")
                            .get(0)
                            .get("value")
                            .asDouble())
                    .isEqualTo(0.2);
            var rule = api.get(boat + "/rules").json().get("rules").get(0);
            assertThat(rule.get("version").asInt()).isEqualTo(2);
            assertThat(rule.get("seasonFrom").asString()).isEqualTo("05-01");
            assertThat(rule.get("barbless").asBoolean()).isTrue();
            assertThat(api.get(boat + "/spreads/" + SPREAD + "/origin")
                            .json()
                            .get("playbook")
                            .asString())
                    .isEqualTo("MIXED");
            assertThat(api.get(boat + "/marked").json()).isEmpty();
        }
    }
}
