package org.mosswake.core.log;

import java.time.Duration;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mosswake.core.strikes.Loss;
import org.mosswake.core.strikes.Seen;

/**
 * A day kept on paper, as it is read aloud: a time, and what happened then. {@code 05:10 set}, {@code 06:02 C1 mahi 1.1 m},
 * {@code 06:40 P1 lost, cut off}, {@code 07:15 birds diving}, {@code 09:30 up}.
 */
public final class PaperDay {
    public enum Kind {
        SET,
        UP,
        STRIKE,
        SEEN
    }

    /**
     * One row as it was read.
     *
     * @param after   the beginning of the day; past midnight it goes on
     * @param labels  of lines it is about
     * @param species empty of a strike that was lost, or of which nothing is said
     * @param lengthM of the fish (m)
     */
    public record Row(
            int line,
            Duration after,
            Kind kind,
            List<String> labels,
            Optional<String> species,
            Optional<Double> lengthM,
            boolean released,
            Optional<Loss> how,
            Optional<Seen> seen) {}

    /** A row that cannot be read, and why. */
    public record Refused(int line, String text, String why) {}

    public record Day(List<Row> rows, List<Refused> refused) {}

    private static final Pattern TIMED = Pattern.compile("(\\d{1,2})\\s*[:.h]?\\s*(\\d{2})\\b[\\s,;:-]*(.*)");
    private static final Pattern LENGTH =
            Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*(cm|m|in|inch|inches|ft|feet|\")(?=\\s|$|,)");
    private static final Map<String, Double> METRES = Map.of(
            "cm", 0.01, "m", 1.0, "in", 0.0254, "inch", 0.0254, "inches", 0.0254, "\"", 0.0254, "ft", 0.3048, "feet",
            0.3048);
    private static final List<String> SETS = List.of("lines in", "set", "out");
    private static final List<String> UPS = List.of("lines up", "lines out", "up", "all in");
    private static final Map<String, Loss> LOSSES = losses();
    private static final Map<String, Seen> SIGHTS = sights();

    private PaperDay() {}

    private static Map<String, Loss> losses() {
        var all = new LinkedHashMap<String, Loss>();
        all.put("cut", Loss.CUT_OFF);
        all.put("broke", Loss.BROKE);
        all.put("pulled", Loss.PULLED_HOOK);
        all.put("knock", Loss.KNOCKED_OFF);
        all.put("boat", Loss.THROWN_AT_BOAT);
        all.put("thrown", Loss.THROWN_AT_BOAT);
        return all;
    }

    private static Map<String, Seen> sights() {
        var all = new LinkedHashMap<String, Seen>();
        all.put("birds div", Seen.BIRDS_DIVING);
        all.put("birds search", Seen.BIRDS_SEARCHING);
        all.put("birds sit", Seen.BIRDS_RESTING);
        all.put("birds rest", Seen.BIRDS_RESTING);
        all.put("birds mov", Seen.BIRDS_TRAVELLING);
        all.put("birds travel", Seen.BIRDS_TRAVELLING);
        all.put("birds", Seen.BIRDS_SEARCHING);
        all.put("bait", Seen.BAIT);
        all.put("fish breaking", Seen.FISH_BREAKING);
        all.put("fish deep", Seen.FISH_DEEP);
        all.put("weed", Seen.WEED);
        all.put("floating", Seen.FLOATING_THING);
        all.put("edge", Seen.EDGE);
        all.put("shark", Seen.SHARK);
        all.put("boat", Seen.BOAT);
        return all;
    }

