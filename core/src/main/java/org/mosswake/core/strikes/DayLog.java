package org.mosswake.core.strikes;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Stream;
import org.mosswake.core.strikes.Happening.Annotated;
import org.mosswake.core.strikes.Happening.BaitCaught;
import org.mosswake.core.strikes.Happening.BaitDead;
import org.mosswake.core.strikes.Happening.Corrected;
import org.mosswake.core.strikes.Happening.Engines;
import org.mosswake.core.strikes.Happening.Landed;
import org.mosswake.core.strikes.Happening.Lost;
import org.mosswake.core.strikes.Happening.OfLine;
import org.mosswake.core.strikes.Happening.OfStrike;
import org.mosswake.core.strikes.Happening.Opened;
import org.mosswake.core.strikes.Happening.Place;
import org.mosswake.core.strikes.Happening.Retracted;
import org.mosswake.core.strikes.Happening.Struck;
import org.mosswake.core.strikes.StrikeState.Outcome;

/**
 * A day, folded from its facts: duplicates count once, and order of arrival does not matter. What was taken back never
 * was, whenever it was taken back; what was corrected was as the last correction says. The device folds the same way (web/src/strikes/fold).
 */
public final class DayLog {
    private final List<Fact> standing;
    private final Map<UUID, Place> placed;
    private final List<StrikeState> strikes;
    private final SortedMap<String, List<Stretch>> lines;

    private DayLog(List<Fact> said) {
        var times = new HashMap<UUID, Instant>();
        placed = new HashMap<>();
        of(said, Corrected.class).forEach(corrected -> {
            corrected.at().ifPresent(at -> times.put(corrected.targetId(), at));
            corrected.place().ifPresent(place -> placed.put(corrected.targetId(), place));
        });
        this.standing = said.stream()
                .map(fact -> new Fact(fact.id(), times.getOrDefault(fact.id(), fact.at()), fact.what()))
                .sorted(Fact.IN_TIME)
                .toList();
        var about = about(standing);
        this.strikes = standing.stream()
                .filter(fact -> fact.what() instanceof Struck)
                .map(fact -> state(fact, about.getOrDefault(fact.id(), List.of())))
                .toList();
        this.lines = lines(standing);
    }

    /** Facts by what they are about, in time. */
    private static Map<UUID, List<Fact>> about(List<Fact> standing) {
        var about = new HashMap<UUID, List<Fact>>();
        for (Fact fact : standing) {
            UUID target = fact.what() instanceof OfStrike of
                    ? of.strikeId()
                    : fact.what() instanceof Annotated note ? note.targetId() : null;
            if (target != null) {
                about.computeIfAbsent(target, id -> new ArrayList<>()).add(fact);
            }
        }
        return about;
    }

    public static DayLog of(Collection<Fact> facts) {
        var distinct = new HashMap<UUID, Fact>();
        facts.forEach(fact -> distinct.putIfAbsent(fact.id(), fact));
        var inTime = distinct.values().stream().sorted(Fact.IN_TIME).toList();
        Set<UUID> gone = retracted(inTime);
        return new DayLog(
                inTime.stream().filter(fact -> !gone.contains(fact.id())).toList());
    }

    /**
     * Later retractions are judged first, so that one which was itself taken back takes nothing. A retraction can take
     * back only an earlier retraction, so none can be taken back in a ring.
     */
    private static Set<UUID> retracted(List<Fact> inTime) {
        var gone = new HashSet<UUID>();
        var laterRetractions = new HashSet<UUID>();
        for (int i = inTime.size() - 1; i >= 0; i--) {
            Fact fact = inTime.get(i);
            if (fact.what() instanceof Retracted retraction) {
                laterRetractions.add(fact.id());
                if (!gone.contains(fact.id()) && !laterRetractions.contains(retraction.targetId())) {
                    gone.add(retraction.targetId());
                }
            }
        }
        return gone;
    }

    /** What was not taken back, as it was corrected, in time. */
    public List<Fact> standing() {
        return standing;
    }

    /** In time. */
    public List<StrikeState> strikes() {
        return strikes;
    }

