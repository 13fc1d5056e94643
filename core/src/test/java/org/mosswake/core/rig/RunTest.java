package org.mosswake.core.rig;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mosswake.core.rig.Benches.kg;

import org.junit.jupiter.api.Test;

class RunTest {
    private static final double DIAMETER_M = 0.00085;
    private final Reel reel = Benches.reel(22);

    private Run run(double metres) {
        return Run.of(reel, DIAMETER_M, 0.012, 130, metres, kg(14), 5);
    }

    /** R² = Rc² + (R₀² − Rc²)·fill, by hand for 550 m with 130 and 330 m off. */
    @Test
    void risesAsTheRadiusFalls() {
        double before = Math.sqrt(0.03 * 0.03 + (0.065 * 0.065 - 0.03 * 0.03) * (1 - 130 / 550.0));
        double after = Math.sqrt(0.03 * 0.03 + (0.065 * 0.065 - 0.03 * 0.03) * (1 - 330 / 550.0));
        assertThat(run(200).reelN()).isCloseTo(kg(14).newtons() * before / after, within(1e-6));
    }

    /** π·Ct·½ρd·v² a metre. */
    @Test
    void addsTheLineInTheWater() {
        double metre = Math.PI * 0.012 * 0.5 * 1025 * DIAMETER_M * 25;
        assertThat(run(200).waterN()).isCloseTo(330 * metre, within(1e-6));
    }

    @Test
    void easingBringsTheFirstDragBackToTheFish() {
        Run run = run(200);
        double rise = run.reelN() / kg(14).newtons();
        assertThat(run.easeToN() * rise + run.waterN()).isCloseTo(kg(14).newtons(), within(1e-6));
    }

    @Test
    void fartherIsTighter() {
        assertThat(run(300).totalN()).isGreaterThan(run(100).totalN());
        assertThat(run(300).leftM()).isCloseTo(120, within(1e-6));
    }

    @Test
    void backingTakesRoom() {
        var backed = new Reel(
                reel.id(),
                reel.name(),
                reel.spool(),
                java.util.Optional.of(new Reel.Backing("mono", kg(22), 0.0007, 100)),
                reel.rodClass(),
                reel.metal(),
                reel.handM());
        double volume = 550 * DIAMETER_M * DIAMETER_M - 100 * 0.0007 * 0.0007;
        assertThat(backed.capacityM(DIAMETER_M)).isCloseTo(volume / (DIAMETER_M * DIAMETER_M), within(1e-6));
        assertThat(backed.leftM(DIAMETER_M, 130)).isLessThan(reel.leftM(DIAMETER_M, 130));
    }
}
