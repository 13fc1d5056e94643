package org.mosswake.core.handling;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.mosswake.core.gear.DeckPoint;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.spread.Change;
import org.mosswake.core.spread.ClipSeat;
import org.mosswake.core.spread.DemoSpread;
import org.mosswake.core.spread.Mend;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.turn.Side;
import org.mosswake.core.turn.TurnRules;

class SpreadTurnsTest {
    private static final TurnRules RULES = new TurnRules(3.86, 40, -3, 1.5, 1);

    private static SpreadLine pole(String name, double starboard, double letOut) {
        return DemoSpread.line(name, DemoSpread.rigger("pole " + name, starboard, 4), letOut, LureKind.BULLET_SKIRT);
    }

    private static Spread tight() {
        return DemoSpread.atKnots(
                7.5,
                high("s1", 6.4, 0.4, 5, 84, LureKind.BULLET_SKIRT),
                high("p1", -6.4, 0.4, 5, 70, LureKind.BULLET_SKIRT),
                high("c1", 0, -0.6, 5.2, 176, LureKind.FEATHER));
    }

    private static Spread six() {
        return DemoSpread.atKnots(
                7.5,
                high("s1", 6.4, 0.4, 5, 84, LureKind.BULLET_SKIRT),
                high("p1", -6.4, 0.4, 5, 84, LureKind.BULLET_SKIRT),
                high("s2", 4.6, -1, 3.8, 38, LureKind.POPPING_HEAD),
                high("p2", -4.6, -1, 3.8, 38, LureKind.POPPING_HEAD),
                high("c1", 0, -0.6, 5.2, 176, LureKind.FEATHER),
                high("d1", -0.9, 1.3, 1.5, 30, LureKind.LIPPED_PLUG));
    }

    private static SpreadLine high(
            String name, double starboard, double astern, double height, double letOut, LureKind lure) {
        var tip = new DeckPoint(astern, starboard, height);
        var holder = new Holder(DemoSpread.id("at " + name), name, HolderKind.RIGGER, new DeckPoint(-4, 0, 2), tip);
        return DemoSpread.line(name, holder, letOut, lure);
    }

    /** The spread after every change of let-out that a mend makes. */
    private static Spread mended(Spread spread, Mend mend) {
        Spread after = spread;
        for (Change change : mend.changes()) {
            var letOut = (Change.LetOut) change;
            SpreadLine line = after.lines().stream()
                    .filter(one -> one.id().equals(letOut.line()))
                    .findFirst()
                    .orElseThrow();
            after = after.with(line.withLetOut(letOut.metres()));
        }
        return after;
    }

    /** What the search offers is tried afresh: the tight side opens as far as said, the other loses nothing wanted. */
    @Test
    void aMendDoesWhatItSays() {
        var turns = new SpreadTurns(RULES, List.of());
        var before = turns.limits(tight());
        SpreadTurns.Widening mend = turns.mend(tight()).orElseThrow();
        var after = new SpreadTurns(RULES, List.of()).limits(mended(tight(), mend.mend()));
        assertThat(after.get(mend.side()).limitRad())
                .isGreaterThan(before.get(mend.side()).limitRad());
        assertThat(Math.min(after.get(mend.side()).limitRad(), SpreadTurns.WANTED_RAD))
                .isEqualTo(Math.min(mend.limitRad(), SpreadTurns.WANTED_RAD));
        assertThat(after.get(mend.side().other()).limitRad())
                .isGreaterThanOrEqualTo(Math.min(
                        SpreadTurns.WANTED_RAD, before.get(mend.side().other()).limitRad()));
    }

    @Test
    void aLevelPairIsMovedTogether() {
        SpreadTurns.Widening mend =
                new SpreadTurns(RULES, List.of()).mend(six()).orElseThrow();
        assertThat(mend.mend().words().text()).matches("(Take|Let) [SP]1 and [SP]1 (in|out) to \\{0}");
        assertThat(mend.mend().changes()).hasSize(2);
        Spread after = mended(six(), mend.mend());
        assertThat(after.lines().get(0).letOutM())
                .isEqualTo(after.lines().get(1).letOutM())
                .isNotEqualTo(84);
        assertThat(new SpreadTurns(RULES, List.of())
                        .limits(after)
                        .get(mend.side())
                        .limitRad())
                .isGreaterThanOrEqualTo(mend.limitRad());
    }

    /** Lines are kept from one question to the next; what others asked of them must not change an answer. */
    @Test
    void theSameQuestionHasTheSameAnswerAfterOthers() {
        var turns = new SpreadTurns(RULES, List.of(DemoSpread.rigger("wide", -9, 4)));
        var before = turns.limits(six());
        turns.mend(six());
        turns.mend(tight());
        assertThat(turns.limits(six())).isEqualTo(before);
        assertThat(turns.mend(six()))
                .isEqualTo(new SpreadTurns(RULES, List.of(DemoSpread.rigger("wide", -9, 4))).mend(six()));
    }

    @Test
    void aFreeHolderMayMendWhatLetOutsDoNot() {
        Holder wide = DemoSpread.rigger("wide", -9, 4);
        var lines = DemoSpread.atKnots(7.5, pole("p1", -3, 60), pole("p2", -1.8, 36), pole("s1", 4, 50));
        var without = new SpreadTurns(RULES, List.of()).mend(lines);
        var with = new SpreadTurns(RULES, List.of(wide)).mend(lines);
        assertThat(with).isPresent();
        double had = without.map(SpreadTurns.Widening::limitRad).orElse(0.0);
        assertThat(with.orElseThrow().limitRad()).isGreaterThanOrEqualTo(had);
    }

    /** Nothing is taken out without saying so first. */
    @Test
    void aMendThatTakesALineOutSaysSo() {
        var turns = new SpreadTurns(RULES, List.of());
        for (Spread spread : List.of(six(), tight(), twoDeep())) {
            turns.mend(spread)
                    .ifPresent(widening -> assertThat(
                                    widening.mend().words().text().matches("Take [CDSP][0-9] out of the spread"))
                            .isEqualTo(widening.mend().changes().stream().anyMatch(Change.TakeIn.class::isInstance)));
        }
    }

    private static Spread twoDeep() {
        return DemoSpread.atKnots(7.5, pole("p1", -3, 60), pole("p2", -1.8, 36), pole("s1", 4, 50));
    }

    @Test
    void aSpreadThatTurnsFarEnoughNeedsNone() {
        var easy = DemoSpread.atKnots(7.5, pole("s1", 6.4, 40), pole("p1", -6.4, 40));
        var turns = new SpreadTurns(RULES, List.of());
        assertThat(turns.limits(easy).get(Side.PORT).limitRad()).isGreaterThan(SpreadTurns.WANTED_RAD);
        assertThat(turns.mend(easy)).isEmpty();
    }

    @Test
    void deepLinesTurnWithTheirCable() {
        var deep = DemoSpread.atKnots(
                2.5,
                DemoSpread.deep("deep", 20, 8, LureKind.ROTATING_BLADE, ClipSeat.FULL),
                DemoSpread.threeWay("three", DemoSpread.flat("port", -1.5, -2.2), 40));
        var rules = new TurnRules(1.29, 40, -3, 1.5, 1);
        var frames = new SpreadTurns(rules, List.of()).halfTurn(deep, Side.PORT);
        assertThat(frames.get(0).lines()).allMatch(line -> line.lureDepthM() > 5);
        assertThat(frames.get(frames.size() - 1).lines().get(0).nodes().size()).isGreaterThan(4);
    }
}
