package org.mosswake.server.clock;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.mosswake.core.clock.TideStation;

/**
 * The tide of a day at the nearest station.
 *
 * @param floodTowardsDeg which way the flood sets; the ebb sets the other way
 */
record TideReply(String station, double floodTowardsDeg, List<TidePoint> curve, List<TideTurn> turns) {
    private static final Duration STEP = Duration.ofMinutes(20);

    /** @param streamMps flood positive */
    record TidePoint(Instant at, double heightM, double streamMps) {}

    record TideTurn(TideStation.Event event, Instant at, double heightM) {}

    static TideReply of(TideStation station, Instant from, Instant to) {
        var curve = new ArrayList<TidePoint>();
        for (Instant at = from; !at.isAfter(to); at = at.plus(STEP)) {
            curve.add(new TidePoint(at, station.heightM(at), station.streamMps(at)));
        }
        return new TideReply(
                station.name(),
                station.floodTowardsDeg(),
                curve,
                station.turns(from, to).stream()
                        .map(turn -> new TideTurn(turn.event(), turn.at(), turn.heightM()))
                        .toList());
    }
}
