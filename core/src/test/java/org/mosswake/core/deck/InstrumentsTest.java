package org.mosswake.core.deck;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;

class InstrumentsTest {
    private static final Instant T0 = Instant.parse("2026-06-18T08:00:00Z");
    private final Instruments instruments = new Instruments();

    private static Instant at(double seconds) {
        return T0.plusMillis(Math.round(1000 * seconds));
    }

    private void depth(String source, int priority, double seconds, double metres) {
        instruments.hear(source, priority, at(seconds), Reading.of(Gauge.DEPTH, metres));
    }

    private double shown(double seconds) {
        return instruments.shown(at(seconds)).get(Gauge.DEPTH).reading().value();
    }

    @Test
    void theBestSourceIsBelievedUntilItGoesQuiet() {
        depth("sounder", 1, 0, 30);
        depth("chart", 2, 4, 40);
        assertThat(shown(4)).isEqualTo(30);
        assertThat(shown(7)).isEqualTo(40);
        depth("sounder", 1, 8, 31);
        assertThat(shown(8)).isEqualTo(31);
    }

    @Test
    void whatAllAreQuietAboutIsShownWithItsAge() {
        depth("sounder", 1, 0, 30);
        depth("chart", 2, 2, 40);
        var last = instruments.shown(at(60)).get(Gauge.DEPTH);
        assertThat(last.source()).isEqualTo("chart");
        assertThat(last.age(at(60))).isEqualTo(Duration.ofSeconds(58));
    }

    @Test
    void aClockThatJumpsBackGivesNoAgeBelowNought() {
        depth("sounder", 1, 10, 30);
        assertThat(instruments.shown(at(4)).get(Gauge.DEPTH).age(at(4))).isZero();
    }

    @Test
    void aSourceThatIsTakenOffIsForgotten() {
        depth("sounder", 1, 0, 30);
        instruments.forget("sounder");
        assertThat(instruments.shown(at(0))).isEmpty();
    }
}
