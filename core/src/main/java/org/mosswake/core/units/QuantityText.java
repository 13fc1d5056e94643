package org.mosswake.core.units;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads and prints one number with its unit. Read: {@code 120 yd}, {@code 14kn}, {@code 2'6"}, {@code 2 1/2 in},
 * {@code 1,5 m}; a bare number takes the unit in use; parts go from large to small ({@code 1 lb 4 oz}).
 * A comma before exactly three digits is refused: it may mean thousands.
 */
final class QuantityText {
    private static final Pattern PART =
            Pattern.compile("([+-]?(?:\\d+ )?\\d+/\\d+|[+-]?\\d+(?:[.,]\\d+)?|[+-]?[.,]\\d+)\\s*([^\\d\\s.,+-]*)\\s*");
    private static final Pattern THOUSANDS = Pattern.compile(".*\\d,\\d{3}(?!\\d).*");
    private static final int LONGEST = 40;

    private QuantityText() {}

    /** The value in SI, or empty when the text cannot be read. */
    static OptionalDouble parse(String typed, Unit[] units, Unit inUse) {
        String text = normalised(typed);
        if (text.isEmpty() || text.length() > LONGEST || THOUSANDS.matcher(text).matches()) {
            return OptionalDouble.empty();
        }
        return parts(text, units, inUse);
    }

    private static String normalised(String typed) {
        return typed.strip()
                .toLowerCase(Locale.ROOT)
                .replace('′', '\'')
                .replace('’', '\'')
                .replace('″', '"')
                .replace('”', '"')
                .replace('−', '-')
                .replaceAll("\\s+", " ");
    }

    private static OptionalDouble parts(String text, Unit[] units, Unit inUse) {
        Matcher part = PART.matcher(text);
        double sum = 0;
        Unit previous = null;
        int at = 0;
        while (at < text.length()) {
            if (!part.find(at) || part.start() != at) {
                return OptionalDouble.empty();
            }
            Unit unit = unit(part.group(2), units, previous, inUse);
            double number = number(part.group(1));
            if (unit == null || !Double.isFinite(number) || (previous != null && !follows(previous, unit, number))) {
                return OptionalDouble.empty();
            }
            sum += unit.toSi(number);
            previous = unit;
            at = part.end();
        }
        return OptionalDouble.of(sum);
    }

    /** Only lengths and masses are said in parts: feet and inches, pounds and ounces. */
    private static boolean follows(Unit previous, Unit unit, double number) {
        boolean inParts = unit instanceof LengthUnit || unit instanceof MassUnit;
        return inParts && unit.spec().factor() < previous.spec().factor() && number >= 0;
    }

    /** A bare number takes the unit in use; behind feet it means inches, behind pounds ounces. */
    private static Unit unit(String spelling, Unit[] units, Unit previous, Unit inUse) {
        if (spelling.isEmpty()) {
            return previous == null
                    ? inUse
                    : previous == LengthUnit.FOOT
                            ? LengthUnit.INCH
                            : previous == MassUnit.POUND ? MassUnit.OUNCE : null;
        }
        for (Unit unit : units) {
            if (unit.spec().spellings().contains(spelling)) {
                return unit;
            }
        }
        return null;
    }

    private static double number(String text) {
        int slash = text.indexOf('/');
        if (slash < 0) {
            return Double.parseDouble(text.replace(',', '.'));
        }
        int space = text.indexOf(' ');
        double whole = space < 0 ? 0 : Double.parseDouble(text.substring(0, space));
        double over = Double.parseDouble(text.substring(space + 1, slash));
        double under = Double.parseDouble(text.substring(slash + 1));
        return text.startsWith("-") && whole != 0 ? whole - over / under : whole + over / under;
    }

    /** Number, narrow gap, symbol, with the digits a crew can use: {@code 84 m}, {@code 1.3 m}. */
    static String print(double si, Unit unit) {
        double value = unit.fromSi(si);
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(unit.decimals(value), RoundingMode.HALF_UP);
        return (rounded.signum() == 0 ? rounded.abs() : rounded).toPlainString().replace('-', '−') + " "
                + unit.spec().symbol();
    }
}
