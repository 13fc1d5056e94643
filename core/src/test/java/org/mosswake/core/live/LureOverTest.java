package org.mosswake.core.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.mosswake.core.live.LureOver.Hangs;

/** Each lure as it comes by a mark, beside a boat and lures that are moved in small steps. */
class LureOverTest {
    private static final double THROUGH_MPS = 3.9;
    private static final double STREAM_MPS = 0.6;

    private static Hangs hangs(String label, double astern, double starboard) {
        return new Hangs(new UUID(1, label.hashCode()), label, astern, starboard);
    }

    /** Seconds until what hangs so far astern is abreast of a mark so far ahead of the boat. */
    private static double moved(double astern, double markAhead) {
        double lure = -astern;
        double t = 0;
        while (lure < markAhead) {
            lure += 0.01 * (THROUGH_MPS + STREAM_MPS);
            t += 0.01;
        }
        return t;
    }

    @Test
    void everyLureHasItsOwnTime() {
        double mark = 220;
        Hangs chosen = hangs("S1", 84, 6);
        List<Hangs> out = List.of(hangs("C1", 176, 0), chosen, hangs("D1", 30, -1));
        double in = moved(84, mark);
        List<LureOver> all =
                LureOver.all(out, chosen.asternM(), chosen.starboardM(), in, THROUGH_MPS + STREAM_MPS, 400);
        assertThat(all).extracting(LureOver::label).containsExactly("D1", "S1", "C1");
        assertThat(all.get(0).inS()).isCloseTo(moved(30, mark), within(0.05));
        assertThat(all.get(2).inS()).isCloseTo(moved(176, mark), within(0.05));
        assertThat(all.get(0).offM()).isEqualTo(-7);
    }

    @Test
    void whatIsPastItOrStillSwingsIsNotTold() {
        Hangs chosen = hangs("S1", 84, 0);
        List<Hangs> out = List.of(hangs("C1", 176, 0), chosen, hangs("D1", 30, 0));
        assertThat(LureOver.all(out, chosen.asternM(), chosen.starboardM(), 5, THROUGH_MPS, 400))
                .extracting(LureOver::label)
                .containsExactly("S1", "C1");
        assertThat(LureOver.all(out, chosen.asternM(), chosen.starboardM(), 60, THROUGH_MPS, 120))
                .extracting(LureOver::label)
                .containsExactly("D1", "S1");
    }
}
