package org.mosswake.core.call;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A call agrees with what a crew would do. */
class PracticeTest {
    static List<Practice> situations() {
        return Practice.all();
    }

    @ParameterizedTest
    @MethodSource("situations")
    void agrees(Practice practice) {
        assertThat(practice.disagreements()).isEmpty();
    }

    @Test
    void thereAreSixtyAndMore() {
        assertThat(situations()).hasSizeGreaterThan(60);
    }
}
