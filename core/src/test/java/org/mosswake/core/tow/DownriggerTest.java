package org.mosswake.core.tow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.units.Plane;
import org.mosswake.core.units.SpeedThroughWater;

class DownriggerTest {
    private final TowSolver tows = new TowSolver();

    private Downrigger.Answer solved(Downrigger downrigger) {
        return downrigger.solve(tows).orElseThrow();
    }

    /** A 250 cm² attractor at 1.3 m/s lifts a 4.5 kg ball from 24 m to about 19.5 m. */
    @Test
    void aLargeAttractorLiftsTheBall() {
        double free = solved(Deep.downrigger(1.3, 29.6, Deep.NOTHING)).cable().depthM();
        double lifted = solved(Deep.downrigger(1.3, 29.6, Deep.BLADE)).cable().depthM();
        assertThat(free).isCloseTo(24, within(0.4));
        assertThat(lifted).isCloseTo(19.5, within(0.4));
    }

    /** Practice at a dead-bait troll: 15 m of cable hangs at 12–14 m, 7.5 m at 5.5–6 m or a little deeper. */
    @Test
    void hangsWhereCrewsFindIt() {
        var eel = new Body(0.4, 0.4 / 1150, 0.002, 0, 0);
        assertThat(solved(Deep.downrigger(1.5, 15, eel)).cable().depthM()).isBetween(12.0, 14.6);
        assertThat(solved(Deep.downrigger(1.5, 7.5, eel)).cable().depthM()).isBetween(5.5, 7.4);
    }

    @Test
    void moreSpeedBlowsItBackMore() {
        double slow = solved(Deep.downrigger(1.0, 30, Deep.BLADE)).blowBackM();
        double fast = solved(Deep.downrigger(1.5, 30, Deep.BLADE)).blowBackM();
        assertThat(slow).isPositive();
        assertThat(fast).isGreaterThan(slow + 1);
    }

    /** The clip neither makes nor loses force: what the line pulls with is what the cable feels. */
    @Test
    void forcesBalanceAtTheClip() {
        Downrigger.Answer answer = solved(Deep.downrigger(1.3, 25, Deep.BLADE));
        double ballPull = answer.cable().bodies().get(0).tensionN();
        double above = answer.cable().bodies().get(1).tensionN();
        assertThat(above).isBetween(Math.abs(ballPull - answer.clipPullN()), ballPull + answer.clipPullN());
        assertThat(answer.clip().heightM()).isGreaterThan(-answer.cable().depthM());
        assertThat(answer.line().depthM()).isCloseTo(-answer.clip().heightM(), within(2.0));
    }

    @Test
    void theCableFoundPutsTheLureThere() {
        Downrigger downrigger = Deep.downrigger(1.3, 20, Deep.BLADE);
        Sought sought = downrigger.cableFor(tows, 25);
        double depth = solved(downrigger.withCableOut(sought.value().orElseThrow()))
                .line()
                .depthM();
        assertThat(depth).isCloseTo(25, within(0.02));
        assertThat(sought.value().get()).isGreaterThan(28);
    }

    @Test
    void aClipAboveThePulleyIsRefused() {
        assertThatThrownBy(
                        () -> new Downrigger(new SpeedThroughWater(1), 1, 5, 20, Deep.ball(4), Deep.CABLE, List.of()))
                .isInstanceOf(FaultException.class)
                .hasMessageContaining("clipAboveM");
    }

    /** With a firm pull less line lies between clip and rod than with a slack one, and neither is shorter than straight. */
    @Test
    void theBellyIsTakenUp() {
        var belly = new Belly(1.3, 20, 9, 1.2, new LinePiece(1, 0.0006, 1150, 1.2, 0.008));
        Belly.Shape slack = belly.slackest().orElseThrow();
        Belly.Shape firm = belly.at(15).orElseThrow();
        double straight = Plane.hypot(21.2, 9);
        assertThat(firm.lengthM()).isBetween(straight, straight + 2);
        assertThat(slack.lengthM()).isGreaterThan(firm.lengthM() + 0.3);
        Point end = firm.path().get(firm.path().size() - 1);
        assertThat(end.asternM()).isCloseTo(0, within(0.05));
        assertThat(end.heightM()).isCloseTo(1.2, within(0.05));
        assertThat(firm.pullAtTipN()).isBetween(10.0, 20.0);
    }
}
