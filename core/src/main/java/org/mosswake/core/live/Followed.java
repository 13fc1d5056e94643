package org.mosswake.core.live;

import java.time.Duration;
import org.mosswake.core.units.Plane;

/**
 * Another boat as she is believed to go: a straight way that wanders a little, by all she told of place and speed since
 * she last turned (Kalman filter of constant velocity, north and east alike).
 *
 * @param place of the place, variance (m²)
 * @param both  of place with speed (m²/s)
 * @param speed of the speed (m²/s²)
 */
record Followed(OtherBoat boat, double place, double both, double speed) {
    /** A place that is told is off by so much (m, ESTIMATE). */
    private static final double PLACE_M = 5;
    /** And a speed (m/s, ESTIMATE). */
    private static final double SPEED_MPS = 0.1;
    /** And a course (rad, ESTIMATE). */
    private static final double COURSE_RAD = Math.toRadians(1.2);
    /** How a way wanders under a steady hand (m²/s³, ESTIMATE): 0.02 m/s in a minute. */
    private static final double WANDERS = 1e-5;
    /** A way that differs by more has been changed (m/s). */
    private static final double TURNED_MPS = 0.8;
    /** Told of so far from where she was awaited, by deviations, she has turned too. */
    private static final double ELSEWHERE = 4;

    static Followed first(OtherBoat boat) {
        return new Followed(boat, PLACE_M * PLACE_M, 0, noise(boat));
    }

    private static double noise(OtherBoat boat) {
        return SPEED_MPS * SPEED_MPS + Math.pow(boat.mps() * COURSE_RAD, 2);
    }

    /** Drawn towards what is told now; whoever turned, or is judged by eye, is begun anew. */
    Followed hears(OtherBoat told) {
        double dt = Duration.between(boat.at(), told.at()).toMillis() / 1000.0;
        if (told.byEye() || boat.byEye()) {
            return first(told);
        }
        if (dt <= 0) {
            return this;
        }
        double[] was = velocity(boat);
        double[] is = velocity(told);
        var plane = new LocalPlane(boat.place());
        double[] there = plane.of(told.place());
        double north = there[0] - was[0] * dt;
        double east = there[1] - was[1] * dt;
        double placeNow = placeAfter(dt);
        double bothNow = both + dt * speed + WANDERS * dt * dt / 2;
        double speedNow = speed + WANDERS * dt;
        double awaited = placeNow + PLACE_M * PLACE_M;
        if (Plane.hypot(is[0] - was[0], is[1] - was[1]) > TURNED_MPS
                || Plane.hypot(north, east) > ELSEWHERE * Math.sqrt(awaited)) {
            return first(told);
        }
        double ofPlace = placeNow / awaited;
        double ofSpeed = bothNow / awaited;
        double[] at = {was[0] * dt + ofPlace * north, was[1] * dt + ofPlace * east};
        double[] goes = {was[0] + ofSpeed * north, was[1] + ofSpeed * east};
        double p = placeNow * (1 - ofPlace);
        double b = bothNow * (1 - ofPlace);
        double s = speedNow - ofSpeed * bothNow;
        double heard = s + noise(told);
        for (int i = 0; i < 2; i++) {
            double off = is[i] - goes[i];
            at[i] += b / heard * off;
            goes[i] += s / heard * off;
        }
        return new Followed(
                new OtherBoat(
                        told.id(),
                        told.name(),
                        told.at(),
                        plane.onEarth(at[0], at[1]),
                        Plane.hypot(goes[0], goes[1]),
                        (Math.toDegrees(Math.atan2(goes[1], goes[0])) + 360) % 360),
                p - b * b / heard,
                b * (1 - s / heard),
                s * (1 - s / heard));
    }

    /** How far off her place may be so many seconds after she was last told of (m, one deviation). */
    double unsureM(double seconds) {
        return Math.sqrt(placeAfter(seconds));
    }

    private double placeAfter(double dt) {
        return place + 2 * dt * both + dt * dt * speed + WANDERS * dt * dt * dt / 3;
    }

    private static double[] velocity(OtherBoat boat) {
        double course = Math.toRadians(boat.courseDeg());
        return new double[] {boat.mps() * Math.cos(course), boat.mps() * Math.sin(course)};
    }
}
