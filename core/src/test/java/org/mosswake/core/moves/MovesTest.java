package org.mosswake.core.moves;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.mosswake.core.advice.DayAdvice.Wish;
import org.mosswake.core.gear.ColourRole;
import org.mosswake.core.gear.DeckPoint;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.handling.SpreadTurns;
import org.mosswake.core.log.Facet;
import org.mosswake.core.log.Ledger;
import org.mosswake.core.log.Slice;
import org.mosswake.core.spread.Change;
import org.mosswake.core.spread.DemoSpread;
import org.mosswake.core.spread.Finding;
import org.mosswake.core.spread.SolvedLine;
import org.mosswake.core.spread.SolvedSpread;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.spread.SpreadSolver;

/** Whatever is offered is solved afresh here and held against what it says. */
class MovesTest {
    private static final Spread SIX = DemoSpread.atKnots(
            7.5,
            held("s1", 6.4, 0.4, 5, 84, LureKind.BULLET_SKIRT),
            held("p1", -6.4, 0.4, 5, 84, LureKind.BULLET_SKIRT),
            held("s2", 4.6, -1, 3.8, 38, LureKind.POPPING_HEAD),
            held("p2", -4.6, -1, 3.8, 42, LureKind.POPPING_HEAD),
            held("c1", 0, -0.6, 5.2, 120, LureKind.FEATHER),
            held("d1", -0.9, 1.3, 1.5, 30, LureKind.LIPPED_PLUG));
    private static final List<String> NAMES = List.of("s1", "p1", "s2", "p2", "c1", "d1");

    private static SpreadLine held(
            String name, double starboard, double astern, double height, double letOut, LureKind lure) {
        var tip = new DeckPoint(astern, starboard, height);
        var holder = new Holder(DemoSpread.id("at " + name), name, HolderKind.RIGGER, new DeckPoint(-4, 0, 2), tip);
        return DemoSpread.line(name, holder, letOut, lure);
    }

    private static Ledger.Arm arm(String choice, double from, double to) {
        return new Ledger.Arm(choice, from, to, new Slice(1, 0, 0, 60, new int[1], new float[1]));
    }

    private static Wish nearer(String line, String to) {
        return new Wish(line, Facet.POSITION, arm(line, Double.NaN, Double.NaN), arm(to, Double.NaN, Double.NaN));
    }

    private static Wish deeper(String line, double from, double to) {
        return new Wish(line, Facet.DEPTH, arm("", 0, 1), arm("", from, to));
    }

    private static Moves moves(Tied... aboard) {
        return new Moves(SpreadTurns.usual(SIX.speed().mps(), 10, List.of()), List.of(aboard));
    }

