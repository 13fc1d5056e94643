package org.mosswake.core.spread;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.mosswake.core.gear.DeckPoint;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.gear.LureKind;
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
                pole("s1", 6.4, 84),
                pole("p1", -6.4, 84),
                DemoSpread.line("c1", DemoSpread.centre(), 130, LureKind.FEATHER));
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

    /** What the search offers is tried afresh: the tight side opens as far as said, the other loses nothing wanted. */
    @Test
    void aMendDoesWhatItSays() {
        var turns = new SpreadTurns(RULES, List.of());
        var before = turns.limits(tight());
        SpreadTurns.Widening mend = turns.mend(tight()).orElseThrow();
        var change = Offered.by(mend.mend(), Change.LetOut.class);
        SpreadLine line = tight().lines().stream()
                .filter(l -> l.id().equals(change.line()))
                .findFirst()
                .orElseThrow();
        Spread mended = tight().with(line.withLetOut(change.metres()));
        var after = new SpreadTurns(RULES, List.of()).limits(mended);
        assertThat(after.get(mend.side()).limitRad())
                .isGreaterThan(before.get(mend.side()).limitRad());
        assertThat(Math.min(after.get(mend.side()).limitRad(), SpreadTurns.WANTED_RAD))
                .isEqualTo(Math.min(mend.limitRad(), SpreadTurns.WANTED_RAD));
        assertThat(after.get(mend.side().other()).limitRad())
                .isGreaterThanOrEqualTo(Math.min(
                        SpreadTurns.WANTED_RAD, before.get(mend.side().other()).limitRad()));
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

    /** Between two level pairs on the poles a long centre line has no let-out that clears both: it comes in. */
    @Test
    void aLineIsTakenInAsTheLastResort() {
        var turns = new SpreadTurns(RULES, List.of());
        SpreadTurns.Widening mend = turns.mend(six()).orElseThrow();
        assertThat(mend.mend().words().text()).matches("Take [CSP][0-9] out of the spread");
        var after = turns.limits(
                six().without(Offered.by(mend.mend(), Change.TakeIn.class).line()));
        assertThat(after.get(mend.side()).limitRad()).isGreaterThanOrEqualTo(mend.limitRad());
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
