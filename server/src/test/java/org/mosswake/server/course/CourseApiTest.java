package org.mosswake.server.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Courses over the demo's ledge, over a sea of which nothing is known, kept with the day and out as a route. */
@ExtendWith(RunningServer.class)
class CourseApiTest {
    private static final String AT = "2026-06-18T08:00:00Z";

    private static ObjectNode ask(String kind, double latitude, double longitude) {
        ObjectNode body = Api.JSON
                .createObjectNode()
                .put("kind", kind)
                .put("lengthM", 9260)
                .put("at", AT);
        body.putObject("start").put("latitudeDeg", latitude).put("longitudeDeg", longitude);
        return body;
    }

    private static ObjectNode ledge(Api api) {
        ObjectNode body = ask("ALONG", 27.6, -47.29);
        body.putObject("band").putObject("depth").put("fromM", 50).put("toM", 110);
        body.set("draft", api.mixedSurface().get("draft"));
        return body;
    }

    private static JsonNode lay(Api api, String boat, ObjectNode body) {
        Api.Answer answer = api.post(boat + "/courses", body);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static List<String> lacks(JsonNode reply) {
        return reply.get("lacks").valueStream().map(JsonNode::asString).toList();
    }

    @Test
    void aCourseOverTheLedgeIsLaidHeldAndFollowedWithEveryLine(Api api) {
        ObjectNode body = ledge(api);
        JsonNode laid = lay(api, api.quietLedger(), body);
        assertThat(laid.get("how").asString()).isIn("WEAVES", "FOLLOWS");
        assertThat(laid.get("share").asDouble())
                .isGreaterThan(0.85)
                .isGreaterThanOrEqualTo(laid.get("straightShare").asDouble());
        double legs = laid.get("legs")
                .valueStream()
                .mapToDouble(leg -> leg.get("lengthM").asDouble())
                .sum();
        assertThat(legs).isCloseTo(laid.get("lengthM").asDouble(), within(0.03 * legs));
        assertThat(laid.get("tightestM").asDouble())
                .isGreaterThanOrEqualTo(laid.get("radiusM").asDouble() - 0.01);
        assertThat(laid.get("shoalestM").asDouble()).isBetween(30.0, 110.0);
        assertThat(laid.get("stream").get("byPicture").asBoolean()).isTrue();
        Api.Answer sailed = api.post(
                api.quietLedger() + "/courses/sailed",
                body.put("radiusM", laid.get("radiusM").asDouble()));
        List<JsonNode> events = sailed.text()
                .lines()
                .filter(line -> !line.isBlank())
                .map(Api.JSON::readTree)
                .toList();
        assertThat(events.size()).as("told as it goes").isGreaterThan(3);
        JsonNode done = events.get(events.size() - 1);
        assertThat(done.get("kind").asString()).isEqualTo("DONE");
        JsonNode found = done.get("sailed");
        assertThat(found.get("met")).isEmpty();
        assertThat(found.get("lures")).hasSameSizeAs(body.get("draft").get("lines"));
        assertThat(found.get("inBand").asDouble()).isCloseTo(laid.get("share").asDouble(), within(0.08));
        assertThat(found.get("timeS").asDouble())
                .isCloseTo(
                        laid.get("timeS").asDouble(),
                        within(0.05 * found.get("timeS").asDouble()));
        found.get("lures")
                .valueStream()
                .forEach(lure -> assertThat(lure.get("offBottomM").asDouble()).isPositive());
    }

    @Test
    void whatIsNotKnownIsSaidAndTheRestStands(Api api) {
        String boat = api.newBoat();
        ObjectNode along = ask("ALONG", 10, 20);
        along.putObject("band").putObject("depth").put("fromM", 50).put("toM", 110);
        JsonNode none = lay(api, boat, along);
        assertThat(none.has("how") && !none.get("how").isNull()).isFalse();
        assertThat(lacks(none)).contains("DEPTH", "STREAM", "SPREAD");
        JsonNode ladder = lay(api, boat, ask("LADDER", 10, 20));
        assertThat(ladder.get("how").asString()).isEqualTo("LANES");
        assertThat(lacks(ladder)).containsExactly("STREAM", "SPREAD");
        ObjectNode edge = ask("ALONG", 10, 20);
        ObjectNode band = edge.putObject("band").putObject("edge").put("withinM", 300);
        band.putArray("line").addObject().put("latitudeDeg", 10).put("longitudeDeg", 20);
        ((tools.jackson.databind.node.ArrayNode) band.get("line"))
                .addObject()
                .put("latitudeDeg", 10.1)
                .put("longitudeDeg", 20.05);
        JsonNode kept = lay(api, boat, edge);
        assertThat(kept.get("share").asDouble()).isGreaterThan(0.9);
        assertThat(lacks(lay(api, boat, ask("AROUND", 10, 20)))).contains("BAND");
        // An edge is no hump, and nobody goes with a stream that is not known.
        JsonNode about = lay(api, boat, edge.put("kind", "AROUND"));
        assertThat(about.has("how") && !about.get("how").isNull()).isFalse();
        assertThat(lacks(about)).contains("BAND");
        JsonNode with = lay(api, boat, edge.put("kind", "WITH_STREAM"));
        assertThat(with.has("how") && !with.get("how").isNull()).isFalse();
        assertThat(lacks(with)).contains("STREAM");
    }

    @Test
    void faultsNameTheirFields(Api api) {
        ObjectNode body = ask("ALONG", 91, 20).put("lengthM", 40);
        body.putObject("band").putObject("depth").put("fromM", 50).put("toM", 30);
        assertThat(api.post(api.quietLedger() + "/courses", body).fields())
                .containsExactlyInAnyOrder("start.latitudeDeg", "lengthM", "band.depth.toM");
        body.putObject("band");
        assertThat(api.post(api.quietLedger() + "/courses", body).fields()).contains("band");
    }

    @Test
    void isKeptWithTheDayUnderVersionsAndLeavesAsARoute(Api api) throws Exception {
        String boat = api.newBoat();
        assertThat(api.get(boat + "/courses/2026-06-18").json().get("corners")).isEmpty();
        assertThat(api.get(boat + "/courses/2026-06-18.gpx").status()).isEqualTo(404);
        ObjectNode asked = ask("LADDER", 10, 20);
        JsonNode laid = lay(api, boat, asked);
        ObjectNode keep = Api.JSON.createObjectNode().put("day", "2026-06-18").put("version", 0);
        keep.set("asked", asked);
        var corners = keep.putArray("corners");
        laid.get("legs")
                .forEach(leg -> corners.addObject()
                        .put("latitudeDeg", leg.get("latitudeDeg").asDouble())
                        .put("longitudeDeg", leg.get("longitudeDeg").asDouble()));
        JsonNode kept = api.put(boat + "/courses", keep).json();
        assertThat(kept.get("version").asInt()).isEqualTo(1);
        assertThat(api.put(boat + "/courses", keep).status())
                .as("from an old version")
                .isEqualTo(409);
        JsonNode read = api.get(boat + "/courses/2026-06-18").json();
        assertThat(read.get("asked").get("kind").asString()).isEqualTo("LADDER");
        assertThat(read.get("corners")).isEqualTo(corners);
        String gpx = api.get(boat + "/courses/2026-06-18.gpx").text();
        var points = javax.xml.parsers.DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new org.xml.sax.InputSource(new java.io.StringReader(gpx)))
                .getElementsByTagName("rtept");
        assertThat(points.getLength()).isEqualTo(corners.size());
        assertThat(points.item(1).getAttributes().getNamedItem("lat").getNodeValue())
                .isEqualTo(corners.get(1).get("latitudeDeg").asString());
        assertThat(api.send("DELETE", boat + "/courses/2026-06-18?version=1", null)
                        .status())
                .isEqualTo(204);
        assertThat(api.get(boat + "/courses/2026-06-18").json().get("corners")).isEmpty();
    }
}
