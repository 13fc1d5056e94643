package org.mosswake.core.playbook;

import static org.mosswake.core.playbook.Slot.Place.CENTRE;
import static org.mosswake.core.playbook.Slot.Place.DEEP;
import static org.mosswake.core.playbook.Slot.Place.INNER;
import static org.mosswake.core.playbook.Slot.Place.LOW;
import static org.mosswake.core.playbook.Slot.Place.OUTER;
import static org.mosswake.core.playbook.Slot.depthWithin;
import static org.mosswake.core.playbook.Slot.letOut;
import static org.mosswake.core.playbook.Slot.share;

import java.util.ArrayList;
import java.util.List;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.playbook.Playbook.Trait;
import org.mosswake.core.playbook.Slot.Tied;

/** Playbooks of warm and open water: wahoo, tuna, mahi, king, sailfish, bluefin. */
final class WarmBooks {
    private static final List<Playbook> ALL = new ArrayList<>();

    static {
        ladder();
        toothy();
        mixed();
        smallFast();
        eels();
        birds();
        bars();
        lightJig();
        liveSlow();
        deadSlow();
    }

    private WarmBooks() {}

    static List<Playbook> all() {
        return List.copyOf(ALL);
    }

    private static void ladder() {
        add(
                Book.of(PlaybookId.LADDER, Species.WAHOO)
                        .knots(12, 14, 20)
                        .lines(2, 3, 4)
                        .water(30, 120)
                        .keeping(400)
                        .with(Trait.OPEN_SURFACE, Trait.BITE, Trait.FAST, Trait.STOPS_AT_GUIDES, Trait.HEAVY_ROD),
                Slot.of("the longest, in the middle", CENTRE, letOut(120, 150), Tied.FAST_LADDER, LureKind.FAST_BULLET),
                Slot.of("a fifth shorter, one side", LOW, letOut(96, 122), Tied.FAST_LADDER, LureKind.FAST_BULLET),
                Slot.of("a fifth shorter again", LOW, letOut(76, 98), Tied.FAST_LADDER, LureKind.FAST_BULLET),
                Slot.of("the shortest step", OUTER, letOut(60, 78), Tied.FAST_LADDER, LureKind.FAST_BULLET));
    }

    private static void toothy() {
        add(
                Book.of(PlaybookId.TOOTHY, Species.WAHOO, Species.KING)
                        .knots(8, 9, 10)
                        .lines(4, 5, 6)
                        .water(20, 150)
                        .keeping(220)
                        .guess()
                        .with(Trait.OPEN_SURFACE, Trait.BITE),
                Slot.of(
                        "heavy-headed, far back",
                        CENTRE,
                        letOut(135, 150),
                        Tied.BITE,
                        LureKind.BULLET_SKIRT,
                        LureKind.EEL_BAIT),
                Slot.of("plugs under the surface", LOW, depthWithin(3.5, 5.5, 60), Tied.BITE, LureKind.LIPPED_PLUG)
                        .paired(),
                Slot.of("metal heads, level", OUTER, letOut(45, 70), Tied.BITE, LureKind.BULLET_SKIRT, LureKind.FEATHER)
                        .paired(),
                Slot.of(
                                "rigged, in the wash",
                                INNER,
                                letOut(12, 20),
                                Tied.BITE,
                                LureKind.BULLET_SKIRT,
                                LureKind.POPPING_HEAD)
                        .inWash());
    }

