package org.mosswake.core.live;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.mosswake.core.turn.Pose;
import org.mosswake.core.units.Plane;

/** A boat that really sails, second by second, in a stream, and what noisy instruments tell of it. */
final class Sailing {
    static final Instant BEGIN = Instant.parse("2026-06-18T09:00:00Z");
    private static final int PARTS = 20;

    final double streamNorth;
    final double streamEast;
    double speed;
    double heading;
    double north;
    double east;
    /** Of the way through the water alone. */
    double waterNorth;

    double waterEast;
    private int second;
    private final Random random;

    Sailing(double speedMps, double headingDeg, double streamNorth, double streamEast, long seed) {
        speed = speedMps;
        heading = Math.toRadians(headingDeg);
        this.streamNorth = streamNorth;
        this.streamEast = streamEast;
        random = new Random(seed);
    }

    /** Sails on for a second, turning so much of it (rad, to starboard). */
    void second(double turnRad) {
        for (int part = 0; part < PARTS; part++) {
            heading += turnRad / PARTS;
            waterNorth += speed * Math.cos(heading) / PARTS;
            waterEast += speed * Math.sin(heading) / PARTS;
        }
        second++;
        north = waterNorth + second * streamNorth;
        east = waterEast + second * streamEast;
    }

    Pose inTheWater() {
        return new Pose(-waterNorth, waterEast, heading);
    }

    Instant at() {
        return BEGIN.plusSeconds(second);
    }

    private double noise(double deviation) {
        return deviation * random.nextGaussian();
    }

    /** A place, 1.5 m off each way. */
    Sample fix() {
        double latitude = 27.6 + Math.toDegrees((north + noise(1.5)) / 6_371_008.8);
        double longitude = -47.3 + Math.toDegrees((east + noise(1.5)) / 6_371_008.8 / Math.cos(Math.toRadians(27.6)));
        return Sample.fix(at(), latitude, longitude);
    }

    /** With speed and course over ground. */
    Sample receiver() {
        double vn = speed * Math.cos(heading) + streamNorth + noise(0.1);
        double ve = speed * Math.sin(heading) + streamEast + noise(0.1);
        return fix().withGround(Plane.hypot(vn, ve), (Math.toDegrees(Math.atan2(ve, vn)) + 360) % 360);
    }

    /** With log and compass too. */
    Sample all() {
        return receiver()
                .withWater(Math.max(0, speed + noise(0.1)), ((Math.toDegrees(heading) + noise(2)) % 360 + 360) % 360);
    }

    /** Where everything is, told exactly. */
    Sample exact() {
        double latitude = 27.6 + Math.toDegrees(north / 6_371_008.8);
        double longitude = -47.3 + Math.toDegrees(east / 6_371_008.8 / Math.cos(Math.toRadians(27.6)));
        return Sample.fix(at(), latitude, longitude);
    }

    /** Turns of a day, a second each (rad): straight, right round, straight, a weave. */
    static List<Double> turns(double rateRad) {
        var turns = new ArrayList<Double>();
        add(turns, 90, 0);
        add(turns, (int) Math.round(2 * Math.PI / rateRad), rateRad);
        add(turns, 60, 0);
        for (int i = 0; i < 4; i++) {
            add(turns, 25, (i % 2 == 0 ? 1 : -1) * rateRad);
            add(turns, 20, 0);
        }
        return turns;
    }

    private static void add(List<Double> turns, int seconds, double rate) {
        for (int i = 0; i < seconds; i++) {
            turns.add(rate);
        }
    }
}