    /** @param labels of the lines that were fished */
    public static Day read(String text, Collection<String> labels) {
        var rows = new ArrayList<Row>();
        var refused = new ArrayList<Refused>();
        String[] lines = text.split("\\R");
        Duration last = Duration.ZERO;
        for (int i = 0; i < lines.length; i++) {
            String said = lines[i].strip();
            if (said.isEmpty()) {
                continue;
            }
            Matcher timed = TIMED.matcher(said);
            Optional<Duration> at = timed.matches() ? time(timed, last) : Optional.empty();
            if (at.isEmpty()) {
                refused.add(new Refused(i + 1, said, "It begins with no hour and minute, such as 06:40."));
                continue;
            }
            Optional<Row> row = row(i + 1, at.get(), timed.group(3).strip(), labels);
            if (row.isPresent()) {
                rows.add(row.get());
                last = at.get();
            } else {
                refused.add(new Refused(
                        i + 1,
                        said,
                        "Say set, up, a line (" + String.join(", ", labels)
                                + ") with its fish or how it was lost, or what" + " was seen."));
            }
        }
        return new Day(rows, refused);
    }

    /** A time that lies half a day before the one above it is of the next day. */
    private static Optional<Duration> time(Matcher timed, Duration last) {
        int hour = Integer.parseInt(timed.group(1));
        int minute = Integer.parseInt(timed.group(2));
        if (hour > 23 || minute > 59) {
            return Optional.empty();
        }
        Duration at = Duration.between(LocalTime.MIDNIGHT, LocalTime.of(hour, minute));
        return Optional.of(last.minus(at).compareTo(Duration.ofHours(12)) > 0 ? at.plusDays(1) : at);
    }

    private static Optional<Row> row(int line, Duration at, String said, Collection<String> labels) {
        String words = said.toLowerCase(Locale.ROOT);
        List<String> about = about(words, labels);
        boolean set = begins(words, SETS);
        if (set || begins(words, UPS)) {
            List<String> all = about.isEmpty() ? List.copyOf(labels) : about;
            return Optional.of(plain(line, at, set ? Kind.SET : Kind.UP, all, Optional.empty()));
        }
        if (about.size() == 1) {
            return Optional.of(strike(line, at, words, about.get(0)));
        }
        return SIGHTS.entrySet().stream()
                .filter(sight -> words.startsWith(sight.getKey()))
                .findFirst()
                .map(sight -> plain(line, at, Kind.SEEN, List.of(), Optional.of(sight.getValue())));
    }

    private static Row plain(int line, Duration at, Kind kind, List<String> labels, Optional<Seen> seen) {
        return new Row(line, at, kind, labels, Optional.empty(), Optional.empty(), false, Optional.empty(), seen);
    }

    private static boolean begins(String words, List<String> with) {
        return with.stream().anyMatch(one -> words.equals(one) || words.startsWith(one + " "));
    }

    private static List<String> about(String words, Collection<String> labels) {
        List<String> said = Arrays.asList(words.split("[\\s,;:]+"));
        return labels.stream()
                .filter(label -> said.contains(label.toLowerCase(Locale.ROOT)))
                .toList();
    }

    private static Row strike(int line, Duration at, String words, String label) {
        Matcher length = LENGTH.matcher(words);
        Optional<Double> metres = length.find()
                ? Optional.of(Double.parseDouble(length.group(1).replace(',', '.')) * METRES.get(length.group(2)))
                : Optional.empty();
        String rest = LENGTH.matcher(words).replaceAll(" ");
        boolean lost = rest.matches(".*\\b(lost|off|broke|cut|pulled)\\b.*");
        boolean released = rest.matches(".*\\b(released|back)\\b.*");
        String fish = Arrays.stream(rest.split("[\\s,;:]+"))
                .filter(word -> !word.equals(label.toLowerCase(Locale.ROOT)))
                .filter(word -> !word.matches("strike|on|a|one|released|back|went|kept|,|lost|off"))
                .reduce((one, other) -> one + " " + other)
                .orElse("");
        Optional<Loss> how = lost
                ? LOSSES.entrySet().stream()
                        .filter(loss -> rest.contains(loss.getKey()))
                        .map(Map.Entry::getValue)
                        .findFirst()
                : Optional.empty();
        return new Row(
                line,
                at,
                Kind.STRIKE,
                List.of(label),
                lost || fish.isEmpty() ? Optional.empty() : Optional.of(fish),
                lost ? Optional.empty() : metres,
                released && !lost,
                how,
                Optional.empty());
    }
}
