package org.mosswake.core.deck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mosswake.core.gear.SpeedWindow;
import org.mosswake.core.strikes.Cue;

class CuedWindowTest {
    private static final SpeedWindow WORKS = new SpeedWindow(2, 4);

    @Test
    void eachCueMovesItAStepAndOppositeOnesMeet() {
        assertThat(CuedWindow.of(WORKS, List.of())).isEqualTo(WORKS);
        var slower = CuedWindow.of(WORKS, List.of(Cue.TIP_TOO_FAST, Cue.CIRCLES));
        assertThat(slower.leastMps()).isCloseTo(1.8, within(1e-9));
        assertThat(slower.mostMps()).isCloseTo(3.8, within(1e-9));
        var both = CuedWindow.of(WORKS, List.of(Cue.TIP_TOO_FAST, Cue.BAIT_OVERTAKES));
        assertThat(both.leastMps()).isCloseTo(2, within(1e-9));
    }

    @Test
    void noNumberOfCuesMakesItAnotherLure() {
        var far = CuedWindow.of(WORKS, Collections.nCopies(50, Cue.SLACK));
        assertThat(far.leastMps()).isCloseTo(2 + 0.2 * 3, within(1e-9));
        assertThat(far.mostMps() - far.leastMps()).isCloseTo(2, within(1e-9));
    }
}
