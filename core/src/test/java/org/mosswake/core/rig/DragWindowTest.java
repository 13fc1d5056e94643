package org.mosswake.core.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.mosswake.core.rig.DragWindow.Limit;
import org.mosswake.core.rig.DragWindow.Verdict;
import org.mosswake.core.units.Force;

class DragWindowTest {
    private static final Force PULL = new Force(50);
    private static final Force WEAKEST = new Force(300);
    private final DragWindow window = DragWindow.of(PULL, WEAKEST);

    private static DragWindow taken(Take take, double rodN) {
        return DragWindow.of(take, PULL, WEAKEST, Optional.of(new Force(rodN)), RigNumbers.USUAL);
    }

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

    @ParameterizedTest
    @EnumSource(Take.class)
    void theUsualSettingLiesInside(Take take) {
        DragWindow taken = taken(take, 200);
        assertThat(taken.judge(taken.usual())).isEqualTo(Verdict.HOLDS);
    }

    @Test
    void theRodsClassBindsWhereItIsLower() {
        assertThat(taken(Take.FIRM, 80).most().newtons()).isEqualTo(80);
        assertThat(taken(Take.FIRM, 80).limit()).isEqualTo(Limit.ROD_CLASS);
        assertThat(taken(Take.FIRM, 800).limit()).isEqualTo(Limit.WEAKEST_PART);
        assertThat(taken(Take.FIRM, 55).isEmpty()).isTrue();
    }

    @Test
    void aLadderIsSetCloserToThePull() {
        assertThat(taken(Take.LADDER, 800).least().newtons()).isCloseTo(52.5, within(1e-9));
    }

    @Test
    void aLooseTakeIsFirstALittleOverThePullAndThenFirm() {
        DragWindow loose = taken(Take.LOOSE, 800);
        assertThat(loose.least().newtons()).isCloseTo(52.5, within(1e-9));
        assertThat(loose.looseMost(RigNumbers.USUAL).newtons()).isCloseTo(60.5, within(1e-9));
        assertThat(DragWindow.of(Take.LOOSE, new Force(1), WEAKEST, Optional.empty(), RigNumbers.USUAL)
                        .looseMost(RigNumbers.USUAL)
                        .newtons())
                .isCloseTo(4, within(1e-9));
        assertThat(loose.firm().newtons()).isCloseTo(60, within(1e-9));
    }
}
