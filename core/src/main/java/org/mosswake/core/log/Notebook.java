package org.mosswake.core.log;

import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.Month;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.units.Length;
import org.mosswake.core.units.LengthUnit;
import org.mosswake.core.units.SpeedThroughWater;
import org.mosswake.core.units.SpeedUnit;
import org.mosswake.core.units.Temperature;
import org.mosswake.core.units.TemperatureUnit;

/**
 * Rows of a notebook as strikes: whatever each says is kept, what it does not say stays unknown. The time that was fished
 * is in no notebook, so that its strikes count and enter no rate.
 */
public final class Notebook {
    /** Of a row that names no year. */
    public static final int NO_YEAR = 1;

    private static final int FIRST_YEAR = 1850;
    private static final int LAST_YEAR = 2200;
    private static final int LONGEST_TEXT = 200;
    private static final Pattern NUMBERS = Pattern.compile("(\\d{1,4})[.\\-/ ]+(\\d{1,2})[.\\-/ ]+(\\d{1,4})\\.?");
    private static final Pattern NAMED = Pattern.compile(
            "(?:(\\d{1,2})(?:st|nd|rd|th)?[. ]*)?([a-z]{3,9})\\.?(?:[ ]*(\\d{1,2})(?:st|nd|rd|th)?)?(?:[, ]+(\\d{4}))?");
    private static final Pattern CLOCK = Pattern.compile("(\\d{1,2})(?:[:.h]?(\\d{2}))?\\s*(am|pm|h|o'clock)?");
    private static final Pattern IN_HEADER = Pattern.compile("[(\\[]\\s*([^)\\]]+?)\\s*[)\\]]\\s*$");

    private final List<NotebookColumn> columns;
    private final List<String> unitsOf;
    private final boolean dayFirst;
    private final boolean feet;
    private final UUID owner;
    private final Map<String, Integer> seen = new HashMap<>();

    /**
     * @param headers  of the table; a unit in brackets holds for its column
     * @param dayFirst 6.7. is in July
     * @param feet     what has no unit is in feet, inches and °F, not in metres, centimetres and °C
     */
    public Notebook(UUID owner, List<String> headers, List<NotebookColumn> columns, boolean dayFirst, boolean feet) {
        this.owner = owner;
        this.columns = List.copyOf(columns);
        this.dayFirst = dayFirst;
        this.feet = feet;
        unitsOf = headers.stream()
                .map(header -> {
                    Matcher unit = IN_HEADER.matcher(header);
                    return unit.find() ? unit.group(1) : "";
                })
                .toList();
    }

    /** What became of a row. */
    public sealed interface Row {
        record Taken(LogEntry entry) implements Row {}

        /** @param column by its place, from 0; -1 where the row as a whole says too little */
        record Refused(int column, String value, String says) implements Row {}
    }

    /** A cell that cannot be read. */
    private static final class Unreadable extends RuntimeException {
        private static final long serialVersionUID = 1;

        Unreadable(String says) {
            super(says, null, false, false);
        }
    }

    public Row row(List<String> cells) {
        var choices = new EnumMap<Facet, String>(Facet.class);
        var numbers = new EnumMap<Facet, Double>(Facet.class);
        var when = new When();
        for (int i = 0; i < Math.min(columns.size(), cells.size()); i++) {
            String said = cells.get(i).strip();
            if (!said.isEmpty() && columns.get(i) != NotebookColumn.IGNORED && !isUnknown(said)) {
                try {
                    read(columns.get(i), said, unitsOf.get(i), when, choices, numbers);
                } catch (Unreadable unreadable) {
                    return new Row.Refused(i, said, unreadable.getMessage());
                }
            }
        }
        if (choices.isEmpty() && numbers.isEmpty() && !when.isKnown()) {
            return new Row.Refused(-1, "", "The row says nothing that can be kept.");
        }
        LocalDate day;
        try {
            day = when.day();
        } catch (DateTimeException impossible) {
            return new Row.Refused(columns.indexOf(NotebookColumn.DAY), "", "There is no such day.");
        }
        if (when.month > 0) {
            numbers.put(Facet.MONTH, (double) when.month);
            if (when.dayOfMonth > 0) {
                numbers.put(Facet.WEEK, (double) Ledger.week(day));
            }
        }
        return new Row.Taken(new LogEntry(
                id(cells), day, Optional.empty(), LogEntry.Kind.STRUCK, 0, false, choices, numbers, Optional.empty()));
    }

