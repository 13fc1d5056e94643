package org.mosswake.server.log;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Which method was fished when, and what it brought: as much of the log as a call can learn from. */
@Service
public class MethodDays {
    private final Ledgers ledgers;
    private final EntryMapper entries;

    MethodDays(Ledgers ledgers, EntryMapper entries) {
        this.ledgers = ledgers;
        this.entries = entries;
    }

    /**
     * A method under one light of a day.
     *
     * @param tripId  absent of invented years and notebooks
     * @param at      the middle of it
     * @param minutes of lines in the water
     * @param strikes of lines whose time is known
     */
    public record Fished(
            LocalDate day, @Nullable UUID tripId, String method, Instant at, double minutes, int strikes) {}

    /** Of which the time fished is known, by whatever method. */
    public int days(UUID vessel) {
        return entries.daysFished(vessel);
    }

    /** In order of days. */
    public List<Fished> of(UUID vessel) {
        ledgers.of(vessel);
        return entries.methods(vessel);
    }
}
