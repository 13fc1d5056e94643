package org.mosswake.server.strikes;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Map;
import java.util.UUID;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A database as the last program before facts left it, and events as they were sent to it, captured then: everything is
 * read after the upgrade as it was, and what devices send again counts once.
 */
class FactsMigrationTest {
    private static ConfigurableApplicationContext context;
    private static Api api;

    private static String resource(String name) {
        try (var file = FactsMigrationTest.class.getResourceAsStream("/facts/" + name)) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @BeforeAll
    static void upgrade() throws SQLException {
        String url = RunningServer.freshDatabase();
        String user = RunningServer.environment("MOSS_TEST_DATABASE_USER");
        String password = RunningServer.environment("MOSS_TEST_DATABASE_PASSWORD");
        Flyway.configure().dataSource(url, user, password).target("5").load().migrate();
        try (var old = DriverManager.getConnection(url, user, password)) {
            old.createStatement().execute(resource("schema5.sql"));
        }
        context = RunningServer.start(
                url, Map.of("moss.home", System.getProperty("java.io.tmpdir") + "/moss-" + UUID.randomUUID()));
        api = new Api("http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port"));
    }

    @AfterAll
    static void stop() {
        context.close();
    }

    private static int rows(String table) {
        return context.getBean(JdbcClient.class)
                .sql("select count(*) from " + table)
                .query(Integer.class)
                .single();
    }

    @Test
    void everySpreadAndTheWholeBoxAreAsTheyWere() {
        int read = 0;
        for (var answer : Api.JSON.readTree(resource("schema5-answers.json")).properties()) {
            if (!answer.getKey().endsWith("/log")) {
                assertThat(api.get(answer.getKey()).json()).as(answer.getKey()).isEqualTo(answer.getValue());
                read++;
            }
        }
        assertThat(read).isEqualTo(7);
    }

    @Test
    void everyStrikeHasTheFiguresItWasKeptWith() {
        int strikes = 0;
        for (var answer : Api.JSON.readTree(resource("schema5-answers.json")).properties()) {
            if (answer.getKey().endsWith("/log")) {
                JsonNode now = api.get(answer.getKey()).json();
                for (int i = 0; i < answer.getValue().get("strikes").size(); i++) {
                    same(
                            answer.getValue().get("strikes").get(i),
                            now.get("strikes").get(i));
                    strikes++;
                }
                assertThat(now.get("strikes"))
                        .hasSize(answer.getValue().get("strikes").size());
            }
        }
        assertThat(strikes).isEqualTo(7);
        assertThat(rows("struck_line")).isEqualTo(8);
    }

    private static void same(JsonNode was, JsonNode is) {
        for (var member : was.properties()) {
            JsonNode now = is.has(member.getKey())
                    ? is.get(member.getKey())
                    : is.get("line").get(member.getKey());
            assertThat(now).as(member.getKey()).isEqualTo(member.getValue());
        }
    }

    @Test
    void whatADeviceSendsAgainCountsOnce() {
        JsonNode sent = Api.JSON.readTree(resource("edition1-sent.json"));
        String events = "/api/boats/" + sent.get("boat").asString() + "/trips/"
                + sent.get("trip").asString() + "/events";
        int before = rows("fact");
        for (JsonNode event : sent.get("events")) {
            ObjectNode body = Api.JSON.createObjectNode();
            body.putArray("events").add(event);
            assertThat(api.post(events, body).status()).as(event.toString()).isEqualTo(200);
        }
        assertThat(rows("fact")).isEqualTo(before);
        ObjectNode other = (ObjectNode) sent.get("events").get(3).deepCopy();
        other.put("happenedAt", "2026-05-02T06:31:13.345Z");
        ObjectNode body = Api.JSON.createObjectNode();
        body.putArray("events").add(other);
        assertThat(api.post(events, body).codes()).containsExactly("EVENT_ID_REUSED");
        assertThat(rows("fact")).isEqualTo(before);
    }

    @Test
    void oldEventsFoldIntoLinesThatWereOut() {
        JsonNode sent = Api.JSON.readTree(resource("edition1-sent.json"));
        String trip = "/api/boats/" + sent.get("boat").asString() + "/trips/"
                + sent.get("trip").asString();
        JsonNode state = api.get(trip + "/state?at=2026-05-02T06:30:00Z").json();
        assertThat(state.get("lines").get(0).get("state").asString()).isEqualTo("OUT");
        assertThat(state.get("lines").get(1).get("state").asString()).isEqualTo("OUT");
        JsonNode later = api.get(trip + "/state?at=2026-05-02T06:40:00Z").json();
        assertThat(later.get("bag").get("chinook").asInt()).isEqualTo(1);
        assertThat(rows("fix")).isEqualTo(1);
    }

    @Test
    void aLineUpStillSaysWhichGearItUses() {
        assertThat(rows("spread_revision")).isEqualTo(7);
        // Two strikes were on the same line-up that nobody had saved.
        assertThat(rows("content")).isEqualTo(6);
        assertThat(rows("content_gear")).isGreaterThan(20);
    }
}
