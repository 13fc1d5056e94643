package org.mosswake.server.platform.table;

import java.util.Locale;

/** Cells of the tables that go out to a spreadsheet and come back. */
public final class Cells {
    private Cells() {}

    /** A spreadsheet takes text that begins like this for a formula; a quote before it keeps it text. */
    public static String safe(String text) {
        return text.matches("(?s)^[=+\\-@\\t\\r'].*") ? "'" + text : text;
    }

    /** Without the quote of {@link #safe}. */
    public static String unsafe(String text) {
        return text.matches("(?s)^'[=+\\-@\\t\\r'].*") ? text.substring(1) : text;
    }

    /** Without the digits that only a machine would write. */
    public static String number(double value, int digits) {
        return String.valueOf(Double.parseDouble(String.format(Locale.ROOT, "%." + digits + "g", value)));
    }
}
