package org.mosswake.server.spread;

import java.util.List;
import java.util.UUID;
import org.mosswake.core.units.SpeedUnit;
import org.mosswake.server.platform.demo.DemoIds;
import org.mosswake.server.platform.demo.DemoPart;
import org.mosswake.server.spread.SpreadDraft.LineDraft;
import org.mosswake.server.spread.SpreadDraft.PieceDraft;
import org.springframework.stereotype.Component;

/** A mixed surface spread of six at 7.5 knots, and a fast ladder of three at 14. */
@Component
class DemoSpreads implements DemoPart {
    private static final UUID BOAT = DemoIds.QUIET_LEDGER;
    private static final double KILOGRAM_FORCE = 9.80665;

    private final SpreadService spreads;

    DemoSpreads(SpreadService spreads) {
        this.spreads = spreads;
    }

    @Override
    public int order() {
        return 3;
    }

    @Override
    public void load() {
        spreads.save(BOAT, new SpreadBody(DemoIds.MIXED_SURFACE, 0, "Mixed surface", mixedSurface()));
        spreads.save(BOAT, new SpreadBody(DemoIds.FAST_LADDER, 0, "Fast ladder", fastLadder()));
    }

    private static SpreadDraft mixedSurface() {
        return new SpreadDraft(
                SpeedUnit.KNOT.toSi(7.5),
                List.of(
                        surface("mixed C1", "Centre rigger", 176, "Feather", 4.5),
                        surface("mixed S1", "Starboard rigger, outer clip", 84, "Bullet skirt", 5),
                        surface("mixed P1", "Port rigger, outer clip", 84, "Bullet skirt, dark", 5),
                        surface("mixed S2", "Starboard rigger, inner clip", 38, "Popping head", 5),
                        surface("mixed P2", "Port rigger, inner clip", 38, "Popping head, olive", 5),
                        line(
                                "mixed D1",
                                "Port stern",
                                30,
                                6,
                                List.of(
                                        piece("Lipped plug", "Fluorocarbon 60 lb", 1.8),
                                        piece(null, "Mono 50 lb", null)))));
    }

    private static LineDraft surface(String id, String holder, double letOutM, String lure, double dragKg) {
        return line(
                id,
                holder,
                letOutM,
                dragKg,
                List.of(piece(lure, "Fluorocarbon 100 lb", 3.0), piece(null, "Mono 50 lb", null)));
    }

    private static SpreadDraft fastLadder() {
        return new SpreadDraft(
                SpeedUnit.KNOT.toSi(14),
                List.of(
                        fast("ladder C1", "Centre stern", 146, "Fast bullet, neutral", "Torpedo lead 1.4 kg"),
                        fast("ladder S1", "Starboard corner", 120, "Fast bullet, light", "Torpedo lead 0.9 kg"),
                        fast("ladder P1", "Port corner", 98, "Fast bullet, dark", "Torpedo lead 0.7 kg")));
    }

    /** Wire to the lure, shock leader, lead, wind-on, main line. */
    private static LineDraft fast(String id, String holder, double letOutM, String lure, String lead) {
        return line(
                id,
                holder,
                letOutM,
                14,
                List.of(
                        piece(lure, "Bite cable 275 lb", 1.2),
                        piece(null, "Mono 200 lb", 8.0),
                        piece(lead, "Mono 150 lb", 8.0),
                        piece(null, "Hollow braid 130 lb", null)));
    }

    private static LineDraft line(String id, String holder, double letOutM, double dragKg, List<PieceDraft> tackle) {
        return new LineDraft(
                DemoIds.of("line " + id), DemoBoats.holderId(BOAT, holder), letOutM, dragKg * KILOGRAM_FORCE, tackle);
    }

    private static PieceDraft piece(String lure, String line, Double lengthM) {
        return new PieceDraft(lure == null ? null : DemoGear.id(BOAT, lure), DemoGear.id(BOAT, line), lengthM);
    }
}
