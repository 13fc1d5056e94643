package org.mosswake.server.platform.json;

import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;

/** Dates and instants as they are accepted: of years that almanac, database and calendar files all know. */
public final class Times {
    private static final int FIRST_YEAR = 1900;
    private static final int LAST_YEAR = 2199;

    private Times() {}

    /** @throws DateTimeException where it is none, or out of range */
    public static LocalDate date(String text) {
        LocalDate date = LocalDate.parse(text);
        inRange(date.getYear());
        return date;
    }

    /**
     * To a microsecond, as the database keeps it: what is answered is what was sent.
     *
     * @throws DateTimeException where it is none, or out of range
     */
    public static Instant instant(String text) {
        Instant instant = Instant.parse(text);
        if (instant.isBefore(year(FIRST_YEAR)) || !instant.isBefore(year(LAST_YEAR + 1))) {
            throw new DateTimeException("out of range");
        }
        return instant.truncatedTo(ChronoUnit.MICROS);
    }

    private static Instant year(int year) {
        return LocalDate.of(year, 1, 1).atStartOfDay(ZoneOffset.UTC).toInstant();
    }

    private static void inRange(int year) {
        if (year < FIRST_YEAR || year > LAST_YEAR) {
            throw new DateTimeException("out of range");
        }
    }
}
