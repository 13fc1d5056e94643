package org.mosswake.server.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.platform.demo.DemoIds;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class LogApiTest {
    private static final String YEARS = "/api/boats/" + DemoIds.SLOW_ALMANAC;

    private static String path(String boat, String... where) {
        var path = new StringBuilder(boat + "/log?day=2026-06-18");
        for (String one : where) {
            path.append("&where=").append(URLEncoder.encode(one, StandardCharsets.UTF_8));
        }
        return path.toString();
    }

    private static JsonNode log(Api api, String boat, String... where) {
        var answer = api.get(path(boat, where));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    @Test
    void twentyYearsAreToldApart(Api api) {
        JsonNode log = log(api, YEARS);
        int strikes = log.get("sum").get("strikes").asInt();
        double minutes = log.get("sum").get("minutes").asDouble();
        assertThat(strikes).isGreaterThan(1000);
        assertThat(log.get("firstDay").asString()).startsWith("2007-");
        assertThat(log.get("weeks")
                        .valueStream()
                        .mapToInt(week -> week.get("strikes").asInt())
                        .sum())
                .isEqualTo(strikes);
        JsonNode depths = question(log, "DEPTH");
        double of = 0;
        for (JsonNode arm : depths.get("arms")) {
            of += arm.get("sum").get("minutes").asDouble();
            assertThat(arm.get("odds").asDouble()).isBetween(0.0, 1.0);
            JsonNode same = log(api, YEARS, arm.get("where").asString()).get("sum");
            assertThat(same.get("strikes").asInt())
                    .isEqualTo(arm.get("sum").get("strikes").asInt());
        }
        assertThat(of).isEqualTo(minutes, within(minutes / 1000));
        JsonNode far = log(api, YEARS, "POSITION:Centre, far").get("sum");
        assertThat(far.get("strikes").asInt()).isBetween(50, strikes / 2);
        JsonNode king = log(api, YEARS, "SPECIES:king|mahi", "STREAM:flood").get("sum");
        assertThat(king.get("strikes").asInt()).isBetween(100, strikes / 2);
        assertThat(log.get("findings").valueStream().map(one -> one.get("kind").asString()))
                .contains("EARLIER_WEEKS", "TAKES_MORE");
    }

    private static JsonNode question(JsonNode log, String facet) {
        return log.get("questions")
                .valueStream()
                .filter(one -> one.get("facet").asString().equals(facet))
                .findFirst()
                .orElseThrow();
    }

    /** The demo's morning: its lines' time and its strikes, with what the spread had tied. */
    @Test
    void factsOfADayAreInIt(Api api) {
        JsonNode log = log(api, api.quietLedger());
        JsonNode day = api.get(api.quietLedger() + "/trips").json();
        assertThat(day.size()).isPositive();
        assertThat(log.get("sum").get("strikes").asInt()).isGreaterThanOrEqualTo(5);
        assertThat(log.get("sum").get("minutes").asDouble()).isGreaterThan(300);
        assertThat(question(log, "POSITION").get("arms").size()).isGreaterThan(2);
        JsonNode struck = log.get("strikes").get(0);
        assertThat(struck.get("lure").asString()).isNotBlank();
        assertThat(struck.get("depthM").asDouble()).isBetween(0.0, 12.0);
    }

    @Test
    void anEmptyLogSaysNothing(Api api) {
        JsonNode log = log(api, api.sprat());
        assertThat(log.get("sum").get("strikes").asInt()).isZero();
        assertThat(log.get("sum").has("per100")).isFalse();
        assertThat(log.get("findings").size()).isZero();
        assertThat(log.has("firstDay")).isFalse();
    }

    @Test
    void whatCannotBeReadIsNamed(Api api) {
        for (String bad : new String[] {"DEPTH", "DEPTH:deep", "DEPTH:1..NaN", "DEPTH:4", "KRAKEN:yes", ":"}) {
            var answer = api.get(path(YEARS, "SPECIES:king", bad));
            assertThat(answer.status()).as(bad).isEqualTo(400);
            assertThat(answer.json().get("faults").get(0).get("field").asString())
                    .isEqualTo("where[1]");
        }
        assertThat(api.get(path("/api/boats/" + UUID.randomUUID())).status()).isEqualTo(404);
        assertThat(api.get(YEARS + "/log").status()).isEqualTo(400);
    }
}
