package org.mosswake.core.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.mosswake.core.rig.DragWindow.Verdict;
import org.mosswake.core.units.Force;

class DragWindowTest {
    private static final Force PULL = new Force(50);
    private static final Force WEAKEST = new Force(300);
    private final DragWindow window = DragWindow.of(PULL, WEAKEST);

    @Test
    void liesAboveThePullAndUnderAThirdOfTheWeakest() {
        assertThat(window.least().newtons()).isCloseTo(60, within(1e-9));
        assertThat(window.most().newtons()).isCloseTo(99, within(1e-9));
        assertThat(window.isEmpty()).isFalse();
    }

    @Test
    void judgesASetting() {
        assertThat(window.judge(new Force(59))).isEqualTo(Verdict.SLIPS_ON_THE_WATER);
        assertThat(window.judge(new Force(60.1))).isEqualTo(Verdict.HOLDS);
        assertThat(window.judge(new Force(99.1))).isEqualTo(Verdict.BREAKS_THE_WEAKEST);
    }

    @Test
    void isEmptyWhereTheWaterPullsTooHard() {
        assertThat(DragWindow.of(new Force(90), WEAKEST).isEmpty()).isTrue();
    }

    @Test
    void theUsualSettingLiesInsideForAnEasyTow() {
        assertThat(window.judge(DragWindow.usual(WEAKEST))).isEqualTo(Verdict.HOLDS);
    }
}
