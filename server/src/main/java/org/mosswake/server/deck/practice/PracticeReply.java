package org.mosswake.server.deck.practice;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.sim.Practice;
import org.mosswake.core.sim.PracticeState;
import org.mosswake.core.sim.Steering;
import org.mosswake.core.strikes.Seen;

/**
 * A practice day at its moment.
 *
 * @param boatId who practises
 * @param ofBoatId the real boat that she is a copy of
 * @param at     by the clock of that day
 * @param rate   times the clock
 * @param over   it has come as far as it can go
 * @param bait   under her, where there is some
 */
record PracticeReply(
        UUID boatId,
        UUID ofBoatId,
        Instant at,
        int rate,
        boolean over,
        Steering steering,
        double steerDeg,
        double radiusM,
        double holdMps,
        List<SignalReply> signals,
        List<SightReply> sights,
        @Nullable BaitLayerReply bait) {
    /** What a line tells; {@code species} and {@code kg} of a fish that can be seen. */
    record SignalReply(
            Practice.Told told,
            UUID lineId,
            Instant since,
            @Nullable String species,
            @Nullable Double kg) {}

    /** @param bearingDeg off the bow, clockwise */
    record SightReply(Seen what, double bearingDeg, double distanceM) {}

    record BaitLayerReply(double topM, double bottomM) {}

    static PracticeReply of(PracticeMapper.Row row, Practice practice, PracticeState state, boolean over) {
        return new PracticeReply(
                row.vesselId(),
                row.ofVesselId(),
                state.at(),
                row.rate(),
                over,
                state.steering(),
                Math.round(state.steerDeg()),
                state.radiusM(),
                state.holdMps(),
                practice.signals(state).stream()
                        .map(one -> new SignalReply(
                                one.told(),
                                one.lineId(),
                                one.since(),
                                one.species().orElse(null),
                                one.kg().map(kg -> Math.round(kg * 10) / 10.0).orElse(null)))
                        .toList(),
                practice.sights(state).stream()
                        .map(one -> new SightReply(
                                one.what(), Math.round(one.bearingDeg()) % 360, Math.round(one.distanceM())))
                        .toList(),
                practice.bait(state)
                        .map(layer -> new BaitLayerReply(Math.round(layer[0]), Math.round(layer[1])))
                        .orElse(null));
    }
}
