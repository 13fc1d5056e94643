package org.mosswake.core.log;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.mosswake.core.clock.DemoTides;
import org.mosswake.core.log.LogEntry.Place;
import org.mosswake.core.log.Places.Drift;
import org.mosswake.core.log.Places.Spot;
import org.mosswake.core.units.Plane;

class PlacesTest {
    private static final Instant BEGIN = Instant.parse("2026-06-18T08:00:00Z");
    private static final double DEGREE_M = 111_195;

    private static Spot spot(double north, double east, int minute, double minutes) {
        return new Spot(
                new Place(27.6 + north / DEGREE_M, -47.3 + east / (DEGREE_M * Math.cos(Math.toRadians(27.6)))),
                Optional.of(BEGIN.plus(Duration.ofMinutes(minute))),
                minutes);
    }

    /** Four hours over two miles and a half of sea, evenly. */
    private static List<Spot> fished(Random random) {
        var all = new ArrayList<Spot>();
        for (int i = 0; i < 24; i++) {
            all.add(spot(random.nextDouble(-2000, 2000), random.nextDouble(-2000, 2000), 10 * i, 60));
        }
        return all;
    }

    @Test
    void whatLiesTogetherIsFoundWithItsSide() {
        var random = new Random(3);
        var strikes = new ArrayList<Spot>();
        for (int i = 0; i < 5; i++) {
            strikes.add(spot(-1500 + 60 * random.nextGaussian(), -1450 + 60 * random.nextGaussian(), 40 * i, 0));
        }
        strikes.add(spot(1500, 900, 100, 0));
        Places found = Places.of(strikes, fished(random), Drift.NONE, BEGIN).orElseThrow();
        assertThat(found.strikes()).isEqualTo(5);
        assertThat(found.of()).isEqualTo(6);
        assertThat(found.side()).contains("south-west");
        assertThat(found.says(", on the flood").text())
                .contains(
                        "{0} of {1} strikes lie within {2}, on the south-west side of where you fished, on the flood");
        assertThat(Places.of(strikes.subList(0, 3), fished(random), Drift.NONE, BEGIN))
                .isEmpty();
    }

    /** Where strikes fall as the time fished does, hardly anything is said. */
    @Test
    void evenStrikesLieNowhere() {
        int said = 0;
        for (int seed = 0; seed < 500; seed++) {
            var random = new Random(seed);
            List<Spot> fished = fished(random);
            var strikes = new ArrayList<Spot>();
            for (int i = 0; i < 12; i++) {
                Spot where = fished.get(random.nextInt(fished.size()));
                strikes.add(new Spot(where.place(), where.at(), 0));
            }
            said += Places.of(strikes, fished, Drift.NONE, BEGIN).isPresent() ? 1 : 0;
        }
        assertThat(said).isLessThan(25);
    }

    /** A patch that goes with the stream is one in the water, though not over the bottom. */
    @Test
    void driftIsTakenOut() {
        Drift tide = Places.by(DemoTides.TARROW_BANKS);
        var random = new Random(5);
        var strikes = new ArrayList<Spot>();
        for (int i = 0; i < 6; i++) {
            Instant at = BEGIN.plus(Duration.ofMinutes(40L * i));
            double[] carried = tide.between(BEGIN, at);
            strikes.add(spot(
                    1200 + carried[0] + 40 * random.nextGaussian(),
                    -1000 + carried[1] + 40 * random.nextGaussian(),
                    40 * i,
                    0));
        }
        Instant now = BEGIN.plus(Duration.ofHours(4));
        double moved = Plane.hypot(tide.between(BEGIN, now)[0], tide.between(BEGIN, now)[1]);
        assertThat(moved).isGreaterThan(600);
        assertThat(Places.of(strikes, fished(random), Drift.NONE, now)).isEmpty();
        assertThat(Places.of(strikes, fished(random), tide, now)).hasValueSatisfying(found -> {
            assertThat(found.strikes()).isEqualTo(6);
            assertThat(found.radiusM()).isLessThan(200);
        });
    }
}