    private static SolvedLine solved(SolvedSpread all, String name) {
        return all.lines().stream()
                .filter(line -> line.line().holder().name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** The changes alone make the spread that was checked. */
    private static Spread by(List<Change> changes) {
        Spread then = SIX;
        for (Change change : changes) {
            var letOut = (Change.LetOut) change;
            SpreadLine line = then.lines().stream()
                    .filter(one -> one.id().equals(letOut.line()))
                    .findFirst()
                    .orElseThrow();
            then = then.with(line.withLetOut(letOut.metres()));
        }
        return then;
    }

    private static Map<Finding.Kind, Long> warnings(SolvedSpread solved) {
        return solved.findings().stream()
                .filter(finding -> finding.kind().warns())
                .collect(Collectors.groupingBy(
                        Finding::kind, Collectors.summingLong(f -> f.lines().size())));
    }

    @Test
    void whatIsOfferedDoesWhatItSays() {
        var solver = new SpreadSolver();
        var turns = SpreadTurns.usual(SIX.speed().mps(), 10, List.of());
        SolvedSpread before = solver.solve(SIX);
        double room = Math.min(turns.room(SIX).narrowerRad(), SpreadTurns.TOO_LITTLE_RAD);
        var offered = new ArrayList<String>();
        for (String line : NAMES) {
            for (String to : NAMES) {
                Optional<Moves.Offer> offer = line.equals(to) ? Optional.empty() : moves().of(nearer(line, to), SIX);
                if (offer.isEmpty()) {
                    continue;
                }
                offered.add(line + " to " + to);
                Spread then = by(offer.get().mend().changes());
                assertThat(then).isEqualTo(offer.get().then());
                SolvedSpread after = solver.solve(then);
                double ahead = solved(after, to).lureAsternM().orElseThrow()
                        - solved(after, line).lureAsternM().orElseThrow();
                assertThat(ahead).as(line + " ahead of " + to).isBetween(1.5, 9.5);
                assertThat(warnings(after)).isEqualTo(warnings(before));
                assertThat(turns.room(then).narrowerRad()).isGreaterThanOrEqualTo(room - Math.toRadians(1.01));
                assertThat(offer.get().checked().figures()).hasSize(2);
            }
        }
        assertThat(offered).hasSizeGreaterThan(3);
    }

    /** A pair that swims level goes together. */
    @Test
    void aTwinGoesAlong() {
        moves().of(nearer("s1", "c1"), SIX)
                .ifPresent(offer -> assertThat(offer.mend().changes()).hasSize(2));
        assertThat(moves().of(nearer("s2", "p2"), SIX)
                        .map(offer -> offer.mend().changes().size()))
                .isNotEqualTo(Optional.of(2));
    }

    @Test
    void aDepthIsReachedByTheSmallestLetOutThatDoes() {
        var solver = new SpreadSolver();
        double now = solved(solver.solve(SIX), "d1").shape().orElseThrow().depthM();
        Moves.Offer offer = moves().of(deeper("d1", now + 0.3, now + 1.2), SIX).orElseThrow();
        double then = solved(solver.solve(by(offer.mend().changes())), "d1")
                .shape()
                .orElseThrow()
                .depthM();
        assertThat(then).isBetween(now + 0.3, now + 1.2);
        assertThat(offer.checked().figures().get(0).si()).isCloseTo(then, within(1e-6));
        assertThat(moves().of(deeper("c1", 60, 80), SIX))
                .as("no feather gets there")
                .isEmpty();
    }

    @Test
    void aScentIsPutOnAndNothingElseChanges() {
        var wish = new Wish("s1", Facet.SCENT, arm("none", 0, 0), arm("shrimp", 0, 0));
        Moves.Offer offer = moves().of(wish, SIX).orElseThrow();
        assertThat(offer.mend().changes())
                .singleElement()
                .isInstanceOfSatisfying(
                        Change.Scented.class,
                        change -> assertThat(change.scent()).isEqualTo("shrimp"));
        assertThat(offer.mend().words().text()).contains("Put shrimp on");
        assertThat(offer.then().lines()).hasSameSizeAs(SIX.lines());
        assertThat(moves().of(new Wish("s1", Facet.SCENT, wish.to(), wish.from()), SIX)
                        .orElseThrow()
                        .mend()
                        .words()
                        .text())
                .contains("without scent");
    }

    /** Only what is aboard and free is tied. */
    @Test
    void anotherColourIsTakenFromTheBox() {
        LureItem pink = DemoSpread.lure(LureKind.BULLET_SKIRT);
        var free = new LureItem(DemoSpread.id("pink"), "Pink skirt", pink.kind(), pink.body());
        var wish = new Wish("s1", Facet.COLOUR, arm("imitator", 0, 0), arm("attractor", 0, 0));
        Tied tied = new Tied(free, 0.18, ColourRole.ATTRACTOR, 1);
        Moves.Offer offer = moves(tied).of(wish, SIX).orElseThrow();
        assertThat(offer.mend().changes()).singleElement().isInstanceOf(Change.Carrying.class);
        assertThat(moves(new Tied(free, 0.18, ColourRole.ATTRACTOR, 0)).of(wish, SIX))
                .isEmpty();
        assertThat(moves(new Tied(free, 0.18, ColourRole.IMITATOR, 3)).of(wish, SIX))
                .isEmpty();
        assertThat(moves(tied).of(new Wish("nobody", Facet.COLOUR, wish.from(), wish.to()), SIX))
                .isEmpty();
    }
}
