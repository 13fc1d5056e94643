package org.mosswake.server.spread;

import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.bench.DepthWays;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.tow.Sought;
import org.mosswake.server.platform.json.Checked;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What to let out, to tie or to run for a wanted depth. */
@RestController
class DepthsController {
    private static final double MOST_LET_OUT_M = 400;

    /** @param depthM wanted for the lure of a line of the draft */
    record DepthBody(SpreadDraft draft, UUID lineId, Double depthM) implements Checked {
        private static final Accepted DEPTH_M = new Accepted(0.05, 300, "m");

        @Override
        public void check(Faults faults) {
            if (faults.required("draft", draft)) {
                draft.check(faults, "draft.");
            }
            faults.required("lineId", lineId);
            DEPTH_M.check(faults, "depthM", depthM);
        }
    }

    /**
     * @param value absent when no value does it; {@code stop} then says what ends the depths that can be had
     */
    record SoughtReply(
            @Nullable Double value,
            double shallowestM,
            double atShallowest,
            double deepestM,
            double atDeepest,
            Sought.@Nullable Stop stop) {
        static SoughtReply of(Sought sought) {
            return new SoughtReply(
                    sought.value().orElse(null),
                    sought.shallowestM(),
                    sought.atShallowest(),
                    sought.deepestM(),
                    sought.atDeepest(),
                    sought.stop().orElse(null));
        }
    }

    /** One way a knob: let-out or cable in m, lead in kg, speed in m/s. */
    record DepthReply(
            @Nullable SoughtReply letOut,
            @Nullable SoughtReply cable,
            @Nullable SoughtReply lead,
            SoughtReply speed) {
        static DepthReply of(DepthWays ways) {
            return new DepthReply(
                    reply(ways.letOut()), reply(ways.cable()), reply(ways.lead()), SoughtReply.of(ways.speed()));
        }

        private static @Nullable SoughtReply reply(Optional<Sought> sought) {
            return sought.map(SoughtReply::of).orElse(null);
        }
    }

    private final SpreadAssembler assembler;

    DepthsController(SpreadAssembler assembler) {
        this.assembler = assembler;
    }

    @PostMapping("/api/boats/{boat}/depths")
    DepthReply depths(@PathVariable UUID boat, @RequestBody DepthBody body) {
        Spread spread = assembler.assemble(boat, body.draft());
        return spread.lines().stream()
                .filter(line -> line.id().equals(body.lineId()))
                .findFirst()
                .map(line -> DepthReply.of(DepthWays.of(line, spread.speed(), body.depthM(), MOST_LET_OUT_M)))
                .orElseThrow(() -> FaultException.of(
                        FaultCode.NOT_FOUND, "lineId", body.lineId().toString()));
    }
}
