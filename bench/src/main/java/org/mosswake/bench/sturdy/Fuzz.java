package org.mosswake.bench.sturdy;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Random;
import java.util.regex.Pattern;

/** Requests made of what may come: places, clocks and dates anywhere; bodies that were right until something was changed. */
final class Fuzz {
    private static final List<String> ZONES =
            ZoneId.getAvailableZoneIds().stream().sorted().toList();
    private static final List<String> ODD = List.of(
            "null",
            "true",
            "{}",
            "[]",
            "[[]]",
            "\"\"",
            "\"x\"",
            "\"\\u0000\"",
            "-1",
            "0",
            "1e308",
            "1e999",
            "-1e-320",
            "99999999999999999999",
            "\"2026-02-30\"",
            "\"9999-12-31\"",
            "\"-999999999-01-01\"",
            "\"+1000000000-12-31T23:59:59.999999999Z\"",
            "\"00000000-0000-0000-0000-000000000000\"",
            "\"M1\"",
            "\"UTC\"",
            "\"+18:00\"");
    /** A value of a JSON text. */
    private static final Pattern VALUE = Pattern.compile(":(\"[^\"]*\"|-?[0-9.eE+]+|true|false|null)");

    private final Random random;

    Fuzz(long seed) {
        random = new Random(seed);
    }

    String zone() {
        return random.nextInt(4) == 0
                ? "%s%02d:00".formatted(random.nextBoolean() ? "+" : "-", random.nextInt(19))
                : ZONES.get(random.nextInt(ZONES.size()));
    }

    double latitude() {
        return random.nextInt(8) == 0 ? 90 * (1 - 2 * random.nextInt(2)) : -90 + 180 * random.nextDouble();
    }

    double longitude() {
        return random.nextInt(8) == 0 ? 180 * (random.nextInt(3) - 1) : -180 + 360 * random.nextDouble();
    }

    String call() {
        LocalDate day = LocalDate.of(2020, 1, 1).plusDays(random.nextInt(3653));
        return """
                {"day":"%s","at":"%sT%02d:30:00Z","place":{"latitudeDeg":%s,"longitudeDeg":%s,"timeZone":"%s"},"answers":[]}""".formatted(day, day, random.nextInt(24), latitude(), longitude(), zone());
    }

    String dayQuery() {
        LocalDate day = LocalDate.of(2020, 1, 1).plusDays(random.nextInt(3653));
        return "/api/day?date=%s&latitudeDeg=%s&longitudeDeg=%s&timeZone=%s"
                .formatted(day, latitude(), longitude(), zone().replace("+", "%2B"));
    }

    /** One or two values replaced by what does not belong there, or a piece cut out. */
    String spoilt(String good) {
        String text = good;
        for (int i = 0; i <= random.nextInt(2); i++) {
            text = random.nextInt(6) == 0 ? cut(text) : replaced(text);
        }
        return text;
    }

    private String cut(String text) {
        if (text.length() < 4) {
            return text;
        }
        int from = random.nextInt(text.length() - 1);
        return text.substring(0, from) + text.substring(Math.min(text.length(), from + 1 + random.nextInt(12)));
    }

    private String replaced(String text) {
        var values = VALUE.matcher(text);
        int count = (int) values.results().count();
        if (count == 0) {
            return cut(text);
        }
        int wanted = random.nextInt(count);
        values.reset();
        for (int i = 0; values.find(); i++) {
            if (i == wanted) {
                return text.substring(0, values.start(1))
                        + ODD.get(random.nextInt(ODD.size()))
                        + text.substring(values.end(1));
            }
        }
        return text;
    }

    <T> T one(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }
}
