package org.mosswake.server.gear;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(RunningServer.class)
class BoxApiTest {
    private static Api.Answer send(Api api, String boat, String csv) {
        return api.send("POST", boat + "/gear/box.csv", csv, "Content-Type", "text/csv");
    }

    private static JsonNode lure(Api api, String boat, String name) {
        return api.get(boat + "/gear")
                .json()
                .get("lures")
                .valueStream()
                .filter(l -> l.get("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** Out and in again changes nothing but versions. */
    @Test
    void theBoxComesBackAsItWent(Api api) {
        String boat = api.sprat();
        JsonNode before = api.get(boat + "/gear").json();
        String csv = api.get(boat + "/gear/box.csv").text();
        JsonNode taken = send(api, boat, csv).json();
        assertThat(taken.get("added").asInt()).isZero();
        assertThat(taken.get("changed").asInt())
                .isEqualTo(before.get("lures").size()
                        + before.get("lines").size()
                        + before.get("reels").size());
        JsonNode after = api.get(boat + "/gear").json();
        for (String part : new String[] {"lures", "lines", "reels"}) {
            for (int i = 0; i < before.get(part).size(); i++) {
                ObjectNode was = (ObjectNode) before.get(part).get(i);
                ObjectNode is = (ObjectNode) after.get(part).get(i);
                was.properties().forEach(field -> {
                    if (field.getValue().isDouble()) {
                        assertThat(is.get(field.getKey()).asDouble())
                                .isCloseTo(
                                        field.getValue().asDouble(),
                                        org.assertj.core.data.Percentage.withPercentage(1e-5));
                    } else if (!field.getKey().equals("version")) {
                        assertThat(is.get(field.getKey())).isEqualTo(field.getValue());
                    }
                });
            }
        }
    }

    @Test
    void aNewRowIsAsUsualForItsKind(Api api) {
        String boat = api.sprat();
        JsonNode taken = send(
                        api,
                        boat,
                        "what,name,kind,colour,count,length_cm\nlure,\"Tinsel, long\",flutter spoon,pink,4,19,5\n")
                .json();
        assertThat(taken.has("faults") || taken.has("added")).isTrue();
        taken = send(
                        api,
                        boat,
                        "what,name,kind,colour,count,length_cm\nlure,\"Tinsel, long\",flutter spoon,pink,4,19\nline,Thin,braid,,,\n"
                                .replace("line,Thin,braid,,,\n", ""))
                .json();
        JsonNode made = lure(api, boat, "Tinsel, long");
        assertThat(made.get("kind").asString()).isEqualTo("FLUTTER_SPOON");
        assertThat(made.get("count").asInt()).isEqualTo(4);
        assertThat(made.get("dragAreaM2").asDouble()).isEqualTo(0.022);
        assertThat(taken.get("added").asInt()).isEqualTo(1);
    }

    @Test
    void everyFaultIsNamedByRowAndColumnAndNothingIsTaken(Api api) {
        String boat = api.sprat();
        int before = api.get(boat + "/gear").json().get("lures").size();
        var answer = send(
                api,
                boat,
                "what,name,kind,length_cm,mass_g\nlure,Good,squid,10,\nlure,Bad,kraken,10,\nlure,Worse,squid,long,\nboat,x,,,\nlure,Huge,squid,900,\n");
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.fields())
                .containsExactlyInAnyOrder("row 3.kind", "row 4.length_cm", "row 5.what", "row 6.lengthM");
        assertThat(api.get(boat + "/gear").json().get("lures")).hasSize(before);
        assertThat(send(api, boat, "name,colour\nx,red\n").fields()).containsExactly("what");
        assertThat(send(api, boat, "what,name,weather\n").fields()).containsExactly("weather");
        assertThat(send(api, boat, "what,name\n\"lure,x").status()).isEqualTo(400);
    }

    @Test
    void textThatWouldBeAFormulaStaysText(Api api) {
        String boat = api.sprat();
        ObjectNode body = (ObjectNode) lure(api, boat, "Diving plane");
        body.put("name", "=1+1");
        JsonNode kept = api.put(boat + "/gear/lures", body).json();
        assertThat(api.get(boat + "/gear/box.csv").text()).contains("'=1+1");
        send(api, boat, api.get(boat + "/gear/box.csv").text());
        assertThat(lure(api, boat, "=1+1").get("gearId")).isEqualTo(kept.get("gearId"));
        api.put(boat + "/gear/lures", ((ObjectNode) lure(api, boat, "=1+1")).put("name", "Diving plane"));
    }

    @Test
    void aReelNeedsALineOfTheBox(Api api) {
        String boat = api.sprat();
        ObjectNode reel =
                (ObjectNode) api.get(boat + "/gear").json().get("reels").get(0);
        assertThat(api.put(boat + "/gear/reels", reel).json().get("version").asInt())
                .isEqualTo(reel.get("version").asInt() + 1);
        assertThat(api.put(boat + "/gear/reels", reel).status()).isEqualTo(409);
        reel.put("version", reel.get("version").asInt() + 1)
                .put("mainLineGearId", java.util.UUID.randomUUID().toString());
        assertThat(api.put(boat + "/gear/reels", reel).fields()).containsExactly("mainLineGearId");
        reel.remove("mainLineGearId");
        assertThat(api.put(boat + "/gear/reels", reel.put("arborRadiusM", 0.09)).fields())
                .containsExactly("arborRadiusM");
    }

    @Test
    void anEmptyBoxIsFilledWithUsualThingsAndAFullOneIsLeftAlone(Api api) {
        ObjectNode boat = (ObjectNode) api.get(api.sprat()).json();
        String fresh = java.util.UUID.randomUUID().toString();
        boat.put("boatId", fresh).put("version", 0).put("name", "Fresh");
        boat.get("holders")
                .forEach(holder -> ((ObjectNode) holder)
                        .put("holderId", java.util.UUID.randomUUID().toString()));
        String path = "/api/boats/" + fresh;
        assertThat(api.put(path, boat).status()).isEqualTo(200);
        assertThat(api.get(path + "/gear").json().get("lures")).isEmpty();
        ObjectNode cold = Api.JSON.createObjectNode().put("waters", "COLD");
        JsonNode filled = api.post(path + "/gear/starter", cold).json();
        assertThat(filled.get("lures").size()).isGreaterThan(8);
        assertThat(filled.get("reels").size()).isGreaterThan(1);
        assertThat(api.post(path + "/gear/starter", cold).json()).isEqualTo(filled);
        assertThat(api.post(path + "/gear/starter", Api.JSON.createObjectNode()).fields())
                .containsExactly("waters");
    }
}
