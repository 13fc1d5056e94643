package org.mosswake.core.playbook;

import static org.mosswake.core.playbook.Slot.Place.CENTRE;
import static org.mosswake.core.playbook.Slot.Place.DEEP;
import static org.mosswake.core.playbook.Slot.Place.LOW;
import static org.mosswake.core.playbook.Slot.Place.OUTER;
import static org.mosswake.core.playbook.Slot.byLight;
import static org.mosswake.core.playbook.Slot.depth;
import static org.mosswake.core.playbook.Slot.letOut;
import static org.mosswake.core.playbook.Slot.offBottom;
import static org.mosswake.core.playbook.Slot.share;

import java.util.ArrayList;
import java.util.List;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.playbook.Playbook.Trait;
import org.mosswake.core.playbook.Slot.Tied;

/** Playbooks of cold and inshore water: striped bass and salmon. */
final class ColdBooks {
    private static final List<Playbook> ALL = new ArrayList<>();

    static {
        bass();
        salmon();
    }

    private ColdBooks() {}

    static List<Playbook> all() {
        return List.copyOf(ALL);
    }

    private static void bass() {
        add(
                Book.of(PlaybookId.WIRE_JIG, Species.STRIPED_BASS)
                        .knots(2.5, 2.8, 3)
                        .lines(2, 2, 2)
                        .water(3, 18)
                        .keeping(150)
                        .with(Trait.DEEP, Trait.STOPS_AT_GUIDES, Trait.HEAVY_ROD, Trait.STAYS_DOWN),
                Slot.of(
                                "wire, near the bottom",
                                LOW,
                                offBottom(0.6, 2, 0),
                                Tied.WIRE,
                                LureKind.HAIR_JIG,
                                LureKind.LIPPED_PLUG)
                        .paired());
        add(
                Book.of(PlaybookId.TANDEM, Species.STRIPED_BASS)
                        .knots(2.5, 3, 3.5)
                        .lines(1, 2, 4)
                        .water(6, 45)
                        .keeping(150)
                        .with(Trait.DEEP, Trait.HEAVY_ROD),
                Slot.of("tandem, near the bottom", LOW, offBottom(0.8, 2.5, 0), Tied.THREE_WAY, LureKind.HAIR_JIG),
                Slot.of("tandem, higher", LOW, offBottom(3.5, 6, 0), Tied.THREE_WAY, LureKind.HAIR_JIG),
                Slot.of("one more, farther", OUTER, offBottom(2, 4, 0), Tied.THREE_WAY, LureKind.HAIR_JIG),
                Slot.of("the last, higher still", CENTRE, offBottom(6, 9, 0), Tied.THREE_WAY, LureKind.HAIR_JIG));
        add(
                Book.of(PlaybookId.SPOONS, Species.STRIPED_BASS)
                        .knots(2.5, 3, 3.4)
                        .lines(2, 2, 2)
                        .water(5, 22)
                        .keeping(150)
                        .with(Trait.DEEP, Trait.STAYS_DOWN, Trait.TAKEN_LOOSELY),
                Slot.of(
                                "a big spoon, flat to the side",
                                LOW,
                                offBottom(1, 2, 0),
                                Tied.IN_LINE_LEAD,
                                LureKind.FLUTTER_SPOON)
                        .paired());
    }

    private static void salmon() {
        add(
                Book.of(PlaybookId.PLUG_CUT, Species.CHINOOK)
                        .knots(2.2, 2.6, 3)
                        .lines(2, 2, 4)
                        .water(4, 25)
                        .keeping(150)
                        .with(Trait.DEEP, Trait.DEAD_BAIT, Trait.STAYS_DOWN, Trait.OVER_GROUND),
                Slot.of("tapping bottom", LOW, offBottom(0.3, 1, 0), Tied.IN_LINE_LEAD, LureKind.CUT_BAIT)
                        .paired(),
                Slot.of("a little higher", LOW, offBottom(1.5, 3, 0), Tied.IN_LINE_LEAD, LureKind.CUT_BAIT)
                        .paired());
        add(
                Book.of(PlaybookId.BENT_BAIT, Species.CHINOOK, Species.COHO)
                        .knots(1.5, 2, 2.5)
                        .lines(2, 2, 4)
                        .water(8, 120)
                        .keeping(150)
                        .guess()
                        .with(Trait.DEAD_BAIT),
                Slot.of("near the surface behind the blade", LOW, letOut(14, 24), Tied.ATTRACTOR, LureKind.BENT_BAIT),
                Slot.of("deep behind the blade", DEEP, depth(12, 25, 6), Tied.ATTRACTOR, LureKind.BENT_BAIT),
                Slot.of("near the surface, other side", LOW, letOut(24, 34), Tied.ATTRACTOR, LureKind.BENT_BAIT),
                Slot.of("between", DEEP, depth(6, 12, 6), Tied.ATTRACTOR, LureKind.BENT_BAIT));
        add(
                Book.of(PlaybookId.FLASH_SQUID, Species.COHO)
                        .knots(2.6, 2.8, 3)
                        .lines(2, 2, 4)
                        .water(10, 200)
                        .keeping(150)
                        .with(Trait.DEEP, Trait.STEPS_BY_LIGHT),
                // A spoon would do too, but the big ones that are known here pull more than clip and leader hold.
                Slot.of("at the depth of the light", DEEP, byLight(8), Tied.ATTRACTOR, LureKind.SQUID),
                Slot.of("a band above", DEEP, byLight(8), Tied.ATTRACTOR, LureKind.SQUID),
                Slot.of("near the surface", LOW, letOut(16, 26), Tied.ATTRACTOR, LureKind.SQUID),
                Slot.of("near the surface, farther", LOW, letOut(28, 40), Tied.ATTRACTOR, LureKind.SQUID));
        add(
                Book.of(PlaybookId.FLASH_FLY, Species.CHINOOK)
                        .knots(1.5, 2.1, 2.5)
                        .lines(2, 2, 4)
                        .water(15, 150)
                        .keeping(150)
                        .guess()
                        .with(Trait.DEEP),
                Slot.of("near the bottom", DEEP, offBottom(1.5, 4, 6), Tied.ATTRACTOR, LureKind.FLY, LureKind.SQUID),
                Slot.of("higher, over it", DEEP, offBottom(6, 12, 6), Tied.ATTRACTOR, LureKind.FLY, LureKind.SQUID),
                Slot.of("half-way", LOW, share(0.5, 6), Tied.ATTRACTOR, LureKind.FLY, LureKind.SQUID),
                Slot.of("near the surface", LOW, letOut(16, 26), Tied.ATTRACTOR, LureKind.FLY, LureKind.SQUID));
    }

    private static void add(Book book, Slot... slots) {
        ALL.add(book.with(slots));
    }
}
