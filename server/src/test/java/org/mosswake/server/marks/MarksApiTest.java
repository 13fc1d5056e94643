package org.mosswake.server.marks;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningServer.class)
class MarksApiTest {
    private static Api.Answer take(Api api, String boat, String gpx) {
        return api.postBytes(boat + "/marks.gpx", "application/gpx+xml", gpx.getBytes(StandardCharsets.UTF_8));
    }

    private static String gpx(String... points) {
        return "<?xml version=\"1.0\"?><gpx version=\"1.1\" creator=\"x\">" + String.join("", points) + "</gpx>";
    }

    private static String point(double lat, String name) {
        return "<wpt lat=\"%s\" lon=\"-47.3\"><name>%s</name></wpt>".formatted(lat, name);
    }

    /** Out and in again they are the same; the same file twice is one set; what was removed comes back with its file. */
    @Test
    void waypointsComeInAndGoOutAgainEqual(Api api) {
        String boat = api.newBoat();
        String file = gpx(point(27.61, "Hump &amp; rip"), point(27.55, ""), point(95, "nowhere"), "<trk/>");
        JsonNode taken = take(api, boat, file).json();
        assertThat(taken.get("taken").asInt()).isEqualTo(2);
        assertThat(taken.get("nowhere").asInt()).isEqualTo(1);
        assertThat(take(api, boat, file).json().get("here").asInt()).isEqualTo(2);
        JsonNode marks = api.get(boat + "/marks").json();
        assertThat(marks).hasSize(2);
        assertThat(marks.toString()).contains("Hump & rip");
        String out = api.get(boat + "/marks.gpx").text();
        String other = api.newBoat();
        Api.Answer again = take(api, other, out);
        assertThat(again.status()).as(out + again.text()).isEqualTo(200);
        assertThat(again.json().get("taken").asInt()).isEqualTo(2);
        assertThat(api.get(other + "/marks.gpx").text()).isEqualTo(out);
        String first = marks.get(0).get("markId").asString();
        assertThat(api.send("DELETE", boat + "/marks/" + first + "?version=1", null)
                        .status())
                .isEqualTo(204);
        assertThat(api.get(boat + "/marks").json()).hasSize(1);
        assertThat(take(api, boat, file).json().get("taken").asInt()).isEqualTo(1);
    }

    @Test
    void oneIsNamedAnewAndAStaleChangeIsRefusedWithBothSides(Api api) {
        String boat = api.newBoat();
        ObjectNode mark = Api.JSON
                .createObjectNode()
                .put("markId", UUID.randomUUID().toString())
                .put("name", "Rip")
                .put("latitudeDeg", 27.6)
                .put("longitudeDeg", -47.3)
                .put("version", 0);
        assertThat(api.put(boat + "/marks", mark).json().get("version").asInt()).isEqualTo(1);
        mark.put("name", "Old rip").put("version", 1);
        assertThat(api.put(boat + "/marks", mark).status()).isEqualTo(200);
        Api.Answer stale = api.put(boat + "/marks", mark.put("name", "Mine"));
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.json().at("/theirs/name").asString()).isEqualTo("Old rip");
        Api.Answer wrong = api.put(boat + "/marks", mark.put("latitudeDeg", 99).put("name", ""));
        assertThat(wrong.fields()).containsExactlyInAnyOrder("latitudeDeg", "name");
    }

    @Test
    void whatIsNoGpxIsRefused(Api api) {
        String boat = api.newBoat();
        for (String text : new String[] {"<html/>", gpx(point(27, "x")).substring(0, 60), "\u0000"}) {
            assertThat(take(api, boat, text).codes()).containsExactly("UNREADABLE_TRACK");
        }
    }
}
