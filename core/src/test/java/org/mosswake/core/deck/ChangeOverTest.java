package org.mosswake.core.deck;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.rig.Reel;
import org.mosswake.core.rig.Rigging;
import org.mosswake.core.rig.Spool;
import org.mosswake.core.spread.DemoSpread;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;

class ChangeOverTest {
    private static final Holder OUTER = DemoSpread.rigger("starboard outer", 6.4, 5);
    private static final Holder INNER = DemoSpread.rigger("port outer", -6.4, 5);
    private static final Holder CENTRE = DemoSpread.rigger("centre", 0, 6);

    private static final SpreadLine FAR = DemoSpread.line("far", CENTRE, 150, LureKind.FEATHER);
    private static final SpreadLine SKIRT = DemoSpread.line("skirt", OUTER, 60, LureKind.BULLET_SKIRT);
    private static final SpreadLine OTHER = DemoSpread.line("other", INNER, 70, LureKind.BULLET_SKIRT);

    private static Spread spread(SpreadLine... lines) {
        return DemoSpread.atKnots(7, lines);
    }

    private static SpreadLine renamed(SpreadLine line, String name, double letOut) {
        return new SpreadLine(
                DemoSpread.id(name),
                line.holder(),
                letOut,
                line.strikeDrag(),
                line.tackle(),
                line.deep(),
                line.rigging());
    }

    private static Set<UUID> all(Spread spread) {
        return spread.lines().stream().map(SpreadLine::id).collect(Collectors.toSet());
    }

    private static List<String> labels(List<ChangeOver.Step> steps) {
        return steps.stream().map(ChangeOver.Step::label).toList();
    }

    @Test
    void whatIsTheSameStaysOrIsMovedAndTheRestComesInNearestFirst() {
        Spread now = spread(FAR, SKIRT, OTHER);
        Spread next = spread(
                renamed(FAR, "far again", 120),
                DemoSpread.line("plug", OUTER, 30, LureKind.POPPING_HEAD),
                DemoSpread.line("second", INNER, 45, LureKind.POPPING_HEAD));
        ChangeOver change = ChangeOver.of(now, all(now), next, Map.of());
        assertThat(labels(change.in())).containsExactly("S1", "P1");
        assertThat(labels(change.moved())).containsExactly("C1");
        assertThat(change.moved().get(0).was()).contains(FAR.id());
        assertThat(change.moved().get(0).says().text()).endsWith(": take in {0}, to {1}");
        assertThat(labels(change.out())).containsExactly("P1", "S1");
        assertThat(change.out().get(0).says().figures().get(0).si()).isEqualTo(45);
        // 130 m in at 1 m/s, 75 m out at 1.2, 30 m taken in; two stowed, two set.
        assertThat(change.seconds()).isBetween(420.0, 550.0);
        assertThat(change.missing()).isEmpty();
    }

    @Test
    void onlyWhatIsOutComesIn() {
        Spread now = spread(FAR, SKIRT);
        ChangeOver change = ChangeOver.of(now, Set.of(SKIRT.id()), spread(OTHER), Map.of());
        assertThat(change.in()).extracting(ChangeOver.Step::line).containsExactly(SKIRT.id());
        assertThat(labels(change.out())).containsExactly("P1");
        ChangeOver same =
                ChangeOver.of(now, all(now), spread(renamed(FAR, "a", 150.2), renamed(SKIRT, "b", 60)), Map.of());
        assertThat(same.in()).isEmpty();
        assertThat(same.out()).isEmpty();
        assertThat(same.seconds()).isZero();
        assertThat(same.moved())
                .allSatisfy(step -> assertThat(step.says().text()).endsWith("stays as it is"));
    }

    @Test
    void aLureThatIsNotThereOftenEnoughIsMissing() {
        Spread next = spread(SKIRT, OTHER);
        UUID lure = SKIRT.lure().id();
        assertThat(ChangeOver.of(spread(), Set.of(), next, Map.of(lure, 2)).missing())
                .isEmpty();
        var one = ChangeOver.of(spread(), Set.of(), next, Map.of(lure, 1)).missing();
        assertThat(one)
                .singleElement()
                .satisfies(says -> assertThat(says.text()).endsWith(": {0} wanted, {1} aboard"));
        assertThat(ChangeOver.of(spread(), Set.of(), next, Map.of(lure, 0))
                        .missing()
                        .get(0)
                        .text())
                .endsWith(": {0} wanted, none aboard");
    }

    /** Two lines on one kind of reel are no fault where there are two of it. */
    @Test
    void aReelIsWantedOnceForEachLine() {
        Spread next = spread(reeled(SKIRT), reeled(OTHER));
        UUID reel = next.lines().get(0).rigging().reel().orElseThrow().id();
        assertThat(ChangeOver.of(spread(), Set.of(), next, Map.of(reel, 2)).missing())
                .isEmpty();
        assertThat(ChangeOver.of(spread(), Set.of(), next, Map.of(reel, 1)).missing())
                .singleElement()
                .satisfies(says -> assertThat(says.text()).isEqualTo("Two-speed: {0} wanted, {1} aboard"));
    }

    private static SpreadLine reeled(SpreadLine line) {
        var reel = new Reel(
                DemoSpread.id("reel"),
                "Two-speed",
                new Spool(400, 0.0007, 0.045, 0.02),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                0.6);
        Rigging usual = line.rigging();
        return line.withRigging(new Rigging(
                Optional.of(reel),
                usual.hooks(),
                usual.bait(),
                usual.take(),
                usual.marks(),
                Optional.empty(),
                usual.numbers()));
    }
}
