package org.mosswake.core.log;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.mosswake.core.log.Question.Asked;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/**
 * One thing the log says, in a sentence that can be held against its figures.
 *
 * @param where what it is about, as a filter that shows it
 */
public record Finding(Kind kind, Sentence title, Sentence says, List<Where> where) {
    public enum Kind {
        EARLIER_WEEKS,
        TAKES_MORE,
        LIES_TOGETHER,
        WOULD_TEACH,
        NOT_KNOWN
    }

    /** Said as found from there on. */
    private static final double SURE = 0.9;
    /** Under that nobody asks what more days would tell. */
    private static final double HINTS = 0.65;

    private static final int MOST = 2;
    /** More strikes than these run into one another all over the ground. */
    private static final int MOST_PLACED = 300;

    private static final double PIECE_M = 100;
    /** A cluster that takes in half of all that was fished is no place to go to. */
    private static final double WIDE = 0.5;

    private static final double WIDEST_M = 1500;
    /** Fewer, or on fewer days, say nothing of an hour. */
    private static final int LEAST_STRIKES = 10;

    private static final int LEAST_DAYS = 4;

    public Finding {
        where = List.copyOf(where);
    }

    /** @param day whose week earlier years are asked about */
    public static List<Finding> of(Ledger ledger, List<Where> filter, List<Question> questions, LocalDate day) {
        var all = new ArrayList<Finding>();
        earlierWeeks(ledger, filter, day).ifPresent(all::add);
        List<One> chosen = questions.stream()
                .filter(question -> question.facet().isChosen())
                .flatMap(question -> question.arms().stream().map(asked -> new One(question.facet(), asked)))
                .toList();
        chosen.stream()
                .filter(one -> one.asked().odds() >= SURE)
                .sorted(Comparator.comparingDouble(one -> -one.asked().odds()))
                .filter(distinct())
                .limit(MOST)
                .map(Finding::takesMore)
                .forEach(all::add);
        chosen.stream()
                .filter(one -> one.asked().odds() >= HINTS && one.asked().odds() < SURE)
                .min(Comparator.comparingDouble(one -> one.asked().arm().slice().minutes()))
                .map(Finding::wouldTeach)
                .ifPresent(all::add);
        together(ledger, filter).ifPresent(all::add);
        notKnown(ledger, filter).ifPresent(all::add);
        return all;
    }

    private record One(Facet facet, Asked asked) {}

    /** One arm of a facet is enough. */
    private static Predicate<One> distinct() {
        var seen = EnumSet.noneOf(Facet.class);
        return one -> seen.add(one.facet());
    }

    private static Optional<Finding> earlierWeeks(Ledger ledger, List<Where> filter, LocalDate day) {
        int week = Ledger.week(day);
        Where about = Where.between(Facet.WEEK, week == 1 ? 53 : week - 1, week >= 52 ? week - 50 : week + 2);
        var narrowed = new ArrayList<>(filter);
        narrowed.removeIf(where -> where.facet() == Facet.WEEK || where.facet() == Facet.MONTH);
        narrowed.add(about);
        Slice slice = ledger.slice(narrowed);
        if (slice.strikes() + slice.untimed() == 0) {
            return Optional.empty();
        }
        long years = ledger.weeks(narrowed).stream()
                .map(Ledger.Week::year)
                .distinct()
                .count();
        Sentence says = Sentence.of(
                "{0} " + (slice.strikes() + slice.untimed() == 1 ? "strike" : "strikes")
                        + " in these three weeks of {1} " + (years == 1 ? "year" : "years") + ", on {2} "
                        + (slice.days() == 1 ? "day" : "days") + " out.",
                Figure.count(slice.strikes() + slice.untimed()),
                Figure.count(years),
                Figure.count(slice.days()));
        Optional<Ledger.Arm> hour = ledger.by(Facet.HOUR, narrowed).stream()
                .filter(arm -> arm.slice().minutes() > slice.minutes() / 20)
                .max(Comparator.comparingDouble(
                        arm -> arm.slice().strikes() / arm.slice().minutes()));
        return Optional.of(new Finding(
                Kind.EARLIER_WEEKS,
                Sentence.of("This week in all years"),
                hour.filter(arm -> slice.strikes() >= LEAST_STRIKES && slice.days() >= LEAST_DAYS)
                        .map(arm -> says.and(
                                " From {0} to {1} o'clock took most for its time.",
                                Figure.count(arm.from()), Figure.count(arm.to())))
                        .orElse(says),
                narrowed));
    }

