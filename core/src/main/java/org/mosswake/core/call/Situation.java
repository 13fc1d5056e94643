package org.mosswake.core.call;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.clock.TidalStream;
import org.mosswake.core.playbook.Schools;
import org.mosswake.core.playbook.Species;

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
    /** Less of a stream has no side to it (m/s, ESTIMATE). */
    private static final double FELT_MPS = 0.05;

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

    public Situation with(Numbers other) {
        return new Situation(day, moment, conditions, outfit, schools, table, other);
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

    /** Where the stream goes, as the tide has it; unknown where it is hardly felt. */
    public Optional<TidalStream> tide() {
        return moment.tide().filter(tide -> tide.mps() >= FELT_MPS);
    }

    /** As the skipper says, else as the tide makes it (m/s). */
    public Optional<Double> stream() {
        return conditions.number(Topic.STREAM).or(moment::streamMps);
    }
}
