package org.mosswake.core.turn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.mosswake.core.units.Plane;

/** Properties every turn must have. */
class TurnStepperTest {
    private static final double SPEED = 3.5;
    private static final double DT = 0.25;
    private final PlanChain chain = new PlanChain(
            List.of(new TurnPiece(3, 0.001, 1.2, 0.008), new TurnPiece(57, 0.0007, 1.2, 0.008)), 0.0004, 20);

    private TurnStepper laid() {
        var line = new TurnStepper(chain, SPEED);
        line.layStraight(0, 0, SPEED, 0);
        return line;
    }

    /** Goes straight, then round a quarter circle of 40 m to the given side, then straight on. */
    private TurnStepper turned(double side, double straightAfterS) {
        TurnStepper line = laid();
        double radius = 40;
        double turn = Math.PI / 2;
        double turnS = turn * radius / SPEED;
        for (double t = DT; t <= turnS + straightAfterS; t += DT) {
            double angle = Math.min(turn, t * SPEED / radius);
            double beyond = Math.max(0, t - turnS) * SPEED;
            double x = radius * Math.sin(angle) + beyond * Math.cos(angle);
            double y = side * (radius * (1 - Math.cos(angle)) + beyond * Math.sin(angle));
            assertThat(line.step(x, y, DT)).isTrue();
        }
        return line;
    }

    @Test
    void aStraightCourseLeavesTheLineAsItWasLaid() {
        TurnStepper line = laid();
        double[] before = line.tension.clone();
        for (int k = 1; k <= 40; k++) {
            assertThat(line.step(SPEED * k * DT, 0, DT)).isTrue();
        }
        for (int i = 0; i < chain.pieces; i++) {
            assertThat(line.y[i]).isCloseTo(0, within(1e-6));
            assertThat(line.tension[i]).isCloseTo(before[i], within(1e-3 * before[i]));
        }
    }

    @Test
    void everyPieceKeepsItsLength() {
        TurnStepper line = turned(1, 5);
        for (int i = 0; i < chain.pieces; i++) {
            double length = Plane.hypot(line.x[i + 1] - line.x[i], line.y[i + 1] - line.y[i]);
            assertThat(length).isCloseTo(chain.length[i], within(1e-4));
        }
    }

    @Test
    void portMirrorsStarboard() {
        TurnStepper one = turned(1, 8);
        TurnStepper other = turned(-1, 8);
        for (int i = 0; i <= chain.pieces; i++) {
            assertThat(other.x[i]).isCloseTo(one.x[i], within(1e-6));
            assertThat(other.y[i]).isCloseTo(-one.y[i], within(1e-6));
        }
    }

    /** The lure cuts the corner, and a long straight run brings it back behind the tip. */
    @Test
    void theLureCutsTheCornerAndComesBack() {
        TurnStepper justTurned = turned(1, 0);
        assertThat(justTurned.y[0]).isLessThan(justTurned.y[chain.pieces] - 5);
        TurnStepper straightened = turned(1, 120);
        assertThat(straightened.x[0]).isCloseTo(straightened.x[chain.pieces], within(0.5));
    }

    @Test
    void halvingTheStepMovesTheLureLittle() {
        TurnStepper coarse = laid();
        TurnStepper fine = laid();
        for (int k = 1; k <= 60; k++) {
            double angle = k * DT * SPEED / 40;
            double half = (k - 0.5) * DT * SPEED / 40;
            coarse.step(40 * Math.sin(angle), 40 * (1 - Math.cos(angle)), DT);
            fine.step(40 * Math.sin(half), 40 * (1 - Math.cos(half)), DT / 2);
            fine.step(40 * Math.sin(angle), 40 * (1 - Math.cos(angle)), DT / 2);
        }
        assertThat(coarse.x[0]).isCloseTo(fine.x[0], within(0.1));
        assertThat(coarse.y[0]).isCloseTo(fine.y[0], within(0.1));
    }
}
