package org.mosswake.core.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.mosswake.core.fault.FaultException;

class PullsTest {
    private final Pulls pulls = Pulls.USUAL;

    static IntStream metres() {
        return IntStream.rangeClosed(1, 400);
    }

    @ParameterizedTest
    @MethodSource("metres")
    void metresComeBack(int metres) {
        Pulls.Count count = pulls.of(metres);
        assertThat(pulls.metres(count)).isCloseTo(metres, within(1e-9));
        assertThat(count.restM()).isBetween(-1e-6, 0.56);
    }

    @ParameterizedTest
    @MethodSource("metres")
    void countsComeBack(int counted) {
        double metres = pulls.metres(counted);
        assertThat(pulls.of(metres).counted()).isEqualTo(counted);
        assertThat(pulls.of(metres).extra()).isEqualTo(counted / 10);
    }

    /** The correction keeps what is said and what runs out within two per cent, from the first ten on. */
    @ParameterizedTest
    @MethodSource("metres")
    void theExtraPullMakesItTrue(int counted) {
        if (counted >= 10 && counted % 10 == 0) {
            assertThat(pulls.metres(counted)).isCloseTo(pulls.said(counted), within(0.02 * pulls.said(counted)));
        }
    }

    @Test
    void elevenHandsAreTenCounted() {
        assertThat(pulls.of(11 * 0.56)).satisfies(count -> {
            assertThat(count.counted()).isEqualTo(10);
            assertThat(count.extra()).isEqualTo(1);
        });
    }

    @Test
    void bareCountsEveryPull() {
        assertThat(pulls.bare(98)).isEqualTo(175);
        assertThat(pulls.bare(146)).isEqualTo(261);
    }

    @Test
    void refusesAHandThatIsNone() {
        assertThatThrownBy(() -> new Pulls(0, 0.61)).isInstanceOf(FaultException.class);
    }

    @Test
    void meteredLineTellsTheColour() {
        var sentence = Marks.METERED.find(43, pulls);
        assertThat(sentence.figures().get(0).si()).isCloseTo(3, within(1e-9));
        assertThat(sentence.figures().get(1).si()).isEqualTo(5);
    }

    @Test
    void wireIsFoundByItsThirties() {
        var sentence = Marks.WIRE_MARKS.find(73, pulls);
        assertThat(sentence.figures().get(0).si()).isCloseTo(13, within(1e-9));
        assertThat(sentence.figures().get(1).si()).isEqualTo(2);
    }
}