    private static void mixed() {
        add(
                Book.of(PlaybookId.MIXED, Species.MAHI, Species.TUNA, Species.KING)
                        .knots(6, 7.5, 10)
                        .lines(2, 6, 8)
                        .water(25, 3000)
                        .keeping(220)
                        .with(Trait.OPEN_SURFACE),
                Slot.of(
                        "far back, in the middle",
                        CENTRE,
                        letOut(150, 220),
                        Tied.PLAIN,
                        LureKind.FEATHER,
                        LureKind.BULLET_SKIRT),
                Slot.of(
                                "a level pair of skirts",
                                OUTER,
                                letOut(70, 100),
                                Tied.PLAIN,
                                LureKind.BULLET_SKIRT,
                                LureKind.FEATHER)
                        .paired(),
                Slot.of(
                                "a level pair that splashes",
                                INNER,
                                letOut(30, 50),
                                Tied.PLAIN,
                                LureKind.POPPING_HEAD,
                                LureKind.BULLET_SKIRT)
                        .paired(),
                Slot.of("the diver, close in", LOW, depthWithin(5, 12, 45), Tied.PLAIN, LureKind.LIPPED_PLUG),
                Slot.of(
                                "short, beside the wash",
                                LOW,
                                letOut(16, 26),
                                Tied.PLAIN,
                                LureKind.BULLET_SKIRT,
                                LureKind.FEATHER)
                        .paired());
    }

    private static void smallFast() {
        add(
                Book.of(PlaybookId.SMALL_FAST, Species.TUNA)
                        .knots(7, 8, 9)
                        .lines(2, 5, 10)
                        .water(60, 400)
                        .keeping(220)
                        .with(Trait.OPEN_SURFACE, Trait.SMALL_FORAGE),
                Slot.of(
                        "small, far back",
                        CENTRE,
                        letOut(100, 150),
                        Tied.PLAIN,
                        LureKind.FEATHER,
                        LureKind.BULLET_SKIRT,
                        LureKind.SQUID),
                Slot.of(
                                "small and level",
                                OUTER,
                                letOut(70, 105),
                                Tied.PLAIN,
                                LureKind.FEATHER,
                                LureKind.BULLET_SKIRT,
                                LureKind.SQUID)
                        .paired(),
                Slot.of("small divers, short", LOW, letOut(14, 26), Tied.PLAIN, LureKind.LIPPED_PLUG)
                        .paired(),
                Slot.of(
                                "small, between",
                                INNER,
                                letOut(45, 68),
                                Tied.PLAIN,
                                LureKind.FEATHER,
                                LureKind.BULLET_SKIRT,
                                LureKind.SQUID)
                        .paired(),
                Slot.of(
                                "small, just clear of the wash",
                                LOW,
                                letOut(28, 42),
                                Tied.PLAIN,
                                LureKind.FEATHER,
                                LureKind.HAIR_JIG,
                                LureKind.BULLET_SKIRT)
                        .paired(),
                Slot.of(
                        "the last one out",
                        CENTRE,
                        letOut(160, 200),
                        Tied.PLAIN,
                        LureKind.FEATHER,
                        LureKind.BULLET_SKIRT));
    }

    private static void eels() {
        add(
                Book.of(PlaybookId.EELS, Species.TUNA)
                        .knots(2, 3, 4)
                        .lines(2, 2, 4)
                        .water(30, 250)
                        .keeping(150)
                        .guess(),
                Slot.of(
                                "a soft eel, far back",
                                OUTER,
                                letOut(90, 100),
                                Tied.PLAIN,
                                LureKind.SOFT_EEL,
                                LureKind.EEL_BAIT)
                        .paired(),
                Slot.of("one more, shorter", LOW, letOut(70, 85), Tied.PLAIN, LureKind.SOFT_EEL, LureKind.EEL_BAIT)
                        .paired());
    }

    private static void birds() {
        add(
                Book.of(PlaybookId.BIRDS, Species.MAHI, Species.TUNA)
                        .knots(7, 8, 10)
                        .lines(2, 3, 4)
                        .water(10, 3000)
                        .keeping(220)
                        .with(Trait.OPEN_SURFACE, Trait.SHOWS_ITSELF),
                Slot.of(
                                "bright, one each side",
                                OUTER,
                                letOut(34, 50),
                                Tied.PLAIN,
                                LureKind.FEATHER,
                                LureKind.BULLET_SKIRT)
                        .paired(),
                Slot.of(
                        "bright, in the middle",
                        CENTRE,
                        letOut(44, 60),
                        Tied.PLAIN,
                        LureKind.FEATHER,
                        LureKind.BULLET_SKIRT),
                Slot.of("bright, low", LOW, letOut(30, 38), Tied.PLAIN, LureKind.BULLET_SKIRT, LureKind.FEATHER));
    }

