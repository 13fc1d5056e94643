package org.mosswake.server.call;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;

/** Fish that went into the bag. */
public interface DayKept {
    /** On days out of that date until a moment: how many of each, by the name they were told under. */
    Map<String, Integer> kept(UUID vessel, LocalDate day, Instant until);
}
