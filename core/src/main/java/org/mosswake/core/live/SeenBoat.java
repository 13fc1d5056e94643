package org.mosswake.core.live;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.hipparchus.stat.regression.SimpleRegression;
import org.mosswake.core.units.Plane;

/** The way of a boat that sends nothing, from where she was seen: twice by bearing and distance is a course and a speed. */
public final class SeenBoat {
    /** Sooner after one another, what the eye is off by is more than she went. */
    static final Duration LEAST = Duration.ofSeconds(15);
    /** Later she has gone another way meanwhile, or it is another boat. */
    static final Duration MOST = Duration.ofMinutes(6);
    /** Nothing that is not a boat of its own at speed comes nearer so fast: two boats were taken for one (m/s). */
    private static final double MOST_MPS = 20;

    private SeenBoat() {}

    /** A boat as she was seen. */
    public record Sighting(Instant at, Sample.Place place) {}

    /**
     * By the last sighting and those before it that can be of the same boat: the straight way that lies nearest to all of
     * them (least squares); empty where none before can.
     */
    public static Optional<OtherBoat> of(List<Sighting> seen) {
        Optional<Sighting> latest = seen.stream().max(Comparator.comparing(Sighting::at));
        if (latest.isEmpty()) {
            return Optional.empty();
        }
        Sighting last = latest.get();
        var plane = new LocalPlane(last.place());
        var north = new SimpleRegression();
        var east = new SimpleRegression();
        seen.stream().filter(one -> one == last || isOfHer(one, last, plane)).forEach(one -> {
            double[] there = plane.of(one.place());
            north.addData(-before(one, last), there[0]);
            east.addData(-before(one, last), there[1]);
        });
        if (north.getN() < 2) {
            return Optional.empty();
        }
        double vn = north.getSlope();
        double ve = east.getSlope();
        return Optional.of(new OtherBoat(
                "seen",
                "The boat you saw",
                last.at(),
                plane.onEarth(north.getIntercept(), east.getIntercept()),
                Plane.hypot(vn, ve),
                (Math.toDegrees(Math.atan2(ve, vn)) + 360) % 360,
                true));
    }

    private static boolean isOfHer(Sighting before, Sighting last, LocalPlane plane) {
        double seconds = before(before, last);
        double[] there = plane.of(before.place());
        return seconds >= LEAST.toSeconds()
                && seconds <= MOST.toSeconds()
                && Plane.hypot(there[0], there[1]) <= MOST_MPS * seconds;
    }

    private static double before(Sighting before, Sighting last) {
        return Duration.between(before.at(), last.at()).toMillis() / 1000.0;
    }
}
