package org.mosswake.core.deck;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.mosswake.core.call.Conditions;
import org.mosswake.core.call.Numbers;
import org.mosswake.core.call.Topic;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.strikes.Fact;
import org.mosswake.core.strikes.Happening;
import org.mosswake.core.strikes.Happening.BaitCaught;
import org.mosswake.core.strikes.Happening.BaitDead;
import org.mosswake.core.strikes.Happening.Renewed;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/**
 * Live bait as it is counted down through a day: what the plan says is aboard, what was caught, died, and went out on a
 * hook.
 *
 * @param left    none is the least
 * @param perHour that the live-bait lines of the spread want, all of them out
 */
public record Well(int left, double perHour) {
    /** What is farther than that nobody plans for at sea (ESTIMATE). */
    private static final Duration SOON = Duration.ofHours(2);

    /**
     * @param told  facts of the day that stand
     * @param lines of the spread, with what they carry
     * @return empty where nothing is known of live bait, or no line wants any
     */
    public static Optional<Well> of(
            List<Fact> told, Conditions planned, List<Routine.Carries> lines, Numbers numbers, Instant now) {
        List<Routine.Carries> live =
                lines.stream().filter(line -> line.kind() == LureKind.LIVE_BAIT).toList();
        double perHour = live.stream()
                .flatMap(line -> numbers.renewal(line.kind()).stream())
                .mapToDouble(every -> 3600.0 / every.toSeconds())
                .sum();
        Set<UUID> baited = live.stream().map(Routine.Carries::line).collect(Collectors.toSet());
        boolean known = planned.count(Topic.LIVE_BAIT).isPresent()
                || told.stream().anyMatch(fact -> fact.what() instanceof BaitCaught);
        return known && perHour > 0
                ? Optional.of(new Well(
                        Math.max(0, planned.count(Topic.LIVE_BAIT).orElse(0) + counted(told, baited, now)), perHour))
                : Optional.empty();
    }

    /** Caught less died less used: one goes out with a line that is set or renewed, and a strike takes one. */
    static int counted(List<Fact> told, Set<UUID> baited, Instant now) {
        return told.stream()
                .filter(fact -> !fact.at().isAfter(now))
                .mapToInt(fact -> {
                    if (fact.what() instanceof BaitCaught caught) {
                        return caught.count();
                    } else if (fact.what() instanceof BaitDead dead) {
                        return -dead.count();
                    }
                    return goesOut(fact, baited) ? -1 : 0;
                })
                .sum();
    }

    /** A line that is set after a strike takes a fresh bait then: the strike itself takes none more. */
    private static boolean goesOut(Fact fact, Set<UUID> baited) {
        return fact.what() instanceof Happening.Set set && baited.contains(set.lineId())
                || fact.what() instanceof Renewed renewed && baited.contains(renewed.lineId());
    }

    /** When the last one goes out. */
    public Instant lasts(Instant now) {
        return now.plusSeconds(Math.round(3600 * left / perHour));
    }

    /**
     * One line where it is too few by the hour.
     *
     * @param home     when she turns for home, where that is known: what lasts until then is enough
     * @param fallBack the method that leads without live bait
     */
    public Optional<Sentence> says(Instant now, Optional<Instant> home, PlaybookId fallBack) {
        Instant last = lasts(now);
        if (left == 0) {
            return Optional.of(Sentence.of("No live bait is left. Without it " + fallBack.words() + " leads."));
        }
        if (last.isAfter(now.plus(SOON)) || home.filter(at -> !at.isAfter(last)).isPresent()) {
            return Optional.empty();
        }
        return Optional.of(Sentence.of(
                "{0} live " + (left == 1 ? "bait is" : "baits are") + " left, {1} an hour are wanted: "
                        + "the last goes out about {2}. Then " + fallBack.words() + " leads.",
                Figure.count(left),
                Figure.count(Math.ceil(perHour)),
                Figure.clock(last)));
    }
}
