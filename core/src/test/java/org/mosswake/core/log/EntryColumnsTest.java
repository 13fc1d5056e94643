package org.mosswake.core.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.ByteBuffer;
import java.time.Instant;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.zip.CRC32;
import org.junit.jupiter.api.Test;
import org.mosswake.core.log.LogEntry.Kind;

class EntryColumnsTest {
    private static final List<String> WORDS =
            List.of("far", "Far", "near", "the Knuckle", "Ørret – 12 lb", "", "\u6d77");

    private static LogEntry entry(Random random, LocalDate day) {
        boolean fished = random.nextBoolean();
        var is = new EnumMap<Facet, String>(Facet.class);
        var of = new EnumMap<Facet, Double>(Facet.class);
        for (Facet facet : Facet.values()) {
            if (random.nextInt(3) == 0 && facet.isNumber()) {
                of.put(facet, (double) (float) (30 * random.nextDouble()));
            } else if (random.nextInt(3) == 0 && !facet.isNumber() && !(fished && facet.isOfStrike())) {
                is.put(facet, WORDS.get(random.nextInt(WORDS.size())));
            }
        }
        return new LogEntry(
                new UUID(random.nextLong(), random.nextLong()),
                day,
                random.nextBoolean()
                        ? Optional.empty()
                        : Optional.of(
                                Instant.ofEpochSecond(86_400 * day.toEpochDay() + random.nextInt(200_000) - 50_000)),
                fished ? Kind.FISHED : Kind.STRUCK,
                fished ? random.nextInt(40) : 0,
                fished || random.nextBoolean(),
                is,
                of,
                random.nextBoolean() ? Optional.empty() : Optional.of(new LogEntry.Place(27.5, -47.25)));
    }

    private static List<LogEntry> entries(int seed, int many) {
        var random = new Random(seed);
        var entries = new ArrayList<LogEntry>();
        for (int i = 0; i < many; i++) {
            entries.add(entry(random, LocalDate.of(2020, 1, 1).plusDays(random.nextInt(900))));
        }
        return entries;
    }

    /** As they are kept and read, column by column: all that is asked of a log has one answer. */
    @Test
    void monthsReadFromTheirBytesAreTheWholeLog() {
        List<LogEntry> entries = entries(1, 2000);
        var months = new ArrayList<EntryColumns>();
        entries.stream().collect(Collectors.groupingBy(entry -> YearMonth.from(entry.day()))).entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(month -> months.add(
                        EntryColumns.read(EntryColumns.of(month.getValue()).bytes())
                                .orElseThrow()));
        var parts = new Ledger(months);
        Ledger whole = Ledger.of(entries);
        assertThat(parts.size()).isEqualTo(2000);
        assertThat(parts.days()).isEqualTo(whole.days());
        var filters = List.of(
                List.<Where>of(),
                List.of(Where.is(Facet.POSITION, "FAR")),
                List.of(Where.is(Facet.SPECIES, "near"), Where.between(Facet.DEPTH, 2, 9)),
                List.of(Where.between(Facet.WEEK, 25, 3)));
        for (List<Where> filter : filters) {
            assertThat(parts.slice(filter)).usingRecursiveComparison().isEqualTo(whole.slice(filter));
            assertThat(parts.weeks(filter)).isEqualTo(whole.weeks(filter));
            assertThat(parts.pieces(filter, 250)).isEqualTo(whole.pieces(filter, 250));
            assertThat(parts.strikes(filter, 10_000))
                    .hasSize(whole.strikes(filter, 10_000).size());
            assertThat(figures(parts.cross(Facet.POSITION, Facet.HOUR, filter).cells(), Ledger.Cell::slice))
                    .isEqualTo(figures(
                            whole.cross(Facet.POSITION, Facet.HOUR, filter).cells(), Ledger.Cell::slice));
            for (Facet facet : Facet.values()) {
                assertThat(figures(parts.by(facet, filter), Ledger.Arm::slice))
                        .isEqualTo(figures(whole.by(facet, filter), Ledger.Arm::slice));
                assertThat(parts.choices(facet)).isEqualTo(whole.choices(facet));
            }
        }
    }

    /** With the days one by one, which a record shows by their address. */
    private static <T> List<String> figures(List<T> told, Function<T, Slice> slice) {
        return told.stream()
                .map(one -> one.toString().replaceAll("\\[[IF]@\\w+", "")
                        + Arrays.toString(slice.apply(one).struckOn())
                        + Arrays.toString(slice.apply(one).fishedOn()))
                .toList();
    }

    @Test
    void aRowComesBackAsItWas() {
        List<LogEntry> strikes = entries(2, 900).stream()
                .filter(entry -> entry.kind() == Kind.STRUCK)
                .filter(entry ->
                        !entry.choices().containsValue("") && !entry.choices().containsValue("Far"))
                .filter(entry -> !entry.choices().containsValue("far"))
                .toList();
        EntryColumns read = EntryColumns.read(EntryColumns.of(strikes).bytes()).orElseThrow();
        assertThat(strikes).hasSizeGreaterThan(20);
        assertThat(new Ledger(List.of(read)).strikes(List.of(), 1000)).containsExactlyInAnyOrderElementsOf(strikes);
    }

    /** What is cut, or of another edition, is no columns: they are made of the entries again. */
    @Test
    void bytesThatAreNotWholeAreNotRead() {
        byte[] bytes = EntryColumns.of(entries(3, 40)).bytes();
        for (int cut = 0; cut < bytes.length; cut += 7) {
            assertThat(EntryColumns.read(Arrays.copyOf(bytes, cut))).isEmpty();
        }
        var random = new Random(5);
        for (int i = 0; i < 2000; i++) {
            byte[] spoilt = bytes.clone();
            spoilt[random.nextInt(bytes.length)] ^= (byte) (1 << random.nextInt(8));
            assertThat(EntryColumns.read(spoilt)).isEmpty();
        }
        bytes[3]++;
        var sum = new CRC32();
        sum.update(bytes, 0, bytes.length - Integer.BYTES);
        ByteBuffer.wrap(bytes).putInt(bytes.length - Integer.BYTES, (int) sum.getValue());
        assertThat(EntryColumns.read(bytes)).as("whole, of another edition").isEmpty();
    }

    @Test
    void piecesFollowEachOther() {
        EntryColumns one = EntryColumns.of(entries(4, 5));
        assertThatThrownBy(() -> new Ledger(List.of(one, one))).hasMessageContaining("order of their days");
    }
}
