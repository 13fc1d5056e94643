package org.mosswake.core.call;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.units.Sentence;

/** What is said before any method is named: that none should be, or that too little is known to name one. */
final class Verdict {
    private Verdict() {}

    static List<Sentence> of(Situation s, Ranking ranking) {
        var said = new ArrayList<Sentence>();
        Seaway.stop(s).ifPresent(said::add);
        boolean nothing = Arrays.stream(Topic.values()).noneMatch(s.conditions()::knows);
        if (nothing) {
            said.add(Sentence.of(
                    "Nothing is known of this day yet: say target, crew, surface, sea and depth, then call."));
        } else if (ranking.first().tenths() <= 0) {
            said.add(Sentence.of("Nothing here speaks for fishing: "
                    + ranking.first().playbook().id().words()
                    + " is the least bad, with more against it than for it."));
        }
        Playbook first = ranking.first().playbook();
        if (!nothing && TargetRules.outOfSeason(new Rule.Asked(s, first)).isPresent()) {
            said.add(Sentence.of("Out of season by your own table: "
                    + TargetRules.focus(s, first).words() + ", which "
                    + first.id().words() + " is for."));
        }
        if (!nothing && BoxFit.of(s, first).filled() == 0) {
            said.add(Sentence.of(
                    "Nothing in the box can be tied for " + first.id().words()
                            + ", which comes first. Put it in, or take a method that the box is good for."));
        }
        return List.copyOf(said);
    }
}
