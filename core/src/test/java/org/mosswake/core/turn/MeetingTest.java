package org.mosswake.core.turn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.mosswake.core.turn.Meeting.Grade;

class MeetingTest {
    private static final Meeting.Gap SURE = new Meeting.Gap(0, 0, 0);
    private static final Meeting.Margins USUAL = new Meeting.Margins(0.3, 0.5, 1.5, 1, SURE);
    private final Meeting meeting = new Meeting(TurnSpreads.rules(7.5, 40));

    private static Strand strand(double... xyz) {
        int n = xyz.length / 3;
        var x = new double[n];
        var y = new double[n];
        var z = new double[n];
        var shares = new double[n];
        for (int i = 0; i < n; i++) {
            x[i] = xyz[3 * i];
            y[i] = xyz[3 * i + 1];
            z[i] = xyz[3 * i + 2];
            shares[i] = 1 - i / (double) n;
        }
        return new Strand(x, y, z, shares);
    }

    /** Long ago past its lure: only where lines cross counts. */
    private static Strand along(double z) {
        return strand(-40, -40, z, -20, -20, z, 0, 0, z, 20, 20, z);
    }

    private static Strand across(double z) {
        return strand(-40, 40, z, -20, 20, z, 0.5, -0.5, z, 20, -20, z);
    }

    @Test
    void linesThatCrossMeetPassOrAreNearByTheWaterBetween() {
        assertThat(meeting.look(along(0), across(-0.2), USUAL)).isEqualTo(Grade.MEETS);
        assertThat(meeting.x).isCloseTo(0, within(1e-9));
        assertThat(meeting.z).isCloseTo(-0.1, within(1e-9));
        assertThat(meeting.look(along(0), across(-0.8), USUAL)).isEqualTo(Grade.NEAR);
        assertThat(meeting.look(along(0), across(-4), USUAL)).isEqualTo(Grade.PASSES);
        assertThat(meeting.between).isCloseTo(4, within(1e-9));
    }

    @Test
    void whatIsNotKnownOfTheGapCounts() {
        var unsure = new Meeting.Margins(0.3, 0.5, 1.5, 1, new Meeting.Gap(1, 1, 0));
        var together = new Meeting.Margins(0.3, 0.5, 1.5, 1, new Meeting.Gap(1, 1, 1));
        assertThat(meeting.look(along(0), across(-0.8), unsure)).isEqualTo(Grade.MEETS);
        assertThat(meeting.look(along(0), across(-0.8), together)).isEqualTo(Grade.NEAR);
    }

    @Test
    void aLureThatComesToALineMeetsIt() {
        Strand line = strand(-30, 0, 0, 0, 0, 0, 30, 0, 0);
        assertThat(meeting.look(line, strand(0, 0.4, 0.1, 10, 8, 0.2), USUAL)).isEqualTo(Grade.MEETS);
        assertThat(meeting.look(line, strand(0, 1.2, 0.1, 10, 8, 0.2), USUAL)).isEqualTo(Grade.NEAR);
        assertThat(meeting.look(line, strand(0, 1.2, -3, 10, 8, -3), USUAL)).isEqualTo(Grade.APART);
        assertThat(meeting.look(line, strand(0, 3, 0.1, 10, 8, 0.2), USUAL)).isEqualTo(Grade.APART);
    }

    /** Whichever of the two is asked first, and whatever margins only colour. */
    @Test
    void isTheSameBothWaysAndNoMarginMakesOrUnmakesAMeeting() {
        var random = new Random(11);
        var wide = new Meeting.Margins(0.3, 0.5, 8, 8, SURE);
        int met = 0;
        for (int trial = 0; trial < 400; trial++) {
            Strand a = random(random);
            Strand b = random(random);
            Grade here = meeting.look(a, b, USUAL);
            assertThat(meeting.look(b, a, USUAL)).isEqualTo(here);
            assertThat(meeting.look(a, b, wide) == Grade.MEETS).isEqualTo(here == Grade.MEETS);
            assertThat(meeting.look(a, b, wide)).isGreaterThanOrEqualTo(here);
            met += here == Grade.MEETS ? 1 : 0;
        }
        assertThat(met).isBetween(20, 380);
    }

    private static Strand random(Random random) {
        var xyz = new double[15];
        double y = random.nextGaussian() * 3;
        double z = random.nextGaussian();
        for (int i = 0; i < 5; i++) {
            xyz[3 * i] = i * 4 + random.nextDouble();
            xyz[3 * i + 1] = y + random.nextGaussian();
            xyz[3 * i + 2] = z;
        }
        return strand(xyz);
    }
}
