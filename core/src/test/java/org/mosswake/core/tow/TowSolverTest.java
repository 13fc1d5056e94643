package org.mosswake.core.tow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.mosswake.core.fault.Fault;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.units.SpeedThroughWater;

class TowSolverTest {
    private static final LinePiece MONO = new LinePiece(30, 0.0007, 1150, 1.2, 0.008);
    private static final Body SKIRT = new Body(0.11, 4.4e-5, 0.0004, 0, 0);
    private static final Body LEAD = new Body(0.9, 0.9 / 11340, 0.0006, 0, 0);

    private final TowSolver solver = new TowSolver();

    private static Tow tow(double speed, double height, Link... chain) {
        return new Tow(new SpeedThroughWater(speed), height, List.of(chain));
    }

    private TowShape shape(Tow tow) {
        return ((TowAnswer.Shaped) solver.solve(tow)).shape();
    }

    @Test
    void everyBodyHasItsPlaceDepthAndTension() {
        TowShape shape = shape(tow(6.2, 2, Link.of(SKIRT, MONO.withLength(8)), Link.of(LEAD, MONO.withLength(100))));
        assertThat(shape.bodies()).extracting(BodyPlace::link).containsExactly(0, 1);
        BodyPlace lure = shape.bodies().get(0);
        BodyPlace lead = shape.bodies().get(1);
        assertThat(lure.place().depthM()).isEqualTo(shape.depthM());
        assertThat(lead.place().asternM()).isLessThan(lure.place().asternM() - 7);
        assertThat(lead.tensionN()).isGreaterThan(lure.tensionN());
        assertThat(shape.tensionAtTipN()).isGreaterThan(lead.tensionN());
    }

    @Test
    void theEntryLiesOnTheSurfaceBetweenLureAndTip() {
        TowShape shape = shape(tow(4.1, 1.5, Link.of(SKIRT, MONO)));
        Point entry = shape.entry().orElseThrow();
        assertThat(entry.heightM()).isCloseTo(0, within(1e-9));
        assertThat(entry.asternM()).isBetween(0.0, shape.asternM());
    }

    @Test
    void aWhollySunkenLineHasNoEntry() {
        assertThat(shape(tow(1.4, -20, Link.of(SKIRT, MONO))).entry()).isEmpty();
    }

    @Test
    void aBuoyantBarFloatsAndIsNotSaidToSkip() {
        Body bar = new Body(0.57, 0.57 / 900, 0.006, 0, 0);
        TowShape shape = shape(tow(0.6, 1, Link.of(bar, MONO.withLength(60))));
        assertThat(shape.regime()).isEqualTo(Regime.SURFACE);
        assertThat(shape.surfacing()).isIn(Surfacing.FLOATS, Surfacing.TOUCHES);
        assertThat(shape.skippingShare()).isLessThan(0.1);
    }

    @Test
    void fasterSkipsMore() {
        Link chain = Link.of(new Body(0.028, 1.12e-5, 0.0004, 0, 0), MONO);
        double slow = shape(tow(5, 6, chain)).skippingShare();
        double fast = shape(tow(6.5, 6, chain)).skippingShare();
        assertThat(fast).isGreaterThan(slow).isLessThanOrEqualTo(1);
    }

    @Test
    void aFlyingLureSaysWhatWouldMendItAndEachMendWorks() {
        Tow flying = tow(7.5, 7, Link.of(new Body(0.03, 2e-5, 0.0002, 0, 0), MONO.withLength(7.1)));
        var answer = (TowAnswer.Airborne) solver.solve(flying);
        assertThat(answer.mends())
                .extracting(AirborneMend::change)
                .contains(AirborneMend.Change.SLOW_TO, AirborneMend.Change.LET_OUT, AirborneMend.Change.LOWER_TIP_TO);
        for (AirborneMend mend : answer.mends()) {
            assertThat(solver.solve(applied(flying, mend))).as(mend.toString()).isInstanceOf(TowAnswer.Shaped.class);
        }
    }

    private static Tow applied(Tow tow, AirborneMend mend) {
        return switch (mend.change()) {
            case SLOW_TO -> tow.withSpeed(mend.value());
            case LET_OUT -> tow.withLastLength(mend.value());
            case LOWER_TIP_TO -> tow.withTipHeight(mend.value());
            case LURE_MASS -> tow.withLure(tow.lure().withMass(mend.value()));
        };
    }

    @Test
    void aSpentBudgetIsAnAnswerWithTheReason() {
        var answer = new TowSolver(1e-9, 20).solve(tow(4.1, 1.5, Link.of(SKIRT, MONO)));
        assertThat(answer)
                .isInstanceOfSatisfying(
                        TowAnswer.NotConverged.class,
                        a -> assertThat(a.reason()).contains("20 steps"));
    }

    @Test
    void refusesALureWithoutForce() {
        var neutral = new Body(1.025, 0.001, 0, 0, 0);
        assertThatThrownBy(() -> tow(2, 1, Link.of(neutral, MONO)))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .extracting(Fault::code)
                                .containsExactly(FaultCode.LURE_WITHOUT_FORCE));
        assertThatThrownBy(() -> tow(2, 1, Link.bare(MONO))).isInstanceOf(FaultException.class);
    }

    @Test
    void refusesWhatLiesOutsideTheModelNamingAllOfIt() {
        assertThatThrownBy(() -> tow(11.1, 12.5, Link.of(SKIRT, MONO)))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .extracting(Fault::field)
                                .containsExactly("speedThroughWaterMps", "tipHeightM"));
        assertThatThrownBy(() -> new LinePiece(0.4, 0.02, 1150, 1.2, Double.NaN))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .extracting(Fault::field)
                                .containsExactly("lengthM", "diameterM", "tangentialDragCoefficient"));
    }

    @Test
    void theEdgesOfTheAcceptedRangesHaveAnswers() {
        for (double speed : new double[] {0.2, 11}) {
            for (double height : new double[] {-300, 0, 12}) {
                for (double diameter : new double[] {0.0001, 0.01}) {
                    for (double length : new double[] {0.5, 400}) {
                        var line = new LinePiece(length, diameter, 1150, 1.2, 0.008);
                        assertThat(solver.solve(tow(speed, height, Link.of(SKIRT, line))))
                                .isNotNull();
                    }
                }
            }
        }
    }
}
