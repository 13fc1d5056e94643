package org.mosswake.core.turn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Right round: a ladder of half turns, each beside the turn as any helm steers it. */
class RoundSearchTest {
    private static final TurnRules RULES = TurnSpreads.rules(7.5, 40);
    private static final RoundSearch SEARCH = new RoundSearch(RULES, 26);

    static Stream<List<TurnLine>> spreads() {
        return Stream.of(TurnSpreads.mixed(), TurnSpreads.twelve(), TurnSpreads.lopsided());
    }

    /** Steered by hand, in steps of a few metres and with every pair watched to the end. */
    private static boolean clear(List<TurnLine> spread, Side side, double radius) {
        return new HelmStudy(RULES.withRadius(radius), Helm.turn(side, Math.PI, radius), spread)
                .follow()
                .fouls()
                .isEmpty();
    }

    @ParameterizedTest
    @MethodSource("spreads")
    void theRadiusFoundIsClearWithAllWiderOnesAndTheNextIsNot(List<TurnLine> spread) {
        RoundTurn found = SEARCH.of(spread, Side.PORT);
        List<Double> rungs = SEARCH.rungs();
        double tightest = found.radiusM().orElseThrow();
        for (double rung : rungs) {
            boolean clear = clear(spread, Side.PORT, rung);
            boolean said = rung >= tightest || found.islands().contains(rung);
            assertThat(clear).as("at %.0f m", rung).isEqualTo(said);
        }
        assertThat(found.stops().isPresent()).isEqualTo(tightest > rungs.get(rungs.size() - 1));
    }

    @ParameterizedTest
    @MethodSource("spreads")
    void mirroredSpreadsComeRoundTheOtherWay(List<TurnLine> spread) {
        Map<Side, RoundTurn> here = SEARCH.of(spread);
        Map<Side, RoundTurn> there = SEARCH.of(TurnSpreads.mirrored(spread));
        for (Side side : Side.values()) {
            RoundTurn one = here.get(side);
            RoundTurn other = there.get(side.other());
            assertThat(other.radiusM()).isEqualTo(one.radiusM());
            assertThat(other.islands()).isEqualTo(one.islands());
            assertThat(other.stops().map(Foul::line)).isEqualTo(one.stops().map(Foul::line));
            assertThat(other.after().orElseThrow().againM())
                    .isCloseTo(one.after().orElseThrow().againM(), within(1e-6));
        }
    }

    /** What is followed to one side only answers for the other as following it would. */
    @Test
    void aSpreadThatMirrorsItselfIsTheSameBothWays() {
        List<TurnLine> spread = TurnSpreads.twelve();
        RoundTurn followed = SEARCH.of(spread, Side.STARBOARD);
        RoundTurn mirrored = SEARCH.of(spread).get(Side.STARBOARD);
        assertThat(mirrored.side()).isEqualTo(Side.STARBOARD);
        assertThat(mirrored.radiusM()).isEqualTo(followed.radiusM());
        Foul one = mirrored.stops().orElseThrow();
        Foul two = followed.stops().orElseThrow();
        assertThat(List.of(one.line(), one.other().orElseThrow()))
                .containsExactlyInAnyOrder(two.line(), two.other().orElseThrow());
        assertThat(one.starboardM()).isCloseTo(two.starboardM(), within(1e-6));
        assertThat(one.turnedRad()).isCloseTo(two.turnedRad(), within(1e-6));
    }

    @Test
    void aShortPairComesRoundAsTightlyAsTheBoat() {
        var pair = List.of(TurnSpreads.corner(1, 20), TurnSpreads.corner(-1, 20));
        RoundTurn round = SEARCH.of(pair, Side.PORT);
        assertThat(round.radiusM()).contains(SEARCH.rungs().get(SEARCH.rungs().size() - 1));
        assertThat(round.stops()).isEmpty();
    }

    /** Crews say about one length of the longest line. */
    @Test
    void sheMayTurnAgainAfterAboutTheLongestLine() {
        SideLimit after = SEARCH.of(TurnSpreads.mixed(), Side.PORT).after().orElseThrow();
        assertThat(after.againM()).isBetween(0.5 * 176, 1.5 * 176);
        assertThat(after.againS()).isCloseTo(after.againM() / RULES.speedMps(), within(1e-6));
    }

    @Test
    void askingForMoreMarginNeverWidensATurn() {
        for (double across : new double[] {0.5, 1.5, 4}) {
            for (double up : new double[] {0.3, 1, 3}) {
                var asked = new TurnRules(RULES.speedMps(), 40, RULES.pivotAsternM(), across, up);
                for (var spread : List.of(TurnSpreads.mixed(), TurnSpreads.lopsided())) {
                    SideLimit usual = new TurnStudy(RULES).limit(spread, Side.PORT);
                    SideLimit limit = new TurnStudy(asked).limit(spread, Side.PORT);
                    assertThat(limit.limitRad()).isEqualTo(usual.limitRad());
                    if (across >= 1.5 && up >= 1) {
                        assertThat(limit.againM()).isGreaterThanOrEqualTo(usual.againM());
                    }
                }
            }
        }
    }

    @Test
    void nothingOutComesRoundAnyhow() {
        RoundTurn round = SEARCH.of(new ArrayList<>(), Side.PORT);
        assertThat(round.stops()).isEqualTo(Optional.empty());
        assertThat(round.radiusM()).isPresent();
    }
}
