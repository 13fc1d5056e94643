package org.mosswake.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.node.ObjectNode;

/** Places, clocks and dates from the ends of their ranges, at every station: an answer, or a clear refusal. */
@ExtendWith(RunningServer.class)
class EndsOfRangesTest {
    private static final List<String> ZONES =
            ZoneId.getAvailableZoneIds().stream().sorted().toList();
    private static final double[] LATITUDES = {-90, -89.9, -66.6, -60, 0, 52, 58.3, 60, 66.5, 67, 89.99, 90};
    private static final double[] LONGITUDES = {-180, -179.99, -90, 0, 0.01, 90, 179.99, 180};
    private static final List<String> INSTANTS = List.of(
            "-1000000000-01-01T00:00:00Z",
            "+1000000000-12-31T23:59:59.999999999Z",
            "0000-01-01T00:00:00Z",
            "1899-12-31T23:59:59Z",
            "1900-01-01T00:00:00Z",
            "2199-12-31T23:59:59.999999999Z",
            "2200-01-01T00:00:00Z",
            "9999-12-31T23:59:59Z");
    private static final List<String> DATES = List.of(
            "-999999999-01-01",
            "+999999999-12-31",
            "0001-01-01",
            "1899-12-31",
            "1900-01-01",
            "2199-12-31",
            "9999-12-31");

    private static double one(Random random, double[] ends, double most) {
        return random.nextBoolean() ? ends[random.nextInt(ends.length)] : most * (2 * random.nextDouble() - 1);
    }

    private static ObjectNode call(Random random, LocalDate day) {
        String zone = random.nextInt(3) == 0
                ? "%s%02d:00".formatted(random.nextBoolean() ? "+" : "-", random.nextInt(19))
                : ZONES.get(random.nextInt(ZONES.size()));
        ObjectNode body = Api.JSON.createObjectNode();
        body.put("day", day.toString()).put("at", day + "T12:00:00Z");
        body.putObject("place")
                .put("latitudeDeg", one(random, LATITUDES, 90))
                .put("longitudeDeg", one(random, LONGITUDES, 180))
                .put("timeZone", zone);
        body.putArray("answers");
        return body;
    }

    @Test
    void everyPlaceAndClockIsCalled(Api api) {
        var random = new Random(20);
        String boat = api.sprat();
        for (int i = 0; i < 200; i++) {
            ObjectNode body = call(random, LocalDate.of(2020, 1, 1).plusDays(random.nextInt(3653)));
            var place = body.get("place");
            String query = "?date=" + body.get("day").asString() + "&latitudeDeg=" + place.get("latitudeDeg")
                    + "&longitudeDeg=" + place.get("longitudeDeg") + "&timeZone="
                    + place.get("timeZone").asString().replace("+", "%2B");
            var day = api.get("/api/day" + query);
            assertThat(day.status()).as(query + day.text()).isEqualTo(200);
            assertThat(day.json().get("light")).isNotEmpty();
            var called = api.post(boat + "/call", body);
            assertThat(called.status()).as(body + called.text()).isEqualTo(200);
            assertThat(called.json().get("steps")).isNotEmpty();
            if (i % 12 == 0) {
                assertThat(api.post(boat + "/call/calendar", body).status())
                        .as(body.toString())
                        .isEqualTo(200);
                assertThat(api.post(
                                        boat + "/call/spread",
                                        Api.JSON.createObjectNode().set("call", body))
                                .text())
                        .contains("\"DONE\"");
            }
        }
    }

    private static void fine(Api.Answer answer, Object what) {
        assertThat(answer.status()).as("%s %s", what, answer.text()).isLessThan(500);
        assertThat(answer.text()).doesNotContain("{0}").doesNotContain("{1}").doesNotContain("{2}");
    }

    @Test
    void instantsAndDatesFromTheEndsOfTimeAreAnsweredOrRefused(Api api) {
        var random = new Random(21);
        String boat = api.sprat();
        for (String instant : INSTANTS) {
            for (String field : List.of("at", "linesIn", "homeAt")) {
                ObjectNode body = call(random, LocalDate.of(2026, 6, 18)).put(field, instant);
                fine(api.post(boat + "/call", body), body);
                ObjectNode plan = Api.JSON
                        .createObjectNode()
                        .put("day", "2026-10-01")
                        .put("version", 0)
                        .put("runOutMin", 30.0);
                plan.putArray("answers");
                fine(
                        api.put(boat + "/plans/2026-10-01", plan.put(field.equals("at") ? "homeAt" : field, instant)),
                        plan);
            }
        }
        for (String date : DATES) {
            ObjectNode body = call(random, LocalDate.of(2026, 6, 18)).put("day", date);
            fine(api.post(boat + "/call", body), body);
            fine(
                    api.get("/api/day?date=" + date.replace("+", "%2B") + "&latitudeDeg=1&longitudeDeg=1&timeZone=UTC"),
                    date);
            fine(api.get(boat + "/plans/" + date.replace("+", "%2B")), date);
            ObjectNode rule =
                    Api.JSON.createObjectNode().put("species", "SAILFISH").put("version", 0);
            fine(
                    api.put(
                            boat + "/rules",
                            rule.put("dated", date).put("barbless", true).put("gear", "")),
                    rule);
            String trip = UUID.randomUUID().toString();
            fine(
                    api.put(
                            boat + "/trips/" + trip,
                            Api.JSON
                                    .createObjectNode()
                                    .put("tripId", trip)
                                    .put("name", "x")
                                    .put("day", date)
                                    .put("place", "x")
                                    .put("latitudeDeg", 1.0)
                                    .put("longitudeDeg", 1.0)
                                    .put("timeZone", "UTC")),
                    date);
        }
    }

    @Test
    void addressesThatAreNoneAreRefusedInWords(Api api) {
        for (String path : List.of(
                "/error",
                "/api/boats/nobody",
                "/api/boats/1-1-1-1-1",
                api.sprat() + "/plans/soon",
                api.sprat() + "/plans/2026-02-30",
                "/api/line-kinds/ROPE?strengthN=3",
                "/api/line-kinds/MONO?strengthN=NaN",
                "/api/day?date=2026-06-18&latitudeDeg=Infinity&longitudeDeg=1&timeZone=UTC")) {
            var answer = api.get(path);
            assertThat(answer.status()).as(path).isBetween(400, 499);
            fine(answer, path);
        }
        for (String type :
                List.of("multipart/form-data", "multipart/form-data; boundary=", "multipart/mixed; boundary=\"")) {
            for (String path : List.of("/error", "/api/tow", "/", "/assets/none.js", api.sprat() + "/gear/box.csv")) {
                assertThat(api.send("POST", path, "--x\r\nnonsense", "Content-Type", type)
                                .status())
                        .as(path + type)
                        .isBetween(400, 499);
            }
        }
    }
}
