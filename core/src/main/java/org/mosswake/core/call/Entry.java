package org.mosswake.core.call;

import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Optional;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.playbook.Species;

/**
 * One species in the skipper's own table of seasons and rules. Nothing in it comes from the product.
 *
 * @param dated         when the skipper looked it up
 * @param from          first day of the season, with {@code to}; without them the table says nothing of a season
 * @param bag           fish a person may keep in a day
 * @param leastLengthM  to keep one (m)
 * @param mostLengthM   to keep one (m)
 * @param barbless      hooks must have no barbs
 * @param mostLines     lines in the water
 * @param gear          whatever else is written there
 */
public record Entry(
        Species species,
        LocalDate dated,
        Optional<MonthDay> from,
        Optional<MonthDay> to,
        Optional<Integer> bag,
        Optional<Double> leastLengthM,
        Optional<Double> mostLengthM,
        boolean barbless,
        Optional<Integer> mostLines,
        String gear) {
    public static final Accepted BAG = new Accepted(0, 200, "");
    public static final Accepted LENGTH_M = new Accepted(0.05, 4, "m");
    public static final Accepted LINES = new Accepted(1, 40, "");
    public static final int LONGEST_GEAR = 400;

    public Entry {
        var faults = new Faults();
        bag.ifPresent(v -> BAG.check(faults, "bag", (double) v));
        leastLengthM.ifPresent(v -> LENGTH_M.check(faults, "leastLengthM", v));
        mostLengthM.ifPresent(v -> LENGTH_M.check(faults, "mostLengthM", v));
        mostLines.ifPresent(v -> LINES.check(faults, "mostLines", (double) v));
        if (from.isPresent() != to.isPresent()) {
            faults.add(FaultCode.MISSING, from.isPresent() ? "to" : "from");
        }
        if (leastLengthM.isPresent() && mostLengthM.isPresent() && mostLengthM.get() < leastLengthM.get()) {
            faults.add(FaultCode.OUT_OF_RANGE, "mostLengthM", mostLengthM.get(), leastLengthM.get(), 4.0, "m");
        }
        if (gear.length() > LONGEST_GEAR) {
            faults.add(FaultCode.TOO_LONG, "gear", gear.length(), LONGEST_GEAR);
        }
        faults.throwIfAny();
    }

    /** Whether the day lies in the season, which may run over the new year; empty where the table names none. */
    public Optional<Boolean> inSeason(LocalDate day) {
        if (from.isEmpty()) {
            return Optional.empty();
        }
        MonthDay on = MonthDay.from(day);
        MonthDay first = from.get();
        MonthDay last = to.orElseThrow();
        boolean after = !on.isBefore(first);
        boolean before = !on.isAfter(last);
        return Optional.of(first.isAfter(last) ? after || before : after && before);
    }
}
