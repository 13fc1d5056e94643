package org.mosswake.core.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mosswake.core.rig.Benches.kg;
import static org.mosswake.core.rig.Benches.piece;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mosswake.core.units.Force;

class ShockTest {
    private static final double FISH_KG = 20;
    private static final double SPEED_MPS = 7.2;
    private static final Force PULL = kg(8);
    private static final Force DRAG = kg(14);

    private static Shock of(List<Piece> pieces) {
        return Shock.of(pieces, FISH_KG, SPEED_MPS, PULL, DRAG, RigNumbers.USUAL);
    }

    private static List<Piece> braidWith(double monoM) {
        var pieces = new ArrayList<Piece>();
        if (monoM > 0) {
            pieces.add(piece(0, Material.MONO, 68, 1.3, monoM));
        }
        pieces.add(piece(pieces.size(), Material.HOLLOW_BRAID, 59, 0.85, 130));
        return pieces;
    }

    /** Σ L/EA by hand: 15 m of 1.3 mm at 2.5 GPa, 130 m of 0.85 mm at 55 GPa. */
    @Test
    void addsSpringsInSeries() {
        double mono = 15 / (2.5e9 * Math.PI / 4 * 0.0013 * 0.0013);
        double braid = 130 / (55e9 * Math.PI / 4 * 0.00085 * 0.00085);
        Shock shock = of(braidWith(15));
        assertThat(shock.stiffnessNPerM()).isCloseTo(1 / (mono + braid), within(1e-6));
        assertThat(shock.peakN() - PULL.newtons())
                .isCloseTo(SPEED_MPS * Math.sqrt(shock.stiffnessNPerM() * FISH_KG), within(1e-6));
    }

    @Test
    void fifteenMetresOfMonoSoftenWhatBraidAloneHands() {
        assertThat(of(braidWith(15)).peakN()).isLessThan(0.75 * of(braidWith(0)).peakN());
        assertThat(of(braidWith(15)).riseS()).isGreaterThan(of(braidWith(0)).riseS());
    }

    /** The energy of the fish is what the stretched line holds. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 5, 15, 30})
    void keepsEnergy(double monoM) {
        Shock shock = of(braidWith(monoM));
        assertThat(0.5 * shock.stiffnessNPerM() * shock.stretchM() * shock.stretchM())
                .isCloseTo(0.5 * FISH_KG * SPEED_MPS * SPEED_MPS, within(1e-6));
    }

    @Test
    void theDragCapsWhatIsFelt() {
        assertThat(of(braidWith(15)).feltN(DRAG, PULL)).isEqualTo(DRAG.newtons());
        assertThat(of(braidWith(15)).feltN(kg(500), PULL))
                .isEqualTo(of(braidWith(15)).peakN());
    }

    @Test
    void theLengthForAPeakGivesThatPeak() {
        List<Piece> pieces = braidWith(8);
        Force most = new Force(0.9 * of(pieces).peakN());
        double metres = Shock.lengthFor(pieces, 0, FISH_KG, SPEED_MPS, PULL, most, RigNumbers.USUAL);
        assertThat(metres).isGreaterThan(8);
        assertThat(of(braidWith(metres)).peakN()).isCloseTo(most.newtons(), within(1e-6));
    }

    @Test
    void noLengthDoesWhatThePullForbids() {
        assertThat(Shock.lengthFor(braidWith(8), 0, FISH_KG, SPEED_MPS, PULL, PULL, RigNumbers.USUAL))
                .isNaN();
    }

    @Test
    void aThinCoatedCableIsHalfATether() {
        Shock shock = of(braidWith(15));
        Tether tether = Tether.of(shock, RigNumbers.USUAL);
        assertThat(tether.holds().newtons()).isCloseTo(kg(180).newtons(), within(0.01));
        assertThat(tether.splicedN()).isCloseTo(kg(90).newtons(), within(0.01));
        assertThat(tether.webbingHolds()).isTrue();
    }
}
