package org.mosswake.core.spread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.mosswake.core.spread.Wake.Water;
import org.mosswake.core.units.SpeedThroughWater;
import org.mosswake.core.units.SpeedUnit;

class WakeTest {
    private static Wake at(double knots, int engines) {
        return Wake.of(SpeedThroughWater.of(knots, SpeedUnit.KNOT), engines);
    }

    /** Deep-water waves of length λ run at √(gλ/2π): the crests keep up with the boat. */
    @Test
    void crestsKeepUpWithTheBoat() {
        for (double knots : new double[] {2, 7.5, 14}) {
            double speed = Math.sqrt(9.80665 * at(knots, 2).wavelengthM() / (2 * Math.PI));
            assertThat(speed).isCloseTo(SpeedUnit.KNOT.toSi(knots), within(1e-9));
        }
        assertThat(at(7.5, 2).wavelengthM()).isCloseTo(9.54, within(0.01));
    }

    @Test
    void theWedgeHasKelvinsAngle() {
        assertThat(Math.toDegrees(Wake.WEDGE_HALF_ANGLE_RAD)).isCloseTo(19.47, within(0.01));
        assertThat(at(7, 1).insideWedge(100, 35)).isTrue();
        assertThat(at(7, 1).insideWedge(100, -36)).isFalse();
    }

    @Test
    void crestsAreCountedFromTheTransom() {
        Wake wake = at(7.5, 2);
        assertThat(wake.crestM(2) - wake.crestM(1)).isCloseTo(wake.wavelengthM(), within(1e-12));
        for (int n = 1; n < 9; n++) {
            assertThat(wake.crestNear(wake.crestM(n) + 0.2 * wake.wavelengthM()))
                    .isEqualTo(n);
            assertThat(wake.offCrest(wake.crestM(n) + 0.2 * wake.wavelengthM())).isCloseTo(0.2, within(1e-9));
        }
        assertThat(wake.crestNear(0)).isEqualTo(1);
    }

    /** The crest passes straight astern at one metre and ends on the wedge, where its two branches meet. */
    @Test
    void aCrestReachesFromCuspToCusp() {
        double[][] crest = Wake.unitCrest(21);
        assertThat(crest[10]).containsExactly(new double[] {1, 0}, within(1e-12));
        for (double[] cusp : new double[][] {crest[0], crest[20]}) {
            assertThat(Math.atan2(Math.abs(cusp[1]), cusp[0])).isCloseTo(Wake.WEDGE_HALF_ANGLE_RAD, within(1e-9));
        }
        assertThat(crest[0][1]).isEqualTo(-crest[20][1]);
    }

    @Test
    void theWashWidensThenFades() {
        Wake wake = at(7.5, 2);
        assertThat(wake.washWidthM(20)).isGreaterThan(wake.washWidthM(1));
        assertThat(wake.washWidthM(wake.washFadesAtM() + 1)).isZero();
        assertThat(wake.waterAt(20, 0)).isEqualTo(Water.WASH);
        assertThat(wake.waterAt(20, wake.washWidthM(20) / 2)).isEqualTo(Water.EDGE);
        assertThat(wake.waterAt(20, 6)).isEqualTo(Water.CLEAN);
        assertThat(wake.waterAt(150, 0)).isEqualTo(Water.CLEAN);
    }

    @Test
    void oneEngineMakesLessWashThanTwo() {
        assertThat(at(5, 1).washWidthM(10)).isLessThan(at(5, 2).washWidthM(10));
        assertThat(at(5, 1).washFadesAtM()).isLessThan(at(5, 2).washFadesAtM());
        assertThat(at(5, 0).washWidthM(5)).isZero();
        assertThat(at(20, 2).washFadesAtM()).isEqualTo(60);
    }

    @Test
    void theWashIsAsWideAsTheOuterPropellersAndAMetre() {
        var speed = SpeedThroughWater.of(7, SpeedUnit.KNOT);
        assertThat(Wake.of(speed, 2, Optional.of(2.4)).washWidthAtTransomM()).isEqualTo(3.4);
        assertThat(Wake.of(speed, 1, Optional.of(2.4)).washWidthAtTransomM()).isEqualTo(1);
        assertThat(Wake.of(speed, 3, Optional.empty())).isEqualTo(Wake.of(speed, 3));
    }
}
