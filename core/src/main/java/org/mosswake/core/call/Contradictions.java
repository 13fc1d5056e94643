package org.mosswake.core.call;

import java.util.ArrayList;
import java.util.List;
import org.mosswake.core.call.Topic.Bait;
import org.mosswake.core.call.Topic.Birds;
import org.mosswake.core.call.Topic.Clarity;
import org.mosswake.core.call.Topic.Weed;
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
            said.add(Sentence.of(
                    "Without your target the signs speak for " + speaks.words() + ", by {0}.",
                    Figure.count(lead / 10.0)));
        }
    }
}
