package org.mosswake.server.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The bench over HTTP: chains, windows, lists, ticks, stock and numbers. */
@ExtendWith(RunningServer.class)
class RigApiTest {
    private static final double KG = 9.80665;

    private static ObjectNode body(JsonNode draft) {
        ObjectNode body = Api.JSON.createObjectNode();
        body.put("day", "2026-06-18").put("timeZone", "Etc/GMT+3").set("draft", draft);
        return body;
    }

    private static ObjectNode ladder(Api api) {
        return (ObjectNode) api.spread(api.quietLedger(), "Fast ladder").get("draft");
    }

    private static JsonNode rig(Api api, ObjectNode body) {
        var answer = api.post(api.quietLedger() + "/rig", body);
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static ObjectNode piece(ObjectNode draft, int line, int piece) {
        return (ObjectNode) draft.get("lines").get(line).get("tackle").get(piece);
    }

    private static JsonNode part(JsonNode line, String sort) {
        return line.get("parts")
                .valueStream()
                .filter(part -> part.get("sort").asString().equals(sort))
                .findFirst()
                .orElseThrow();
    }

    private static JsonNode note(JsonNode line, String kind) {
        return line.get("notes")
                .valueStream()
                .filter(note -> note.get("kind").asString().equals(kind))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aLineComesFromReelToHook(Api api) {
        JsonNode line = rig(api, body(ladder(api))).get("lines").get(0);
        assertThat(line.get("label").asString()).isEqualTo("C1");
        assertThat(line.get("parts").get(0).get("sort").asString()).isEqualTo("SPOOL");
        assertThat(line.get("reel").get("name").asString()).isEqualTo("Fast, hollow braid");
        JsonNode join = part(line, "JOIN");
        assertThat(join.get("joint").asString()).isEqualTo("LOOP_TO_LOOP");
        assertThat(join.get("weakest").asBoolean()).isTrue();
        assertThat(join.get("choices").size()).isGreaterThan(1);
        assertThat(line.get("strengthN").asDouble())
                .isCloseTo(join.get("strengthN").asDouble(), within(1e-9));
        assertThat(line.get("rodClassN").asDouble()).isCloseTo(22.5 * KG, within(1e-6));
        assertThat(line.get("window").get("empty").asBoolean()).isFalse();
        assertThat(line.get("cautions").size()).isGreaterThanOrEqualTo(3);
    }

    @Test
    void aThickerLeaderChangesTheDepthAndTheChainAlike(Api api) {
        ObjectNode draft =
                (ObjectNode) api.spread(api.sprat(), "Deep in the sound").get("draft");
        String thick = api.get(api.sprat() + "/gear")
                .json()
                .get("lines")
                .valueStream()
                .filter(line -> line.get("name").asString().equals("Mono 200 lb"))
                .findFirst()
                .orElseThrow()
                .get("gearId")
                .asString();
        double before = api.post(api.sprat() + "/solve", draft)
                .json()
                .get("lines")
                .get(2)
                .get("tow")
                .get("depthM")
                .asDouble();
        piece(draft, 2, 0).put("lineGearId", thick);
        double after = api.post(api.sprat() + "/solve", draft)
                .json()
                .get("lines")
                .get(2)
                .get("tow")
                .get("depthM")
                .asDouble();
        JsonNode bench =
                api.post(api.sprat() + "/rig", body(draft)).json().get("lines").get(2);
        assertThat(after).isNotCloseTo(before, within(0.01));
        assertThat(bench.get("depthM").asDouble()).isCloseTo(after, within(1e-9));
    }

    @Test
    void anEmptyWindowOffersMendsThatTheSolverConfirms(Api api) {
        ObjectNode draft = ladder(api);
        String thin = api.get(api.quietLedger() + "/gear")
                .json()
                .get("lines")
                .valueStream()
                .filter(line -> line.get("name").asString().equals("Mono 20 lb"))
                .findFirst()
                .orElseThrow()
                .get("gearId")
                .asString();
        piece(draft, 0, 2).put("lineGearId", thin);
        JsonNode line = rig(api, body(draft)).get("lines").get(0);
        assertThat(line.get("window").get("empty").asBoolean()).isTrue();
        assertThat(note(line, "WINDOW").get("mends").size()).isGreaterThanOrEqualTo(2);
        int done = 0;
        for (JsonNode mend : note(line, "WINDOW").get("mends")) {
            if (mend.get("changes").isEmpty()) {
                continue;
            }
            ObjectNode mended = draft.deepCopy();
            mend.get("changes").forEach(change -> apply(mended, change));
            assertThat(rig(api, body(mended))
                            .get("lines")
                            .get(0)
                            .get("window")
                            .get("empty")
                            .asBoolean())
                    .as(mend.toString())
                    .isFalse();
            done++;
        }
        assertThat(done).isGreaterThanOrEqualTo(2);
    }

    private static void apply(ObjectNode draft, JsonNode change) {
        ObjectNode first = (ObjectNode) draft.get("lines").get(0);
        int at = change.path("piece").asInt(0);
        switch (change.get("what").asString()) {
            case "SPEED" ->
                draft.put("speedThroughWaterMps", change.get("value").asDouble());
            case "LET_OUT" -> first.put("letOutM", change.get("value").asDouble());
            case "STRIKE_DRAG" -> first.put("strikeDragN", change.get("value").asDouble());
            case "LINE" ->
                piece(draft, 0, at).put("lineGearId", change.get("gearId").asString());
            case "ITEM" ->
                piece(draft, 0, at).put("lureGearId", change.get("gearId").asString());
            case "TAKE" -> first.putObject("rig").put("take", change.get("take").asString());
            default -> throw new AssertionError(change);
        }
    }

    @Test
    void whatTheBenchChoosesIsKeptWithTheSpread(Api api) {
        ObjectNode draft = ladder(api);
        piece(draft, 0, 2)
                .putObject("foot")
                .put("above", "CRIMP")
                .put("fitting", "SWIVEL")
                .put("fittingN", 900.0)
                .put("below", "DOUBLE_CRIMP");
        ((ObjectNode) draft.get("lines").get(0))
                .putObject("rig")
                .put("hookKind", "SINGLE")
                .put("hookCount", 1)
                .put("hookStrengthN", 700.0)
                .put("take", "FIRM")
                .put("marks", "PULLS");
        String id = UUID.randomUUID().toString();
        ObjectNode save = Api.JSON.createObjectNode();
        save.put("spreadId", id).put("version", 0).put("name", "benched").set("draft", draft);
        assertThat(api.put(api.quietLedger() + "/spreads/" + id, save).status()).isEqualTo(200);
        assertThat(api.get(api.quietLedger() + "/spreads/" + id).json().get("draft"))
                .isEqualTo(draft);
        JsonNode line = rig(api, body(draft)).get("lines").get(0);
        assertThat(part(line, "FITTING").get("strengthN").asDouble()).isEqualTo(900);
        assertThat(line.get("take").asString()).isEqualTo("FIRM");
        assertThat(line.get("markedBy").asString()).isEqualTo("PULLS");
    }

    @Test
    void aJointThatDoesNotSuitIsRefusedByName(Api api) {
        ObjectNode draft = ladder(api);
        piece(draft, 0, 0).putObject("foot").put("above", "HAYWIRE_TWIST");
        var answer = api.post(api.quietLedger() + "/rig", body(draft));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.fields()).containsExactly("lines[0].tackle[0].foot.above");
        ObjectNode half = ladder(api);
        piece(half, 0, 0).putObject("foot").put("fitting", "SWIVEL");
        assertThat(api.post(api.quietLedger() + "/solve", half).fields())
                .containsExactly("lines[0].tackle[0].foot.fittingN");
        ObjectNode reel = ladder(api);
        ((ObjectNode) reel.get("lines").get(0))
                .putObject("rig")
                .put("reelGearId", UUID.randomUUID().toString());
        assertThat(api.post(api.quietLedger() + "/solve", reel).codes()).containsExactly("NOT_FOUND");
    }

    @Test
    void ticksSurvive(Api api) {
        JsonNode kept = api.spread(api.quietLedger(), "Fast ladder");
        ObjectNode body = body(kept.get("draft"));
        body.put("spreadId", kept.get("spreadId").asString());
        String key =
                rig(api, body).get("tonight").get("tasks").get(0).get("key").asString();
        String path = api.quietLedger() + "/spreads/" + kept.get("spreadId").asString() + "/ticks";
        ObjectNode tick =
                Api.JSON.createObjectNode().put("task", key).put("done", true).put("version", 0);
        assertThat(api.put(path, tick).json().get(0).get("version").asInt()).isEqualTo(1);
        var twice = api.put(path, tick);
        assertThat(twice.status()).isEqualTo(409);
        assertThat(twice.json().get("theirs")).isEqualTo(tick.deepCopy().put("version", 1));
        assertThat(rig(api, body).get("ticked").get(0).get("task").asString()).isEqualTo(key);
        assertThat(api.put(path, tick.put("done", false).put("version", 1)).status())
                .isEqualTo(200);
        assertThat(rig(api, body).get("ticked").get(0).get("done").asBoolean()).isFalse();
        assertThat(api.put(api.quietLedger() + "/spreads/" + UUID.randomUUID() + "/ticks", tick)
                        .status())
                .isEqualTo(404);
        assertThat(api.put(path, Api.JSON.createObjectNode().put("task", "")).fields())
                .containsExactly("task", "done", "version");
    }

    private static JsonNode goods(JsonNode rig, String key) {
        return rig.get("tonight")
                .get("goods")
                .valueStream()
                .filter(item -> item.get("key").asString().equals(key))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatIsCountedAboardComesOffTheList(Api api) {
        ObjectNode body = body(ladder(api));
        assertThat(goods(rig(api, body), "tethers").get("lacking").asDouble()).isEqualTo(3);
        String stock = api.quietLedger() + "/stock";
        ObjectNode two = Api.JSON
                .createObjectNode()
                .put("item", "tethers")
                .put("amount", 2.0)
                .put("version", 0);
        assertThat(api.put(stock, two).json().get("version").asInt()).isEqualTo(1);
        assertThat(goods(rig(api, body), "tethers").get("lacking").asDouble()).isEqualTo(1);
        assertThat(goods(rig(api, body), "tethers").get("version").asInt()).isEqualTo(1);
        var stale = api.put(stock, two.put("amount", 5.0));
        assertThat(stale.status()).isEqualTo(409);
        assertThat(stale.json().get("theirs").get("amount").asDouble()).isEqualTo(2);
        api.put(stock, Api.JSON.createObjectNode().put("item", "tethers").put("version", 1));
        assertThat(goods(rig(api, body), "tethers").get("counted").asBoolean()).isFalse();
        // Taken out, an old write does not bring it back.
        assertThat(api.put(stock, two.put("version", 1)).status()).isEqualTo(409);
        assertThat(api.put(
                                api.quietLedger() + "/stock",
                                Api.JSON
                                        .createObjectNode()
                                        .put("item", "tethers")
                                        .put("amount", -1.0)
                                        .put("version", 0))
                        .fields())
                .containsExactly("amount");
        // Leads and lures are counted by the box.
        assertThat(goods(rig(api, body), "gear:Torpedo lead, middle")
                        .get("lacking")
                        .asDouble())
                .isZero();
    }

    @Test
    void brineDoublesWithTheBaits(Api api) {
        ObjectNode draft = ladder(api);
        String eel = api.get(api.quietLedger() + "/gear")
                .json()
                .get("lures")
                .valueStream()
                .filter(lure -> lure.get("kind").asString().equals("EEL_BAIT"))
                .findFirst()
                .orElseThrow()
                .get("gearId")
                .asString();
        piece(draft, 0, 0).put("lureGearId", eel);
        ObjectNode body = body(draft);
        double once = rig(api, body.put("deadBaits", 12))
                .get("tonight")
                .get("brine")
                .get("saltKg")
                .asDouble();
        double twice = rig(api, body.put("deadBaits", 24))
                .get("tonight")
                .get("brine")
                .get("saltKg")
                .asDouble();
        assertThat(twice).isCloseTo(2 * once, within(1e-9));
    }

    @Test
    void aNumberSetChangesTheChainEverywhere(Api api) {
        String path = api.quietLedger() + "/rig/numbers";
        double before =
                rig(api, body(ladder(api))).get("lines").get(0).get("strengthN").asDouble();
        ObjectNode set = Api.JSON.createObjectNode().put("version", 0);
        set.putArray("set").addObject().put("key", "joint.LOOP_TO_LOOP").put("value", 0.6);
        assertThat(api.put(path, set).json().get("set")).hasSize(1);
        double after =
                rig(api, body(ladder(api))).get("lines").get(0).get("strengthN").asDouble();
        double solved = api.post(api.quietLedger() + "/solve", ladder(api))
                .json()
                .get("lines")
                .get(0)
                .get("weakestN")
                .asDouble();
        assertThat(after).isCloseTo(before * 0.6 / 0.95, within(1e-6));
        assertThat(solved).isCloseTo(after, within(1e-9));
        ObjectNode none = Api.JSON.createObjectNode().put("version", 1);
        none.putArray("set");
        assertThat(api.put(path, none).json().get("set")).isEmpty();
        set.putArray("set").addObject().put("key", "joint.GLUE").put("value", 0.6);
        assertThat(api.put(path, set).fields()).containsExactly("joint.GLUE");
        assertThat(api.get("/api/rig/numbers").json().size()).isGreaterThan(30);
    }

    @Test
    void theTableSaysBarbless(Api api) {
        ObjectNode rule = Api.JSON.createObjectNode();
        rule.put("species", "COHO")
                .put("version", 0)
                .put("dated", "2026-05-01")
                .put("barbless", true)
                .put("gear", "");
        api.put(api.sprat() + "/rules", rule);
        ObjectNode body = body(api.spread(api.sprat(), "Deep in the sound").get("draft"));
        JsonNode coho = api.post(api.sprat() + "/rig", body.put("playbook", "FLASH_SQUID"))
                .json();
        assertThat(note(coho.get("lines").get(0), "BARBS")
                        .get("text")
                        .get("text")
                        .asString())
                .contains("own table");
        JsonNode bass =
                api.post(api.sprat() + "/rig", body.put("playbook", "SPOONS")).json();
        assertThat(bass.get("lines").get(0).get("notes").valueStream())
                .noneMatch(note -> note.get("kind").asString().equals("BARBS"));
    }

    @Test
    void badInputIsNamed(Api api) {
        ObjectNode body = body(ladder(api));
        body.put("fishKg", -1.0).put("timeZone", "Nowhere/None").put("deadBaits", -3);
        assertThat(api.post(api.quietLedger() + "/rig", body).fields())
                .containsExactlyInAnyOrder("fishKg", "timeZone", "deadBaits");
    }

    /** Plan and Rig tell one evening: that of the spread called for the day. */
    @Test
    void theEveningOfADayIsThatOfItsSpread(Api api) {
        String day = "2026-08-02";
        JsonNode kept = api.spread(api.quietLedger(), "Fast ladder");
        ObjectNode call = Api.JSON.createObjectNode().put("day", day).put("at", day + "T12:00:00Z");
        call.putObject("place")
                .put("latitudeDeg", 27.6)
                .put("longitudeDeg", -47.3)
                .put("timeZone", "Etc/GMT+3");
        call.putArray("answers").addObject().put("topic", "TARGET").put("choice", "WAHOO");
        List<String> reckoned = evening(api, call);
        assertThat(reckoned).anyMatch(title -> title.startsWith("tie "));

        ObjectNode origin = Api.JSON
                .createObjectNode()
                .put("playbook", "LADDER")
                .put("version", 0)
                .put("day", day);
        List.of("stories", "lacks", "notes").forEach(origin::putArray);
        String path = api.quietLedger() + "/spreads/" + kept.get("spreadId").asString() + "/origin";
        origin.put(
                "version",
                api.get(path).status() == 204
                        ? 0
                        : api.get(path).json().get("version").asInt());
        String called = api.quietLedger() + "/plans/" + day + "/spread";
        assertThat(api.get(called).status()).isEqualTo(204);
        assertThat(api.put(path, origin).status()).isEqualTo(200);
        assertThat(api.get(called).json().get("spreadId")).isEqualTo(kept.get("spreadId"));
        List<String> told = evening(api, call);
        ObjectNode bench = body(kept.get("draft")).put("playbook", "LADDER").put("day", day);
        assertThat(told)
                .hasSameSizeAs(rig(api, bench).get("tonight").get("tasks"))
                .anyMatch(title -> title.contains("wind-ons"))
                .noneMatch(title -> title.startsWith("tie "));
    }

    private static List<String> evening(Api api, ObjectNode call) {
        return api.post(api.quietLedger() + "/call", call)
                .json()
                .get("steps")
                .valueStream()
                .filter(step -> step.get("kind").asString().equals("EVENING"))
                .map(step -> step.get("title").asString())
                .toList();
    }

    @Test
    void theEveningComesAsACalendar(Api api) {
        var answer = api.post(api.quietLedger() + "/rig/calendar", body(ladder(api)));
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.text())
                .contains("BEGIN:VCALENDAR", "DTSTART:20260617T220000Z", "4 wind-ons\\, 8 m", "3 rod tethers");
        int tasks = rig(api, body(ladder(api))).get("tonight").get("tasks").size();
        assertThat(answer.text().split("BEGIN:VEVENT")).hasSize(tasks + 1);
    }

    @Test
    void aReelKeepsItsRodAndGoesOutAndInAsATable(Api api) {
        JsonNode gear = api.get(api.sprat() + "/gear").json();
        ObjectNode reel = (ObjectNode) gear.get("reels").get(0).deepCopy();
        String backing = gear.get("lines").get(0).get("gearId").asString();
        reel.put("rodClassN", 111.0)
                .put("spoolMetal", "STEEL")
                .put("handM", 0.6)
                .put("backingLineGearId", backing)
                .put("backingM", 40.0);
        JsonNode kept = api.put(api.sprat() + "/gear/reels", reel).json();
        assertThat(kept.get("rodClassN").asDouble()).isEqualTo(111);
        String table = api.get(api.sprat() + "/gear/box.csv").text();
        assertThat(table).contains("rod_class_n", "STEEL");
        assertThat(api.send("POST", api.sprat() + "/gear/box.csv", table, "Content-Type", "text/csv")
                        .status())
                .isEqualTo(200);
        JsonNode after = api.get(api.sprat() + "/gear")
                .json()
                .get("reels")
                .valueStream()
                .filter(one -> one.get("gearId").equals(kept.get("gearId")))
                .findFirst()
                .orElseThrow();
        assertThat(after.get("backingM").asDouble()).isEqualTo(40);
        assertThat(after.get("spoolMetal").asString()).isEqualTo("STEEL");
        ObjectNode half = (ObjectNode) after.deepCopy();
        half.remove("backingLineGearId");
        assertThat(api.put(api.sprat() + "/gear/reels", half).fields()).containsExactly("backingLineGearId");
    }
}
