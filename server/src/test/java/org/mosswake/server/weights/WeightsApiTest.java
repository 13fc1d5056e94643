package org.mosswake.server.weights;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.ZoneId;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.core.sim.InventedPlans;
import org.mosswake.server.platform.demo.DemoIds;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class WeightsApiTest {
    private static final String YEARS = "/api/boats/" + DemoIds.SLOW_ALMANAC;

    private static JsonNode weights(Api api) {
        var answer = api.get(YEARS + "/weights");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    /** What the invented years teach goes the way in which their sea is other than the shipped weights. */
    @Test
    void whatIsLearntIsMostlyTrue(Api api) {
        JsonNode weights = weights(api);
        assertThat(weights.get("days").asInt()).isBetween(100, 180);
        assertThat(weights.get("without").asInt()).isGreaterThan(400);
        assertThat(weights.get("asked").asInt()).isEqualTo(60);
        Map<String, Double> true0 = new InventedPlans(2007, 27.6, -47.3, ZoneId.of("Etc/GMT+3")).moves();
        int right = 0;
        int all = 0;
        for (JsonNode moved : weights.get("moved")) {
            double by = moved.get("to").asInt() - moved.get("from").asInt();
            if (Math.abs(by) >= 2) {
                all++;
                right += Math.signum(by)
                                == Math.signum(true0.get(moved.get("key").asString()))
                        ? 1
                        : 0;
            }
            assertThat(moved.get("words").asString()).contains(", for ");
        }
        assertThat(all).isGreaterThan(4);
        assertThat(right).isGreaterThan(3 * all / 5);
    }

    /** On and off again: the call follows, what the skipper set stays, and nobody is overtaken. */
    @Test
    void theyAreSwitchedOnAndTakenBack(Api api) {
        JsonNode before = weights(api);
        int version = before.get("version").asInt();
        var on = api.put(YEARS + "/weights", "{\"version\":%d,\"on\":true}".formatted(version));
        assertThat(on.status()).as(on.text()).isEqualTo(200);
        assertThat(on.json().get("on").asBoolean()).isTrue();
        assertThat(on.json().get("usedDays").asInt())
                .isEqualTo(before.get("days").asInt());
        for (JsonNode moved : on.json().get("moved")) {
            assertThat(moved.get("used").asInt()).isEqualTo(moved.get("to").asInt());
        }
        var late = api.put(YEARS + "/weights", "{\"version\":%d,\"on\":false}".formatted(version));
        assertThat(late.status()).isEqualTo(409);
        String key = before.get("moved").get(0).get("key").asString();
        var own = api.put(YEARS + "/numbers", "{\"version\":0,\"set\":[{\"key\":\"%s\",\"value\":3}]}".formatted(key));
        assertThat(own.status()).as(own.text()).isEqualTo(200);
        assertThat(weights(api).get("moved"))
                .noneMatch(moved -> moved.get("key").asString().equals(key));
        var none = api.put(
                YEARS + "/numbers",
                "{\"version\":%d,\"set\":[]}"
                        .formatted(own.json().get("version").asInt()));
        assertThat(none.status()).as(none.text()).isEqualTo(200);
        var off = api.put(
                YEARS + "/weights",
                "{\"version\":%d,\"on\":false}"
                        .formatted(on.json().get("version").asInt()));
        assertThat(off.status()).isEqualTo(200);
        for (JsonNode moved : off.json().get("moved")) {
            assertThat(moved.get("used").asInt()).isEqualTo(moved.get("from").asInt());
        }
    }

    /** A boat without a plan for a day that was fished learns nothing, and says so. */
    @Test
    void aBoatWithoutDaysLearnsNothing(Api api) {
        JsonNode none = api.get("/api/boats/" + DemoIds.SPRAT + "/weights").json();
        assertThat(none.get("days").asInt()).isZero();
        assertThat(none.get("moved")).isEmpty();
        assertThat(api.put("/api/boats/" + DemoIds.SPRAT + "/weights", "{\"version\":0}")
                        .status())
                .isEqualTo(400);
    }
}
