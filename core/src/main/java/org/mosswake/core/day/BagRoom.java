package org.mosswake.core.day;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mosswake.core.call.Answer;
import org.mosswake.core.call.Conditions;
import org.mosswake.core.call.Entry;
import org.mosswake.core.call.Topic;

/**
 * Room in the bag in the course of a day: what was kept comes off what there was in the morning.
 *
 * @param morning as answered, else by the skipper's table and the crew; absent where neither is known
 * @param kept    of the target, or of every fish where there is no target
 */
public record BagRoom(Optional<Integer> morning, int kept) {
    /** @param kept fish kept so far, by the name they were told under */
    public static BagRoom of(Conditions known, List<Entry> table, Map<String, Integer> kept) {
        Optional<Integer> byTable = known.target()
                .flatMap(target -> table.stream()
                        .filter(entry -> entry.species() == target)
                        .findFirst())
                .flatMap(entry -> forCrew(entry, known));
        int off = kept.entrySet().stream()
                .filter(fish -> known.target()
                        .map(target -> target.words().equalsIgnoreCase(fish.getKey()))
                        .orElse(true))
                .mapToInt(Map.Entry::getValue)
                .sum();
        return new BagRoom(known.count(Topic.BAG).or(() -> byTable), off);
    }

    /** What the whole crew may keep by an entry of the table. */
    public static Optional<Integer> forCrew(Entry entry, Conditions known) {
        return entry.bag().flatMap(each -> known.count(Topic.CREW).map(crew -> each * crew));
    }

    /** The same day with the room that is left; as it was where nothing was kept or no room is known. */
    public Conditions left(Conditions known) {
        return kept == 0
                ? known
                : morning.map(room -> known.with(Topic.BAG, Answer.number(Math.max(0, room - kept))))
                        .orElse(known);
    }
}
