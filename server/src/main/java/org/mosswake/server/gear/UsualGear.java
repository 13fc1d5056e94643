package org.mosswake.server.gear;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.SpeedWindow;
import org.mosswake.core.tow.Body;
import org.mosswake.core.tow.LinePiece;
import org.mosswake.core.units.Force;
import tools.jackson.databind.node.ObjectNode;

/** A new item as usual for its kind, before anything else is known of it. */
final class UsualGear {
    private UsualGear() {}

    /** Fields without which nothing is usual. */
    static List<String> needs(GearSort<?> sort) {
        return sort == GearSort.LURE
                ? List.of("kind")
                : sort == GearSort.LINE ? List.of("kind", "strengthN") : List.of();
    }

    static Object of(GearSort<?> sort, UUID id, ObjectNode given) {
        if (sort == GearSort.LURE) {
            return lure(id, LureGearKind.valueOf(given.get("kind").asString()));
        } else if (sort == GearSort.LINE) {
            return line(
                    id,
                    LineKind.valueOf(given.get("kind").asString()),
                    given.get("strengthN").asDouble());
        }
        return new ReelGearBody(id, 0, "", 1, null, null, 0.05, 0.025, null, null, null, null, null, null);
    }

    private static LureGearBody lure(UUID id, LureGearKind kind) {
        Body body = kind.usual();
        Optional<SpeedWindow> works = kind.works();
        return new LureGearBody(
                id,
                0,
                "",
                kind,
                "plain",
                0.15,
                body.massKg(),
                body.volumeM3(),
                body.dragAreaM2(),
                body.diveAreaM2(),
                body.sideAreaM2(),
                works.map(SpeedWindow::leastMps).orElse(null),
                works.map(SpeedWindow::mostMps).orElse(null),
                null,
                null,
                null);
    }

    private static LineGearBody line(UUID id, LineKind kind, double strengthN) {
        LinePiece metre = kind.metreRated(new Force(Math.max(1, strengthN)));
        return new LineGearBody(
                id,
                0,
                "",
                kind,
                metre.diameterM(),
                metre.densityKgPerM3(),
                metre.normalDragCoefficient(),
                metre.tangentialDragCoefficient(),
                strengthN);
    }
}
