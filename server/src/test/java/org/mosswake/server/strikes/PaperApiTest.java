package org.mosswake.server.strikes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A day from paper becomes facts, once. */
@ExtendWith(RunningServer.class)
class PaperApiTest {
    private static Api.Answer send(Api api, UUID trip, String text, boolean take) {
        String boat = api.quietLedger();
        ObjectNode body = Api.JSON.createObjectNode();
        body.put("tripId", trip.toString()).put("day", "2024-07-09").put("name", "From paper");
        body.put("spreadId", Api.named(api.get(boat + "/spreads").json(), "Mixed surface", "spreadId"));
        body.put("text", text).put("take", take);
        return api.post(boat + "/paper", body);
    }

    @Test
    void whatIsTypedIsKeptOnce(Api api) {
        UUID trip = UUID.randomUUID();
        String text = "05:10 set\n06:02 C1 wahoo 1.2 m\n06:40 P1 lost, broke\nnonsense\n09:00 up";
        JsonNode looked = send(api, trip, text, false).json();
        assertThat(looked.get("rows")).hasSize(4);
        assertThat(looked.get("refused")).hasSize(1);
        assertThat(looked.get("kept").asBoolean()).isFalse();
        assertThat(api.get(api.quietLedger() + "/trips/" + trip + "/log").status())
                .isEqualTo(404);
        for (int i = 0; i < 2; i++) {
            assertThat(send(api, trip, text, true).json().get("kept").asBoolean())
                    .isTrue();
            JsonNode day =
                    api.get(api.quietLedger() + "/trips/" + trip + "/log").json();
            assertThat(day.get("strikes")).hasSize(2);
        }
        JsonNode slice = api.get(api.quietLedger() + "/log?day=2024-07-09&where=SPECIES:wahoo")
                .json();
        assertThat(slice.get("sum").get("strikes").asInt()).isEqualTo(1);
        JsonNode after =
                api.get(api.quietLedger() + "/trips/" + trip + "/after").json();
        assertThat(after.get("used")).hasSize(1);
        assertThat(send(api, trip, "nothing at all", true).json().get("kept").asBoolean())
                .isFalse();
        assertThat(send(api, trip, "", true).status()).isEqualTo(400);
    }
}
