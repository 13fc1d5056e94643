package org.mosswake.core.live;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.mosswake.core.live.LiveMoment.LivePlace;
import org.mosswake.core.live.LiveMoment.Node;
import org.mosswake.core.units.Plane;

/** A thousand boats that go by, some across the lines: seen every six seconds, and not exactly. */
class PassingsTest {
    private static final int BOATS = 500;
    private static final int LONGEST_S = 420;
    /** Half a hull and what hangs behind the lure: who comes nearer than that touches, and may be called. */
    private static final double NEAR_M = 5;

    /** What became of one passing. */
    private record Outcome(
            boolean crosses, boolean nearly, Set<UUID> crossed, int calls, double aheadS, Set<UUID> named) {}

    private final Sailing own = new Sailing(3.86, 0, 0, 0, 1);
    private final LiveSpread live = LiveSpreadTest.mixed();

    private LiveMoment steady() {
        for (int i = 0; i < 300; i++) {
            own.second(0);
            live.hear(own.receiver());
        }
        return live.moment().orElseThrow();
    }

    @Test
    void whoCrossesALineIsCalledOnceInTimeAndWhoDoesNotIsLetGo() {
        LiveMoment steady = steady();
        int crossing = 0;
        int others = 0;
        int called = 0;
        int wrongly = 0;
        int near = 0;
        for (int seed = 0; seed < BOATS; seed++) {
            Outcome outcome = pass(steady, new Random(seed));
            if (outcome.crosses() && outcome.aheadS() != 0) {
                crossing++;
                boolean right = outcome.calls() == 1
                        && outcome.aheadS() >= 60
                        && outcome.named().containsAll(outcome.crossed());
                called += right ? 1 : 0;
            } else if (!outcome.crosses()) {
                others++;
                near += outcome.calls() > 0 && outcome.nearly() ? 1 : 0;
                wrongly += outcome.calls() > 0 && !outcome.nearly() ? 1 : 0;
            }
        }
        assertThat(crossing).isGreaterThan(100);
        assertThat(others).isGreaterThan(300);
        assertThat(called).isEqualTo(crossing);
        assertThat(wrongly).isLessThanOrEqualTo(others / 50);
        assertThat(near).isLessThan(others / 30);
    }

    /** One that sends nothing, seen three times by eye: off by three degrees and a twentieth of the distance each time. */
    @Test
    void aSilentBoatThatWasSeenIsCalledToo() {
        LiveMoment steady = steady();
        int crossing = 0;
        int called = 0;
        int far = 0;
        int wrongly = 0;
        for (int seed = 0; seed < BOATS; seed++) {
            var random = new Random(seed);
            double range = 400 + 300 * random.nextDouble();
            double bearing = 2 * Math.PI * random.nextDouble();
            double north = range * Math.cos(bearing) - 80;
            double east = range * Math.sin(bearing);
            double takes = 140 + 60 * random.nextDouble();
            double vn = (500 * (random.nextDouble() - 0.5) - 80 + 3.86 * takes - north) / takes;
            double ve = (500 * (random.nextDouble() - 0.5) - east) / takes;
            double crosses = first(steady, north, east, vn, ve, 0);
            if (crosses >= 130 && crosses <= LONGEST_S) {
                crossing++;
                called += aheadOf(steady, north, east, vn, ve, crosses, random) >= 45 ? 1 : 0;
            } else if (first(steady, north, east, vn, ve, 120) > LONGEST_S) {
                far++;
                wrongly += aheadOf(steady, north, east, vn, ve, 200, random) >= 0 ? 1 : 0;
            }
        }
        // The eye is no radar: three in four are named in time, and one in six that stays well off is called.
        assertThat(crossing).isGreaterThan(75);
        assertThat(called).isGreaterThan(crossing * 7 / 10);
        assertThat(wrongly).isLessThan(far / 5);
    }

    /** How long before she crosses she is called (s); negative where she never is. */
    private static double aheadOf(
            LiveMoment steady, double north, double east, double vn, double ve, double crosses, Random random) {
        var passings = new Passings();
        var sightings = new ArrayList<SeenBoat.Sighting>();
        double ahead = -1;
        for (int t = 0; t < crosses - 10; t++) {
            Instant now = Sailing.BEGIN.plusSeconds(t);
            if (t % 35 == 0 && t < 100) {
                sightings.add(
                        new SeenBoat.Sighting(now, byEye(3.86 * t, north + vn * t - 3.86 * t, east + ve * t, random)));
            }
            SeenBoat.of(sightings).ifPresent(passings::see);
            var warnings = passings.look(steady.lines(), motion(), plane(), new Node(3.86 * t, 0, 0), now);
            ahead = ahead < 0 && !warnings.isEmpty() ? crosses - t : ahead;
        }
        return ahead;
    }

