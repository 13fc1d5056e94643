package org.mosswake.core.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mosswake.core.call.Call;
import org.mosswake.core.call.Days;
import org.mosswake.core.call.LineCount;
import org.mosswake.core.call.Playbook;
import org.mosswake.core.call.Ranking;
import org.mosswake.core.call.Situation;
import org.mosswake.core.clock.LightDepth;
import org.mosswake.core.spread.Finding;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadSolver;
import org.mosswake.core.units.Sentence;

/** What is built from the call of a random day passes the product's own checks, or says why it can't. */
class OwnChecksTest {
    private static final FirstSpread.Watch NOBODY = new FirstSpread.Watch() {
        @Override
        public void picture(Spread spread) {}

        @Override
        public boolean goOn(double share) {
            return share < 0.1;
        }
    };

    private static FirstSpread.Made made(Situation s, Playbook p, int lines) {
        var ids = new int[1];
        return FirstSpread.make(
                new FirstSpread.Wish(
                        s, p, lines, List.of(), new LightDepth.Band(9, 18), () -> Days.id("line " + ids[0]++)),
                NOBODY);
    }

    @ParameterizedTest
    @ValueSource(longs = {5, 6, 7, 8})
    void nothingIsBuiltThatItsOwnChecksRefuse(long seed) {
        var random = new Random(seed);
        for (int i = 0; i < 40; i++) {
            Situation s = Days.any(random);
            Playbook p = Ranking.of(s).first().playbook();
            FirstSpread.Made made = made(s, p, LineCount.of(s, p).lines());
            List<String> notes = made.notes().stream().map(Sentence::text).toList();
            for (Finding finding : new SpreadSolver().solve(made.spread()).findings()) {
                if (finding.kind().warns()) {
                    assertThat(explained(finding, notes, made.stories()))
                            .as("seed %d, day %d, %s: %s", seed, i, p.id(), finding)
                            .isTrue();
                }
            }
            if (made.spread().lines().isEmpty()) {
                assertThat(made.lacks())
                        .as("seed %d, day %d, %s", seed, i, p.id())
                        .isNotEmpty();
                assertThat(Call.verdict(s)).anyMatch(said -> said.text().contains("can be tied"));
            }
        }
    }

    private static boolean explained(Finding finding, List<String> notes, List<FirstSpread.Story> stories) {
        return switch (finding.kind()) {
            case SKIPS -> notes.stream().anyMatch(note -> note.contains("leave the water now and then"));
            case CLIP_LETS_GO ->
                stories.stream()
                        .filter(story -> finding.lines().contains(story.line()))
                        .allMatch(story -> story.says().stream()
                                .anyMatch(said -> said.text().contains("may let go early")));
            // The boat's own, said with what would slow her.
            case IDLE_TOO_FAST -> finding.text().text().contains("drogue");
            default -> false;
        };
    }
}
