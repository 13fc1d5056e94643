package org.mosswake.core.handling;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.mosswake.core.gear.DeckPoint;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.spread.DemoSpread;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.spread.SpreadSolver;
import org.mosswake.core.turn.Side;
import org.mosswake.core.turn.TurnRules;

class OrdersTest {
    private static final TurnRules RULES = new TurnRules(3.86, 40, -3, 1.5, 1);

    private static SpreadLine pole(String name, double starboard, double letOut) {
        var holder = new Holder(
                DemoSpread.id("pole " + name),
                name,
                HolderKind.RIGGER,
                new DeckPoint(-4, Math.signum(starboard) * 1.5, 2.4),
                new DeckPoint(0.4, starboard, 5));
        return DemoSpread.line(name, holder, letOut, LureKind.BULLET_SKIRT);
    }

    private static SpreadLine flat(String name, double starboard, double letOut) {
        return DemoSpread.line(
                name, DemoSpread.flat("flat " + name, starboard * 0.8, starboard), letOut, LureKind.BULLET_SKIRT);
    }

    private static Orders orders(SpreadLine... lines) {
        return orders(false, lines);
    }

    private static Orders orders(boolean allIn, SpreadLine... lines) {
        Spread spread = DemoSpread.atKnots(7.5, lines);
        return Orders.of(new SpreadSolver().solve(spread), spread, RULES, allIn);
    }

    private static List<UUID> setting(Orders orders) {
        return orders.setting().stream().map(SetStep::line).toList();
    }

    @Test
    void farthestFirstAndPairsTogether() {
        Orders orders = orders(
                pole("s1", 6.4, 84),
                pole("p2", -4.6, 38),
                DemoSpread.line("c1", DemoSpread.centre(), 176, LureKind.FEATHER),
                pole("p1", -6.4, 83),
                pole("s2", 4.6, 38));
        assertThat(setting(orders).subList(0, 3))
                .startsWith(DemoSpread.id("c1"))
                .containsExactlyInAnyOrder(DemoSpread.id("c1"), DemoSpread.id("s1"), DemoSpread.id("p1"));
        assertThat(orders.setting().get(2).reason()).isEqualTo(SetStep.Reason.LEVEL);
        assertThat(orders.setting().get(4).reason()).isEqualTo(SetStep.Reason.LEVEL);
    }

    /** The gunwale rod is out farther, but the pole's line would be swung across it. */
    @Test
    void wideBeforeWhatItWouldCross() {
        Orders orders = orders(flat("gunwale", 3.3, 80), pole("pole", 6.4, 50));
        assertThat(setting(orders)).containsExactly(DemoSpread.id("pole"), DemoSpread.id("gunwale"));
        assertThat(orders.setting().get(0).reason()).isEqualTo(SetStep.Reason.WIDE_FIRST);
        assertThat(orders.setting().get(0).because()).contains(DemoSpread.id("gunwale"));
        assertThat(setting(orders(flat("gunwale", 7.3, 80), pole("pole", 6.4, 50))))
                .startsWith(DemoSpread.id("gunwale"));
    }

    /** One alone steers towards the line already out, so that it swings clear of the next. */
    @Test
    void steersTowardsTheLineAlreadyOut() {
        Orders starboard = orders(flat("s", 2.2, 60), flat("p", -1.0, 30));
        assertThat(starboard.setting().get(1).steer()).contains(Side.STARBOARD);
        Orders port = orders(flat("p", -2.2, 60), flat("s", 1.0, 30));
        assertThat(port.setting().get(1).steer()).contains(Side.PORT);
        assertThat(port.setting().get(0).clearsM()).isEmpty();
    }

    @Test
    void nearerLinesComeInAndTheTwinLast() {
        Orders orders = orders(
                DemoSpread.line("c1", DemoSpread.centre(), 176, LureKind.FEATHER),
                pole("s1", 6.4, 60),
                pole("p1", -6.4, 60),
                flat("s2", 1.5, 25));
        List<ClearStep> steps = orders.clearing().get(DemoSpread.id("s1"));
        assertThat(steps.get(0).line()).isEqualTo(DemoSpread.id("s2"));
        assertThat(steps.get(0).reason()).isEqualTo(ClearStep.Reason.NEARER);
        assertThat(steps.stream().filter(ClearStep::clear).reduce((a, b) -> b).orElseThrow())
                .isEqualTo(new ClearStep(DemoSpread.id("p1"), true, ClearStep.Reason.TWIN));
        assertThat(steps.get(steps.size() - 1).line()).isEqualTo(DemoSpread.id("c1"));
    }

    @Test
    void aFarCentreStrikeClearsAll() {
        Orders orders = orders(
                DemoSpread.line("c1", DemoSpread.centre(), 176, LureKind.FEATHER),
                pole("s1", 6.4, 84),
                flat("p2", -1.5, 25));
        List<ClearStep> steps = orders.clearing().get(DemoSpread.id("c1"));
        assertThat(steps)
                .allMatch(ClearStep::clear)
                .extracting(ClearStep::line)
                .containsExactly(DemoSpread.id("p2"), DemoSpread.id("s1"));
    }

    /** A longer line inboard of the fish swings over it in the turn towards it; one on the other side does not. */
    @Test
    void whatComesAcrossInTheTurnIsCleared() {
        Orders orders = orders(flat("s1", 2.2, 30), flat("s2", 1.0, 120), pole("p1", -6.4, 120));
        List<ClearStep> steps = orders.clearing().get(DemoSpread.id("s1"));
        assertThat(steps)
                .contains(new ClearStep(DemoSpread.id("s2"), true, ClearStep.Reason.COMES_ACROSS))
                .contains(new ClearStep(DemoSpread.id("p1"), false, ClearStep.Reason.STAYS));
    }

    /** By his way every line comes in, what is clear of the fish the last; a bar floats and goes on catching. */
    @Test
    void theSkippersWayBringsInTheRestButNotABar() {
        SpreadLine bar = DemoSpread.line("bar", DemoSpread.flat("flat bar", 0.8, 1.5), 130, LureKind.SPREADER_BAR);
        List<ClearStep> steps = orders(true, flat("s1", 2.2, 30), flat("s2", 1.0, 120), pole("p1", -6.4, 120), bar)
                .clearing()
                .get(DemoSpread.id("s1"));
        assertThat(steps.get(0).reason()).isEqualTo(ClearStep.Reason.COMES_ACROSS);
        assertThat(steps)
                .contains(new ClearStep(DemoSpread.id("p1"), true, ClearStep.Reason.ALL_IN))
                .noneMatch(step -> step.reason() == ClearStep.Reason.STAYS);
        assertThat(orders(true, pole("p1", -6.4, 60), bar).clearing().get(DemoSpread.id("p1")))
                .containsExactly(new ClearStep(DemoSpread.id("bar"), false, ClearStep.Reason.FLOATS));
    }
}
