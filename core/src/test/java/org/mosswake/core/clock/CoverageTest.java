package org.mosswake.core.clock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.mosswake.core.fault.FaultException;

class CoverageTest {
    private static final Instant FROM = Instant.parse("2026-06-18T08:00:00Z");

    static Stream<Coverage> columns() {
        var random = new Random(7);
        return Stream.generate(() -> {
                    double top = 2 + random.nextInt(15);
                    double high = 12 + random.nextInt(40);
                    double step = 1 + random.nextInt(5);
                    double apart = Math.min(step * (1 + random.nextInt(2)), high / 3);
                    return new Coverage(top, top + high, step, Duration.ofMinutes(10 + random.nextInt(40)), apart);
                })
                .limit(40);
    }

    @ParameterizedTest
    @MethodSource("columns")
    void everyBandIsFishedAndTheTwoStayApart(Coverage column) {
        var to = FROM.plus(column.every().multipliedBy(column.bands()));
        var settings = column.settings(FROM, to, 2, Optional.empty(), Optional.empty());
        var fished = new HashSet<Double>();
        settings.forEach(setting -> {
            double lower = setting.lowerM().orElseThrow();
            assertThat(lower - setting.upperM())
                    .isGreaterThanOrEqualTo(Math.min(column.apartM(), column.stepM()) - 1e-9);
            assertThat(setting.upperM()).isGreaterThanOrEqualTo(column.topM());
            assertThat(lower).isLessThanOrEqualTo(column.bottomM());
            fished.add(setting.upperM());
            fished.add(lower);
        });
        assertThat(fished).hasSize(column.bands());
    }

    @Test
    void atMiddayNearNewOrFullMoonTheLowerLineLiesOnTheBottom() {
        var column = new Coverage(10, 28, 3, Duration.ofMinutes(30), 3);
        var noon = FROM.plus(Duration.ofHours(4));
        var settings = column.settings(
                FROM,
                FROM.plus(Duration.ofHours(8)),
                2,
                Optional.of(noon),
                Optional.of(noon.plus(Duration.ofHours(2))));
        assertThat(settings).filteredOn(Coverage.Setting::nearBottom).hasSize(4).allSatisfy(setting -> {
            assertThat(setting.lowerM()).hasValue(28.0);
            assertThat(setting.upperM()).isLessThanOrEqualTo(25);
        });
    }

    @Test
    void aSingleLineSweepsTheColumnAlone() {
        var column = new Coverage(6, 18, 3, Duration.ofMinutes(20), 3);
        var settings = column.settings(FROM, FROM.plus(Duration.ofMinutes(100)), 1, Optional.empty(), Optional.empty());
        assertThat(settings).extracting(Coverage.Setting::upperM).containsExactly(6.0, 9.0, 12.0, 15.0, 18.0);
        assertThat(settings).allMatch(setting -> setting.lowerM().isEmpty());
    }

    @Test
    void aColumnTooThinForTwoIsRefused() {
        assertThatThrownBy(() -> new Coverage(10, 14, 2, Duration.ofMinutes(30), 3))
                .isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> new Coverage(14, 10, 2, Duration.ofMinutes(30), 1))
                .isInstanceOf(FaultException.class);
    }
}