    /** The same row of the same table is the same entry; twice in one table it is two. */
    private UUID id(List<String> cells) {
        String text = String.join("\u001f", cells);
        int times = seen.merge(text, 1, Integer::sum);
        return UUID.nameUUIDFromBytes((owner + "\u001f" + times + "\u001f" + text).getBytes(StandardCharsets.UTF_8));
    }

    private static boolean isUnknown(String said) {
        return said.matches("[?\\-–—.]+|(?i)n/?a|unknown|none known");
    }

    /** As much as a row says of its day. */
    private static final class When {
        private int year;
        private int month;
        private int dayOfMonth;

        boolean isKnown() {
            return year > 0 || month > 0;
        }

        LocalDate day() {
            return LocalDate.of(year > 0 ? year : NO_YEAR, Math.max(1, month), Math.max(1, dayOfMonth));
        }
    }

    private void read(
            NotebookColumn column,
            String said,
            String unit,
            When when,
            Map<Facet, String> choices,
            Map<Facet, Double> numbers) {
        switch (column) {
            case DAY -> day(said, when);
            case YEAR -> when.year = year(whole(said, "a year such as 2019"));
            case MONTH -> when.month = month(said);
            case TIME -> numbers.put(Facet.HOUR, hour(said));
            case WATER -> numbers.put(Facet.WATER, within(Facet.WATER, temperature(said, unit)));
            case PACE -> numbers.put(Facet.PACE, within(Facet.PACE, speed(said, unit)));
            case SIZE -> numbers.put(Facet.SIZE, within(Facet.SIZE, length(said, unit, true)));
            case DEPTH, OFF_BOTTOM, BOTTOM, LEADER -> {
                Facet facet = column.facet().orElseThrow();
                numbers.put(facet, within(facet, length(said, unit, false)));
            }
            case CREW -> numbers.put(Facet.CREW, within(Facet.CREW, whole(said, "a number of people")));
            case OUTCOME -> choices.put(Facet.OUTCOME, outcome(said));
            default -> choices.put(column.facet().orElseThrow(), text(said));
        }
    }

    private static String text(String said) {
        if (said.length() > LONGEST_TEXT) {
            throw new Unreadable("It has %d characters; %d are kept.".formatted(said.length(), LONGEST_TEXT));
        }
        if (said.indexOf('\0') >= 0) {
            throw new Unreadable("It holds a NUL character.");
        }
        return said;
    }

    private static String outcome(String said) {
        String text = text(said).toLowerCase(Locale.ROOT);
        if (text.matches(".*(releas|let go|back|undersi).*")) {
            return LogEntry.RELEASED;
        } else if (text.matches(".*(lost|pulled|cut|broke|off|missed).*|no|n")) {
            return LogEntry.LOST;
        } else if (text.matches(".*(land|kept|boat|gaff|caught).*|yes|y|x|1")) {
            return LogEntry.LANDED;
        }
        throw new Unreadable("It is none of landed, released or lost.");
    }