    private static void bars() {
        add(
                Book.of(PlaybookId.BARS, Species.SCHOOL_BLUEFIN)
                        .knots(4, 5, 6)
                        .lines(2, 4, 4)
                        .water(12, 200)
                        .keeping(220)
                        .guess()
                        .with(Trait.OPEN_SURFACE),
                Slot.of(
                                "steering outward, outside the wash",
                                LOW,
                                letOut(28, 40),
                                Tied.STEERING_BAR,
                                LureKind.STEERING_BAR)
                        .paired(),
                Slot.of("plain, inside it", INNER, letOut(15, 26), Tied.PLAIN, LureKind.SPREADER_BAR)
                        .paired()
                        .inWash());
    }

    private static void lightJig() {
        add(
                Book.of(PlaybookId.LIGHT_JIG, Species.TUNA, Species.MAHI, Species.KING, Species.SAILFISH)
                        .knots(6, 7, 8)
                        .lines(2, 2, 2)
                        .water(8, 60)
                        .keeping(150)
                        .with(Trait.OPEN_SURFACE),
                Slot.of("the farther jig", LOW, letOut(36, 45), Tied.PLAIN, LureKind.HAIR_JIG, LureKind.FEATHER),
                Slot.of("the nearer jig", LOW, letOut(25, 34), Tied.PLAIN, LureKind.HAIR_JIG, LureKind.FEATHER));
    }

    private static void liveSlow() {
        add(
                Book.of(PlaybookId.LIVE_SLOW, Species.KING, Species.SAILFISH)
                        .knots(1.5, 1.8, 2)
                        .lines(2, 6, 6)
                        .water(6, 45)
                        .keeping(150)
                        .with(Trait.BITE, Trait.LIVE_BAIT, Trait.TAKEN_LOOSELY),
                Slot.of("long, off a high centre", CENTRE, letOut(27, 34), Tied.BITE, LureKind.LIVE_BAIT),
                Slot.of("to one side", LOW, letOut(20, 25), Tied.BITE, LureKind.LIVE_BAIT),
                Slot.of("deep, a third down", DEEP, share(0.33, 7), Tied.BITE, LureKind.LIVE_BAIT, LureKind.EEL_BAIT),
                Slot.of("past the wash", LOW, letOut(8, 12), Tied.BITE, LureKind.LIVE_BAIT),
                Slot.of(
                        "deep, two thirds down",
                        DEEP,
                        share(0.66, 6),
                        Tied.BITE,
                        LureKind.EEL_BAIT,
                        LureKind.LIVE_BAIT),
                Slot.of("short", LOW, letOut(4, 6), Tied.BITE, LureKind.LIVE_BAIT));
    }

    private static void deadSlow() {
        add(
                Book.of(PlaybookId.DEAD_SLOW, Species.KING)
                        .knots(2.5, 3, 3.5)
                        .lines(2, 5, 5)
                        .water(10, 70)
                        .keeping(150)
                        .with(Trait.BITE, Trait.DEAD_BAIT, Trait.DEEP),
                Slot.of("long and deep", DEEP, share(0.6, 15), Tied.BITE, LureKind.EEL_BAIT),
                Slot.of("a flat line where the wash fades", LOW, letOut(20, 32), Tied.BITE, LureKind.EEL_BAIT),
                Slot.of("the long centre", CENTRE, letOut(150, 200), Tied.BITE, LureKind.EEL_BAIT),
                Slot.of("short and shallow on the cable", DEEP, share(0.35, 8), Tied.BITE, LureKind.EEL_BAIT),
                Slot.of("a flat line, staggered", LOW, letOut(38, 55), Tied.BITE, LureKind.EEL_BAIT));
    }

    private static void add(Book book, Slot... slots) {
        ALL.add(book.with(slots));
    }
}
