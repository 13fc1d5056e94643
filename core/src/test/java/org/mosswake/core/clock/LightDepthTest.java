package org.mosswake.core.clock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mosswake.core.fault.FaultException;

class LightDepthTest {
    private static final Instant SUNRISE = Instant.parse("2026-06-18T08:00:00Z");

    @ParameterizedTest
    @CsvSource({
        "-40, 9, 18",
        "0, 9, 18",
        "60, 12, 21",
        "90, 13.5, 22.5",
        "179, 17.95, 26.95",
        "180, 36, 46",
        "500, 36, 46"
    })
    void cohoGoDownWithTheSun(int minutes, double top, double bottom) {
        var band = LightDepth.COHO.at(SUNRISE.plus(Duration.ofMinutes(minutes)), SUNRISE);
        assertThat(band.topM()).isCloseTo(top, within(1e-9));
        assertThat(band.bottomM()).isCloseTo(bottom, within(1e-9));
    }

    @Test
    void theyCannotGoUnderTheBottom() {
        var band =
                LightDepth.COHO.at(SUNRISE.plus(Duration.ofHours(4)), SUNRISE).over(30, 2);
        assertThat(band.bottomM()).isEqualTo(28);
        assertThat(band.topM()).isLessThan(28);
        assertThat(new LightDepth.Band(9, 18).over(60, 2)).isEqualTo(new LightDepth.Band(9, 18));
    }

    @Test
    void aBandUpsideDownIsRefused() {
        assertThatThrownBy(() -> new LightDepth(18, 9, 3, Duration.ofHours(3), 36, 46))
                .isInstanceOf(FaultException.class);
    }
}
