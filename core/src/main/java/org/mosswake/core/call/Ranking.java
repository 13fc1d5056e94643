package org.mosswake.core.call;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.mosswake.core.playbook.PlaybookId;

/** Every playbook weighed at one moment, the heaviest first. */
public record Ranking(List<Score> scores) {
    public Ranking {
        scores = List.copyOf(scores);
    }

    public static Ranking of(Situation s) {
        return new Ranking(Arrays.stream(PlaybookId.values())
                .map(id -> Score.of(s, s.numbers().playbook(id)))
                .sorted(Comparator.comparingInt((Score score) -> -score.tenths())
                        .thenComparing(score -> score.playbook().id()))
                .toList());
    }

    public Score first() {
        return scores.get(0);
    }

    public Score second() {
        return scores.get(1);
    }

    /** Of the first over the second (tenths). */
    public int margin() {
        return first().tenths() - second().tenths();
    }

    public Score of(PlaybookId id) {
        return scores.get(rank(id));
    }

    /** 0 for the first. */
    public int rank(PlaybookId id) {
        for (int i = 0; i < scores.size(); i++) {
            if (scores.get(i).playbook().id() == id) {
                return i;
            }
        }
        throw new IllegalArgumentException(id.name());
    }
}
