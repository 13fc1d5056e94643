package org.mosswake.core.deck;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.mosswake.core.call.Answer;
import org.mosswake.core.call.Conditions;
import org.mosswake.core.call.Part;
import org.mosswake.core.call.Ranking;
import org.mosswake.core.call.Reason;
import org.mosswake.core.call.Score;
import org.mosswake.core.call.Topic;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.strikes.Fact;
import org.mosswake.core.strikes.Happening.BaitCaught;
import org.mosswake.core.strikes.Happening.Opened;
import org.mosswake.core.strikes.Happening.Sighted;
import org.mosswake.core.strikes.Seen;
import org.mosswake.core.units.Sentence;

/** What was seen from the boat of late, found in fish and put into the well, as answers to what a plan asks, and whether they put another method first. */
public final class SeenAnswers {
    /** Birds have gone elsewhere by then, and so has what floats (ESTIMATE). */
    private static final Duration BIRDS_LAST = Duration.ofMinutes(45);

    private static final Duration WATER_LASTS = Duration.ofMinutes(90);
    /** So many times weed within that is thick. */
    private static final int THICK = 4;
    /** Nobody changes a spread for less (tenths). */
    static final int CLEARLY = 10;

    /** `2 in the gut` is no length. */
    private static final Pattern LENGTH = Pattern.compile(
            "(\\d+(?:[.,]\\d+)?)\\s*"
                    + "(mm|cm|inches|inch|in\\b(?!\\s+(?:the|its|his|her|one|each|all|stomach|gut|belly|throat|mouth)\\b)|\")",
            Pattern.CASE_INSENSITIVE);

    private static final int MOST_BAITS = 500;

    private SeenAnswers() {}

    private record Sight(Instant at, Sighted what) {}

    /**
     * @param told    facts of the day that stand, in time
     * @param planned what is known already: baits that are caught, die or go out are counted on from there
     * @param baited  lines that carry live bait
     */
    public static Map<Topic, Answer> of(List<Fact> told, Conditions planned, Set<UUID> baited, Instant now) {
        List<Fact> by = told.stream().filter(fact -> !fact.at().isAfter(now)).toList();
        var answers = seen(
                by.stream()
                        .filter(fact -> fact.what() instanceof Sighted)
                        .map(fact -> new Sight(fact.at(), (Sighted) fact.what()))
                        .toList(),
                now);
        eaten(by).ifPresent(answer -> answers.put(Topic.FORAGE, answer));
        well(by, planned, baited, now).ifPresent(answer -> answers.put(Topic.LIVE_BAIT, answer));
        return answers;
    }

    /** What the last fish that was opened had eaten, where its length was said. */
    private static Optional<Answer> eaten(List<Fact> told) {
        return told.stream()
                .flatMap(fact ->
                        fact.what() instanceof Opened opened ? lengthM(opened.found()).stream() : Stream.empty())
                .reduce((one, later) -> later)
                .map(Answer::number);
    }

    /** `three squid of 8 cm`; empty where no length is in it, or none that a fish swallows. */
    private static Optional<Double> lengthM(String found) {
        var matcher = LENGTH.matcher(found);
        if (!matcher.find()) {
            return Optional.empty();
        }
        double value = Double.parseDouble(matcher.group(1).replace(',', '.'));
        double metres = value
                * switch (matcher.group(2).toLowerCase(Locale.ROOT)) {
                    case "mm" -> 0.001;
                    case "cm" -> 0.01;
                    default -> 0.0254;
                };
        Accepted range = Topic.FORAGE.parts().get(0).range();
        return Optional.of(metres).filter(length -> length >= range.least() && length <= range.most());
    }

    private static Optional<Answer> well(List<Fact> told, Conditions planned, Set<UUID> baited, Instant now) {
        int counted = Well.counted(told, baited, now);
        int aboard = planned.count(Topic.LIVE_BAIT).orElse(0) + counted;
        boolean any = counted != 0 || told.stream().anyMatch(fact -> fact.what() instanceof BaitCaught);
        return any ? Optional.of(Answer.number(Math.max(0, Math.min(MOST_BAITS, aboard)))) : Optional.empty();
    }

