package org.mosswake.core.log;

import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.BufferUnderflowException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.zip.CRC32;

/**
 * Entries in the order of their days, in columns: some sixty bytes each, and read again from bytes without being made
 * anew. A column is what occurs in it, told once, and by row which of these; facets of which nothing is known have none.
 * Texts are told apart whatever their case.
 */
public final class EntryColumns {
    /** Raised with each change of what the bytes mean. */
    private static final int EDITION = 1;

    static final byte FISHED = 0;
    static final byte STRUCK = 1;
    static final byte LANDED = 2;
    static final byte UNTIMED = 3;
    private static final int NEVER = Integer.MIN_VALUE;
    private static final long DAY_S = 86_400;

    private final int size;
    /** Days since 1970, the first first. */
    private final int[] days;
    /** By row, among {@link #days}. */
    private final Codes dayOf;

    private final byte[] took;
    private final float[] minutes;
    /** In degrees, not a number where it is not known. */
    private final float[] north;

    private final float[] east;
    /** In seconds since the day began at Greenwich. */
    private final int[] at;
    /** Two a row. */
    private final long[] ids;

    private final Map<Facet, Column> columns = new EnumMap<>(Facet.class);

    /** Of texts or of numbers; the first of them is what is not known. */
    record Column(List<String> texts, float[] numbers, Codes of) {
        /** How many occur, with what is not known. */
        int told() {
            return Math.max(texts.size(), numbers.length);
        }
    }

    private EntryColumns(int[] days, Codes dayOf) {
        this.days = days;
        this.dayOf = dayOf;
        size = dayOf.size();
        minutes = new float[size];
        took = new byte[size];
        north = new float[size];
        east = new float[size];
        at = new int[size];
        ids = new long[2 * size];
    }

    public static EntryColumns of(Collection<LogEntry> entries) {
        List<LogEntry> inOrder =
                entries.stream().sorted(Comparator.comparing(LogEntry::day)).toList();
        int[] days = inOrder.stream()
                .mapToInt(entry -> (int) entry.day().toEpochDay())
                .distinct()
                .toArray();
        var dayOf = new int[inOrder.size()];
        for (int i = 1; i < dayOf.length; i++) {
            dayOf[i] = dayOf[i - 1]
                    + (inOrder.get(i).day().equals(inOrder.get(i - 1).day()) ? 0 : 1);
        }
        var columns = new EntryColumns(days, Codes.of(dayOf));
        var filling = new EnumMap<Facet, Filling>(Facet.class);
        Function<Facet, Filling> begun =
                facet -> filling.computeIfAbsent(facet, one -> new Filling(facet.isNumber(), inOrder.size()));
        for (int i = 0; i < inOrder.size(); i++) {
            LogEntry entry = inOrder.get(i);
            int row = i;
            columns.put(entry, row);
            entry.numbers().forEach((facet, number) -> begun.apply(facet).number(row, number.floatValue()));
            entry.choices().forEach((facet, text) -> begun.apply(facet).text(row, text));
        }
        filling.forEach((facet, one) -> columns.columns.put(facet, one.column()));
        return columns;
    }

    /** A column as its rows come. */
    private static final class Filling {
        private final Map<Object, Integer> codes = new HashMap<>();
        private final List<String> texts;
        private float[] numbers;
        private final int[] of;

        Filling(boolean ofNumbers, int size) {
            texts = new ArrayList<>(ofNumbers ? List.of() : List.of(""));
            numbers = ofNumbers ? new float[] {Float.NaN} : new float[0];
            of = new int[size];
            codes.put(ofNumbers ? Float.NaN : "", 0);
        }

        void number(int i, float number) {
            of[i] = codes.computeIfAbsent(number, one -> {
                int code = codes.size();
                numbers = code < numbers.length ? numbers : Arrays.copyOf(numbers, 2 * code);
                numbers[code] = number;
                return code;
            });
        }

        void text(int i, String text) {
            of[i] = codes.computeIfAbsent(same(text), one -> {
                texts.add(text);
                return texts.size() - 1;
            });
        }

        Column column() {
            return new Column(
                    List.copyOf(texts),
                    numbers.length == 0 ? numbers : Arrays.copyOf(numbers, codes.size()),
                    Codes.of(of));
        }
    }

    private void put(LogEntry entry, int i) {
        minutes[i] = (float) entry.minutes();
        took[i] = took(entry);
        ids[2 * i] = entry.id().getMostSignificantBits();
        ids[2 * i + 1] = entry.id().getLeastSignificantBits();
        at[i] = entry.at().map(moment -> sinceDay(moment, entry.day())).orElse(NEVER);
        north[i] = entry.place().map(place -> (float) place.latitudeDeg()).orElse(Float.NaN);
        east[i] = entry.place().map(place -> (float) place.longitudeDeg()).orElse(Float.NaN);
    }

    /** Sixty years off its day no moment is. */
    private static int sinceDay(Instant moment, LocalDate day) {
        long seconds = moment.getEpochSecond() - DAY_S * day.toEpochDay();
        return (int) Math.max(-Integer.MAX_VALUE, Math.min(Integer.MAX_VALUE, seconds));
    }

    /** What tells two texts apart. */
    static String same(String text) {
        return text.toLowerCase(Locale.ROOT);
    }

    private static byte took(LogEntry entry) {
        if (entry.kind() == LogEntry.Kind.FISHED) {
            return FISHED;
        }
        String outcome = entry.choices().getOrDefault(Facet.OUTCOME, "");
        return !entry.timed()
                ? UNTIMED
                : outcome.equals(LogEntry.LANDED) || outcome.equals(LogEntry.RELEASED) ? LANDED : STRUCK;
    }

    int size() {
        return size;
    }

