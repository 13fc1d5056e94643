package org.mosswake.server.call;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.clock.Step;

/** The work of the evening before a day, by the spread that was called for it. */
public interface DayEvening {
    /** Empty where none was called for that day, or it is there no more. */
    Optional<List<Step>> before(UUID vessel, LocalDate day, ZoneId zone);
}
