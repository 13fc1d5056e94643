package org.mosswake.core.tow;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.mosswake.core.units.SpeedThroughWater;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The reference requests and answers of an independent solver. */
final class TowCases {
    private TowCases() {}

    static Stream<TowCase> all() {
        return of("/tow/tow-cases.json");
    }

    /** Sixty chains more, of the kinds that led the search astray. */
    static Stream<TowCase> corpus() {
        return of("/tow/tow-corpus.json");
    }

    private static Stream<TowCase> of(String resource) {
        try (InputStream in = TowCases.class.getResourceAsStream(resource)) {
            JsonNode cases = JsonMapper.shared().readTree(in);
            return StreamSupport.stream(cases.spliterator(), false).map(TowCases::read).toList().stream();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static TowCase read(JsonNode node) {
        JsonNode request = node.get("request");
        var links = new ArrayList<Link>();
        request.get("chainFromLure").forEach(link -> links.add(link(link)));
        Tow tow = new Tow(
                new SpeedThroughWater(request.get("speedThroughWaterMps").asDouble()),
                request.get("tipHeightM").asDouble(),
                List.copyOf(links));
        return new TowCase(node.get("name").asString(), tow, node.get("expected"));
    }

    private static Link link(JsonNode node) {
        JsonNode line = node.get("line");
        return new Link(
                Optional.of(node.get("body")).filter(b -> !b.isNull()).map(TowCases::body),
                new LinePiece(
                        line.get("lengthM").asDouble(),
                        line.get("diameterM").asDouble(),
                        line.get("densityKgPerM3").asDouble(),
                        line.get("normalDragCoefficient").asDouble(),
                        line.get("tangentialDragCoefficient").asDouble()));
    }

    private static Body body(JsonNode body) {
        return new Body(
                body.get("massKg").asDouble(),
                body.get("volumeM3").asDouble(),
                body.get("dragAreaM2").asDouble(),
                body.get("diveAreaM2").asDouble(),
                body.get("sideAreaM2").asDouble());
    }
}
