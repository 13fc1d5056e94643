package org.mosswake.core.call;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.call.Topic.Bait;
import org.mosswake.core.call.Topic.Birds;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.units.SpeedUnit;

/** What could change a call: what is not known yet, and what is known and could be otherwise. Found by trying. */
public final class Doubts {
    private static final int MOST = 6;

    private Doubts() {}

    /**
     * A topic not known.
     *
     * @param swingTenths most the margin of the present call could move
     * @param first       what would come first by the answer that moves it most, where that is another
     * @param rankNow     of that one (1 is the first)
     * @param by          the answer
     */
    public record Unknown(
            Topic topic, int swingTenths, Optional<PlaybookId> first, Optional<Integer> rankNow, Answer by) {}

    /**
     * A change of one answer that puts another first.
     *
     * @param answer nearest to the present one that does it
     * @param first  what then comes first
     */
    public record Change(Topic topic, Answer answer, PlaybookId first) {}

    /** The topics that could move the call most, first. */
    public static List<Unknown> worthFinding(Situation s) {
        return worthFinding(s, new Weigher(s));
    }

    static List<Unknown> worthFinding(Situation s, Weigher weigher) {
        Weigher.Weights now = weigher.weigh(s);
        var found = new ArrayList<Unknown>();
        for (Topic topic : Topic.values()) {
            if (topic.asked() && topic != Topic.TARGET && !s.conditions().knows(topic)) {
                unknown(s, weigher, now, topic).ifPresent(found::add);
            }
        }
        found.sort(Comparator.comparing((Unknown u) -> u.first().isEmpty()).thenComparingInt(u -> -u.swingTenths()));
        return List.copyOf(found.subList(0, Math.min(MOST, found.size())));
    }

    private static Optional<Unknown> unknown(Situation s, Weigher weigher, Weigher.Weights now, Topic topic) {
        PlaybookId leader = now.first();
        Unknown most = null;
        for (Answer answer : answers(topic)) {
            Situation so = s.with(s.conditions().with(topic, answer));
            if (keepsIn(topic, so)) {
                continue;
            }
            Weigher.Weights then = weigher.weigh(so);
            PlaybookId first = then.first();
            int swing = Math.abs(then.lead(leader) - now.lead(leader));
            boolean changes = first != leader;
            boolean better = most == null
                    || (changes && most.first().isEmpty())
                    || (changes == most.first().isPresent() && swing > most.swingTenths());
            if (better && swing > 0) {
                most = new Unknown(
                        topic,
                        swing,
                        changes ? Optional.of(first) : Optional.empty(),
                        changes ? Optional.of(rank(now, first)) : Optional.empty(),
                        answer);
            }
        }
        return Optional.ofNullable(most);
    }

    private static int rank(Weigher.Weights now, PlaybookId id) {
        int ahead = 0;
        for (PlaybookId other : PlaybookId.values()) {
            boolean before = now.of(other) > now.of(id) || (now.of(other) == now.of(id) && other.compareTo(id) < 0);
            ahead += before ? 1 : 0;
        }
        return ahead + 1;
    }

    /** For each known topic the nearest answer that puts another playbook first. */
    public static List<Change> wouldChange(Situation s) {
        return wouldChange(s, new Weigher(s));
    }

    static List<Change> wouldChange(Situation s, Weigher weigher) {
        var found = new ArrayList<Change>();
        PlaybookId leader = weigher.weigh(s).first();
        for (Topic topic : s.conditions().known().keySet()) {
            if (topic == Topic.TARGET) {
                continue;
            }
            Answer known = s.conditions().known().get(topic);
            answers(topic).stream()
                    .filter(answer -> !answer.equals(known)
                            && !keepsIn(topic, s.with(s.conditions().with(topic, answer))))
                    .sorted(Comparator.comparingDouble(answer -> away(topic, known, answer)))
                    .map(answer -> new Change(
                            topic,
                            answer,
                            weigher.weigh(s.with(s.conditions().with(topic, answer)))
                                    .first()))
                    .filter(change -> change.first() != leader)
                    .findFirst()
                    .ifPresent(found::add);
        }
        return found.size() > MOST ? List.copyOf(found.subList(0, MOST)) : List.copyOf(found);
    }

    /** A sea that keeps her in puts no method first. */
    private static boolean keepsIn(Topic topic, Situation s) {
        return topic == Topic.SEA && Seaway.stop(s).isPresent();
    }

    private static double away(Topic topic, Answer known, Answer other) {
        if (known.choice().isPresent() && other.choice().isPresent()) {
            return Math.abs(topic.choices().indexOf(known.choice().get())
                    - topic.choices().indexOf(other.choice().get()));
        }
        return Math.abs(known.value().orElse(0.0) - other.value().orElse(0.0));
    }

    /** Answers tried for a topic: every choice, or numbers over what is met. */
    static List<Answer> answers(Topic topic) {
        return switch (topic) {
            case BIRDS -> {
                var all = new ArrayList<Answer>();
                for (Birds birds : Birds.values()) {
                    all.add(
                            birds == Birds.DIVING || birds == Birds.TRAVELLING
                                    ? Answer.birds(birds, 40)
                                    : Answer.choice(birds));
                }
                yield all;
            }
            case BAIT -> List.of(Answer.choice(Bait.NONE), Answer.layer(3, 7), Answer.layer(16, 22));
            case SURFACE -> numbers(6, 32, 1);
            case STEP -> numbers(0, 1.5, 0.25);
            case STREAM -> numbers(0, SpeedUnit.KNOT.toSi(3), SpeedUnit.KNOT.toSi(0.5));
            case DEPTH ->
                List.of(4.0, 7.0, 12.0, 20.0, 35.0, 60.0, 100.0, 180.0, 400.0, 1500.0).stream()
                        .map(Answer::number)
                        .toList();
            case CREW -> numbers(1, 4, 1);
            case BAG -> List.of(0.0, 2.0, 6.0).stream().map(Answer::number).toList();
            case LIVE_BAIT, DEAD_BAIT ->
                List.of(0.0, 3.0, 12.0).stream().map(Answer::number).toList();
            case FRESH -> List.of(0.0, 4.0).stream().map(Answer::number).toList();
            default -> topic.choices().stream().map(Answer::choice).toList();
        };
    }

    private static List<Answer> numbers(double from, double to, double step) {
        var all = new ArrayList<Answer>();
        for (int i = 0; from + i * step <= to + 1e-9; i++) {
            all.add(Answer.number(from + i * step));
        }
        return all;
    }
}