    /** Of each line that was spoken of, by the text of its id, in time; the last one lasts. */
    public SortedMap<String, List<Stretch>> lines() {
        return lines;
    }

    private static SortedMap<String, List<Stretch>> lines(List<Fact> standing) {
        var lineOf = new HashMap<UUID, UUID>();
        var stories = new HashMap<UUID, LineStory>();
        for (Fact fact : standing) {
            if (fact.what() instanceof OfLine of) {
                lineOf.put(fact.id(), of.lineId());
                stories.computeIfAbsent(
                        of.lineId(), id -> new LineStory(standing.get(0).at()));
            }
        }
        for (Fact fact : standing) {
            if (fact.what() instanceof OfLine of) {
                stories.get(of.lineId()).tell(fact);
            } else if (LineStory.ends(fact)) {
                UUID strike = ((OfStrike) fact.what()).strikeId();
                Optional.ofNullable(lineOf.get(strike)).map(stories::get).ifPresent(story -> story.ended(fact, strike));
            }
        }
        var told = new TreeMap<String, List<Stretch>>();
        stories.forEach((id, story) -> told.put(id.toString(), story.stretches()));
        return Collections.unmodifiableSortedMap(told);
    }

    /** As it stood at a moment. */
    public DayState at(Instant moment) {
        var how = new TreeMap<String, Stretch>();
        lines.forEach((line, stretches) -> stretches.stream()
                .filter(stretch -> stretch.holds(moment))
                .findFirst()
                .ifPresent(stretch -> how.put(line, stretch)));
        var bag = new TreeMap<String, Integer>();
        var well = new TreeMap<String, Integer>();
        Optional<Integer> engines = Optional.empty();
        for (Fact fact : standing) {
            if (fact.at().isAfter(moment)) {
                break;
            }
            if (fact.what() instanceof Landed fish && fish.isKept()) {
                bag.merge(fish.species(), 1, Integer::sum);
            } else if (fact.what() instanceof BaitCaught caught) {
                well.merge(caught.bait(), caught.count(), Integer::sum);
            } else if (fact.what() instanceof BaitDead dead) {
                well.computeIfPresent(dead.bait(), (bait, count) -> Math.max(0, count - dead.count()));
            } else if (fact.what() instanceof Engines said) {
                engines = Optional.of(said.running());
            }
        }
        var on = strikes.stream()
                .filter(strike -> strike.isOnAt(moment))
                .map(StrikeState::id)
                .toList();
        return new DayState(how, on, bag, engines, well);
    }

    /** Of each line that was spoken of; a line nobody took in lasts to the end of the span. */
    public SortedMap<String, Exposure> exposure(Instant from, Instant to) {
        var sums = new TreeMap<String, Exposure>();
        lines.forEach((line, stretches) -> sums.put(line, Exposure.of(stretches, from, to)));
        return sums;
    }

    private StrikeState state(Fact strike, List<Fact> about) {
        var ends = about.stream().filter(LineStory::ends).toList();
        List<Landed> fish = of(about, Landed.class).toList();
        Optional<Lost> lost = of(about, Lost.class).findFirst();
        return new StrikeState(
                strike.id(),
                strike.at(),
                ((Struck) strike.what()).lineId(),
                outcome(fish, lost.isPresent()),
                ends.stream().findFirst().map(Fact::at),
                fish,
                lost.flatMap(Lost::how),
                of(about, Annotated.class).map(Annotated::note).toList(),
                of(about, Opened.class).map(Opened::found).toList(),
                Optional.ofNullable(placed.get(strike.id())));
    }

    private static <T extends Happening> Stream<T> of(List<Fact> facts, Class<T> kind) {
        return facts.stream().map(Fact::what).filter(kind::isInstance).map(kind::cast);
    }

    private static Outcome outcome(List<Landed> fish, boolean lost) {
        if (!fish.isEmpty()) {
            return fish.stream().anyMatch(Landed::isKept) ? Outcome.LANDED : Outcome.RELEASED;
        }
        return lost ? Outcome.LOST : Outcome.OPEN;
    }
}
