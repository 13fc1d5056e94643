package org.mosswake.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What the document says a body takes is what it takes. */
@ExtendWith(RunningServer.class)
class PublishedRangesTest {
    private static JsonNode range(Api api, String schema, String field) {
        return api.get("/v3/api-docs")
                .json()
                .get("components")
                .get("schemas")
                .get(schema)
                .get("properties")
                .get(field);
    }

    @Test
    void theEndsOfARangeAreTakenAndBeyondIsRefused(Api api) {
        JsonNode length = range(api, "BoatBody", "lengthM");
        ObjectNode boat = (ObjectNode) api.get(api.sprat()).json();
        double most = length.get("maximum").asDouble();
        assertThat(api.put(api.sprat(), boat.deepCopy().put("lengthM", most * 1.001))
                        .fields())
                .contains("lengthM");
        assertThat(api.put(api.sprat(), boat.put("lengthM", most)).status()).isEqualTo(200);
    }

    @Test
    void whatLiesDeepInABodyIsPublishedToo(Api api) {
        assertThat(range(api, "PieceDraft", "lengthM").get("minimum").asDouble())
                .isEqualTo(0.5);
        assertThat(range(api, "FootDraft", "fittingN").get("maximum").asDouble())
                .isEqualTo(10_000);
        assertThat(range(api, "BoatBody", "drogueSpeedMps").has("maximum"))
                .as("a bound reckoned from another number is none")
                .isFalse();
    }
}
