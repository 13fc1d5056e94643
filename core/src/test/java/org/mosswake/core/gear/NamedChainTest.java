package org.mosswake.core.gear;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.mosswake.core.gear.NamedChain.LureRole;
import org.mosswake.core.spread.Branch;
import org.mosswake.core.spread.BranchPlace;
import org.mosswake.core.spread.DemoSpread;
import org.mosswake.core.spread.SolvedLine;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.spread.SpreadSolver;
import org.mosswake.core.spread.TacklePiece;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.ForceUnit;
import org.mosswake.core.units.SpeedThroughWater;
import org.mosswake.core.units.SpeedUnit;

/** Every chain people pick by name, tied of generic gear and towed. */
class NamedChainTest {
    private static final double LET_OUT_M = 60;

    private static LineItem line(LineKind kind, double pounds) {
        Force strength = Force.of(pounds, ForceUnit.POUND_FORCE);
        return new LineItem(DemoSpread.id(kind + " " + pounds), kind.name(), kind, kind.metreRated(strength), strength);
    }

    private static Optional<LureItem> lure(LureRole role) {
        if (role.isNothing()) {
            return Optional.empty();
        }
        return Optional.of(
                role.lead()
                        ? new LureItem(DemoSpread.id("lead"), "lead", "TORPEDO_LEAD", LureKind.torpedoLead(0.8))
                        : DemoSpread.lure(role.kind().orElse(LureKind.HAIR_JIG)));
    }

    private static SpreadLine tied(NamedChain chain) {
        var tackle = new ArrayList<TacklePiece>();
        for (NamedChain.Part part : chain.parts()) {
            tackle.add(new TacklePiece(
                    lure(part.lure()),
                    line(part.line(), part.pounds()),
                    part.lengthM(),
                    part.branch()
                            .map(twig -> new Branch(
                                    lure(twig.lure()).orElseThrow(),
                                    line(twig.line(), twig.pounds()),
                                    twig.lengthM().orElseThrow()))));
        }
        return new SpreadLine(
                DemoSpread.id("line " + chain),
                DemoSpread.flat("holder " + chain, 1, 1.5),
                LET_OUT_M,
                Force.of(6, ForceUnit.KILOGRAM_FORCE),
                List.copyOf(tackle));
    }

    private static SolvedLine towed(NamedChain chain, double knots) {
        var spread = new Spread(SpeedThroughWater.of(knots, SpeedUnit.KNOT), 1, List.of(tied(chain)));
        return new SpreadSolver().solve(spread).lines().get(0);
    }

    @ParameterizedTest
    @EnumSource(NamedChain.class)
    void isTiedAndFindsItsShape(NamedChain chain) {
        double knots = chain == NamedChain.FAST_LADDER ? 13 : 3;
        SolvedLine line = towed(chain, knots);
        assertThat(line.shape()).isPresent();
        assertThat(line.shape().orElseThrow().depthM()).isBetween(0.0, LET_OUT_M);
    }

    @Test
    void wireLeadAndPlaneRunDeeperThanAPlainLeader() {
        double plain = towed(NamedChain.PLAIN, 3).shape().orElseThrow().depthM();
        for (NamedChain chain : List.of(NamedChain.WIRE, NamedChain.IN_LINE_LEAD, NamedChain.DIVING_PLANE)) {
            assertThat(towed(chain, 3).shape().orElseThrow().depthM())
                    .as("%s", chain)
                    .isGreaterThan(plain + 1);
        }
    }

    @Test
    void onlyTheThreeWayHasASecondLure() {
        for (NamedChain chain : NamedChain.values()) {
            double knots = chain == NamedChain.FAST_LADDER ? 13 : 3;
            assertThat(towed(chain, knots).branch().isPresent()).isEqualTo(chain == NamedChain.THREE_WAY);
        }
        BranchPlace second = towed(NamedChain.THREE_WAY, 2.5).branch().orElseThrow();
        double heavy = towed(NamedChain.THREE_WAY, 2.5).shape().orElseThrow().depthM();
        assertThat(second.depthM()).isLessThan(heavy);
    }

    @Test
    void theSteeringBarSwimsToItsSide() {
        double aside = towed(NamedChain.STEERING_BAR, 5).shape().orElseThrow().lateralM();
        assertThat(aside).isGreaterThan(2);
        assertThat(towed(NamedChain.PLAIN, 5).shape().orElseThrow().lateralM()).isZero();
    }
}
