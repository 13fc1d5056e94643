package org.mosswake.core.call;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.mosswake.core.call.Topic.Bait;
import org.mosswake.core.call.Topic.Birds;
import org.mosswake.core.call.Topic.Clarity;
import org.mosswake.core.call.Topic.Weed;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/** Signs that do not go together are said, not averaged away. */
final class Contradictions {
    /** Both for and against with as much weight as this is worth saying (tenths). */
    private static final int HEAVY = 14;

    private Contradictions() {}

    static List<Sentence> of(Situation s, Ranking ranking, Weigher weigher) {
        var said = new ArrayList<Sentence>();
        Conditions c = s.conditions();
        if (c.is(Topic.BIRDS, Birds.DIVING) && c.is(Topic.BAIT, Bait.NONE)) {
            said.add(Sentence.of("Birds dive, yet no bait is marked: one of the two is out of date. Look again."));
        }
        if (c.is(Topic.CLARITY, Clarity.BLUE)
                && c.number(Topic.FRESH).filter(m -> m >= 0.5).isPresent()) {
            said.add(Sentence.of("Blue water and a fresh layer do not go together: look again."));
        }
        if (c.is(Topic.WEED, Weed.THICK) && ranking.first().playbook().is(Playbook.Trait.OPEN_SURFACE)) {
            said.add(Sentence.of(
                    "The signs are for the surface, the weed is against every line on it: find a clean side."));
        }
        wordAndWaves(c, said);
        layerUnderTheBottom(c, said);
        targetsApart(s, said);
        waterOfAnother(s, said);
        waterAgainstTarget(s, ranking, weigher, said);
        var first = ranking.first();
        first.reasons().stream()
                .filter(reason -> reason.tenths() <= -HEAVY)
                .findFirst()
                .ifPresent(against -> said.add(new Sentence(
                        "Against " + first.playbook().id().words() + " with weight: "
                                + against.says().text() + ".",
                        against.says().figures())));
        return said;
    }

    /** A word for the sea that its waves do not bear out, by more than a step of the scale. */
    private static void wordAndWaves(Conditions c, List<Sentence> said) {
        c.choice(Topic.SEA, Topic.Sea.class)
                .ifPresent(word -> c.number(Topic.SEA)
                        .filter(height -> height > 2.5 * Seaway.usualM(word) + 0.3
                                || word != Topic.Sea.CALM && height < Seaway.usualM(word) / 3)
                        .ifPresent(height -> said.add(Sentence.of(
                                "Waves of {0} are not what is called "
                                        + word.name().toLowerCase(Locale.ROOT) + ": the height counts.",
                                Figure.distance(height)))));
    }

    private static void layerUnderTheBottom(Conditions c, List<Sentence> said) {
        c.bait()
                .ifPresent(bait -> c.deepestM()
                        .filter(bottom -> bait.bottomM() > bottom)
                        .ifPresent(bottom -> said.add(Sentence.of(
                                "The bait layer reaches down to {0}, the bottom lies at {1}: one of the two is wrong.",
                                Figure.distance(bait.bottomM()), Figure.distance(bottom)))));
    }

    /** Two targets that no water suits at once. */
    private static void targetsApart(Situation s, List<Sentence> said) {
        s.conditions()
                .target()
                .ifPresent(first -> s.conditions().secondTarget().ifPresent(second -> {
                    Species.Band one = s.numbers().band(first);
                    Species.Band two = s.numbers().band(second);
                    if (one.warmest() < two.coldest() || two.warmest() < one.coldest()) {
                        said.add(Sentence.of(
                                "No water holds both: " + first.words() + " are met from {0} to {1}, " + second.words()
                                        + " from {2} to {3}. Choose one.",
                                Figure.temperature(one.coldest()),
                                Figure.temperature(one.warmest()),
                                Figure.temperature(two.coldest()),
                                Figure.temperature(two.warmest())));
                    }
                }));
    }

    /** Water in which the target is hardly met. */
    private static void waterOfAnother(Situation s, List<Sentence> said) {
        s.conditions()
                .target()
                .ifPresent(target -> s.conditions()
                        .number(Topic.SURFACE)
                        .filter(surface -> surface < s.numbers().band(target).coldest()
                                || surface > s.numbers().band(target).warmest())
                        .ifPresent(surface -> said.add(Sentence.of(
                                "{0} is not water for " + target.words()
                                        + ", who are met from {1} to {2}: find other water, or another target.",
                                Figure.temperature(surface),
                                Figure.temperature(s.numbers().band(target).coldest()),
                                Figure.temperature(s.numbers().band(target).warmest())))));
    }

    /** Where water and life alone speak for something else. */
    private static void waterAgainstTarget(Situation s, Ranking ranking, Weigher weigher, List<Sentence> said) {
        if (s.conditions().target().isEmpty()) {
            return;
        }
        var without = Ranking.of(s.with(s.conditions().without(Topic.TARGET)));
        PlaybookId speaks = without.first().playbook().id();
        if (speaks != ranking.first().playbook().id()) {
            int lead = without.first().tenths()
                    - without.of(ranking.first().playbook().id()).tenths();
            if (lead == 0) {
                return;
            }
            said.add(Sentence.of(
                    "Without your target the signs speak for " + speaks.words() + ", by {0}.",
                    Figure.count(lead / 10.0)));
        }
    }
}
