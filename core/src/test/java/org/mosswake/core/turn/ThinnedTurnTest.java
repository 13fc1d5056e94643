package org.mosswake.core.turn;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mosswake.core.units.Plane;

class ThinnedTurnTest {
    /** A node that swings on a circle of 30 m, and one that goes straight. */
    private static List<TurnFrame> swing() {
        var frames = new ArrayList<TurnFrame>();
        for (int i = 0; i <= 60; i++) {
            double turned = i * Math.toRadians(3);
            var nodes =
                    List.of(new TurnFrame.Node(30 * Math.cos(turned), 30 * Math.sin(turned)), new TurnFrame.Node(i, 0));
            frames.add(new TurnFrame(turned, i, List.of(new TurnFrame.Swung(nodes, 3, 1))));
        }
        return frames;
    }

    private static TurnFrame.Node between(List<TurnFrame> kept, double turned) {
        for (int i = 1; i < kept.size(); i++) {
            if (kept.get(i).turnedRad() >= turned) {
                TurnFrame a = kept.get(i - 1);
                TurnFrame b = kept.get(i);
                double u = (turned - a.turnedRad()) / (b.turnedRad() - a.turnedRad());
                TurnFrame.Node from = a.lines().get(0).nodes().get(0);
                TurnFrame.Node to = b.lines().get(0).nodes().get(0);
                return new TurnFrame.Node(
                        from.asternM() + u * (to.asternM() - from.asternM()),
                        from.starboardM() + u * (to.starboardM() - from.starboardM()));
            }
        }
        throw new AssertionError(turned);
    }

    @Test
    void whatIsLeftOutLiesBetweenWhatIsKept() {
        List<TurnFrame> all = swing();
        List<TurnFrame> kept = ThinnedTurn.of(all, 0.15);
        assertThat(kept).hasSizeLessThan(25).startsWith(all.get(0)).endsWith(all.get(60));
        for (TurnFrame frame : all) {
            TurnFrame.Node node = frame.lines().get(0).nodes().get(0);
            TurnFrame.Node drawn = frame == all.get(0) ? node : between(kept, frame.turnedRad());
            assertThat(Plane.hypot(node.asternM() - drawn.asternM(), node.starboardM() - drawn.starboardM()))
                    .isLessThanOrEqualTo(0.15 + 1e-9);
        }
    }

    @Test
    void aFinerDrawingKeepsMore() {
        assertThat(ThinnedTurn.of(swing(), 0.01).size())
                .isGreaterThan(ThinnedTurn.of(swing(), 0.5).size());
        assertThat(ThinnedTurn.of(swing().subList(0, 2), 5)).hasSize(2);
    }
}
