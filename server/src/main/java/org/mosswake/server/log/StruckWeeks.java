package org.mosswake.server.log;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.mosswake.core.log.Facet;
import org.mosswake.core.log.Ledger;
import org.mosswake.core.log.LogEntry;
import org.mosswake.core.log.Where;
import org.springframework.stereotype.Service;

/** Where lures were taken in the weeks about a day, in whatever year. */
@Service
public class StruckWeeks {
    private static final int WEEKS = 2;
    private static final int MOST = 5000;

    private final Ledgers ledgers;

    StruckWeeks(Ledgers ledgers) {
        this.ledgers = ledgers;
    }

    /** Degrees north and east. */
    public record Place(double latitudeDeg, double longitudeDeg) {}

    /** The day itself is left out: what it brought is no reason to go there on it. */
    public List<Place> of(UUID vessel, LocalDate day) {
        int week = Ledger.week(day);
        return ledgers
                .of(vessel)
                .strikes(List.of(Where.between(Facet.WEEK, week - WEEKS, week + WEEKS + 1)), MOST)
                .stream()
                .filter(entry -> !entry.day().equals(day))
                .flatMap(entry -> entry.place().stream())
                .map(StruckWeeks::place)
                .toList();
    }

    private static Place place(LogEntry.Place place) {
        return new Place(place.latitudeDeg(), place.longitudeDeg());
    }
}
