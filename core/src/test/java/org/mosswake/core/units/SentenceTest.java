package org.mosswake.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import org.junit.jupiter.api.Test;

class SentenceTest {
    @Test
    void everyFigureHasAPlaceAndEveryPlaceAFigure() {
        var whole = Sentence.of("{0} of {1}, and {0} again", Figure.count(2), Figure.distance(84));
        assertThat(whole.figures()).hasSize(2);
        assertThatThrownBy(() -> Sentence.of("{0} only", Figure.count(1), Figure.count(2)))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Sentence.of("{0} and {1}", Figure.count(1)))
                .isInstanceOf(IllegalArgumentException.class);
        assertThat(Sentence.of("no figures").figures()).isEmpty();
    }

    @Test
    void figuresAreInTheUnitOfTheirKind() {
        assertThat(Figure.minutes(90)).isEqualTo(new Figure(Figure.Kind.DURATION, 5400));
        assertThat(Figure.clock(Instant.parse("2026-06-18T08:00:00Z")).si()).isEqualTo(1781769600.0);
        assertThat(Figure.step(0.5).kind()).isEqualTo(Figure.Kind.TEMPERATURE_STEP);
    }
}
