package org.mosswake.core.call;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.units.Sentence;

/**
 * One piece of evidence: when it holds it adds or takes weight, for each playbook as much as its table says. Weights are
 * tenths, so that what is shown adds up; all are {@code ESTIMATE}, named {@code RULE.M3} by the code of the playbook, and can be set.
 *
 * @param name    of the number, such as {@code LEDGE}
 * @param words   what it is about, for the list of numbers
 * @param says    the sentence where it holds, empty where it does not
 * @param tenths  by playbook; absent is nothing
 */
record Rule(
        String name,
        Topic topic,
        String words,
        Function<Asked, Optional<Sentence>> says,
        Map<PlaybookId, Integer> tenths) {
    /** One playbook in one situation; what several rules look at is found once. */
    static final class Asked {
        private final Situation s;
        private final Playbook p;
        private BoxFit.Fit fit;
        private Species focus;

        Asked(Situation s, Playbook p) {
            this.s = s;
            this.p = p;
        }

        Situation s() {
            return s;
        }

        /** What of its wants the box can give. */
        BoxFit.Fit fit() {
            if (fit == null) {
                fit = BoxFit.of(s, p);
            }
            return fit;
        }

        /** The fish it would be fished for. */
        Species focus() {
            if (focus == null) {
                focus = TargetRules.focus(s, p);
            }
            return focus;
        }
    }

    String key(PlaybookId id) {
        return name + "." + id.code();
    }

    /** Weights as {@code "LADDER 12, SMALL_FAST -6"}; {@code "all 3"} sets every playbook, what follows overrides it. */
    static Map<PlaybookId, Integer> table(String text) {
        var tenths = new EnumMap<PlaybookId, Integer>(PlaybookId.class);
        for (String part : text.split(",")) {
            String[] both = part.strip().split(" ");
            int weight = Integer.parseInt(both[1]);
            if (both[0].equals("all")) {
                for (PlaybookId id : PlaybookId.values()) {
                    tenths.put(id, weight);
                }
            } else {
                tenths.put(PlaybookId.valueOf(both[0]), weight);
            }
        }
        tenths.values().removeIf(weight -> weight == 0);
        return tenths;
    }

    /** Holds where a topic has one answer. */
    static Rule when(Topic topic, Enum<?> answer, String words, String says, String tenths) {
        return new Rule(
                topic.name() + "_" + answer.name(),
                topic,
                words,
                asked -> asked.s().conditions().is(topic, answer) ? Optional.of(Sentence.of(says)) : Optional.empty(),
                table(tenths));
    }

    static Rule of(
            String name,
            Topic topic,
            String words,
            BiFunction<Situation, Playbook, Optional<Sentence>> says,
            String tenths) {
        return new Rule(name, topic, words, asked -> says.apply(asked.s, asked.p), table(tenths));
    }

    /** One that looks at what others look at too. */
    static Rule of(String name, Topic topic, String words, Function<Asked, Optional<Sentence>> says, String tenths) {
        return new Rule(name, topic, words, says, table(tenths));
    }
}
