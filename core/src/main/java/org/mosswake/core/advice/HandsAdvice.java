package org.mosswake.core.advice;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.mosswake.core.log.Facet;
import org.mosswake.core.log.LogEntry;
import org.mosswake.core.log.LogEntry.Kind;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/** More strikes than hands: fewer lines catch more then, and nobody is hurried with a fish on. */
final class HandsAdvice {
    private static final Duration LATELY = Duration.ofMinutes(20);
    /** A fish takes one pair of hands for some ten minutes, and another one is at the wheel (ESTIMATE). */
    private static final int A_HAND = 2;

    private static final int USUAL_CREW = 2;
    /** Fewer lines than this nobody takes in. */
    private static final int LEAST_LINES = 4;

    private HandsAdvice() {}

    /** @param standings the one that took most for its time first */
    static Optional<Sentence> of(List<LogEntry> until, List<DayAdvice.Standing> standings, Instant now) {
        List<LogEntry> lately = until.stream()
                .filter(entry -> entry.kind() == Kind.STRUCK
                        && entry.at()
                                .filter(at -> at.isAfter(now.minus(LATELY)))
                                .isPresent())
                .toList();
        int crew = until.stream()
                .flatMap(entry -> Stream.ofNullable(entry.numbers().get(Facet.CREW)))
                .mapToInt(Double::intValue)
                .max()
                .orElse(USUAL_CREW);
        int hands = Math.max(1, crew - 1);
        if (lately.size() <= A_HAND * hands || standings.size() < LEAST_LINES) {
            return Optional.empty();
        }
        String least = standings.get(standings.size() - 1).position();
        String next = standings.get(standings.size() - 2).position();
        return Optional.of(Sentence.of(
                "{0} strikes in {1} minutes are more than {2} can fight: take two lines in, " + Sentence.plain(least)
                        + " and " + Sentence.plain(next) + " took least.",
                Figure.count(lately.size()),
                Figure.count(LATELY.toMinutes()),
                Figure.count(hands)));
    }
}
