package org.mosswake.core.call;

import java.util.List;
import java.util.Optional;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.PlaybookId;

/**
 * Weighs many situations that share boat, box and the skipper's ways: what hangs on those alone is weighed once. Only
 * sums; {@link Ranking} gives the reasons.
 */
final class Weigher {
    private static final PlaybookId[] IDS = PlaybookId.values();
    private static final List<Rule> STEADY =
            Rules.ALL.stream().filter(Weigher::steady).toList();
    private static final List<Rule> MOVING =
            Rules.ALL.stream().filter(rule -> !steady(rule)).toList();

    private final Numbers numbers;
    private final Playbook[] playbooks = new Playbook[IDS.length];
    private final int[] base;
    private final List<Optional<Integer>> baits;

    Weigher(Situation s) {
        numbers = s.numbers();
        baits = baits(s);
        for (int i = 0; i < IDS.length; i++) {
            playbooks[i] = numbers.playbook(IDS[i]);
        }
        base = steady(s);
    }

    private static List<Optional<Integer>> baits(Situation s) {
        return List.of(s.conditions().count(Topic.LIVE_BAIT), s.conditions().count(Topic.DEAD_BAIT));
    }

    private int[] steady(Situation s) {
        var sums = new int[IDS.length];
        for (int i = 0; i < IDS.length; i++) {
            sums[i] = sum(STEADY, s, playbooks[i]);
        }
        return sums;
    }

    private static boolean steady(Rule rule) {
        return rule.topic() == Topic.BOX || rule.topic() == Topic.BOAT;
    }

    private int sum(List<Rule> rules, Situation s, Playbook p) {
        int sum = 0;
        var asked = new Rule.Asked(s, p);
        for (Rule rule : rules) {
            int weight = numbers.tenths(rule, p.id());
            if (weight != 0 && rule.says().apply(asked).isPresent()) {
                sum += weight;
            }
        }
        return sum;
    }

    /** Tenths by playbook. */
    record Weights(int[] tenths) {
        PlaybookId first() {
            int best = 0;
            for (int i = 1; i < tenths.length; i++) {
                best = tenths[i] > tenths[best] ? i : best;
            }
            return IDS[best];
        }

        int of(PlaybookId id) {
            return tenths[id.ordinal()];
        }

        /** Of one over the best of the others; negative where another leads. */
        int lead(PlaybookId id) {
            int best = Integer.MIN_VALUE;
            for (int i = 0; i < tenths.length; i++) {
                best = i == id.ordinal() ? best : Math.max(best, tenths[i]);
            }
            return of(id) - best;
        }
    }

    /** Of a situation with other conditions or another moment, but the same boat, box, ways and numbers. */
    Weights weigh(Situation s) {
        // Baits stated otherwise are another box.
        int[] tenths = baits(s).equals(baits) ? base.clone() : steady(s);
        for (int i = 0; i < IDS.length; i++) {
            tenths[i] += sum(MOVING, s, playbooks[i]);
        }
        return new Weights(tenths);
    }
}
