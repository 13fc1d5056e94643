package org.mosswake.server.water.sounder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningServer.class)
class SounderApiTest {
    private static ObjectNode ask() {
        return Api.JSON
                .createObjectNode()
                .put("coneDeg", 20)
                .put("pingsHz", 5)
                .put("depthM", 25)
                .put("throughMps", 3.86);
    }

    @Test
    void aTraceIsReadAndEachLureComesToItInItsTime(Api api) {
        ObjectNode body = ask().put("columns", 10).put("heightM", 0.4);
        body.set("draft", api.mixedSurface().get("draft"));
        JsonNode reply = api.post(api.quietLedger() + "/sounder", body).json();
        assertThat(reply.get("footprintM").asDouble()).isCloseTo(8.8, within(0.05));
        assertThat(reply.get("fish").get("shape").asString()).isEqualTo("ARCH");
        assertThat(reply.get("can").get("oneFish").asBoolean()).isTrue();
        assertThat(reply.get("can").get("says")).hasSize(3);
        assertThat(reply.get("lures")).hasSize(6);
        double before = 0;
        for (JsonNode lure : reply.get("lures")) {
            double astern = lure.get("asternM").asDouble();
            assertThat(astern).isGreaterThanOrEqualTo(before);
            assertThat(lure.get("driftingS").asDouble()).isCloseTo(astern / 3.86, within(0.01));
            before = astern;
        }
    }

    @Test
    void ofABoatThatLiesStillAFishNeverEnds(Api api) {
        JsonNode reply =
                api.post(api.newBoat() + "/sounder", ask().put("groundMps", 0)).json();
        assertThat(reply.get("fish").get("shape").asString()).isEqualTo("LINE");
        assertThat(reply.get("fish").has("columns")
                        && !reply.get("fish").get("columns").isNull())
                .isFalse();
        assertThat(reply.get("lures")).isEmpty();
        assertThat(api.post(api.newBoat() + "/sounder", ask().put("coneDeg", 0)).fields())
                .containsExactly("coneDeg");
    }
}
