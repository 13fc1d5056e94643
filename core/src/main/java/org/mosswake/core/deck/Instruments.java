package org.mosswake.core.deck;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What all sources of a boat tell, each thing by the best source that speaks. When that goes quiet the next takes over;
 * when it speaks again it has its place back. Ages go by when a line arrived, so that neither a clock that jumps nor
 * sentences out of order matter.
 */
public final class Instruments {
    /** A source that told a thing this long ago is quiet; sounders tell some things every few seconds (ESTIMATE). */
    public static final Duration QUIET = Duration.ofSeconds(6);

    /** @param arrived by the clock of who listens */
    public record Shown(Reading reading, String source, Instant arrived) {
        public Duration age(Instant now) {
            Duration age = Duration.between(arrived, now);
            return age.isNegative() ? Duration.ZERO : age;
        }
    }

    private record Told(Reading reading, int priority, Instant arrived) {}

    private final Map<Gauge, Map<String, Told>> told = new EnumMap<>(Gauge.class);

    /** @param priority the smallest is believed first */
    public void hear(String source, int priority, Instant arrived, Reading reading) {
        told.computeIfAbsent(reading.gauge(), gauge -> new HashMap<>())
                .put(source, new Told(reading, priority, arrived));
    }

    /** Nothing of it is believed any more. */
    public void forget(String source) {
        told.values().forEach(sources -> sources.remove(source));
    }

    /** The best that is not quiet, else the last that was heard; with its age. */
    public Map<Gauge, Shown> shown(Instant now) {
        var shown = new EnumMap<Gauge, Shown>(Gauge.class);
        told.forEach((gauge, sources) -> best(sources, now).ifPresent(one -> shown.put(gauge, one)));
        return shown;
    }

    private static Optional<Shown> best(Map<String, Told> sources, Instant now) {
        Comparator<Map.Entry<String, Told>> quietLast = Comparator.comparing(
                one -> Duration.between(one.getValue().arrived(), now).compareTo(QUIET) > 0);
        return sources.entrySet().stream()
                .min(quietLast
                        .thenComparing(one -> isQuiet(one.getValue(), now)
                                ? 0
                                : one.getValue().priority())
                        .thenComparing(one -> one.getValue().arrived(), Comparator.reverseOrder())
                        .thenComparing(Map.Entry::getKey))
                .map(one -> new Shown(
                        one.getValue().reading(), one.getKey(), one.getValue().arrived()));
    }

    private static boolean isQuiet(Told told, Instant now) {
        return Duration.between(told.arrived(), now).compareTo(QUIET) > 0;
    }
}