    /** @param north of the boat that looks, as {@code east} */
    private static Sample.Place byEye(double ownNorth, double north, double east, Random random) {
        double range = Plane.hypot(north, east) * (1 + 0.05 * random.nextGaussian());
        double bearing = Math.atan2(east, north) + Math.toRadians(3) * random.nextGaussian();
        return new LocalPlane(new Sample.Place(27.6, -47.3))
                .onEarth(ownNorth + range * Math.cos(bearing), range * Math.sin(bearing));
    }

    private Outcome pass(LiveMoment steady, Random random) {
        // From any side, towards somewhere about the boat and her lines a few minutes later.
        double bearing = 2 * Math.PI * random.nextDouble();
        double range = 800 + 900 * random.nextDouble();
        double north = range * Math.cos(bearing) - 80;
        double east = range * Math.sin(bearing);
        double towards = 500 * (random.nextDouble() - 0.5);
        double aside = 500 * (random.nextDouble() - 0.5);
        double takes = 150 + 130 * random.nextDouble();
        double vn = (towards - 80 + 3.86 * takes - north) / takes;
        double ve = (aside - east) / takes;
        double crosses = first(steady, north, east, vn, ve, 0);
        var crossed = new HashSet<UUID>();
        for (LivePlace line : steady.lines()) {
            if (first(List.of(line), north, east, vn, ve, 0) < LONGEST_S) {
                crossed.add(line.id());
            }
        }
        boolean nearly = first(steady, north, east, vn, ve, NEAR_M) < LONGEST_S;
        var passings = new Passings();
        var named = new HashSet<UUID>();
        int calls = 0;
        double aheadS = -1;
        boolean on = false;
        for (int t = 0; t < Math.min(LONGEST_S, crosses - 10); t++) {
            Instant now = Sailing.BEGIN.plusSeconds(t);
            if (t % 6 == 0) {
                passings.see(seen(now, north + vn * t, east + ve * t, vn, ve, random));
            }
            List<LiveWarning> warnings =
                    passings.look(steady.lines(), motion(), plane(), new Node(3.86 * t, 0, 0), now);
            if (!warnings.isEmpty() && !on) {
                calls++;
                aheadS = crosses - t;
            }
            if (crosses - t >= 60) {
                warnings.forEach(one -> named.addAll(one.lines()));
            }
            on = !warnings.isEmpty();
        }
        return new Outcome(crosses < LONGEST_S, nearly, crossed, calls, aheadS, named);
    }

    private static Motion motion() {
        return new Motion(0, 0, 3.86, 0, 0, 0, 0, 0.1, 0.1);
    }

    private static WayFilter plane() {
        var filter = new WayFilter();
        filter.hear(Sample.fix(Sailing.BEGIN.minusSeconds(1), 27.6, -47.3));
        return filter;
    }

    private static OtherBoat seen(Instant at, double north, double east, double vn, double ve, Random random) {
        double latitude = 27.6 + Math.toDegrees((north + 5 * random.nextGaussian()) / 6_371_008.8);
        double longitude = -47.3
                + Math.toDegrees((east + 5 * random.nextGaussian()) / 6_371_008.8 / Math.cos(Math.toRadians(27.6)));
        double course = Math.toDegrees(Math.atan2(ve, vn)) + random.nextGaussian();
        double mps = Plane.hypot(vn, ve) + 0.1 * random.nextGaussian();
        return new OtherBoat("AIS 1", "A boat", at, new Sample.Place(latitude, longitude), mps, (course + 360) % 360);
    }

    private static double first(LiveMoment steady, double north, double east, double vn, double ve, double beyond) {
        return first(steady.lines(), north, east, vn, ve, beyond);
    }

    /** By small steps of time, without the formula: when she is on a line, or within so much of it; never is infinite. */
    private static double first(List<LivePlace> lines, double north, double east, double vn, double ve, double beyond) {
        for (double t = 0; t < LONGEST_S; t += 0.25) {
            double n = north + (vn - 3.86) * t;
            double e = east + ve * t;
            for (LivePlace line : lines) {
                for (int i = 0; i + 1 < line.nodes().size(); i++) {
                    Node far = line.nodes().get(i);
                    Node near = line.nodes().get(i + 1);
                    double step = Plane.hypot(vn - 3.86, ve) * 0.25;
                    if (distance(n, e, far, near) < Math.max(beyond, step / 2)) {
                        return t;
                    }
                }
            }
        }
        return Double.POSITIVE_INFINITY;
    }

    private static double distance(double n, double e, Node a, Node b) {
        double dn = b.northM() - a.northM();
        double de = b.eastM() - a.eastM();
        double square = dn * dn + de * de;
        double u = square == 0 ? 0 : Math.max(0, Math.min(1, ((n - a.northM()) * dn + (e - a.eastM()) * de) / square));
        return Plane.hypot(n - a.northM() - u * dn, e - a.eastM() - u * de);
    }
}
