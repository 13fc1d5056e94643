package org.mosswake.core.advice;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.mosswake.core.log.Facet;
import org.mosswake.core.log.LogEntry;
import org.mosswake.core.log.LoggedDay;
import org.mosswake.core.strikes.Loss;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/** Fish that were lost in one way more than once on a day, with one change to try (handbook §§5, 6, 9). */
final class LossAdvice {
    private static final int SEVERAL = 2;

    private static final Map<Loss, String> TRY = Map.of(
            Loss.KNOCKED_OFF, "try a stinger or a larger hook on that line, and let the bait swim a little longer",
            Loss.PULLED_HOOK, "try a little less drag, and never a slack line",
            Loss.CUT_OFF, "try a bite leader of wire, or a longer one",
            Loss.BROKE, "look at knots and leaders, and at the weakest part on Rig",
            Loss.THROWN_AT_BOAT, "try less drag for the last metres, and keep her moving ahead");

    private LossAdvice() {}

    /** Of the way most were lost in; empty where none happened twice. */
    static Optional<Sentence> of(List<LogEntry> strikes) {
        var counts = new TreeMap<Loss, Integer>();
        for (LogEntry strike : strikes) {
            for (Loss how : Loss.values()) {
                if (LoggedDay.words(how).equals(strike.choices().get(Facet.LOSS))) {
                    counts.merge(how, 1, Integer::sum);
                }
            }
        }
        return counts.entrySet().stream()
                .filter(one -> one.getValue() >= SEVERAL && TRY.containsKey(one.getKey()))
                .max(Map.Entry.comparingByValue())
                .map(one -> Sentence.of(
                        "{0} fish were lost the same way, " + LoggedDay.words(one.getKey()) + ": "
                                + TRY.get(one.getKey()) + ".",
                        Figure.count(one.getValue())));
    }
}
