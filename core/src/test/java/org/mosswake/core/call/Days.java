package org.mosswake.core.call;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.mosswake.core.call.Moment.Light;
import org.mosswake.core.gear.Boat;
import org.mosswake.core.gear.ColourRole;
import org.mosswake.core.gear.DeckPoint;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.gear.Idle;
import org.mosswake.core.gear.LineItem;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.gear.Shade;
import org.mosswake.core.playbook.Schools;
import org.mosswake.core.rig.Reel;
import org.mosswake.core.rig.Spool;
import org.mosswake.core.tow.Body;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.ForceUnit;
import org.mosswake.core.units.SpeedUnit;

/** Invented boats, boxes and mornings for tests. */
public final class Days {
    static final LocalDate JUNE = LocalDate.of(2026, 6, 18);
    private static final Instant SIX = Instant.parse("2026-06-18T09:00:00Z");

    private Days() {}

    public static UUID id(String words) {
        return UUID.nameUUIDFromBytes(words.getBytes(StandardCharsets.UTF_8));
    }

    static Moment at(Light light) {
        return new Moment(SIX, light, Optional.empty(), false);
    }

    /** A day of which some topics are known. */
    public static Situation any(Random random) {
        var conditions = Conditions.NOTHING;
        for (Topic topic : Topic.values()) {
            if (topic.asked() && random.nextInt(3) > 0) {
                List<Answer> answers = Doubts.answers(topic);
                conditions = conditions.with(topic, answers.get(random.nextInt(answers.size())));
            }
        }
        Light light = Light.values()[random.nextInt(Light.values().length)];
        return random.nextBoolean() ? large(light, conditions) : small(light, conditions);
    }

    public static Situation large(Light light, Conditions conditions) {
        return new Situation(JUNE, at(light), conditions, ledger(warmBox()), Schools.USUAL, List.of(), Numbers.USUAL);
    }

    /** LARGE with the warm box, SMALL with the cold one, SKIFF: small with the warm one. */
    static Situation of(String boat, Light light, Conditions conditions) {
        return switch (boat) {
            case "LARGE" -> large(light, conditions);
            case "SKIFF" -> withBox(small(light, conditions), warmBox());
            default -> small(light, conditions);
        };
    }

    public static Situation small(Light light, Conditions conditions) {
        return new Situation(JUNE, at(light), conditions, sprat(coldBox()), Schools.USUAL, List.of(), Numbers.USUAL);
    }

    public static Situation withBox(Situation s, Box box) {
        var outfit = new Outfit(s.outfit().boat(), s.outfit().idle(), box);
        return new Situation(s.day(), s.moment(), s.conditions(), outfit, s.schools(), s.table(), s.numbers());
    }

    /** Ten metres, riggers, two engines, a downrigger arm at the stern. */
    public static Outfit ledger(Box box) {
        var holders = new ArrayList<Holder>();
        for (int side : new int[] {1, -1}) {
            String name = side > 0 ? "starboard " : "port ";
            holders.add(holder(name + "outer", HolderKind.RIGGER, 0.4, side * 6.4, 5));
            holders.add(holder(name + "inner", HolderKind.RIGGER, -1, side * 4.6, 3.8));
            holders.add(holder(name + "gunwale", HolderKind.FLAT, -1.4, side * 3.3, 1.7));
            holders.add(holder(name + "corner", HolderKind.FLAT, 1.2, side * 2.2, 1.9));
            holders.add(holder(name + "stern", HolderKind.FLAT, 1.3, side * 0.9, 1.5));
        }
        holders.add(holder("centre rigger", HolderKind.CENTRE, -0.6, 0, 5.2));
        holders.add(holder("centre stern", HolderKind.CENTRE, 1.3, 0, 1.5));
        var boat = new Boat("Large", 10.4, 3.4, 2, holders);
        return new Outfit(boat, Optional.of(Idle.estimated(SpeedUnit.KNOT.toSi(3.1), 3.4, 2)), box);
    }

