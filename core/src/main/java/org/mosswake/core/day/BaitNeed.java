package org.mosswake.core.day;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.mosswake.core.call.Box;
import org.mosswake.core.call.Situation;
import org.mosswake.core.call.Topic;
import org.mosswake.core.clock.Step;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.Slot;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/**
 * Bait that a day asks for: lines × hours ÷ renewal (handbook §8).
 *
 * @param topic under which what is aboard is stated
 * @param lines that fish it
 * @param renew every so often a line gets a fresh one
 * @param have  aboard
 */
record BaitNeed(Topic topic, int lines, Duration renew, int have) {
    /** One for each kind of bait that the positions of a method carry first, and of which any is aboard. */
    static List<BaitNeed> of(Situation s, Playbook p, int lines) {
        var needs = new ArrayList<BaitNeed>();
        List<Slot> positions = p.positions(lines);
        for (Topic topic : List.of(Topic.LIVE_BAIT, Topic.DEAD_BAIT)) {
            List<LureKind> kinds = positions.stream()
                    .flatMap(slot -> slot.firstKind().stream())
                    .filter(kind -> Topic.BAITS.get(kind) == topic)
                    .toList();
            int have = s.box().lures().stream()
                    .filter(lure -> lure.bait().filter(topic::equals).isPresent())
                    .mapToInt(Box.Lure::count)
                    .sum();
            if (!kinds.isEmpty() && have > 0) {
                needs.add(new BaitNeed(
                        topic, kinds.size(), s.numbers().renewal(kinds.get(0)).orElseThrow(), have));
            }
        }
        return needs;
    }

    /** For so long, what is on the hooks at the start included. */
    int wanted(Duration fished) {
        return lines * (int) Math.max(1, Math.ceil((double) fished.toSeconds() / renew.toSeconds()));
    }

    /** Until no line can be given a fresh one, and the last has fished its time. */
    Duration lasts() {
        return renew.multipliedBy(have).dividedBy(lines);
    }

    Step step(Instant in, Instant home) {
        int wanted = wanted(Duration.between(in, home));
        String bait = topic.words();
        Figure every = Figure.duration(renew.toSeconds());
        if (wanted <= have) {
            return new Step(
                    Step.Kind.BAIT,
                    in,
                    Duration.ZERO,
                    bait + " for the day",
                    Sentence.of(
                            "{0} are wanted, a fresh one on " + on() + " every {1}; {2} are aboard",
                            Figure.count(wanted),
                            every,
                            Figure.count(have)));
        }
        return new Step(
                Step.Kind.CHANGE,
                in.plus(lasts()),
                Duration.ZERO,
                bait + " runs out",
                Sentence.of(
                        "{0} aboard, a fresh one on " + on()
                                + " every {1}: {2} would last the day. Catch more, fish fewer lines of it, or go to lures",
                        Figure.count(have),
                        every,
                        Figure.count(wanted)));
    }

    private String on() {
        return lines == 1 ? "one line" : lines + " lines";
    }
}
