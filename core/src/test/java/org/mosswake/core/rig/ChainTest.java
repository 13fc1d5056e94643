package org.mosswake.core.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.mosswake.core.rig.Benches.kg;
import static org.mosswake.core.rig.Benches.piece;
import static org.mosswake.core.rig.Benches.with;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.rig.Part.Sort;

class ChainTest {
    private final Chain ladder = Chain.of(Benches.ladder(), Benches.rigging(Benches.reel(22)));

    @Test
    void liesFromTheReelToTheHook() {
        assertThat(ladder.parts())
                .extracting(Part::sort)
                .containsExactly(
                        Sort.SPOOL,
                        Sort.MAIN,
                        Sort.JOIN,
                        Sort.WIND_ON,
                        Sort.END_ABOVE,
                        Sort.FITTING,
                        Sort.WEIGHT,
                        Sort.END_BELOW,
                        Sort.SHOCK_LEADER,
                        Sort.END_ABOVE,
                        Sort.FITTING,
                        Sort.END_BELOW,
                        Sort.BITE_LEADER,
                        Sort.END_ABOVE,
                        Sort.HOOKS,
                        Sort.LURE);
    }

    @Test
    void isAsStrongAsItsWeakestPart() {
        // The loop leaves 95 % of 59 kg.
        assertThat(ladder.weakest().sort()).isEqualTo(Sort.JOIN);
        assertThat(ladder.strength().newtons()).isCloseTo(0.95 * kg(59).newtons(), within(1e-6));
    }

    @Test
    void noPartIsWeakerThanTheWeakest() {
        assertThat(ladder.parts())
                .flatExtracting(part -> part.strength().stream().toList())
                .allSatisfy(strength -> assertThat(strength.newtons())
                        .isGreaterThanOrEqualTo(ladder.strength().newtons()));
    }

    @Test
    void aBetterJointNeverWeakensIt() {
        var pieces =
                new ArrayList<>(List.of(piece(0, Material.MONO, 20, 0.6, 3), piece(1, Material.MONO, 30, 0.7, 60)));
        pieces.set(0, with(pieces.get(0), Seam.of(JointKind.SIX_TURN_KNOT)));
        double knotted = Chain.of(pieces, Rigging.USUAL).strength().newtons();
        pieces.set(0, with(pieces.get(0), Seam.of(JointKind.DOUBLE_CRIMP)));
        double crimped = Chain.of(pieces, Rigging.USUAL).strength().newtons();
        assertThat(knotted).isCloseTo(0.85 * kg(20).newtons(), within(1e-6));
        assertThat(crimped).isGreaterThanOrEqualTo(knotted);
    }

    @Test
    void followsTheSkippersOwnEfficiency() {
        var numbers = RigNumbers.USUAL.with(RigNumbers.joint(JointKind.LOOP_TO_LOOP), 0.5);
        var rigging = new Rigging(
                Optional.empty(),
                Hooks.Kind.SINGLE.usual(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                numbers);
        assertThat(Chain.of(Benches.ladder(), rigging).strength().newtons())
                .isCloseTo(0.5 * kg(59).newtons(), within(1e-6));
    }

    @Test
    void aWeakFittingIsFound() {
        var pieces = new ArrayList<>(Benches.ladder());
        pieces.set(
                2,
                with(
                        pieces.get(2),
                        Seam.of(
                                JointKind.DOUBLE_CRIMP,
                                new Fitting(Fitting.Kind.SNAP_SWIVEL, kg(40)),
                                JointKind.DOUBLE_CRIMP)));
        assertThat(Chain.of(pieces, Rigging.USUAL).weakest().sort()).isEqualTo(Sort.FITTING);
    }

    @Test
    void theSmallestFittingSoldHoldsBothLines() {
        Fitting fitting = ladder.foot(2).fitting().orElseThrow();
        assertThat(fitting.kind()).isEqualTo(Fitting.Kind.SNAP_SWIVEL);
        assertThat(fitting.strength().newtons()).isCloseTo(kg(115).newtons(), within(1e-6));
    }

    @Test
    void aTrebleCanBeTheWeakest() {
        var rigging = Rigging.USUAL.withHooks(new Hooks(Hooks.Kind.TREBLE, 1, kg(20)));
        assertThat(Chain.of(Benches.ladder(), rigging).weakest().sort()).isEqualTo(Sort.HOOKS);
    }

    @Test
    void refusesAJointThatDoesNotSuitTheLine() {
        var pieces = List.of(
                with(piece(0, Material.WIRE, 40, 0.5, 1), Seam.of(JointKind.CRIMP)),
                piece(1, Material.MONO, 30, 0.7, 60));
        assertThatThrownBy(() -> Chain.of(pieces, Rigging.USUAL))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .singleElement()
                                .satisfies(fault -> assertThat(fault.field()).isEqualTo("tackle[0].foot.above")));
    }

    @Test
    void aJoinWithoutMetalIsRefusedWhereAWeightHangs() {
        var pieces = new ArrayList<>(Benches.ladder());
        pieces.set(2, with(pieces.get(2), Seam.of(JointKind.SEVEN_TURN_JOIN)));
        assertThatThrownBy(() -> Chain.of(pieces, Rigging.USUAL)).isInstanceOf(FaultException.class);
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void everyMaterialHasAnEnd(Material material) {
        JointKind usual = Seams.usualEnd(material, kg(50));
        assertThat(usual.ends(material)).isTrue();
        assertThat(JointKind.endsOf(material)).contains(usual);
    }

    @Test
    void ringsLetASlimSwivelThroughAndRollersDoNot() {
        var pieces = List.of(piece(0, Material.FLUOROCARBON, 40, 0.9, 3), piece(1, Material.MONO, 23, 0.7, 60));
        Chain plain = Chain.of(pieces, Rigging.USUAL);
        assertThat(plain.handM(false)).isZero();
        assertThat(plain.handM(true)).isEqualTo(3);
        assertThat(ladder.handM(false)).isCloseTo(9.2, within(1e-9));
    }
}
