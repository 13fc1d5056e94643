package org.mosswake.core.strikes;

import java.time.Instant;
import java.util.Optional;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.turn.Bend;

/**
 * How she and a line went at a moment, as the live spread had it; known at that moment only, so kept with the fact.
 * Directions are clockwise from true north.
 *
 * @param at         of what is told here, a second or so from the fact
 * @param bend       of the line
 * @param turnDegMin to starboard
 * @param streamDoubtMps standard deviation
 * @param lureMps    its own speed through the water
 * @param latitudeDeg of the lure, with {@code longitudeDeg}
 * @param bottomM    under the boat
 * @param waterC     at her hull
 */
public record Sailed(
        Instant at,
        Bend bend,
        Double turnDegMin,
        Double headingDeg,
        Double throughMps,
        Double groundMps,
        Double courseDeg,
        Double streamMps,
        Double streamTowardsDeg,
        Double streamDoubtMps,
        Double lureDepthM,
        Double lureMps,
        Double latitudeDeg,
        Double longitudeDeg,
        Optional<Double> bottomM,
        Optional<Double> waterC) {
    private static final Accepted TURN_DEG_MIN = new Accepted(-3600, 3600, "°/min");
    private static final Accepted BOTTOM_M = new Accepted(0, 11_000, "m");
    private static final Accepted WATER_C = new Accepted(-3, 45, "°C");

    void check(Faults faults, String path) {
        faults.required(path + "at", at);
        faults.required(path + "bend", bend);
        TURN_DEG_MIN.check(faults, path + "turnDegMin", turnDegMin);
        Happening.DIRECTION_DEG.check(faults, path + "headingDeg", headingDeg);
        Happening.SPEED_MPS.check(faults, path + "throughMps", throughMps);
        Happening.SPEED_MPS.check(faults, path + "groundMps", groundMps);
        Happening.DIRECTION_DEG.check(faults, path + "courseDeg", courseDeg);
        Happening.SPEED_MPS.check(faults, path + "streamMps", streamMps);
        Happening.DIRECTION_DEG.check(faults, path + "streamTowardsDeg", streamTowardsDeg);
        Happening.SPEED_MPS.check(faults, path + "streamDoubtMps", streamDoubtMps);
        Happening.DEPTH_M.check(faults, path + "lureDepthM", lureDepthM);
        Happening.SPEED_MPS.check(faults, path + "lureMps", lureMps);
        Happening.LATITUDE_DEG.check(faults, path + "latitudeDeg", latitudeDeg);
        Happening.LONGITUDE_DEG.check(faults, path + "longitudeDeg", longitudeDeg);
        BOTTOM_M.checkOptional(faults, path + "bottomM", bottomM.orElse(null));
        WATER_C.checkOptional(faults, path + "waterC", waterC.orElse(null));
    }
}
