package org.mosswake.core.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mosswake.core.fault.FaultException;

class SpoolTest {
    /** 500 m of 0.7 mm: 500 · 0.49 = 245 squares of a millimetre. */
    private static final Spool SPOOL = new Spool(500, 0.0007, 0.05, 0.025);

    @Test
    void takesByTheSquareOfTheDiameter() {
        assertThat(SPOOL.capacityM(0.0007)).isCloseTo(500, within(1e-9));
        assertThat(SPOOL.capacityM(0.00035)).isCloseTo(2000, within(1e-9));
        // By hand: 245 − 100 · 0.25 = 220; 220 / 0.49 = 448.98.
        assertThat(SPOOL.capacityM(0.0007, 100, 0.0005)).isCloseTo(448.98, within(0.01));
        assertThat(SPOOL.capacityM(0.0007, 5000, 0.0007)).isZero();
    }

    @Test
    void whatIsLeftMayBeLessThanNothing() {
        assertThat(SPOOL.leftM(0.0007, 150)).isCloseTo(350, within(1e-9));
        assertThat(SPOOL.leftM(0.001, 300)).isNegative();
    }

    @Test
    void dragRisesAsTheSpoolEmpties() {
        assertThat(SPOOL.dragRise(0.0007, 0)).isCloseTo(1, within(1e-12));
        // Half off: R² = 0.000625 + 0.001875 / 2 = 0.0015625, R = 0.039528.
        assertThat(SPOOL.radiusM(0.0007, 250)).isCloseTo(0.039528, within(1e-6));
        assertThat(SPOOL.dragRise(0.0007, 500)).isCloseTo(2, within(1e-9));
        assertThat(SPOOL.dragRise(0.0007, 900)).isCloseTo(2, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(doubles = {10, 120, 260, 410, 499})
    void moreLineOffIsMoreDrag(double off) {
        assertThat(SPOOL.dragRise(0.0007, off)).isGreaterThan(SPOOL.dragRise(0.0007, off - 9));
    }

    @Test
    void anArborWiderThanTheSpoolIsRefused() {
        assertThatThrownBy(() -> new Spool(500, 0.0007, 0.03, 0.05)).isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> new Spool(Double.NaN, 0.0007, 0.05, 0.02)).isInstanceOf(FaultException.class);
    }
}
