package org.mosswake.bench.tow;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.tow.Body;
import org.mosswake.core.tow.LinePiece;
import org.mosswake.core.tow.Link;
import org.mosswake.core.tow.Tow;
import org.mosswake.core.units.SpeedThroughWater;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The reference cases, so that both solvers are held to the same answers while they are timed. */
public final class ReferenceTows {
    /** Without the one that flies: its mends are a search of their own. */
    public record Case(String name, Tow tow, JsonNode expected) {}

    private ReferenceTows() {}

    public static List<Case> load() {
        try {
            String text = Files.readString(Path.of("core/src/test/resources/tow/tow-cases.json"));
            return JsonMapper.shared()
                    .readTree(text)
                    .valueStream()
                    .filter(node ->
                            !node.get("expected").get("regime").asString().equals("AIRBORNE"))
                    .map(ReferenceTows::read)
                    .toList();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Case read(JsonNode node) {
        JsonNode request = node.get("request");
        var links = new ArrayList<Link>();
        request.get("chainFromLure").forEach(link -> links.add(link(link)));
        Tow tow = new Tow(
                new SpeedThroughWater(request.get("speedThroughWaterMps").asDouble()),
                request.get("tipHeightM").asDouble(),
                List.copyOf(links));
        return new Case(node.get("name").asString(), tow, node.get("expected"));
    }

    private static Link link(JsonNode node) {
        JsonNode line = node.get("line");
        JsonNode body = node.get("body");
        return new Link(
                body.isNull()
                        ? Optional.empty()
                        : Optional.of(new Body(
                                body.get("massKg").asDouble(),
                                body.get("volumeM3").asDouble(),
                                body.get("dragAreaM2").asDouble(),
                                body.get("diveAreaM2").asDouble(),
                                body.get("sideAreaM2").asDouble())),
                new LinePiece(
                        line.get("lengthM").asDouble(),
                        line.get("diameterM").asDouble(),
                        line.get("densityKgPerM3").asDouble(),
                        line.get("normalDragCoefficient").asDouble(),
                        line.get("tangentialDragCoefficient").asDouble()));
    }

    /** Depth within 0.5 % or 2 cm, as the reference asks. */
    public static boolean agrees(Case reference, double depthM, double immersion) {
        double depth = reference.expected().get("depthM").asDouble();
        double share = reference.expected().get("immersion").asDouble();
        return Math.abs(depthM - depth) <= Math.max(0.02, 0.005 * depth) && Math.abs(immersion - share) <= 0.01;
    }
}
