package org.mosswake.core.call;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * All that a call is made from.
 *
 * @param table the skipper's own seasons and rules
 */
public record Situation(
        LocalDate day,
        Moment moment,
        Conditions conditions,
        Outfit outfit,
        Schools schools,
        List<Entry> table,
        Numbers numbers) {
    public Situation {
        table = List.copyOf(table);
    }

    public Situation with(Conditions other) {
        return new Situation(day, moment, other, outfit, schools, table, numbers);
    }

    public Situation at(Moment other) {
        return new Situation(day, other, conditions, outfit, schools, table, numbers);
    }

    public Situation with(Schools other) {
        return new Situation(day, moment, conditions, outfit, other, table, numbers);
    }

    /** With baits as stated for the day: what the box says of them is from before. */
    public Box box() {
        return outfit.box().withCounts(this::aboard);
    }

    /** Of one lure or bait. */
    int aboard(Box.Lure lure) {
        return lure.bait().flatMap(conditions::count).orElse(lure.count());
    }

    Optional<Entry> entry(Species species) {
        return table.stream().filter(entry -> entry.species() == species).findFirst();
    }

    /** The fastest she may fish: what she makes, and what this sea lets her hold (m/s). */
    public double fastestMps() {
        return Seaway.mostMps(this);
    }

    /** As the skipper says, else as the tide makes it (m/s). */
    public Optional<Double> stream() {
        return conditions.number(Topic.STREAM).or(moment::streamMps);
    }
}