    private static double ratio(Asked asked) {
        Slice arm = asked.arm().slice();
        Slice others = asked.others();
        return (arm.strikes() + 0.5) / arm.minutes() / ((others.strikes() + 0.5) / others.minutes());
    }

    private static Sentence title(One one) {
        Sentence words = Question.words(one.facet(), one.asked().arm());
        return one.facet().isNumber()
                ? words
                : Sentence.of(
                        one.facet().words() + ": " + words.text(),
                        words.figures().toArray(Figure[]::new));
    }

    private static Finding takesMore(One one) {
        Slice arm = one.asked().arm().slice();
        return new Finding(
                Kind.TAKES_MORE,
                title(one),
                Sentence.of(
                        "Took {0} times as many as the others in equal time: {1} strikes. Odds that it takes more: {2}. "
                                + "You gave it {3} of the time.",
                        Figure.count(Math.round(10 * ratio(one.asked())) / 10.0),
                        Figure.count(arm.strikes()),
                        Figure.share(Math.min(0.99, one.asked().odds())),
                        Figure.share(arm.minutes()
                                / (arm.minutes() + one.asked().others().minutes()))),
                List.of(Question.where(one.facet(), one.asked().arm())));
    }

    private static Finding wouldTeach(One one) {
        Slice arm = one.asked().arm().slice();
        return new Finding(
                Kind.WOULD_TEACH,
                title(one),
                Sentence.of(
                        "It may take more, odds {0}, but had a line for {1} h only: give it a line for a few days more.",
                        Figure.share(one.asked().odds()), Figure.count(Math.round(arm.minutes() / 60))),
                List.of(Question.where(one.facet(), one.asked().arm())));
    }

    /** Over all days nothing is known of the water that was there: the ground alone is asked. */
    private static Optional<Finding> together(Ledger ledger, List<Where> filter) {
        List<Places.Spot> strikes = ledger.strikes(filter, MOST_PLACED).stream()
                .filter(strike -> strike.place().isPresent())
                .map(strike -> new Places.Spot(strike.place().get(), Optional.empty(), 0))
                .toList();
        List<Places.Spot> fished = ledger.pieces(filter, PIECE_M).stream()
                .filter(piece -> piece.minutes() > 0)
                .map(piece -> new Places.Spot(
                        new LogEntry.Place(piece.latitudeDeg(), piece.longitudeDeg()),
                        Optional.empty(),
                        piece.minutes()))
                .toList();
        return Places.of(strikes, fished, Places.Drift.NONE, Instant.EPOCH)
                .filter(found -> found.share() < WIDE && found.radiusM() < WIDEST_M)
                .map(found -> new Finding(
                        Kind.LIES_TOGETHER, Sentence.of("Strikes lie together"), found.says(""), List.of()));
    }

    private static Optional<Finding> notKnown(Ledger ledger, List<Where> filter) {
        Slice whole = ledger.slice(filter);
        int strikes = whole.strikes() + whole.untimed();
        int noHour = strikes - known(ledger, Facet.HOUR, filter);
        int noDepth = strikes - known(ledger, Facet.DEPTH, filter);
        if (strikes == 0 || noHour + noDepth + whole.untimed() == 0) {
            return Optional.empty();
        }
        return Optional.of(new Finding(
                Kind.NOT_KNOWN,
                Sentence.of("Not known"),
                Sentence.of(
                        strikes == 1
                                ? "Of the one strike there is no "
                                        + String.join(
                                                ", no ",
                                                Stream.of(
                                                                noHour > 0 ? "hour" : "",
                                                                noDepth > 0 ? "depth" : "",
                                                                whole.untimed() > 0 ? "time fished" : "")
                                                        .filter(one -> !one.isEmpty())
                                                        .toList())
                                        + ". It counts where it can, nowhere else."
                                : "Of {0} strikes {1} have no hour, {2} no depth, {3} no time fished. They count where they can, nowhere else.",
                        Figure.count(strikes),
                        Figure.count(noHour),
                        Figure.count(noDepth),
                        Figure.count(whole.untimed())),
                List.of()));
    }

    private static int known(Ledger ledger, Facet facet, List<Where> filter) {
        return ledger.by(facet, filter).stream()
                .mapToInt(arm -> arm.slice().strikes() + arm.slice().untimed())
                .sum();
    }
}
