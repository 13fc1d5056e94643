package org.mosswake.server.turn;

import java.lang.ref.SoftReference;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Iterator;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.handling.SpreadTurns;
import org.mosswake.core.turn.TurnRules;

/**
 * Studies of turns, each with the lines it has swung already: edits change one or two. A study serves one question at a
 * time; two questions about the same boat take one each.
 */
final class TurnStudies {
    /** Each holds some ten megabytes of swung lines. */
    private static final int MOST_KEPT = 2;

    private record Kept(UUID vessel, TurnRules rules, List<Holder> holders, SpreadTurns turns) {
        boolean is(UUID boat, TurnRules asked, List<Holder> places) {
            return vessel.equals(boat) && rules.equals(asked) && holders.equals(places);
        }
    }

    /** Those that nobody uses, the last used first; given up where memory is short. */
    private final Deque<SoftReference<Kept>> free = new ArrayDeque<>();

    <T> T with(UUID vessel, TurnRules rules, List<Holder> holders, Function<SpreadTurns, T> ask) {
        Kept study = take(vessel, rules, holders);
        try {
            return ask.apply(study.turns());
        } finally {
            giveBack(study);
        }
    }

    private synchronized Kept take(UUID vessel, TurnRules rules, List<Holder> holders) {
        for (Iterator<SoftReference<Kept>> all = free.iterator(); all.hasNext(); ) {
            Kept kept = all.next().get();
            if (kept != null && kept.is(vessel, rules, holders)) {
                all.remove();
                return kept;
            }
        }
        return new Kept(vessel, rules, holders, new SpreadTurns(rules, holders));
    }

    private synchronized void giveBack(Kept study) {
        free.addFirst(new SoftReference<>(study));
        while (free.size() > MOST_KEPT) {
            free.removeLast();
        }
    }
}