    /** Five metres, one downrigger. */
    public static Outfit sprat(Box box) {
        var holders = new ArrayList<Holder>();
        for (int side : new int[] {1, -1}) {
            String name = side > 0 ? "starboard " : "port ";
            holders.add(holder(name + "gunwale", HolderKind.FLAT, -1.2, side * 2.6, 1.2));
            holders.add(holder(name + "corner", HolderKind.FLAT, 1.1, side * 1.5, 1.4));
        }
        holders.add(holder("centre", HolderKind.CENTRE, 1.2, 0, 1.3));
        holders.add(holder("downrigger", HolderKind.DOWNRIGGER, 0.2, 1.4, 0.9));
        holders.add(holder("port downrigger", HolderKind.DOWNRIGGER, 0.2, -1.4, 0.9));
        var boat = new Boat("Small", 5.2, 2.1, 1, holders);
        return new Outfit(boat, Optional.of(Idle.estimated(SpeedUnit.KNOT.toSi(2.4), 2.1, 1)), box);
    }

    public static Holder holder(String name, HolderKind kind, double astern, double starboard, double height) {
        var tip = new DeckPoint(astern, starboard, height);
        return new Holder(id("holder " + name), name, kind, new DeckPoint(-1, starboard / 3, 1), tip);
    }

    public static Box warmBox() {
        var lures = new ArrayList<Box.Lure>();
        for (String colour : List.of("olive", "black and purple", "pink", "silver")) {
            lures.add(lure(LureKind.BULLET_SKIRT, colour, 0.18, 2));
            lures.add(lure(LureKind.FEATHER, colour, 0.11, 2));
        }
        lures.add(lure(LureKind.POPPING_HEAD, "pink", 0.2, 2));
        lures.add(lure(LureKind.POPPING_HEAD, "olive", 0.2, 2));
        lures.add(lure(LureKind.LIPPED_PLUG, "silver", 0.16, 2));
        lures.add(lure(LureKind.LIPPED_PLUG, "orange", 0.1, 2));
        lures.add(lure(LureKind.FAST_BULLET, "black and red", 0.3, 1));
        lures.add(lure(LureKind.FAST_BULLET, "white and silver", 0.3, 1));
        lures.add(lure(LureKind.FAST_BULLET, "blue and grey", 0.3, 1));
        lures.add(lure(LureKind.HAIR_JIG, "white", 0.08, 3));
        lures.add(lure(LureKind.EEL_BAIT, "dark", 0.4, 3));
        lures.add(lure(LureKind.EEL_BAIT, "pink", 0.4, 3));
        lures.add(lure(LureKind.LIVE_BAIT, "as caught", 0.24, 6));
        lures.add(lure(LureKind.STEERING_BAR, "green", 0.9, 1));
        lures.add(toPort(lure(LureKind.STEERING_BAR, "pink", 0.9, 1)));
        lures.add(lure(LureKind.SPREADER_BAR, "pink", 0.9, 2));
        for (double kg : new double[] {0.7, 0.9, 1.4}) {
            lures.add(lead("TORPEDO_LEAD", kg, LureKind.torpedoLead(kg)));
        }
        lures.add(lead("BALL_LEAD", 4.5, LureKind.ballLead(4.5)));
        return new Box(lures, lines(), reels(900));
    }

