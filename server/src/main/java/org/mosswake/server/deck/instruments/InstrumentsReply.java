package org.mosswake.server.deck.instruments;

import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.deck.Gauge;
import org.mosswake.core.deck.Heard;
import org.mosswake.core.deck.HoldSpeed;
import org.mosswake.core.deck.Instruments;
import org.mosswake.core.deck.Reading;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.json.Checked;

/**
 * What the instruments of a boat tell.
 *
 * @param asked when this was answered, by the server's clock: ages go by it
 * @param now   absent until somebody has listened
 * @param hold    for the speed through the water that was asked for; absent where what it needs is not heard
 */
record InstrumentsReply(
        Instant asked,
        List<SourceReply> sources,
        @Nullable Now now,
        @Nullable HoldReply hold) {
    /** What the receiver shows at the speed that was asked for, on this heading, with the stream as it is (m/s). */
    record HoldReply(double groundMps, double streamMps, double streamTowardsDeg) {
        static HoldReply of(HoldSpeed hold) {
            return new HoldReply(hold.groundMps(), hold.streamMps(), hold.streamTowardsDeg());
        }
    }

    record SourceReply(UUID sourceId, SourceBody source) {}

    /** @param at when it was written by who listens */
    record Now(Instant at, List<GaugeReply> gauges, List<SourceState> states) implements Checked {
        /** Of another edition it may lack anything. */
        @Override
        public void check(Faults faults) {
            faults.required("at", at);
            faults.required("gauges", gauges);
            faults.required("states", states);
        }

        Optional<HoldReply> hold(double wantedMps, Instant now) {
            var shown = new EnumMap<Gauge, Instruments.Shown>(Gauge.class);
            gauges.forEach(one -> shown.put(
                    one.gauge(),
                    new Instruments.Shown(
                            new Reading(one.gauge(), one.value(), Optional.ofNullable(one.second())),
                            one.sourceId().toString(),
                            one.arrived())));
            return HoldSpeed.of(wantedMps, shown, now).map(HoldReply::of);
        }
    }

    /** @param second of gauges that tell two things; see {@link Gauge} for units */
    record GaugeReply(Gauge gauge, double value, @Nullable Double second, Instant arrived, UUID sourceId) {}

    /** @param trouble why nothing comes in; empty while the wire holds */
    record SourceState(UUID sourceId, int lines, String trouble, List<WrongReply> wrong) {}

    record WrongReply(Heard.Wrong wrong, String words, int count) {}
}
