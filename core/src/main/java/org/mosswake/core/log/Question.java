package org.mosswake.core.log;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/**
 * One facet of a slice: what each of its arms took in its time, and how likely it takes more than all the others.
 *
 * @param arms choices by what they took for their time, bands in their order
 */
public record Question(Facet facet, List<Asked> arms) {
    /** Choices beyond that many are told by nobody's eye. */
    private static final int MOST_ARMS = 8;
    /** Less time is no arm (line-minutes). */
    private static final double LEAST_MIN = 60;

    public Question {
        arms = List.copyOf(arms);
    }

    /** @param odds that it takes more than all the other arms together, in equal time */
    public record Asked(Ledger.Arm arm, Odds.Rate rate, double odds, Slice others) {}

    /** Those that have two arms or more. */
    public static List<Question> of(Ledger ledger, List<Where> filter) {
        Slice whole = ledger.slice(filter);
        double pooled = whole.minutes() > 0 ? whole.strikes() / whole.minutes() : 0;
        return Facet.QUESTIONS.stream()
                .map(facet -> of(facet, ledger.by(facet, filter), pooled))
                .filter(question -> question.arms().size() > 1)
                .toList();
    }

    private static Question of(Facet facet, List<Ledger.Arm> all, double pooled) {
        List<Ledger.Arm> arms = all.stream()
                .filter(arm -> arm.slice().minutes() >= LEAST_MIN)
                .limit(facet.isNumber() ? 20 : MOST_ARMS)
                .toList();
        if (arms.size() < 2) {
            return new Question(facet, List.of());
        }
        Slice known = arms.stream().map(Ledger.Arm::slice).reduce(Slice::with).orElseThrow();
        Stream<Asked> asked = arms.stream().map(arm -> {
            Slice others = known.without(arm.slice());
            return new Asked(arm, Odds.rate(arm.slice(), pooled), Odds.takesMore(arm.slice(), others), others);
        });
        return new Question(
                facet,
                (facet.isNumber()
                                ? asked
                                : asked.sorted(Comparator.comparingDouble(
                                        one -> -one.rate().per100())))
                        .toList());
    }

    /** An arm in words: a choice, or from where to where. */
    public static Sentence words(Facet facet, Ledger.Arm arm) {
        return facet.kind()
                .map(kind -> band(facet, kind, arm))
                .orElseGet(() -> Sentence.of(
                        switch (facet) {
                            case BEND ->
                                arm.choice().equals("straight") ? "going straight" : arm.choice() + " of a turn";
                            case SCENT -> arm.choice().equals("none") ? "no scent" : Sentence.plain(arm.choice());
                            case MOON -> Sentence.plain(arm.choice()) + " moon";
                            default -> Sentence.plain(arm.choice());
                        }));
    }

    /** The first band is all under its end, the last one all over its beginning. */
    private static Sentence band(Facet facet, Figure.Kind kind, Ledger.Arm arm) {
        boolean first = facet.band(arm.from()).filter(band -> band == 0).isPresent();
        boolean last =
                facet.band(arm.from()).filter(band -> band == facet.bands() - 1).isPresent();
        if (facet == Facet.HOUR) {
            return Sentence.of("{0} to {1} o'clock", Figure.count(arm.from()), Figure.count(arm.to()));
        } else if (first) {
            return Sentence.of(facet.words() + " under {0}", new Figure(kind, arm.to()));
        } else if (last) {
            return Sentence.of(facet.words() + " over {0}", new Figure(kind, arm.from()));
        }
        return Sentence.of(facet.words() + " {0} to {1}", new Figure(kind, arm.from()), new Figure(kind, arm.to()));
    }

    /** What keeps to that arm. */
    public static Where where(Facet facet, Ledger.Arm arm) {
        return facet.isNumber() ? Where.between(facet, arm.from(), arm.to()) : Where.is(facet, arm.choice());
    }
}
