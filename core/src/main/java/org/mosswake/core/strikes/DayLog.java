package org.mosswake.core.strikes;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.mosswake.core.strikes.Event.Annotated;
import org.mosswake.core.strikes.Event.Landed;
import org.mosswake.core.strikes.Event.Lost;
import org.mosswake.core.strikes.Event.Retracted;
import org.mosswake.core.strikes.Event.Struck;
import org.mosswake.core.strikes.StrikeState.Outcome;

/** The strikes of a day, folded from its events: duplicates count once, and order of arrival does not matter. */
public record DayLog(List<StrikeState> strikes) {
    private static final Comparator<Event> IN_TIME =
            Comparator.comparing(Event::at).thenComparing(Event::id);

    public static DayLog of(Collection<? extends Event> events) {
        var distinct = new HashMap<UUID, Event>();
        events.forEach(event -> distinct.putIfAbsent(event.id(), event));
        var inTime = distinct.values().stream().sorted(IN_TIME).toList();
        Set<UUID> gone = retracted(inTime);
        var standing =
                inTime.stream().filter(event -> !gone.contains(event.id())).toList();
        return new DayLog(standing.stream()
                .filter(Struck.class::isInstance)
                .map(event -> state((Struck) event, standing))
                .toList());
    }

    /**
     * Later retractions are judged first, so that one which was itself taken back takes nothing. A retraction can take
     * back only an earlier retraction, so none can be taken back in a ring.
     */
    private static Set<UUID> retracted(List<Event> inTime) {
        var gone = new HashSet<UUID>();
        var laterRetractions = new HashSet<UUID>();
        for (int i = inTime.size() - 1; i >= 0; i--) {
            if (inTime.get(i) instanceof Retracted retraction) {
                laterRetractions.add(retraction.id());
                if (!gone.contains(retraction.id()) && !laterRetractions.contains(retraction.target())) {
                    gone.add(retraction.target());
                }
            }
        }
        return gone;
    }

    private static StrikeState state(Struck strike, List<Event> standing) {
        var species = new ArrayList<String>();
        var notes = new ArrayList<String>();
        boolean lost = false;
        for (Event event : standing) {
            if (event instanceof Landed landed && landed.strike().equals(strike.id())) {
                species.add(landed.species());
            } else if (event instanceof Lost gone && gone.strike().equals(strike.id())) {
                lost = true;
            } else if (event instanceof Annotated note && note.target().equals(strike.id())) {
                notes.add(note.note());
            }
        }
        Outcome outcome = !species.isEmpty() ? Outcome.LANDED : lost ? Outcome.LOST : Outcome.OPEN;
        return new StrikeState(
                strike.id(), strike.at(), strike.line(), outcome, List.copyOf(species), List.copyOf(notes));
    }
}
