package org.mosswake.core.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mosswake.core.rig.Benches.kg;
import static org.mosswake.core.rig.Benches.piece;
import static org.mosswake.core.rig.Benches.with;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.rig.Piece.Hung;

/** Whatever meets whatever, it is tied with something that suits both, and never stronger than its lines. */
class SeamsTest {
    private static final Hung LEAD = new Hung("lead", Hung.Sort.LEAD, 0.5);
    private static final Hung BLADE = new Hung("blade", Hung.Sort.ATTRACTOR, 0.06);

    static Stream<Arguments> pairs() {
        return Stream.of(Material.values())
                .flatMap(above -> Stream.of(Material.values())
                        .flatMap(below -> Stream.of(12.0, 60.0).map(kg -> Arguments.of(above, below, kg))));
    }

    private static List<Piece> two(Material above, Material below, double kg, Hung... hung) {
        return List.of(piece(0, below, kg, 0.7, 3), piece(1, above, kg + 5, 0.8, 60, hung));
    }

    @ParameterizedTest
    @MethodSource("pairs")
    void usualTiesSuitBothLines(Material above, Material below, double kg) {
        for (Hung hung : new Hung[] {null, LEAD, BLADE}) {
            Chain chain = Chain.of(hung == null ? two(above, below, kg) : two(above, below, kg, hung), Rigging.USUAL);
            Seam seam = chain.foot(1);
            JointKind upper = seam.above().orElseThrow();
            if (seam.fitting().isPresent()) {
                assertThat(upper.ends(above)).isTrue();
                assertThat(seam.below().orElseThrow().ends(below)).isTrue();
            } else {
                assertThat(hung).isNull();
                assertThat(upper.joins(above, below)).isTrue();
            }
            assertThat(chain.strength().newtons()).isLessThan(kg(kg).newtons());
        }
    }

    @ParameterizedTest
    @MethodSource("pairs")
    void everyChoiceOfferedIsAccepted(Material above, Material below, double kg) {
        for (JointKind join : JointKind.joinsOf(above, below)) {
            var pieces = new ArrayList<>(two(above, below, kg));
            pieces.set(1, with(pieces.get(1), Seam.of(join)));
            assertThat(Chain.of(pieces, Rigging.USUAL).foot(1).above()).contains(join);
        }
        for (JointKind end : JointKind.endsOf(above)) {
            var pieces = new ArrayList<>(two(above, below, kg, LEAD));
            pieces.set(1, with(pieces.get(1), new Seam(Optional.of(end), Optional.empty(), Optional.empty())));
            assertThat(Chain.of(pieces, Rigging.USUAL).foot(1).above()).contains(end);
        }
    }

    @Test
    void everyWrongFootOfALineIsBlamedAtOnce() {
        var pieces = new ArrayList<>(two(Material.MONO, Material.WIRE, 30, LEAD));
        pieces.set(0, with(pieces.get(0), Seam.of(JointKind.CRIMP)));
        pieces.set(1, with(pieces.get(1), Seam.of(JointKind.HAYWIRE_TWIST)));
        assertThatThrownBy(() -> Chain.of(pieces, Rigging.USUAL))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .extracting(fault -> fault.field())
                                .containsExactly("tackle[0].foot.above", "tackle[1].foot.above"));
    }

    /** A dropper tied weak on purpose parts at the bottom and leaves the fish on: it is not what holds her. */
    @Test
    void aWeakDropperHoldsNoFish() {
        var twig = new Piece.Twig("mono", Material.MONO, kg(20), 0.0007, 4.5, "jig");
        Piece main = piece(1, Material.BRAID, 30, 0.3, 40);
        var branched = new Piece(
                1, main.name(), Material.BRAID, kg(30), 0.0003, 40, Seam.USUAL, Optional.empty(), Optional.of(twig));
        Chain weak = Chain.of(List.of(piece(0, Material.MONO, 5, 0.3, 1.5, LEAD), branched), Rigging.USUAL);
        Chain strong = Chain.of(List.of(piece(0, Material.MONO, 50, 0.9, 1.5, LEAD), branched), Rigging.USUAL);
        assertThat(weak.strength()).isEqualTo(strong.strength());
        assertThat(weak.fromTheFish()).extracting(Piece::lengthM).containsExactly(4.5, 40.0);
        assertThat(weak.fromTheFish().get(0).inTackle()).isFalse();
        Chain lure = Chain.of(List.of(piece(0, Material.MONO, 5, 0.3, 1.5), branched), Rigging.USUAL);
        assertThat(lure.strength().newtons())
                .as("a lure there is fished")
                .isLessThan(weak.strength().newtons());
    }

    @Test
    void aThreeWayHoldsItsSecondLeader() {
        var twig = new Piece.Twig("mono", Material.MONO, kg(10), 0.0005, 4.5, "jig");
        Piece main = piece(1, Material.BRAID, 30, 0.3, 40);
        var branched = new Piece(
                1, main.name(), Material.BRAID, kg(30), 0.0003, 40, Seam.USUAL, Optional.empty(), Optional.of(twig));
        Chain chain = Chain.of(List.of(piece(0, Material.MONO, 25, 0.6, 1.5, LEAD), branched), Rigging.USUAL);
        assertThat(chain.foot(1).fitting().orElseThrow().kind()).isEqualTo(Fitting.Kind.THREE_WAY);
        assertThat(chain.parts().stream().filter(Part::twig))
                .extracting(Part::sort)
                .containsExactly(Part.Sort.END_BELOW, Part.Sort.LEADER, Part.Sort.HOOKS, Part.Sort.LURE);
        assertThat(chain.weakest().twig()).isTrue();
        // A plain lead ends the other leader: nothing to bite on there.
        assertThat(chain.parts().stream().filter(part -> !part.twig()))
                .extracting(Part::sort)
                .endsWith(Part.Sort.WEIGHT)
                .doesNotContain(Part.Sort.HOOKS);
    }

    @Test
    void leadersKnowTheirPlaceAndTheirSleeves() {
        List<Leader> leaders = Leader.of(Chain.of(Benches.ladder(), Rigging.USUAL));
        assertThat(leaders)
                .extracting(Leader::sort)
                .containsExactly(Part.Sort.BITE_LEADER, Part.Sort.SHOCK_LEADER, Part.Sort.WIND_ON);
        assertThat(leaders).extracting(Leader::atLure).containsExactly(true, false, false);
        // Double crimps at both ends; the wind-on is looped to the braid above.
        assertThat(leaders).extracting(Leader::sleeves).containsExactly(4, 4, 2);
    }

    @Test
    void twoLeadersOfOneLineAndLengthAreTwo() {
        var pieces = List.of(
                piece(0, Material.MONO, 40, 0.9, 2),
                piece(1, Material.MONO, 40, 0.9, 2, LEAD),
                piece(2, Material.BRAID, 30, 0.3, 60));
        List<Leader> leaders = Leader.of(Chain.of(pieces, Rigging.USUAL));
        assertThat(leaders).hasSize(2).doesNotHaveDuplicates();
    }
}