    private static EnumMap<Topic, Answer> seen(List<Sight> sights, Instant now) {
        var answers = new EnumMap<Topic, Answer>(Topic.class);
        latest(
                        sights,
                        now,
                        BIRDS_LAST,
                        Seen.BIRDS_DIVING,
                        Seen.BIRDS_SEARCHING,
                        Seen.BIRDS_TRAVELLING,
                        Seen.BIRDS_RESTING)
                .map(sight -> Answer.choice(birds(sight.what().what())))
                .ifPresent(answer -> answers.put(Topic.BIRDS, answer));
        of(sights, now, WATER_LASTS, Seen.BAIT)
                .filter(sight -> sight.what().topM().isPresent()
                        && sight.what()
                                .bottomM()
                                .filter(to -> to > sight.what().topM().get())
                                .isPresent())
                .max(Comparator.comparing(Sight::at))
                .map(sight -> Answer.layer(
                        sight.what().topM().orElseThrow(),
                        sight.what().bottomM().orElseThrow()))
                .ifPresent(answer -> answers.put(Topic.BAIT, answer));
        latest(sights, now, WATER_LASTS, Seen.EDGE)
                .ifPresent(sight -> answers.put(Topic.CLARITY, Answer.choice(Topic.Clarity.EDGE)));
        long weed = of(sights, now, WATER_LASTS, Seen.WEED).count();
        if (weed > 0) {
            answers.put(Topic.WEED, Answer.choice(weed < THICK ? Topic.Weed.SCATTERED : Topic.Weed.THICK));
        }
        long floats = of(sights, now, BIRDS_LAST, Seen.FLOATING_THING).count();
        if (floats > 0) {
            answers.put(Topic.FLOATING, Answer.choice(Topic.Floating.SINGLE).with(Part.Key.VALUE, floats));
        }
        return answers;
    }

    private static Stream<Sight> of(List<Sight> sights, Instant now, Duration lasts, Seen... what) {
        return sights.stream()
                .filter(sight -> List.of(what).contains(sight.what().what()))
                .filter(sight -> !sight.at().isAfter(now) && !sight.at().isBefore(now.minus(lasts)));
    }

    private static Optional<Sight> latest(List<Sight> sights, Instant now, Duration lasts, Seen... what) {
        return of(sights, now, lasts, what).max(Comparator.comparing(Sight::at));
    }

    private static Topic.Birds birds(Seen seen) {
        return switch (seen) {
            case BIRDS_DIVING -> Topic.Birds.DIVING;
            case BIRDS_TRAVELLING -> Topic.Birds.TRAVELLING;
            case BIRDS_RESTING -> Topic.Birds.SITTING;
            default -> Topic.Birds.SEARCHING;
        };
    }

    /** One line where another method has come to lead clearly, and by what was seen; nothing where it was so before. */
    public static Optional<Sentence> leads(Ranking planned, Ranking weighed, PlaybookId ours) {
        Score first = weighed.first();
        boolean clearly = first.tenths() - weighed.of(ours).tenths() >= CLEARLY;
        boolean before =
                planned.of(first.playbook().id()).tenths() - planned.of(ours).tenths() >= CLEARLY;
        if (!clearly || before) {
            return Optional.empty();
        }
        List<String> by = first.reasons().stream()
                .filter(reason -> isNew(reason, planned.of(first.playbook().id())))
                .map(reason -> reason.topic().words())
                .distinct()
                .toList();
        String why = by.isEmpty() ? "" : ": " + String.join(", ", by);
        return Optional.of(Sentence.of("By what was seen "
                + first.playbook().id().words() + " has come to lead clearly over " + ours.words() + why + "."));
    }

    private static boolean isNew(Reason reason, Score planned) {
        return reason.tenths() > 0
                && planned.reasons().stream().noneMatch(one -> one.rule().equals(reason.rule()));
    }
}
