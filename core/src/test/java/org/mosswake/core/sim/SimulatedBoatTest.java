package org.mosswake.core.sim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.mosswake.core.deck.Gauge;
import org.mosswake.core.deck.NmeaReader;
import org.mosswake.core.deck.Reading;
import org.mosswake.core.units.Plane;
import org.mosswake.core.units.SpeedUnit;

class SimulatedBoatTest {
    private static Map<Gauge, Reading> heard(SimulatedBoat boat) {
        var heard = new EnumMap<Gauge, Reading>(Gauge.class);
        for (String line : boat.nextSecond()) {
            var one = NmeaReader.read(line);
            assertThat(one.wrong()).as(line).isEmpty();
            one.readings().forEach(reading -> heard.put(reading.gauge(), reading));
        }
        return heard;
    }

    @Test
    void everythingSheWritesIsRead() {
        var boat = new SimulatedBoat(27.6, -47.3, 1);
        for (int second = 0; second < 3600; second++) {
            assertThat(heard(boat)).containsOnlyKeys(Gauge.values());
        }
    }

    /** Ground is water and stream together; her places are as far apart as her ground speed says. */
    @Test
    void herSpeedsAndPlacesAgree() {
        var boat = new SimulatedBoat(43.4, -38.9, 2);
        Map<Gauge, Reading> before = heard(boat);
        for (int second = 0; second < 600; second++) {
            Map<Gauge, Reading> now = heard(boat);
            double north = 111_320
                    * (now.get(Gauge.POSITION).value()
                            - before.get(Gauge.POSITION).value());
            double east = 111_320
                    * Math.cos(Math.toRadians(43.4))
                    * (now.get(Gauge.POSITION).second().orElseThrow()
                            - before.get(Gauge.POSITION).second().orElseThrow());
            assertThat(Plane.hypot(north, east)).isCloseTo(now.get(Gauge.GROUND).value(), within(0.4));
            assertThat(now.get(Gauge.GROUND).value()
                            - now.get(Gauge.WATER_SPEED).value())
                    .isBetween(SpeedUnit.KNOT.toSi(0.5), SpeedUnit.KNOT.toSi(1.1));
            before = now;
        }
    }

    @Test
    void theSameSeedIsTheSameVoyage() {
        var one = new SimulatedBoat(27.6, -47.3, 7);
        var same = new SimulatedBoat(27.6, -47.3, 7);
        for (int second = 0; second < 100; second++) {
            assertThat(one.nextSecond()).isEqualTo(same.nextSecond());
        }
    }

    /** The ketch keeps her way: each second she is where her speed and course took her. */
    @Test
    void theKetchIsFollowedAllTheWay() {
        var boat = new SimulatedBoat(27.6, -47.3, 3);
        double nearest = Double.POSITIVE_INFINITY;
        for (int second = 0; second < 900; second++) {
            var contacts = boat.nextSecond().stream()
                    .flatMap(line -> NmeaReader.read(line).contact().stream())
                    .toList();
            assertThat(contacts).hasSize(1);
            var ketch = contacts.get(0);
            assertThat(ketch.name()).contains("Ketch");
            assertThat(ketch.mps().orElseThrow()).isCloseTo(3.4, within(0.1));
            nearest = Math.min(nearest, ketch.from().orElseThrow().metres());
        }
        // Across the lines, and well clear of the boat.
        assertThat(nearest).isBetween(40.0, 100.0);
    }
}