    public static Box coldBox() {
        var lures = new ArrayList<Box.Lure>();
        lures.add(lure(LureKind.FLUTTER_SPOON, "silver", 0.22, 2));
        lures.add(lure(LureKind.HAIR_JIG, "white", 0.12, 3));
        lures.add(lure(LureKind.HAIR_JIG, "chartreuse", 0.12, 3));
        lures.add(lure(LureKind.SQUID, "green glow", 0.1, 2));
        lures.add(lure(LureKind.SQUID, "blue", 0.1, 2));
        lures.add(lure(LureKind.ROTATING_BLADE, "chrome", 0.28, 3));
        lures.add(lure(LureKind.CUT_BAIT, "herring", 0.14, 12));
        lures.add(lure(LureKind.BENT_BAIT, "herring", 0.18, 12));
        for (double kg : new double[] {0.12, 0.23, 0.8, 0.8}) {
            lures.add(lead("TORPEDO_LEAD", kg, LureKind.torpedoLead(kg)));
        }
        lures.add(lead("BALL_LEAD", 0.45, LureKind.ballLead(0.45)));
        lures.add(lead("BALL_LEAD", 4.5, LureKind.ballLead(4.5)));
        return new Box(lures, lines(), reels(600));
    }

    public static List<Box.Line> lines() {
        return List.of(
                line(LineKind.MONO, 20),
                line(LineKind.MONO, 40),
                line(LineKind.MONO, 50),
                line(LineKind.MONO, 80),
                line(LineKind.MONO, 150),
                line(LineKind.MONO, 200),
                line(LineKind.FLUOROCARBON, 60),
                line(LineKind.FLUOROCARBON, 100),
                line(LineKind.BRAID, 50),
                line(LineKind.HOLLOW_BRAID, 130),
                line(LineKind.TROLLING_WIRE, 40),
                line(LineKind.DOWNRIGGER_CABLE, 150),
                line(LineKind.BITE_WIRE, 105),
                line(LineKind.BITE_WIRE, 44),
                line(LineKind.BITE_CABLE, 275));
    }

    public static List<Box.Reel> reels(double capacityM) {
        return List.of(
                reel("light", LineKind.MONO, 50, capacityM, 8),
                reel("braid", LineKind.BRAID, 50, capacityM, 6),
                reel("fast", LineKind.HOLLOW_BRAID, 130, capacityM, 4),
                reel("wire", LineKind.TROLLING_WIRE, 40, 300, 2));
    }

    private static Box.Reel reel(String name, LineKind kind, double pounds, double metres, int count) {
        Box.Line main = line(kind, pounds);
        var spool = new Spool(metres, main.item().metre().diameterM(), 0.06, 0.03);
        return new Box.Reel(rod(name, spool), Optional.of(main), count);
    }

    public static Box.Line line(LineKind kind, double pounds) {
        Force strength = Force.of(pounds, ForceUnit.POUND_FORCE);
        return new Box.Line(
                new LineItem(id(kind + " " + pounds), kind.name(), kind, kind.metreRated(strength), strength), kind);
    }

    public static Box.Lure lure(LureKind kind, String colour, double lengthM, int count) {
        var item = new LureItem(
                id(kind + colour + lengthM),
                colour + " " + kind.name(),
                kind.name(),
                kind.usual(),
                Optional.of(kind.works()));
        return new Box.Lure(item, lengthM, ColourRole.guess(colour), Shade.guess(colour), count);
    }

    private static Box.Lure toPort(Box.Lure bar) {
        Body b = bar.item().body();
        var body = new Body(b.massKg(), b.volumeM3(), b.dragAreaM2(), b.diveAreaM2(), -b.sideAreaM2());
        var item = new LureItem(
                bar.item().id(),
                bar.item().name(),
                bar.item().kind(),
                body,
                bar.item().works());
        return new Box.Lure(item, bar.lengthM(), bar.role(), bar.shade(), bar.count());
    }

    private static Box.Lure lead(String kind, double kg, Body body) {
        return new Box.Lure(
                new LureItem(id(kind + kg), kind + " " + kg, kind, body), 0.1, ColourRole.IMITATOR, Shade.NEUTRAL, 4);
    }

    public static double knots(double knots) {
        return SpeedUnit.KNOT.toSi(knots);
    }

    static Reel rod(String name, Spool spool) {
        return new Reel(id(name), name, spool, Optional.empty(), Optional.empty(), Optional.empty(), 0.56);
    }
}
