package org.mosswake.server.rig;

import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.server.spread.SpreadService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is done of an evening's list, and what somebody counted aboard. */
@Service
class TicksService {
    private final RigMapper rows;
    private final SpreadService spreads;
    private final Clock clock;

    TicksService(RigMapper rows, SpreadService spreads, Clock clock) {
        this.rows = rows;
        this.spreads = spreads;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<String> ticks(UUID vessel, UUID spread) {
        return rows.ticks(vessel, spread);
    }

    /** Said twice it is done once. */
    @Transactional
    List<String> tick(UUID vessel, UUID spread, String task, boolean done) {
        spreads.requireSpread(vessel, spread);
        if (done) {
            rows.tick(vessel, spread, task, clock.instant());
        } else {
            rows.untick(vessel, spread, task);
        }
        return ticks(vessel, spread);
    }

    @Transactional(readOnly = true)
    Map<String, Double> stock(UUID vessel) {
        var stock = new LinkedHashMap<String, Double>();
        rows.stock(vessel).forEach(row -> stock.put(row.item(), row.amount()));
        return stock;
    }

    /** @param amount absent: nobody knows any more */
    @Transactional
    void count(UUID vessel, String item, @Nullable Double amount) {
        spreads.requireBoat(vessel);
        if (amount == null) {
            rows.dropStock(vessel, item);
        } else {
            rows.putStock(vessel, item, amount);
        }
    }
}