    List<LocalDate> days() {
        return Arrays.stream(days).mapToObj(LocalDate::ofEpochDay).toList();
    }

    int dayOf(int i) {
        return dayOf.at(i);
    }

    byte took(int i) {
        return took[i];
    }

    float minutes(int i) {
        return minutes[i];
    }

    float north(int i) {
        return north[i];
    }

    float east(int i) {
        return east[i];
    }

    Optional<Column> column(Facet facet) {
        return Optional.ofNullable(columns.get(facet));
    }

    LogEntry entry(int i) {
        var choices = new EnumMap<Facet, String>(Facet.class);
        var numbers = new EnumMap<Facet, Double>(Facet.class);
        columns.forEach((facet, column) -> {
            int code = column.of().at(i);
            if (code > 0 && facet.isNumber()) {
                numbers.put(facet, (double) column.numbers()[code]);
            } else if (code > 0) {
                choices.put(facet, column.texts().get(code));
            }
        });
        long day = days[dayOf.at(i)];
        return new LogEntry(
                new UUID(ids[2 * i], ids[2 * i + 1]),
                LocalDate.ofEpochDay(day),
                at[i] == NEVER ? Optional.empty() : Optional.of(Instant.ofEpochSecond(DAY_S * day + at[i])),
                took[i] == FISHED ? LogEntry.Kind.FISHED : LogEntry.Kind.STRUCK,
                minutes[i],
                took[i] != UNTIMED,
                choices,
                numbers,
                Float.isNaN(north[i]) ? Optional.empty() : Optional.of(new LogEntry.Place(north[i], east[i])));
    }

    /** As {@link #read} reads them: big-endian, column after column, facets by their names; and a sum over all of it. */
    public byte[] bytes() {
        byte[] written = written();
        return ByteBuffer.allocate(written.length + Integer.BYTES)
                .put(written)
                .putInt(sum(written, written.length))
                .array();
    }

    private static int sum(byte[] bytes, int length) {
        var sum = new CRC32();
        sum.update(bytes, 0, length);
        return (int) sum.getValue();
    }

    private byte[] written() {
        var bytes = new ByteArrayOutputStream(size * 80);
        try (var out = new DataOutputStream(bytes)) {
            out.writeInt(EDITION);
            out.writeInt(size);
            out.writeInt(days.length);
            for (int day : days) {
                out.writeInt(day);
            }
            dayOf.write(out);
            out.write(took);
            for (float[] column : List.of(minutes, north, east)) {
                write(out, column);
            }
            for (int one : at) {
                out.writeInt(one);
            }
            for (long one : ids) {
                out.writeLong(one);
            }
            out.writeInt(columns.size());
            for (var column : columns.entrySet()) {
                write(out, column.getKey().name());
                write(out, column.getValue());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    private static void write(DataOutputStream out, Column column) throws IOException {
        out.writeInt(column.texts().size());
        for (String text : column.texts()) {
            write(out, text);
        }
        out.writeInt(column.numbers().length);
        write(out, column.numbers());
        column.of().write(out);
    }

    private static void write(DataOutputStream out, float[] numbers) throws IOException {
        for (float one : numbers) {
            out.writeFloat(one);
        }
    }

    private static void write(DataOutputStream out, String text) throws IOException {
        byte[] written = text.getBytes(StandardCharsets.UTF_8);
        out.writeInt(written.length);
        out.write(written);
    }

    /** Empty where another edition wrote them, a facet is not known here, or they are cut or spoilt: they are made of their entries then. */
    public static Optional<EntryColumns> read(byte[] bytes) {
        int length = bytes.length - Integer.BYTES;
        if (length < 0 || ByteBuffer.wrap(bytes).getInt(length) != sum(bytes, length)) {
            return Optional.empty();
        }
        ByteBuffer in = ByteBuffer.wrap(bytes, 0, length);
        try {
            if (in.getInt() != EDITION) {
                return Optional.empty();
            }
            int size = many(in);
            int[] days = ints(in, new int[many(in)]);
            var read = new EntryColumns(days, Codes.read(in, size));
            read.readRows(in);
            for (int columns = many(in); columns > 0; columns--) {
                Facet facet = Facet.valueOf(text(in));
                Column column = column(in, size);
                if (facet.isNumber() != column.texts().isEmpty()) {
                    throw new IllegalArgumentException(facet + " was a text, or is one now");
                }
                read.columns.put(facet, column);
            }
            return Optional.of(read);
        } catch (BufferUnderflowException | IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private void readRows(ByteBuffer in) {
        in.get(took);
        for (float[] column : List.of(minutes, north, east)) {
            floats(in, column);
        }
        ints(in, at);
        in.asLongBuffer().get(ids);
        in.position(in.position() + Long.BYTES * ids.length);
    }

    private static Column column(ByteBuffer in, int size) {
        var texts = new ArrayList<String>();
        for (int told = many(in); told > 0; told--) {
            texts.add(text(in));
        }
        float[] numbers = floats(in, new float[many(in)]);
        return new Column(List.copyOf(texts), numbers, Codes.read(in, size));
    }

    /** Never more than there are bytes. */
    private static int many(ByteBuffer in) {
        int many = in.getInt();
        if (many < 0 || many > in.remaining()) {
            throw new BufferUnderflowException();
        }
        return many;
    }

    private static int[] ints(ByteBuffer in, int[] column) {
        in.asIntBuffer().get(column);
        in.position(in.position() + Integer.BYTES * column.length);
        return column;
    }

    private static float[] floats(ByteBuffer in, float[] column) {
        in.asFloatBuffer().get(column);
        in.position(in.position() + Float.BYTES * column.length);
        return column;
    }

    private static String text(ByteBuffer in) {
        var written = new byte[many(in)];
        in.get(written);
        return new String(written, StandardCharsets.UTF_8);
    }
}
