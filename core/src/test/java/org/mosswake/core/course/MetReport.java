package org.mosswake.core.course;

import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import org.mosswake.core.course.MetFlock.End;

/** First attempts at 1,000 seeded flocks, beside steering at them. */
public final class MetReport {
    private static final int FLOCKS = 1000;
    static final double WILD_DEG = 15;
    static final double CALM_DEG = 8;

    private MetReport() {}

    static Map<End, Long> attempts(long seed, int flocks, double wanderDeg, Function<MetFlock, MetFlock.Helm> helm) {
        return LongStream.range(seed, seed + flocks)
                .parallel()
                .mapToObj(each -> new MetFlock(each, wanderDeg))
                .map(met -> met.attempt(helm.apply(met)))
                .collect(Collectors.groupingBy(end -> end, TreeMap::new, Collectors.counting()));
    }

    static double share(Map<End, Long> ends, End of) {
        long all = ends.values().stream().mapToLong(Long::longValue).sum();
        return (double) ends.getOrDefault(of, 0L) / all;
    }

    public static void main(String[] arguments) {
        long seed = arguments.length == 0 ? 1 : Long.parseLong(arguments[0]);
        System.out.printf(
                "%d flocks, 1 to 2 miles off at 3 to 6 kn, she at 7 to 9; seen each 10 s with 3 %% and 2°, seeds from %d%n",
                FLOCKS, seed);
        System.out.printf("  %-34s %8s %8s %8s %8s%n", "", "met", "run over", "missed", "cannot");
        print("solved, heading wanders 15°", attempts(seed, FLOCKS, WILD_DEG, met -> MetFlock.solved(met.mps)));
        print("solved, 8°", attempts(seed, FLOCKS, CALM_DEG, met -> MetFlock.solved(met.mps)));
        print("steered at it, 15°", attempts(seed, FLOCKS, WILD_DEG, met -> MetFlock.straightAtIt()));
    }

    private static void print(String what, Map<End, Long> ends) {
        System.out.printf(
                "  %-34s %7.1f%% %7.1f%% %7.1f%% %7.1f%%%n",
                what,
                100 * share(ends, End.MET),
                100 * share(ends, End.RUN_OVER),
                100 * share(ends, End.MISSED),
                100 * share(ends, End.CANNOT));
    }
}
