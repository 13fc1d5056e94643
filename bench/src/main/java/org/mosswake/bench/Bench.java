package org.mosswake.bench;

import java.util.Collection;
import org.mosswake.bench.spread.DragLatency;
import org.mosswake.bench.tow.ReferenceTows;
import org.mosswake.bench.tow.TowBench;
import org.openjdk.jmh.profile.GCProfiler;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs every measurement and prints what was found; {@code args[0]} is the address of a running demo. */
public final class Bench {
    private Bench() {}

    public static void main(String[] args) throws RunnerException {
        var options = new OptionsBuilder()
                .include(TowBench.class.getName() + ".*")
                .addProfiler(GCProfiler.class)
                .build();
        Collection<RunResult> results = new Runner(options).run();
        int cases = ReferenceTows.load().size();
        double ours = score(results, "ours") / cases;
        double peer = score(results, "peer") / cases;
        System.out.printf("%nTow, a solve on average over the %d reference cases:%n", cases);
        System.out.printf(
                "  ours  %8.2f µs  %9.0f solves a second  %6.0f B allocated%n",
                ours, 1e6 / ours, bytes(results) / cases);
        System.out.printf(
                "  peer  %8.2f µs  %9.0f solves a second  (DormandPrince853 at equal accuracy)%n", peer, 1e6 / peer);
        System.out.printf("  ours is %.1f times as fast%n", peer / ours);
        if (args.length > 0) {
            DragLatency.print(args[0]);
        }
    }

    private static double score(Collection<RunResult> results, String name) {
        return result(results, name).getPrimaryResult().getScore();
    }

    @SuppressWarnings("rawtypes") // so are JMH's results
    private static double bytes(Collection<RunResult> results) {
        return result(results, "ours").getSecondaryResults().entrySet().stream()
                .filter(e -> e.getKey().contains("alloc.rate.norm"))
                .mapToDouble(e -> e.getValue().getScore())
                .findFirst()
                .orElse(Double.NaN);
    }

    private static RunResult result(Collection<RunResult> results, String name) {
        return results.stream()
                .filter(r -> r.getParams().getBenchmark().endsWith("." + name))
                .findFirst()
                .orElseThrow();
    }
}
