package org.mosswake.server.spread;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.mosswake.core.spread.ClipSeat;
import org.mosswake.core.units.SpeedUnit;
import org.mosswake.server.gear.DemoBoats;
import org.mosswake.server.gear.StarterBox;
import org.mosswake.server.platform.demo.DemoIds;
import org.mosswake.server.platform.demo.DemoPart;
import org.mosswake.server.spread.SpreadDraft.BranchDraft;
import org.mosswake.server.spread.SpreadDraft.DeepDraft;
import org.mosswake.server.spread.SpreadDraft.HereDraft;
import org.mosswake.server.spread.SpreadDraft.LineDraft;
import org.mosswake.server.spread.SpreadDraft.PieceDraft;
import org.springframework.stereotype.Component;

/** Four line-ups: mixed surface, a fast ladder and twelve lines for the large boat, a deep one for the small boat. */
@Component
class DemoSpreads implements DemoPart {
    private static final UUID LEDGER = DemoIds.QUIET_LEDGER;
    private static final UUID SPRAT = DemoIds.SPRAT;
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
        keep(LEDGER, DemoIds.FAST_LADDER, "Fast ladder", fastLadder());
        keep(LEDGER, DemoIds.TWELVE_LINES, "Twelve lines", twelveLines());
        // The one saved last is what opens.
        keep(LEDGER, DemoIds.MIXED_SURFACE, "Mixed surface", mixedSurface());
        keep(SPRAT, DemoIds.LIVE_BAITS, "Live baits", liveBaits());
        keep(SPRAT, DemoIds.SOUND_DEEP, "Deep in the sound", soundDeep());
    }

    private void keep(UUID boat, UUID spread, String name, SpreadDraft draft) {
        spreads.save(boat, new SpreadBody(spread, 0, name, draft));
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
                        diver("mixed D1", "Port stern", 30)),
                null,
                new HereDraft(74.0, 11.0, 14.0, 8.5, 24.6, 22.9, 60.0, SpeedUnit.KNOT.toSi(0.9), 85.0));
    }

    private static SpreadDraft fastLadder() {
        return new SpreadDraft(
                SpeedUnit.KNOT.toSi(14),
                List.of(
                        fast("ladder C1", "Centre stern", 146, "Fast bullet, neutral", "Torpedo lead, heavy"),
                        fast("ladder S1", "Starboard corner", 120, "Fast bullet, light", "Torpedo lead, middle"),
                        fast("ladder P1", "Port corner", 98, "Fast bullet, dark", "Torpedo lead, light")),
                null,
                new HereDraft(62.0, null, null, null, null, null, 60.0, SpeedUnit.KNOT.toSi(0.9), 85.0));
    }

    /** Every holder of the boat, as wide a choice of depths as lets her still turn. */
    private static SpreadDraft twelveLines() {
        var lines = new ArrayList<LineDraft>();
        lines.add(surface("twelve C1", "Centre rigger", 131, "Feather", 4.5));
        lines.add(surface("twelve C2", "Centre stern", 20, "Bullet skirt", 5));
        for (String side : List.of("Starboard", "Port")) {
            lines.add(surface("twelve outer " + side, side + " rigger, outer clip", 70, "Bullet skirt", 5));
            lines.add(surface("twelve inner " + side, side + " rigger, inner clip", 47, "Popping head", 5));
            lines.add(surface("twelve gunwale " + side, side + " gunwale", 19, "Bullet skirt, dark", 5));
            lines.add(line(
                    LEDGER,
                    "twelve corner " + side,
                    side + " corner",
                    17,
                    6,
                    List.of(
                            piece(LEDGER, "Lipped plug", "Fluorocarbon 60 lb", 5.0),
                            piece(LEDGER, "Torpedo lead, light", "Braid 50 lb", null))));
            lines.add(diver("twelve stern " + side, side + " stern", 21));
        }
        return new SpreadDraft(SpeedUnit.KNOT.toSi(7.5), lines, null, null);
    }

    /** One line down the cable, a three-way and a wire: the small boat in cold water. */
    private static SpreadDraft soundDeep() {
        UUID twig = StarterBox.id(SPRAT, "Hair jig");
        return new SpreadDraft(
                SpeedUnit.KNOT.toSi(2.6),
                List.of(
                        new LineDraft(
                                DemoIds.of("line sound D1"),
                                DemoBoats.holderId(SPRAT, "Downrigger"),
                                8.0,
                                3.5 * KILOGRAM_FORCE,
                                List.of(
                                        piece(SPRAT, "Squid", "Mono 40 lb", 0.9),
                                        piece(SPRAT, "Rotating blade", "Mono 40 lb", null)),
                                new DeepDraft(
                                        24.0,
                                        1.0,
                                        StarterBox.id(SPRAT, "Downrigger ball"),
                                        StarterBox.id(SPRAT, "Downrigger cable 150 lb"),
                                        ClipSeat.FULL)),
                        line(
                                SPRAT,
                                "sound three-way",
                                "Port gunwale",
                                45,
                                6,
                                List.of(
                                        piece(SPRAT, "Torpedo lead", "Mono 50 lb", 1.5),
                                        new PieceDraft(
                                                null,
                                                StarterBox.id(SPRAT, "Braid 50 lb"),
                                                null,
                                                new BranchDraft(twig, StarterBox.id(SPRAT, "Mono 50 lb"), 4.5)))),
                        line(
                                SPRAT,
                                "sound wire",
                                "Centre stern",
                                70,
                                4,
                                List.of(
                                        piece(SPRAT, "Hair jig", "Mono 80 lb", 9.0),
                                        piece(SPRAT, null, "Trolling wire .025", null)))),
                null,
                new HereDraft(31.0, 17.0, 22.0, null, null, null, 140.0, SpeedUnit.KNOT.toSi(1.2), 160.0));
    }

    /** Two at the surface and one down the cable, as slow as she goes. */
    private static SpreadDraft liveBaits() {
        return new SpreadDraft(
                SpeedUnit.KNOT.toSi(1.9),
                List.of(
                        live("live centre", "Centre stern", 30, null),
                        live("live starboard", "Starboard gunwale", 22, null),
                        live(
                                "live deep",
                                "Downrigger",
                                7,
                                new DeepDraft(
                                        10.0,
                                        1.0,
                                        StarterBox.id(SPRAT, "Downrigger ball"),
                                        StarterBox.id(SPRAT, "Downrigger cable 150 lb"),
                                        ClipSeat.HALF))),
                1,
                new HereDraft(18.0, null, null, null, null, null, 140.0, null, null));
    }

    private static LineDraft live(String id, String holder, double letOutM, DeepDraft deep) {
        return new LineDraft(
                DemoIds.of("line " + id),
                DemoBoats.holderId(SPRAT, holder),
                letOutM,
                0.6 * KILOGRAM_FORCE,
                List.of(
                        piece(SPRAT, "Live bait", "Bite wire no. 9", 1.5),
                        piece(SPRAT, null, "Mono 40 lb", 4.0),
                        piece(SPRAT, null, "Mono 40 lb", null)),
                deep);
    }

    private static LineDraft surface(String id, String holder, double letOutM, String lure, double dragKg) {
        return line(
                LEDGER,
                id,
                holder,
                letOutM,
                dragKg,
                List.of(piece(LEDGER, lure, "Fluorocarbon 100 lb", 3.0), piece(LEDGER, null, "Mono 50 lb", null)));
    }

    private static LineDraft diver(String id, String holder, double letOutM) {
        return line(
                LEDGER,
                id,
                holder,
                letOutM,
                6,
                List.of(
                        piece(LEDGER, "Lipped plug", "Fluorocarbon 60 lb", 1.8),
                        piece(LEDGER, null, "Mono 50 lb", null)));
    }

    /** Wire to the lure, shock leader, lead, wind-on, main line. */
    private static LineDraft fast(String id, String holder, double letOutM, String lure, String lead) {
        return line(
                LEDGER,
                id,
                holder,
                letOutM,
                14,
                List.of(
                        piece(LEDGER, lure, "Bite cable 275 lb", 1.2),
                        piece(LEDGER, null, "Mono 200 lb", 8.0),
                        piece(LEDGER, lead, "Mono 150 lb", 8.0),
                        piece(LEDGER, null, "Hollow braid 130 lb", null)));
    }

    private static LineDraft line(
            UUID boat, String id, String holder, double letOutM, double dragKg, List<PieceDraft> tackle) {
        return new LineDraft(
                DemoIds.of("line " + id),
                DemoBoats.holderId(boat, holder),
                letOutM,
                dragKg * KILOGRAM_FORCE,
                tackle,
                null);
    }

    private static PieceDraft piece(UUID boat, String lure, String line, Double lengthM) {
        return new PieceDraft(
                lure == null ? null : StarterBox.id(boat, lure), StarterBox.id(boat, line), lengthM, null);
    }
}
