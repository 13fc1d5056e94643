package org.mosswake.core.sim;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.mosswake.core.fault.Accepted;

/**
 * A practice day as far as it has gone; the sea itself is kept nowhere, it follows from its seed.
 *
 * @param northM   of where it is reckoned from, with {@code eastM}
 * @param steerDeg wanted, where a course is steered
 * @param radiusM  in which she turns
 * @param holdMps  wanted through the water, which {@code throughMps} comes to
 * @param outward  with the flood, while she goes up and down the ledge
 * @param weedy    lines that carry weed, and since when
 * @param bites    of late, in time
 */
public record PracticeState(
        long seed,
        Instant at,
        double northM,
        double eastM,
        double headingDeg,
        double throughMps,
        Steering steering,
        double steerDeg,
        double radiusM,
        double holdMps,
        boolean outward,
        Passer passer,
        Map<UUID, Instant> weedy,
        List<Bite> bites) {
    public static final Accepted STEER_DEG = new Accepted(0, 360, "°");
    private static final double USUAL_RADIUS_M = 120;

    /** Tighter no boat that drags lines turns. */
    public static final Accepted RADIUS_M = new Accepted(30, 2000, "m");

    public static final Accepted HOLD_MPS = new Accepted(0, 13, "m/s");

    public PracticeState {
        weedy = Map.copyOf(weedy);
        bites = List.copyOf(bites);
    }

    /** She begins a little shoalward of the crest, along the ledge. */
    static PracticeState begin(long seed, Instant at, double alongDeg, double holdMps) {
        return new PracticeState(
                seed,
                at,
                0,
                0,
                alongDeg,
                holdMps,
                Steering.ALONG_THE_LEDGE,
                alongDeg,
                USUAL_RADIUS_M,
                holdMps,
                true,
                Passer.towards(0, 0, alongDeg),
                Map.of(),
                List.of());
    }

    public PracticeState steered(Steering how, double towardsDeg, double turnsInM, double mps) {
        return new PracticeState(
                seed,
                at,
                northM,
                eastM,
                headingDeg,
                throughMps,
                how,
                towardsDeg,
                turnsInM,
                mps,
                outward,
                passer,
                weedy,
                bites);
    }

    PracticeState fished(Map<UUID, Instant> carryWeed, List<Bite> taken) {
        return new PracticeState(
                seed,
                at,
                northM,
                eastM,
                headingDeg,
                throughMps,
                steering,
                steerDeg,
                radiusM,
                holdMps,
                outward,
                passer,
                carryWeed,
                taken);
    }
}
