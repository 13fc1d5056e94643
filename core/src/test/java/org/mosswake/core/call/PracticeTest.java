package org.mosswake.core.call;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
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
        Score first = Ranking.of(practice.s()).first();
        if (!practice.takes().isEmpty()) {
            assertThat(first.playbook().id()).as("%s", first.reasons()).isIn(practice.takes());
        }
        assertThat(first.playbook().id()).isNotIn(practice.never());
        assertThat(LineCount.of(practice.s(), first.playbook()).lines()).isBetween(1, practice.most());
    }
}
