package org.mosswake.core.deck;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.mosswake.core.call.Answer;
import org.mosswake.core.call.Conditions;
import org.mosswake.core.call.Numbers;
import org.mosswake.core.call.Topic;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.strikes.Fact;
import org.mosswake.core.strikes.Happening;
import org.mosswake.core.units.Sentence;

class WellTest {
    private static final Instant NOW = Instant.parse("2026-06-18T10:00:00Z");
    private static final UUID BAITED = UUID.randomUUID();
    private static final UUID PLUG = UUID.randomUUID();
    private static final Conditions TWELVE = Conditions.NOTHING.with(Topic.LIVE_BAIT, Answer.number(12));
    private static final List<Routine.Carries> LINES = List.of(
            new Routine.Carries(BAITED, "P1", LureKind.LIVE_BAIT),
            new Routine.Carries(UUID.randomUUID(), "S1", LureKind.LIVE_BAIT),
            new Routine.Carries(PLUG, "C1", LureKind.LIPPED_PLUG));

    private static Fact fact(int minutesAgo, Happening what) {
        return new Fact(UUID.randomUUID(), NOW.minus(Duration.ofMinutes(minutesAgo)), what);
    }

    private static Optional<Well> well(Conditions planned, Fact... told) {
        return Well.of(List.of(told), planned, LINES, Numbers.USUAL, NOW);
    }

    /** Two lines of a bait every 45 minutes: 8 in three hours. */
    @Test
    void itIsCountedDownByWhatDiesAndGoesOut() {
        Well full = well(TWELVE).orElseThrow();
        assertThat(full).isEqualTo(new Well(12, 8 / 3.0));
        assertThat(full.lasts(NOW)).isEqualTo(NOW.plus(Duration.ofMinutes(270)));
        var none = Optional.<Double>empty();
        assertThat(well(
                                TWELVE,
                                fact(90, new Happening.BaitCaught("mullet", 3, none)),
                                fact(80, new Happening.BaitDead("mullet", 2)),
                                fact(60, new Happening.Set(BAITED, none, Optional.empty())),
                                fact(60, new Happening.Set(PLUG, none, Optional.empty())),
                                fact(20, new Happening.Renewed(BAITED)),
                                fact(-5, new Happening.BaitDead("mullet", 9)))
                        .orElseThrow()
                        .left())
                .isEqualTo(11);
    }

    @Test
    void whereNothingIsKnownOfBaitOrNoLineWantsItNothingIsSaid() {
        assertThat(well(Conditions.NOTHING)).isEmpty();
        assertThat(Well.of(List.of(), TWELVE, LINES.subList(2, 3), Numbers.USUAL, NOW))
                .isEmpty();
    }

    @Test
    void tooFewByTheHourSaysWhenAndWhatThen() {
        var four = new Well(4, 8 / 3.0);
        assertThat(says(four, Optional.empty()))
                .hasValueSatisfying(
                        says -> assertThat(says.toString()).contains("4").contains("Then"));
        assertThat(says(four, Optional.of(NOW.plus(Duration.ofMinutes(80))))).isEmpty();
        assertThat(says(four, Optional.of(NOW.plus(Duration.ofMinutes(100))))).isPresent();
        assertThat(says(new Well(12, 8 / 3.0), Optional.empty())).isEmpty();
        assertThat(says(new Well(0, 8 / 3.0), Optional.of(NOW))).isPresent();
    }

    private static Optional<Sentence> says(Well well, Optional<Instant> home) {
        return well.says(NOW, home, PlaybookId.SPOONS);
    }
}
