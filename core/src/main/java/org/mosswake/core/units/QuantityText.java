package org.mosswake.core.units;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads and prints one number with its unit. Read: {@code 120 yd}, {@code 14kn}, {@code 2'6"}, {@code 2 1/2 in},
 * {@code 1,5 m}, {@code ½ oz}; a bare number, or one with nothing but a degree sign, takes the unit in use; parts go from
 * large to small within one system ({@code 1 lb 4 oz}), and a sign before them is the sign of all.
 * A comma before exactly three digits is refused where it may mean thousands.
 */
final class QuantityText {
    private static final Pattern PART =
            Pattern.compile("((?:\\d+ )?\\d+/\\d+|\\d+(?:[.,]\\d+)?|[.,]\\d+)\\s*([^\\d\\s.,+-]*)\\s*");
    /** No group of thousands begins with a lone nought. */
    private static final Pattern THOUSANDS = Pattern.compile(".*(?:[1-9]|\\d\\d),\\d{3}(?!\\d).*");

    private static final List<Set<? extends Unit>> SYSTEMS = List.of(
            Set.of(LengthUnit.METRE, LengthUnit.CENTIMETRE, LengthUnit.MILLIMETRE),
            Set.of(LengthUnit.FATHOM, LengthUnit.YARD, LengthUnit.FOOT, LengthUnit.INCH),
            Set.of(MassUnit.KILOGRAM, MassUnit.GRAM),
            Set.of(MassUnit.POUND, MassUnit.OUNCE),
            Set.of(ForceUnit.KILOGRAM_FORCE, ForceUnit.GRAM_FORCE),
            Set.of(ForceUnit.POUND_FORCE, ForceUnit.OUNCE_FORCE));

    private static final Map<String, String> FRACTIONS = Map.of(
            "½", "1/2", "¼", "1/4", "¾", "3/4", "⅓", "1/3", "⅔", "2/3", "⅛", "1/8", "⅜", "3/8", "⅝", "5/8", "⅞", "7/8");
    private static final int LONGEST = 40;

    private QuantityText() {}

    /** The value in SI, or empty when the text cannot be read. */
    static OptionalDouble parse(String typed, Unit[] units, Unit inUse) {
        String text = normalised(typed);
        if (text.isEmpty() || text.length() > LONGEST || THOUSANDS.matcher(text).matches()) {
            return OptionalDouble.empty();
        }
        boolean negative = text.startsWith("-");
        String unsigned = negative || text.startsWith("+") ? text.substring(1).strip() : text;
        OptionalDouble size = parts(unsigned, units, inUse);
        return negative && size.isPresent()
                ? OptionalDouble.of(negated(unsigned, size.getAsDouble(), units, inUse))
                : size;
    }

    /** Of a temperature the number is negative, not what it comes to. */
    private static double negated(String unsigned, double size, Unit[] units, Unit inUse) {
        if (!(inUse instanceof TemperatureUnit)) {
            return -size;
        }
        Matcher part = PART.matcher(unsigned);
        return part.matches() ? unit(part.group(2), units, null, inUse).toSi(-number(part.group(1))) : -size;
    }

    private static String normalised(String typed) {
        String text = typed;
        for (var fraction : FRACTIONS.entrySet()) {
            text = text.replace(fraction.getKey(), " " + fraction.getValue());
        }
        return text.strip()
                .toLowerCase(Locale.ROOT)
                .replace('′', '\'')
                .replace('’', '\'')
                .replace('″', '"')
                .replace('”', '"')
                .replace('−', '-')
                .replace("''", "\"")
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
            boolean bareAndMore = part.group(2).isEmpty() && previous == null && part.end() < text.length();
            if (unit == null
                    || bareAndMore
                    || !Double.isFinite(number)
                    || (previous != null && !follows(previous, unit))) {
                return OptionalDouble.empty();
            }
            sum += unit.toSi(number);
            previous = unit;
            at = part.end();
        }
        return OptionalDouble.of(sum);
    }

    /** Parts are said within one system: feet and inches, pounds and ounces, metres and centimetres. */
    private static boolean follows(Unit previous, Unit unit) {
        return unit.spec().factor() < previous.spec().factor()
                && SYSTEMS.stream().anyMatch(system -> system.contains(previous) && system.contains(unit));
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
        if (spelling.equals("°") && inUse instanceof TemperatureUnit) {
            return inUse;
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
        return whole + over / under;
    }

    /** Number, narrow gap, symbol, with the digits a crew can use: {@code 84 m}, {@code 1.3 m}. */
    static String print(double si, Unit unit) {
        double value = unit.fromSi(si);
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(unit.decimals(value), RoundingMode.HALF_UP);
        return (rounded.signum() == 0 ? rounded.abs() : rounded).toPlainString().replace('-', '−') + " "
                + unit.spec().symbol();
    }
}
