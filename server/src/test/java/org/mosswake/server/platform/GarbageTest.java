package org.mosswake.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Garbage to every endpoint of the live document: 4xx with a problem, never 5xx, never a trace of the inside. */
@ExtendWith(RunningServer.class)
class GarbageTest {
    /** @param type of the body; empty without one */
    record Endpoint(String method, String path, String type) {
        /** Of a notebook any text is a table of some rows: TableTextTest looks at those. */
        boolean takesAnyText() {
            return path.endsWith("/notebook.csv");
        }

        boolean hasBody() {
            return !type.isEmpty();
        }

        @Override
        public String toString() {
            return method + " " + path;
        }
    }

    private static Api running() {
        String port = RunningServer.context().getEnvironment().getProperty("local.server.port");
        return new Api("http://127.0.0.1:" + port);
    }

    static Stream<Endpoint> endpoints() {
        JsonNode paths = running().get("/v3/api-docs").json().get("paths");
        var all = new ArrayList<Endpoint>();
        paths.properties()
                .forEach(path -> path.getValue()
                        .properties()
                        .forEach(operation -> all.add(new Endpoint(
                                operation.getKey().toUpperCase(java.util.Locale.ROOT),
                                path.getKey(),
                                bodyType(operation.getValue())))));
        return all.stream();
    }

    private static String bodyType(JsonNode operation) {
        var types = operation.path("requestBody").path("content").propertyNames();
        return types.isEmpty() ? "" : types.iterator().next();
    }

    private static String addressed(Api api, String path) {
        String boat = api.quietLedger().substring("/api/boats/".length());
        return path.replace("{boat}", boat)
                .replace("{kind}", "MONO")
                .replace("{day}", "2026-06-18")
                .replace("{species}", "MAHI")
                .replaceAll(
                        "\\{(spread|trip|calibration|thing|source|device|imported|grid|mark)}",
                        UUID.randomUUID().toString());
    }

    private static List<String> bodies() {
        return List.of(
                "",
                " ",
                "null",
                "true",
                "7",
                "\"text\"",
                "[]",
                "[[[]]]",
                "{",
                "{}",
                "}{",
                "{\"a\":1,\"a\":2}",
                "{\"version\":1e400}",
                "{\"version\":\"1\"}",
                "{\"name\":\"a\\u0000b\"}",
                "{\"lines\":{}}",
                "{\"lines\":[null,1,\"x\",[]]}",
                "{\"events\":[{\"kind\":\"NOPE\"}]}",
                "{\"draft\":[]}",
                "{\"chainFromLure\":[{}]}",
                "{\"holders\":[{\"base\":7}]}",
                "{\"speedThroughWaterMps\":NaN}",
                "{\"__proto__\":{}}",
                "{\"a\":" + "[".repeat(900) + "]".repeat(900) + "}",
                "\u0000",
                "\uFFFF{}",
                "<xml/>",
                "{\"name\":" + "9".repeat(2000) + "}");
    }

    @ParameterizedTest
    @MethodSource("endpoints")
    void refusesGarbage(Endpoint endpoint) {
        Api api = running();
        String path = addressed(api, endpoint.path());
        if (!endpoint.hasBody()) {
            refused(
                    api.send(
                            endpoint.method(),
                            path.replace("MAHI", "KRAKEN")
                                            .replace("2026-06-18", "soon")
                                            .replaceAll("[0-9a-f]{8}-[0-9a-f-]{27}", "not-an-id")
                                    + "?date=%20&strengthN=x",
                            null),
                    endpoint);
            return;
        }
        if (endpoint.takesAnyText()) {
            return;
        }
        for (String body : bodies()) {
            Api.Answer answer = api.send(endpoint.method(), path, body, "Content-Type", endpoint.type());
            refused(answer, endpoint);
            assertThat(answer.json().has("faults")).as("%s %s", endpoint, body).isTrue();
        }
    }

    /** Every field of a good body replaced, one at a time, by what does not belong there. */
    @Test
    void namesTheFieldOfEveryBadValue() {
        Api api = running();
        String path = api.quietLedger() + "/solve";
        JsonNode good = api.mixedSurface().get("draft");
        var bad = List.of("\"x\"", "{}", "[]", "true", "1e999", "-1e300", "\"\\u0000\"");
        for (String pointer :
                List.of("/speedThroughWaterMps", "/lines/0/letOutM", "/lines/1/strikeDragN", "/lines/2/lineId")) {
            for (String value : bad) {
                ObjectNode body = (ObjectNode) good.deepCopy();
                int slash = pointer.lastIndexOf('/');
                ObjectNode parent = (ObjectNode) body.at(pointer.substring(0, slash));
                parent.put(pointer.substring(slash + 1), "@@");
                var answer = api.post(path, body.toString().replace("\"@@\"", value));
                assertThat(answer.status()).as(pointer + value).isEqualTo(400);
                assertThat(answer.fields()).as(pointer + value).hasSize(1);
                String field = pointer.substring(1).replaceAll("/(\\d)", "[$1]").replace('/', '.');
                assertThat(answer.fields().get(0)).isEqualTo(field);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("endpoints")
    void refusesFiveMegabytes(Endpoint endpoint) {
        if (!endpoint.hasBody()) {
            return;
        }
        Api api = running();
        var answer = api.send(endpoint.method(), addressed(api, endpoint.path()), "[" + " ".repeat(5_000_000) + "]");
        assertThat(answer.status()).isEqualTo(413);
        assertThat(answer.json().get("detail").asString()).contains("KiB");
    }

    @ParameterizedTest
    @MethodSource("endpoints")
    void refusesRandomBytes(Endpoint endpoint) {
        if (!endpoint.hasBody() || endpoint.takesAnyText()) {
            return;
        }
        Api api = running();
        var random = new Random(endpoint.toString().hashCode());
        for (int i = 0; i < 20; i++) {
            String body = random.ints(1 + random.nextInt(60), 1, 0x2fff)
                    .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                    .toString();
            refused(
                    api.send(endpoint.method(), addressed(api, endpoint.path()), body, "Content-Type", endpoint.type()),
                    endpoint);
        }
    }

    private static void refused(Api.Answer answer, Endpoint endpoint) {
        boolean needsNothing = endpoint.path()
                .matches("/api/(boats|devices|lure-kinds|line-kinds|gear/columns|call/catalogue|rig/numbers)");
        if (!needsNothing) {
            assertThat(answer.status()).as("%s %s", endpoint, answer.text()).isBetween(400, 499);
        }
        assertThat(answer.text())
                .doesNotContain("Exception")
                .doesNotContain("at org.")
                .doesNotContain("tools.jackson");
    }
}
