package org.mosswake.core.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.mosswake.core.log.PaperDay.Kind;
import org.mosswake.core.log.PaperDay.Row;
import org.mosswake.core.strikes.Loss;
import org.mosswake.core.strikes.Seen;

class PaperDayTest {
    private static final List<String> LABELS = List.of("C1", "S1", "P1", "D1");

    private static Row row(String text) {
        PaperDay.Day day = PaperDay.read(text, LABELS);
        assertThat(day.refused()).as(text).isEmpty();
        return day.rows().get(0);
    }

    @Test
    void aDayIsReadAsItIsReadAloud() {
        PaperDay.Day day = PaperDay.read("""
                05:10 set

                5.48 c1 mahi 1,1 m
                06:02 strike on S1, small tuna 60 cm released
                06:40 P1 lost, cut off
                07:15 birds diving
                8:00 up D1
                0930 lines up
                """, LABELS);
        assertThat(day.refused()).isEmpty();
        assertThat(day.rows().stream().map(Row::kind))
                .containsExactly(Kind.SET, Kind.STRIKE, Kind.STRIKE, Kind.STRIKE, Kind.SEEN, Kind.UP, Kind.UP);
        assertThat(day.rows().get(0).labels()).isEqualTo(LABELS);
        Row mahi = day.rows().get(1);
        assertThat(mahi.species()).contains("mahi");
        assertThat(mahi.lengthM().orElseThrow()).isCloseTo(1.1, within(1e-9));
        assertThat(mahi.after()).isEqualTo(Duration.ofMinutes(5 * 60 + 48));
        Row tuna = day.rows().get(2);
        assertThat(tuna.species()).contains("small tuna");
        assertThat(tuna.released()).isTrue();
        assertThat(tuna.lengthM().orElseThrow()).isCloseTo(0.6, within(1e-9));
        assertThat(day.rows().get(3).how()).contains(Loss.CUT_OFF);
        assertThat(day.rows().get(3).species()).isEmpty();
        assertThat(day.rows().get(4).seen()).contains(Seen.BIRDS_DIVING);
        assertThat(day.rows().get(5).labels()).containsExactly("D1");
        assertThat(day.rows().get(6).labels()).isEqualTo(LABELS);
    }

    /** What is not said stays unknown; what cannot be read is told by its line. */
    @Test
    void unknownStaysUnknown() {
        assertThat(row("06:00 C1").species()).isEmpty();
        assertThat(row("06:00 C1").how()).isEmpty();
        assertThat(row("06:00 C1 lost").how()).isEmpty();
        assertThat(row("06:00 P1 king 40 in").lengthM().orElseThrow()).isCloseTo(1.016, within(1e-9));
        PaperDay.Day day = PaperDay.read("06:00 C1 king\nC1 mahi\n25:10 C1\n06:30 X9 mahi\n07:00 hello", LABELS);
        assertThat(day.rows()).hasSize(1);
        assertThat(day.refused().stream().map(PaperDay.Refused::line)).containsExactly(2, 3, 4, 5);
        assertThat(day.refused().get(2).why()).contains("C1, S1, P1, D1");
    }

    @Test
    void pastMidnightTheDayGoesOn() {
        PaperDay.Day day = PaperDay.read("22:10 set\n23:50 C1 king\n00:40 up", LABELS);
        assertThat(day.rows().get(2).after()).isEqualTo(Duration.ofMinutes(24 * 60 + 40));
    }

    /** Whatever is typed, each row is read or refused, once. */
    @Test
    void nothingIsDropped() {
        var random = new Random(9);
        String[] parts = {
            "06:1", "set", "C1", " ", "mahi", "1.2 m", "lost", "\t", "birds", "99:99", "é", "\n", "cut", "-"
        };
        for (int i = 0; i < 2000; i++) {
            var text = new StringBuilder();
            for (int j = 0; j < 20; j++) {
                text.append(parts[random.nextInt(parts.length)]);
            }
            PaperDay.Day day = PaperDay.read(text.toString(), LABELS);
            long said = text.toString().lines().filter(line -> !line.isBlank()).count();
            assertThat(day.rows().size() + day.refused().size()).isEqualTo((int) said);
        }
    }
}