    private static double within(Facet facet, double value) {
        double least = facet.from(0);
        double most = facet.to(facet.bands() - 1);
        if (value < least || value >= most) {
            throw new Unreadable(
                    "That is no %s that can be: %s to %s.".formatted(facet.words(), plain(least), plain(most)));
        }
        return value;
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value);
    }

    private static int whole(String said, String what) {
        try {
            return Integer.parseInt(said);
        } catch (NumberFormatException notWhole) {
            throw new Unreadable("Write " + what + ".");
        }
    }

    private static int year(int year) {
        if (year < FIRST_YEAR || year > LAST_YEAR) {
            throw new Unreadable("A year is from %d to %d.".formatted(FIRST_YEAR, LAST_YEAR));
        }
        return year;
    }

    private static int month(String said) {
        if (said.matches("\\d{1,2}")) {
            int month = Integer.parseInt(said);
            if (month >= 1 && month <= 12) {
                return month;
            }
        } else if (said.length() >= 3) {
            String begins = said.substring(0, 3).toUpperCase(Locale.ROOT);
            for (Month month : Month.values()) {
                if (month.name().startsWith(begins)
                        && month.name().startsWith(said.toUpperCase(Locale.ROOT).replace(".", ""))) {
                    return month.getValue();
                }
            }
        }
        throw new Unreadable("Write a month: June, Jun or 6.");
    }

    private void day(String said, When when) {
        String text = said.toLowerCase(Locale.ROOT);
        Matcher numbers = NUMBERS.matcher(text);
        if (numbers.matches()) {
            int first = Integer.parseInt(numbers.group(1));
            int second = Integer.parseInt(numbers.group(2));
            int last = Integer.parseInt(numbers.group(3));
            boolean yearFirst = numbers.group(1).length() > 2;
            when.year =
                    year(full(yearFirst ? first : last, (yearFirst ? numbers.group(1) : numbers.group(3)).length()));
            when.month = yearFirst || dayFirst ? second : first;
            when.dayOfMonth = yearFirst ? last : dayFirst ? first : second;
            check(when);
            return;
        }
        if (text.matches("\\d{4}")) {
            when.year = year(Integer.parseInt(text));
            return;
        }
        Matcher named = NAMED.matcher(text);
        if (named.matches()) {
            when.month = month(named.group(2));
            String of = named.group(1) != null ? named.group(1) : named.group(3);
            when.dayOfMonth = of == null ? 0 : Integer.parseInt(of);
            when.year = named.group(4) == null ? when.year : year(Integer.parseInt(named.group(4)));
            check(when);
            return;
        }
        throw new Unreadable("Write a day as 18 June 2019, 18.6.2019, 2019-06-18 or June 2019.");
    }

    /** Two figures are of this century, or of the last one where they are over fifty. */
    private static int full(int year, int digits) {
        return digits > 2 ? year : year + (year > 50 ? 1900 : 2000);
    }

    private static void check(When when) {
        try {
            when.day();
        } catch (DateTimeException impossible) {
            throw new Unreadable("There is no such day; perhaps the month stands first.");
        }
    }

    private static double hour(String said) {
        Matcher clock = CLOCK.matcher(said.toLowerCase(Locale.ROOT));
        if (clock.matches()) {
            int hour = Integer.parseInt(clock.group(1));
            boolean half = clock.group(3) != null && clock.group(3).endsWith("m");
            if (half && hour >= 1 && hour <= 12) {
                hour = hour % 12 + (clock.group(3).equals("pm") ? 12 : 0);
            }
            if (hour <= 23 && (clock.group(2) == null || Integer.parseInt(clock.group(2)) < 60)) {
                return hour;
            }
        }
        throw new Unreadable("Write a time: 7, 07:30 or 7 pm.");
    }

    /** A unit that was typed holds; else the header's; else the usual one. */
    private static String with(String said, String unit) {
        return said.matches("[-+]?[\\d.,]+") && !unit.isEmpty() ? said + " " + unit : said;
    }

    private double length(String said, String unit, boolean small) {
        LengthUnit usual =
                feet ? small ? LengthUnit.INCH : LengthUnit.FOOT : small ? LengthUnit.CENTIMETRE : LengthUnit.METRE;
        try {
            return Length.parse(with(said, unit), usual).metres();
        } catch (FaultException unreadable) {
            throw new Unreadable("Write a length: 12 m, 40 ft or 1.5.");
        }
    }

    private double temperature(String said, String unit) {
        try {
            return Temperature.parse(with(said, unit), feet ? TemperatureUnit.FAHRENHEIT : TemperatureUnit.CELSIUS)
                    .celsius();
        } catch (FaultException unreadable) {
            throw new Unreadable("Write a temperature: 21 or 70 F.");
        }
    }

    private static double speed(String said, String unit) {
        try {
            return SpeedThroughWater.parse(with(said, unit), SpeedUnit.KNOT).mps();
        } catch (FaultException unreadable) {
            throw new Unreadable("Write a speed: 7 or 7.5 kn.");
        }
    }
}
