package org.mosswake.core.clock;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;

/** The work of the evening before, one chore after the other, done in time to sleep. */
public final class Evening {
    private static final LocalTime BEGINS = LocalTime.of(19, 0);
    private static final LocalTime ENDS = LocalTime.of(23, 0);

    /** For one pair of hands. */
    public static final Duration HOLDS = Duration.between(BEGINS, ENDS);

    private Evening() {}

    /** @param chore its place in what was asked */
    public record Slot(int chore, Instant from, Instant to) {}

    /**
     * @param minutes of each chore, in the order they are done
     * @param day     of the trip
     * @return slots from seven in the evening before, or earlier where they would not end by eleven
     */
    public static List<Slot> of(List<Double> minutes, LocalDate day, ZoneId zone) {
        LocalDate before = day.minusDays(1);
        Instant usual = before.atTime(BEGINS).atZone(zone).toInstant();
        Instant last = before.atTime(ENDS).atZone(zone).toInstant();
        Duration all = minutes.stream().map(Evening::duration).reduce(Duration.ZERO, Duration::plus);
        Instant at = last.minus(all).isBefore(usual) ? last.minus(all) : usual;
        var slots = new ArrayList<Slot>();
        for (int i = 0; i < minutes.size(); i++) {
            Instant to = at.plus(duration(minutes.get(i)));
            slots.add(new Slot(i, at, to));
            at = to;
        }
        return List.copyOf(slots);
    }

    private static Duration duration(double minutes) {
        return Duration.ofSeconds(Math.round(60 * minutes));
    }
}
