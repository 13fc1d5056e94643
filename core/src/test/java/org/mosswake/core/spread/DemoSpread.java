package org.mosswake.core.spread;

import java.nio.charset.StandardCharsets;
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
import org.mosswake.core.units.Force;
import org.mosswake.core.units.ForceUnit;
import org.mosswake.core.units.SpeedThroughWater;
import org.mosswake.core.units.SpeedUnit;

/** Spreads for tests, put together from generic kinds. */
public final class DemoSpread {
    private static final LineItem MAIN = line("main", LineKind.MONO, 50);
    private static final LineItem LEADER = line("leader", LineKind.FLUOROCARBON, 100);

    private DemoSpread() {}

    public static UUID id(String words) {
        return UUID.nameUUIDFromBytes(words.getBytes(StandardCharsets.UTF_8));
    }

    public static Holder rigger(String name, double starboard, double height) {
        return new Holder(
                id(name), name, HolderKind.RIGGER, new DeckPoint(-4, 0, 2), new DeckPoint(0.5, starboard, height));
    }

    public static Spread atKnots(double knots, SpreadLine... lines) {
        return new Spread(SpeedThroughWater.of(knots, SpeedUnit.KNOT), 2, List.of(lines));
    }

    public static SpreadLine line(String name, Holder holder, double letOut, LureKind lure) {
        return line(name, holder, letOut, lure, 5);
    }

    public static SpreadLine line(String name, Holder holder, double letOut, LureKind lure, double dragKg) {
        LureItem item = lure(lure);
        return new SpreadLine(
                id(name),
                holder,
                letOut,
                Force.of(dragKg, ForceUnit.KILOGRAM_FORCE),
                List.of(
                        new TacklePiece(Optional.of(item), LEADER, Optional.of(2.0)),
                        new TacklePiece(Optional.empty(), MAIN, Optional.empty())));
    }

    /** As {@link #line}, with a lead between leader and main line. */
    public static SpreadLine weighted(String name, Holder holder, double letOut, LureKind lure, double leadKg) {
        SpreadLine plain = line(name, holder, letOut, lure, 8);
        var lead = new LureItem(id("lead"), "lead", "TORPEDO_LEAD", LureKind.torpedoLead(leadKg));
        return new SpreadLine(
                plain.id(),
                holder,
                letOut,
                plain.strikeDrag(),
                List.of(
                        plain.tackle().get(0),
                        new TacklePiece(Optional.of(lead), LEADER, Optional.of(5.0)),
                        plain.tackle().get(1)));
    }

    public static Holder flat(String name, double baseStarboard, double tipStarboard) {
        return new Holder(
                id(name),
                name,
                HolderKind.FLAT,
                new DeckPoint(-0.2, baseStarboard, 1.1),
                new DeckPoint(1.2, tipStarboard, 1.8));
    }

    public static Holder centre() {
        return new Holder(
                id("centre"), "centre", HolderKind.CENTRE, new DeckPoint(-2.4, 0, 2.6), new DeckPoint(-0.6, 0, 5.2));
    }

    public static LureItem lure(LureKind kind) {
        return new LureItem(id("lure " + kind), kind.name(), kind.name(), kind.usual(), Optional.of(kind.works()));
    }

    /** On a downrigger, so far behind the clip. */
    public static SpreadLine deep(String name, double cableOut, double behindClip, LureKind lure, ClipSeat seat) {
        var holder = new Holder(
                id("rigger " + name),
                name,
                HolderKind.DOWNRIGGER,
                new DeckPoint(-0.4, 0.9, 0.8),
                new DeckPoint(0.2, 1.4, 0.9));
        var ball = new LureItem(id("ball"), "ball", "BALL_LEAD", LureKind.ballLead(4.5));
        var rig = new DeepRig(cableOut, 1, ball, line("cable", LineKind.DOWNRIGGER_CABLE, 150), seat);
        return new SpreadLine(
                id(name),
                holder,
                behindClip,
                Force.of(3, ForceUnit.KILOGRAM_FORCE),
                List.of(
                        new TacklePiece(Optional.of(lure(lure)), LEADER, Optional.of(2.0)),
                        new TacklePiece(Optional.empty(), MAIN, Optional.empty())),
                Optional.of(rig));
    }

    /** Heavy lead on a metre and a half, hair jig on four and a half. */
    public static SpreadLine threeWay(String name, Holder holder, double letOut) {
        var lead = new LureItem(id("lead"), "lead", "TORPEDO_LEAD", LureKind.torpedoLead(0.8));
        return new SpreadLine(
                id(name),
                holder,
                letOut,
                Force.of(6, ForceUnit.KILOGRAM_FORCE),
                List.of(
                        new TacklePiece(Optional.of(lead), MAIN, Optional.of(1.5)),
                        new TacklePiece(
                                Optional.empty(),
                                MAIN,
                                Optional.empty(),
                                Optional.of(new Branch(lure(LureKind.HAIR_JIG), MAIN, 4.5)))));
    }

    /** So many pounds of a kind, the same item each time it is asked for. */
    public static LineItem item(LineKind kind, double pounds) {
        return new LineItem(id(kind + " " + pounds), kind.name(), kind, kind.metreRated(rated(pounds)), rated(pounds));
    }

    private static Force rated(double pounds) {
        return Force.of(pounds, ForceUnit.POUND_FORCE);
    }

    private static LineItem line(String name, LineKind kind, double pounds) {
        return new LineItem(id(name), name, kind, kind.metreRated(rated(pounds)), rated(pounds));
    }
}
