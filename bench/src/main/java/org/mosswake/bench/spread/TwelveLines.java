package org.mosswake.bench.spread;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.gear.DeckPoint;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.gear.LineItem;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.spread.TacklePiece;
import org.mosswake.core.turn.TurnRules;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.ForceUnit;
import org.mosswake.core.units.SpeedThroughWater;
import org.mosswake.core.units.SpeedUnit;

/** The demo's spread of twelve: every holder of the ten-metre boat used, at 7.5 kn. */
public final class TwelveLines {
    private static final double KNOTS = 7.5;
    private static final double RADIUS_M = 40;
    private static final double BOAT_M = 10.4;
    private static final LineItem MAIN = line(LineKind.MONO, 50);
    private static final LineItem THIN = line(LineKind.BRAID, 50);
    private static final LineItem LEADER = line(LineKind.FLUOROCARBON, 100);

    private TwelveLines() {}

    public static Spread spread() {
        var lines = new ArrayList<SpreadLine>();
        lines.add(surface("C1", 131, LureKind.FEATHER, holder("C1", HolderKind.CENTRE, -0.6, 0, 5.2)));
        lines.add(surface("C2", 20, LureKind.BULLET_SKIRT, holder("C2", HolderKind.FLAT, 1.3, 0, 1.9)));
        for (int side : new int[] {1, -1}) {
            String name = side > 0 ? "S" : "P";
            lines.add(surface(
                    name + 1, 70, LureKind.BULLET_SKIRT, holder(name + 1, HolderKind.RIGGER, 0.4, side * 6.4, 5)));
            lines.add(surface(
                    name + 2, 47, LureKind.POPPING_HEAD, holder(name + 2, HolderKind.RIGGER, -1, side * 4.6, 3.8)));
            lines.add(surface(
                    name + 3, 19, LureKind.BULLET_SKIRT, holder(name + 3, HolderKind.FLAT, -1.4, side * 3.3, 1.7)));
            lines.add(weighted(name + "D", 17, holder(name + "D", HolderKind.FLAT, 1.2, side * 2.2, 1.9)));
            lines.add(surface(
                    name + 4, 21, LureKind.LIPPED_PLUG, holder(name + 4, HolderKind.FLAT, 1.3, side * 0.9, 1.5)));
        }
        return new Spread(SpeedThroughWater.of(KNOTS, SpeedUnit.KNOT), 2, lines);
    }

    public static TurnRules rules() {
        return new TurnRules(
                SpeedUnit.KNOT.toSi(KNOTS),
                RADIUS_M,
                TurnRules.usualPivotAsternM(BOAT_M),
                TurnRules.USUAL_CLEAR_ACROSS_M,
                TurnRules.USUAL_CLEAR_UP_M);
    }

    /** Two more places a line could be moved to. */
    public static List<Holder> freeHolders() {
        return List.of(
                holder("free S", HolderKind.FLAT, -0.3, 2.6, 1.7), holder("free P", HolderKind.FLAT, -0.3, -2.6, 1.7));
    }

    private static SpreadLine surface(String name, double letOutM, LureKind lure, Holder holder) {
        double leaderM = lure == LureKind.LIPPED_PLUG ? 1.8 : 3;
        return tied(
                name,
                letOutM,
                holder,
                List.of(piece(Optional.of(lure(lure)), LEADER, leaderM), main(Optional.empty(), MAIN)));
    }

    private static SpreadLine weighted(String name, double letOutM, Holder holder) {
        var lead = new LureItem(id("lead"), "lead", "TORPEDO_LEAD", LureKind.torpedoLead(0.7));
        return tied(
                name,
                letOutM,
                holder,
                List.of(piece(Optional.of(lure(LureKind.LIPPED_PLUG)), LEADER, 5), main(Optional.of(lead), THIN)));
    }

    private static SpreadLine tied(String name, double letOutM, Holder holder, List<TacklePiece> tackle) {
        return new SpreadLine(id(name), holder, letOutM, Force.of(5, ForceUnit.KILOGRAM_FORCE), tackle);
    }

    private static TacklePiece piece(Optional<LureItem> lure, LineItem line, double lengthM) {
        return new TacklePiece(lure, line, Optional.of(lengthM));
    }

    private static TacklePiece main(Optional<LureItem> lead, LineItem line) {
        return new TacklePiece(lead, line, Optional.empty());
    }

    private static LureItem lure(LureKind kind) {
        return new LureItem(id("lure " + kind), kind.name(), kind.name(), kind.usual(), Optional.of(kind.works()));
    }

    private static Holder holder(String name, HolderKind kind, double astern, double starboard, double height) {
        var tip = new DeckPoint(astern, starboard, height);
        return new Holder(id("holder " + name), name, kind, new DeckPoint(-2, starboard / 4, 1.5), tip);
    }

    private static LineItem line(LineKind kind, double pounds) {
        Force strength = Force.of(pounds, ForceUnit.POUND_FORCE);
        return new LineItem(id(kind + " " + pounds), kind.name(), kind, kind.metreRated(strength), strength);
    }

    private static UUID id(String words) {
        return UUID.nameUUIDFromBytes(words.getBytes(StandardCharsets.UTF_8));
    }
}
