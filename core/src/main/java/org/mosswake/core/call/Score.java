package org.mosswake.core.call;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.mosswake.core.playbook.Playbook;

/**
 * A playbook weighed.
 *
 * @param reasons the heaviest first; their tenths add up to {@code tenths}
 */
public record Score(Playbook playbook, int tenths, List<Reason> reasons) {
    static Score of(Situation s, Playbook p) {
        var reasons = new ArrayList<Reason>();
        int sum = 0;
        var asked = new Rule.Asked(s, p);
        for (Rule rule : Rules.ALL) {
            int weight = s.numbers().tenths(rule, p.id());
            if (weight == 0) {
                continue;
            }
            var says = rule.says().apply(asked);
            if (says.isPresent()) {
                reasons.add(new Reason(rule.name(), rule.topic(), weight, says.get()));
                sum += weight;
            }
        }
        reasons.sort(Comparator.comparingInt((Reason reason) -> -Math.abs(reason.tenths())));
        return new Score(p, sum, List.copyOf(reasons));
    }
}
