package org.mosswake.core.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.mosswake.core.call.Days;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.playbook.Slot.Place;

class SeatsTest {
    private static Seats ledger() {
        return new Seats(Days.ledger(Days.warmBox()).boat().holders(), true);
    }

    private static Seats sprat() {
        return new Seats(Days.sprat(Days.coldBox()).boat().holders(), true);
    }

    private static String name(Holder holder) {
        return holder.name();
    }

    @Test
    void theFarLineHangsHighInTheMiddle() {
        assertThat(ledger().one(Place.CENTRE).map(SeatsTest::name)).hasValue("centre rigger");
        assertThat(sprat().one(Place.CENTRE).map(SeatsTest::name)).hasValue("centre");
    }

    @Test
    void pairsAreTheWidestOutsideAndTheNextInside() {
        Seats seats = ledger();
        List<Holder> outer = seats.pair(Place.OUTER).orElseThrow();
        assertThat(outer).extracting(SeatsTest::name).containsExactly("starboard outer", "port outer");
        outer.forEach(seats::take);
        assertThat(seats.pair(Place.INNER).orElseThrow())
                .extracting(SeatsTest::name)
                .containsExactly("starboard inner", "port inner");
    }

    /** A boat without riggers has her widest rods where riggers would be. */
    @Test
    void withoutRiggersTheWidestRodsServe() {
        assertThat(sprat().pair(Place.OUTER).orElseThrow())
                .extracting(SeatsTest::name)
                .containsExactly("starboard gunwale", "port gunwale");
    }

    @Test
    void singleLinesGoToTheOtherSide() {
        Seats seats = ledger();
        Holder first = seats.one(Place.LOW).orElseThrow();
        seats.take(first);
        Holder second = seats.one(Place.LOW).orElseThrow();
        assertThat(first.tip().starboardM() * second.tip().starboardM()).isNegative();
        assertThat(first.kind()).isEqualTo(HolderKind.FLAT);
    }

    @Test
    void deepLinesTakeCablesWhileThereAreAnyAndSurfaceLinesNever() {
        Seats seats = sprat();
        for (int i = 0; i < 2; i++) {
            Holder deep = seats.one(Place.DEEP).orElseThrow();
            assertThat(deep.kind()).isEqualTo(HolderKind.DOWNRIGGER);
            seats.take(deep);
        }
        assertThat(seats.one(Place.DEEP).orElseThrow().kind()).isNotEqualTo(HolderKind.DOWNRIGGER);
        for (Place place : List.of(Place.CENTRE, Place.OUTER, Place.INNER, Place.LOW)) {
            assertThat(sprat().one(place).orElseThrow().kind()).isNotEqualTo(HolderKind.DOWNRIGGER);
        }
    }

    @Test
    void riggersAreLeftAloneWhereTheyAreNotWanted() {
        Seats seats = new Seats(Days.ledger(Days.warmBox()).boat().holders(), false);
        assertThat(seats.one(Place.OUTER).orElseThrow().kind()).isNotEqualTo(HolderKind.RIGGER);
        assertThat(seats.pair(Place.OUTER).orElseThrow()).noneMatch(holder -> holder.kind() == HolderKind.RIGGER);
    }

    @Test
    void whatIsTakenIsNotOfferedAgain() {
        Seats seats = sprat();
        int before = seats.free().size();
        Holder holder = seats.one(Place.LOW).orElseThrow();
        seats.take(holder);
        assertThat(seats.free()).hasSize(before - 1).doesNotContain(holder);
        assertThat(seats.low()).doesNotContain(holder);
        seats.free().forEach(seats::take);
        assertThat(seats.one(Place.LOW)).isEmpty();
        assertThat(seats.pair(Place.OUTER)).isEmpty();
    }
}
