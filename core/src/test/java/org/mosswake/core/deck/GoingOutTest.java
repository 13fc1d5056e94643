package org.mosswake.core.deck;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.rig.Marks;
import org.mosswake.core.rig.Rigging;
import org.mosswake.core.spread.DemoSpread;
import org.mosswake.core.spread.SpreadLine;

class GoingOutTest {
    private static final SpreadLine LINE =
            DemoSpread.line("C1", DemoSpread.rigger("starboard outer", 6.4, 5), 84, LureKind.FEATHER);

    private static SpreadLine marked(Marks marks) {
        Rigging usual = LINE.rigging();
        var rigging = new Rigging(
                usual.reel(),
                usual.hooks(),
                usual.bait(),
                usual.take(),
                Optional.of(marks),
                Optional.empty(),
                usual.numbers());
        return new SpreadLine(
                LINE.id(), LINE.holder(), LINE.letOutM(), LINE.strikeDrag(), LINE.tackle(), LINE.deep(), rigging);
    }

    private static List<String> texts(SpreadLine line, double mps) {
        return GoingOut.of(line, "S1", mps).steps().stream()
                .map(step -> step.text())
                .toList();
    }

    @Test
    void theStepsAreThoseOfTheHands() {
        List<String> steps = texts(LINE, 3.8);
        assertThat(steps).hasSize(5);
        assertThat(steps.get(0)).contains("of leader");
        assertThat(steps.get(1)).startsWith("Look at it beside the boat");
        assertThat(steps.get(2)).isEqualTo("Let out to the ink at {0}.");
        assertThat(steps.get(3)).isEqualTo("Into the clip of the starboard outer.");
        assertThat(steps.get(4)).startsWith("Strike drag {0}");
    }

    @Test
    void theLetOutIsSaidInTheMeasureOfTheLine() {
        for (Marks marks : Marks.values()) {
            var step = GoingOut.of(marked(marks), "S1", 3.8).steps().get(2);
            assertThat(step.figures().get(0).si()).as(marks.name()).isEqualTo(84);
            assertThat(step.text()).as(marks.name()).startsWith("Let out");
        }
    }

    @Test
    void aPaceThatItDoesNotWorkAtIsSaid() {
        assertThat(texts(LINE, 0.8).get(1)).contains("it works from {0} to {1}, and she goes {2}");
    }
}
