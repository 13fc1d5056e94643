package org.mosswake.core.clock;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class EveningTest {
    private static final LocalDate DAY = LocalDate.of(2026, 6, 18);
    private static final ZoneId ZONE = ZoneId.of("Etc/GMT+3");

    @Test
    void beginsAtSevenAndGoesOnWithoutGaps() {
        List<Evening.Slot> slots = Evening.of(List.of(25.0, 36.0, 15.5), DAY, ZONE);
        assertThat(slots.get(0).from()).isEqualTo(Instant.parse("2026-06-17T22:00:00Z"));
        assertThat(slots.get(1).from()).isEqualTo(slots.get(0).to());
        assertThat(slots.get(2).to()).isEqualTo(Instant.parse("2026-06-17T23:16:30Z"));
    }

    @Test
    void muchWorkBeginsEarlier() {
        List<Evening.Slot> slots = Evening.of(Collections.nCopies(10, 60.0), DAY, ZONE);
        assertThat(slots.get(0).from()).isEqualTo(Instant.parse("2026-06-17T16:00:00Z"));
        assertThat(slots.get(9).to()).isEqualTo(Instant.parse("2026-06-18T02:00:00Z"));
    }

    @Test
    void nothingToDoTakesNoTime() {
        assertThat(Evening.of(List.of(), DAY, ZONE)).isEmpty();
    }
}
