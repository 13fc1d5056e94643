package org.mosswake.bench.call;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.bench.BenchAsk;
import org.mosswake.core.build.FirstSpread;
import org.mosswake.core.call.Answer;
import org.mosswake.core.call.Box;
import org.mosswake.core.call.Call;
import org.mosswake.core.call.Conditions;
import org.mosswake.core.call.Moment;
import org.mosswake.core.call.Numbers;
import org.mosswake.core.call.Outfit;
import org.mosswake.core.call.Situation;
import org.mosswake.core.call.Topic;
import org.mosswake.core.clock.LightDepth;
import org.mosswake.core.clock.TidalStream;
import org.mosswake.core.gear.Boat;
import org.mosswake.core.gear.ColourRole;
import org.mosswake.core.gear.DeckPoint;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.gear.LineItem;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.gear.Shade;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.playbook.Schools;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.rig.Reel;
import org.mosswake.core.rig.Spool;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.ForceUnit;

/** The demo's large boat on a warm morning, six lines of the mixed surface to be found. */
public final class WarmDay {
    private static final Instant SIX = Instant.parse("2026-06-18T09:00:00Z");
    private static final int HALF_HOURS = 34;

    private WarmDay() {}

    static Situation situation() {
        var conditions = Conditions.NOTHING
                .with(Topic.TARGET, Answer.targets(Species.MAHI, Species.TUNA))
                .with(Topic.SURFACE, Answer.number(24.6))
                .with(Topic.STEP, Answer.number(0.7))
                .with(Topic.CREW, Answer.number(3))
                .with(Topic.DEPTH, Answer.number(74));
        return new Situation(
                LocalDate.of(2026, 6, 18),
                moment(2),
                conditions,
                new Outfit(boat(), Optional.empty(), box()),
                Schools.USUAL,
                List.of(),
                Numbers.USUAL);
    }

    static List<Moment> day() {
        var all = new ArrayList<Moment>();
        for (int i = 0; i < HALF_HOURS; i++) {
            all.add(moment(i));
        }
        return all;
    }

    private static Moment moment(int halfHour) {
        var lights = Moment.Light.values();
        return new Moment(
                SIX.plus(Call.STEP.multipliedBy(halfHour)),
                lights[halfHour * lights.length / HALF_HOURS],
                Optional.of(new TidalStream(0.3, 0.4, Optional.empty())),
                false);
    }

    static FirstSpread.Wish sixLines() {
        Situation s = situation();
        return new FirstSpread.Wish(
                s, s.numbers().playbook(PlaybookId.MIXED), 6, List.of(), new LightDepth.Band(9, 18), UUID::randomUUID);
    }

    /** The six lines as the call finds them. */
    public static Spread called() {
        return FirstSpread.make(sixLines(), new FirstSpread.Watch() {
                    @Override
                    public void picture(Spread spread) {
                        // Only the end is wanted.
                    }

                    @Override
                    public boolean goOn(double share) {
                        return true;
                    }
                })
                .spread();
    }

    /** What the bench is asked with: everything in the box. */
    public static BenchAsk ask() {
        Box box = box();
        return new BenchAsk(
                box.lines().stream().map(Box.Line::item).toList(),
                box.lures().stream().map(Box.Lure::item).toList(),
                List.of(),
                BenchAsk.USUAL_FISH_KG,
                Optional.empty(),
                Optional.empty(),
                false,
                true,
                Optional.of(74.0));
    }

    private static Boat boat() {
        var holders = new ArrayList<Holder>();
        for (int side : new int[] {1, -1}) {
            holders.add(holder("outer" + side, HolderKind.RIGGER, 0.4, side * 6.4, 5));
            holders.add(holder("inner" + side, HolderKind.RIGGER, -1, side * 4.6, 3.8));
            holders.add(holder("gunwale" + side, HolderKind.FLAT, -1.4, side * 3.3, 1.7));
            holders.add(holder("corner" + side, HolderKind.FLAT, 1.2, side * 2.2, 1.9));
            holders.add(holder("stern" + side, HolderKind.FLAT, 1.3, side * 0.9, 1.5));
        }
        holders.add(holder("centre", HolderKind.CENTRE, -0.6, 0, 5.2));
        return new Boat("Bench", 10.4, 3.4, 2, holders);
    }

    private static Holder holder(String name, HolderKind kind, double astern, double starboard, double height) {
        return new Holder(
                id(name), name, kind, new DeckPoint(-2, starboard / 4, 1.5), new DeckPoint(astern, starboard, height));
    }

    private static Box box() {
        var lures = new ArrayList<Box.Lure>();
        for (String colour : List.of("olive", "pink", "silver", "black")) {
            lures.add(lure(LureKind.BULLET_SKIRT, colour, 0.18));
            lures.add(lure(LureKind.FEATHER, colour, 0.12));
            lures.add(lure(LureKind.POPPING_HEAD, colour, 0.2));
            lures.add(lure(LureKind.LIPPED_PLUG, colour, 0.16));
        }
        Box.Line mono = line(LineKind.MONO, 50);
        var lines =
                List.of(mono, line(LineKind.FLUOROCARBON, 80), line(LineKind.BRAID, 50), line(LineKind.BITE_WIRE, 105));
        var spool = new Spool(650, mono.item().diameterM(), 0.055, 0.028);
        return new Box(lures, lines, List.of(new Box.Reel(rod(spool), Optional.of(mono), 8)));
    }

    private static Reel rod(Spool spool) {
        return new Reel(id("mono"), "mono", spool, Optional.empty(), Optional.empty(), Optional.empty(), 0.56);
    }

    private static Box.Lure lure(LureKind kind, String colour, double lengthM) {
        var item = new LureItem(id(kind + colour), kind.name(), kind.name(), kind.usual(), Optional.of(kind.works()));
        return new Box.Lure(item, lengthM, ColourRole.guess(colour), Shade.guess(colour), 2);
    }

    private static Box.Line line(LineKind kind, double pounds) {
        Force strength = Force.of(pounds, ForceUnit.POUND_FORCE);
        return new Box.Line(
                new LineItem(id(kind.name()), kind.name(), kind, kind.metreRated(strength), strength), kind);
    }

    private static UUID id(String words) {
        return UUID.nameUUIDFromBytes(words.getBytes(StandardCharsets.UTF_8));
    }
}
