package org.mosswake.core.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.mosswake.core.live.BackOver.Mark;
import org.mosswake.core.turn.Side;
import org.mosswake.core.units.Plane;

class BackOverTest {
    private static Motion motion(double headingDeg, double streamNorth, double streamEast) {
        return new Motion(0, 0, 3.9, Math.toRadians(headingDeg), 0, streamNorth, streamEast, 0.1, 0.1);
    }

    /**
     * Sailed out by small steps over ground: where is the water-borne point that lies so far behind the boat on her way
     * through the water when the time is up?
     */
    private static double missed(BackOver back, Motion motion, Mark mark, double lengthM, double starboardM) {
        double step = 0.01;
        double heading = motion.headingRad();
        double north = 0;
        double east = 0;
        int sign = back.side() == Side.STARBOARD ? 1 : -1;
        double turned = 0;
        double sailed = 0;
        double whole = back.inS() * motion.throughMps() - lengthM;
        while (sailed < whole) {
            if (sailed >= back.leadM() && turned < back.turnRad()) {
                double more = Math.min(step / back.radiusM(), back.turnRad() - turned);
                heading += sign * more;
                turned += more;
            }
            north += step * Math.cos(heading);
            east += step * Math.sin(heading);
            sailed += step;
        }
        // That is where the lure is, in the water, when the boat is a length ahead; the stream has carried both.
        north += motion.streamNorthMps() * back.inS() - starboardM * Math.sin(heading);
        east += motion.streamEastMps() * back.inS() + starboardM * Math.cos(heading);
        return Plane.hypot(north - mark.northM(), east - mark.eastM());
    }

    @Test
    void theLurePassesOverTheMarkFromAnywhereInAnyStream() {
        var random = new Random(4);
        int found = 0;
        for (int i = 0; i < 300; i++) {
            Motion motion =
                    motion(360 * random.nextDouble(), 1.6 * random.nextDouble() - 0.8, 1.6 * random.nextDouble() - 0.8);
            var mark = new Mark(800 * random.nextDouble() - 400, 800 * random.nextDouble() - 400);
            double length = 20 + 150 * random.nextDouble();
            double side = 14 * random.nextDouble() - 7;
            var back = BackOver.of(motion, mark, length, side, 60, 90);
            if (back.isPresent()) {
                found++;
                // Who need not touch the helm any more passes as near as that.
                assertThat(missed(back.get(), motion, mark, length, side))
                        .isLessThan(back.get().turnRad() == 0 ? 8.1 : 0.6);
            }
        }
        assertThat(found).isEqualTo(300);
    }

    /**
     * Steered second by second as it says, she is told one way until the lure is over the mark: also while the hull is
     * nearer than the line is long, and when it has passed.
     */
    @Test
    void whoSteersAsItSaysIsLedAllTheWay() {
        var random = new Random(11);
        for (int i = 0; i < 100; i++) {
            double heading = 2 * Math.PI * random.nextDouble();
            double streamNorth = 1.2 * random.nextDouble() - 0.6;
            double streamEast = 1.2 * random.nextDouble() - 0.6;
            double length = 40 + 130 * random.nextDouble();
            double side = 10 * random.nextDouble() - 5;
            double north = 0;
            double east = 0;
            var mark = new Mark(900 * random.nextDouble() - 450, 900 * random.nextDouble() - 450);
            boolean over = false;
            double told = Double.POSITIVE_INFINITY;
            for (int second = 0; second < 1500; second++) {
                var motion = new Motion(0, 0, 3.9, heading, 0, streamNorth, streamEast, 0.1, 0.1);
                var left = new Mark(mark.northM() - north, mark.eastM() - east);
                BackOver back = BackOver.of(motion, left, length, side, 90, 90).orElseThrow();
                if (back.inS() < 1) {
                    over = true;
                    break;
                }
                // Once she is on her last straight it only gets less.
                if (told < 1.2 * length / 3.9) {
                    assertThat(back.inS()).isLessThan(told);
                }
                told = back.inS();
                double most = 3.9 / 90;
                double turn = back.leadM() > 0 ? 0 : Math.min(most, back.turnRad());
                // What is steered is never quite what was said.
                double drifts = Math.toRadians(0.6 * random.nextDouble() - 0.3);
                heading += (back.side() == Side.STARBOARD ? 1 : -1) * turn + drifts;
                north += 3.9 * Math.cos(heading) + streamNorth;
                east += 3.9 * Math.sin(heading) + streamEast;
            }
            assertThat(over).isTrue();
        }
    }

    /** As it is drawn it begins at the boat and ends abreast of the mark as it lies, less what the stream does after. */
    @Test
    void theWayThatIsDrawnLeadsThere() {
        Motion motion = motion(250, 0.4, -0.3);
        var mark = new Mark(-240, 310);
        BackOver back = BackOver.of(motion, mark, 90, 0, 60, 60).orElseThrow();
        var way = back.overGround(motion, 5);
        assertThat(way.get(0)).isEqualTo(new Mark(0, 0));
        Mark end = way.get(way.size() - 1);
        double lag = 90 / 3.9;
        assertThat(Plane.hypot(end.northM() + 0.4 * lag - mark.northM(), end.eastM() - 0.3 * lag - mark.eastM()))
                .isLessThan(0.6);
        for (int i = 1; i < way.size() - 1; i++) {
            double step = Plane.hypot(
                    way.get(i).northM() - way.get(i - 1).northM(),
                    way.get(i).eastM() - way.get(i - 1).eastM());
            assertThat(step).isBetween(3.3 * 5, 4.5 * 5);
        }
    }

    @Test
    void straightAheadNothingIsTurned() {
        BackOver back = BackOver.of(motion(30, 0, 0), new Mark(173.205, 100), 100, 0, 60, 60)
                .orElseThrow();
        assertThat(Math.min(back.turnRad(), 2 * Math.PI - back.turnRad())).isLessThan(0.01);
        assertThat(back.inS()).isCloseTo(300 / 3.9, within(0.5));
    }

    @Test
    void whoHardlyMovesOrIsOutrunIsToldNothing() {
        assertThat(BackOver.of(motion(0, 4.5, 0), new Mark(0, 200), 50, 0, 60, 60))
                .isEmpty();
        var drifting = new Motion(0, 0, 0.2, 0, 0, 0, 0, 0.1, 0.1);
        assertThat(BackOver.of(drifting, new Mark(0, 200), 50, 0, 60, 60)).isEmpty();
    }
}
