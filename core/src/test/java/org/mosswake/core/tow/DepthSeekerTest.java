package org.mosswake.core.tow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.mosswake.core.fault.Accepted;

/** Backwards is checked forwards: every value found is solved again. */
class DepthSeekerTest {
    private final TowSolver tows = new TowSolver();
    private final DepthSeeker seeker = new DepthSeeker(tows);

    private double depth(Tow tow) {
        return ((TowAnswer.Shaped) tows.solve(tow)).shape().depthM();
    }

    @Test
    void aLetOutFoundGivesTheDepth() {
        Tow wire = Deep.wire(1.45, 60);
        Sought sought = seeker.letOut(wire, 9, 400);
        double others = wire.lengthM() - 50;
        assertThat(depth(wire.withLastLength(sought.value().orElseThrow() - others)))
                .isCloseTo(9, within(0.01));
        assertThat(sought.stop()).isEmpty();
    }

    @Test
    void aSpeedFoundGivesTheDepth() {
        Tow wire = Deep.wire(1.45, 60);
        Sought sought = seeker.speed(wire, 8);
        assertThat(depth(wire.withSpeed(sought.value().orElseThrow()))).isCloseTo(8, within(0.01));
    }

    @Test
    void aLeadFoundGivesTheDepth() {
        var range = new Accepted(0.05, 3, "kg");
        Sought sought = seeker.seek(range, 0.3, lead -> Deep.lead(1.4, 40, lead), 12);
        assertThat(depth(Deep.lead(1.4, 40, sought.value().orElseThrow()))).isCloseTo(12, within(0.01));
    }

    /** Its own ends, as they are printed. */
    @Test
    void theDeepestCanBeAskedForAsItIsSaid() {
        Tow wire = Deep.wire(1.45, 60);
        double deepest = seeker.letOut(wire, 9, 400).deepestM();
        double said = Math.round(deepest * 10) / 10.0;
        assertThat(seeker.letOut(wire, Math.max(said, deepest + 1e-9), 400).value())
                .isPresent();
        assertThat(seeker.letOut(wire, deepest + 0.3, 400).value()).isEmpty();
    }

    /** Whatever is asked of random chains, an answer holds when solved forwards, and a refusal names what stops it. */
    @Test
    void answersHoldForRandomTows() {
        var random = new Random(21);
        int found = 0;
        for (Tow tow : RandomTows.any().toList()) {
            double wanted = 0.5 + 20 * random.nextDouble();
            Sought sought = seeker.letOut(tow, wanted, 400);
            assertThat(sought.value().isPresent()).isNotEqualTo(sought.stop().isPresent());
            if (sought.value().isPresent()) {
                found++;
                double others = tow.lengthM()
                        - tow.chainFromLure()
                                .get(tow.chainFromLure().size() - 1)
                                .line()
                                .lengthM();
                assertThat(depth(tow.withLastLength(sought.value().get() - others)))
                        .isCloseTo(wanted, within(0.06));
                assertThat(wanted).isBetween(sought.shallowestM() - 0.06, sought.deepestM() + 0.06);
            }
        }
        assertThat(found).isGreaterThan(20);
    }

    @Test
    void tooDeepSaysHowDeepItGoesAndWhatStopsIt() {
        Tow wire = Deep.wire(1.45, 60);
        Sought sought = seeker.letOut(wire, 45, 120);
        assertThat(sought.value()).isEmpty();
        assertThat(sought.stop()).contains(Sought.Stop.MOST);
        assertThat(sought.atDeepest()).isCloseTo(120, within(1e-9));
        assertThat(sought.deepestM()).isBetween(5.0, 45.0);
    }

    /** A lipped plug on mono: the line's own drag lifts it again when too much is out. */
    @Test
    void aPlugTurnsBack() {
        Sought sought = seeker.letOut(Deep.plug(3.5, 40), 40, 400);
        assertThat(sought.value()).isEmpty();
        assertThat(sought.stop()).isPresent();
        assertThat(sought.deepestM()).isLessThan(40);
    }
}
