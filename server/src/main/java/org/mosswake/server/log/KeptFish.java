package org.mosswake.server.log;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.mosswake.server.call.DayKept;
import org.mosswake.server.strikes.DayService;
import org.springframework.stereotype.Component;

/** The bag of a date, over all its days out. */
@Component
class KeptFish implements DayKept {
    private final DayService days;

    KeptFish(DayService days) {
        this.days = days;
    }

    @Override
    public Map<String, Integer> kept(UUID vessel, LocalDate day, Instant until) {
        return days.bag(vessel, day, until);
    }
}
