package org.mosswake.bench;

import java.util.Collection;
import java.util.Map;
import org.mosswake.bench.call.CallBench;
import org.mosswake.bench.call.ChipLatency;
import org.mosswake.bench.live.FeedHour;
import org.mosswake.bench.live.LiveSteps;
import org.mosswake.bench.log.LogAtScale;
import org.mosswake.bench.rig.RigBench;
import org.mosswake.bench.spread.DragLatency;
import org.mosswake.bench.spread.SpreadBench;
import org.mosswake.bench.spread.TwelveLines;
import org.mosswake.bench.strikes.FactsAtScale;
import org.mosswake.bench.sturdy.FirstDrawing;
import org.mosswake.bench.sturdy.Sturdy;
import org.mosswake.bench.tow.ReferenceTows;
import org.mosswake.bench.tow.TowBench;
import org.mosswake.bench.water.ChartFrames;
import org.mosswake.core.handling.SpreadTurns;
import org.mosswake.core.turn.Side;
import org.mosswake.core.turn.SideLimit;
import org.openjdk.jmh.profile.GCProfiler;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs every measurement and prints what was found; {@code args[0]} is the address of a running demo. */
public final class Bench {
    private Bench() {}

    public static void main(String[] args) throws Exception {
        var options = new OptionsBuilder()
                .include(TowBench.class.getName() + ".*")
                .include(SpreadBench.class.getName() + ".*")
                .include(CallBench.class.getName() + ".*")
                .include(RigBench.class.getName() + ".*")
                .addProfiler(GCProfiler.class)
                .build();
        Collection<RunResult> results = new Runner(options).run();
        printTow(results);
        printSpread(results);
        printCall(results);
        printRig(results);
        LiveSteps.print();
        FeedHour.print();
        LogAtScale.print();
        if (args.length > 0) {
            DragLatency.print(args[0]);
            ChipLatency.print(args[0]);
            FirstDrawing.print(args[0]);
            FactsAtScale.print(args[0]);
            ChartFrames.print(args[0]);
            Sturdy.print(args[0]);
        }
    }

    private static void printTow(Collection<RunResult> results) {
        int cases = ReferenceTows.load().size();
        double ours = score(results, "ours") / cases;
        double peer = score(results, "peer") / cases;
        System.out.printf("%nTow, a solve on average over the %d reference cases:%n", cases);
        System.out.printf(
                "  ours  %8.2f µs  %9.0f solves a second  %6.0f B allocated%n",
                ours, 1e6 / ours, bytes(results, "ours") / cases);
        System.out.printf(
                "  peer  %8.2f µs  %9.0f solves a second  (DormandPrince853 at equal accuracy)%n", peer, 1e6 / peer);
        System.out.printf("  ours is %.1f times as fast%n", peer / ours);
    }

    private static void printSpread(Collection<RunResult> results) {
        var turns = new SpreadTurns(TwelveLines.rules(), TwelveLines.freeHolders());
        Map<Side, SideLimit> limits = turns.limits(TwelveLines.spread());
        System.out.printf(
                "%nTwelve lines, radius 40 m: %.0f° to port, %.0f° to starboard, on one core:%n",
                Math.toDegrees(limits.get(Side.PORT).limitRad()),
                Math.toDegrees(limits.get(Side.STARBOARD).limitRad()));
        print(results, "solve", "solved, with findings", 2);
        print(results, "limits", "both turn limits", 150);
        print(results, "mend", "mend by search", 500);
    }

    private static void printCall(Collection<RunResult> results) {
        System.out.printf("%nThe call, on one core:%n");
        print(results, "ranking", "ranking at one hour", 5);
        print(results, "wholeCall", "a day with its doubts", 60);
        print(results, "firstPicture", "first picture, 6 lines", 200);
        print(results, "sixLines", "6 lines, turns, solved", 800);
    }

    private static void printRig(Collection<RunResult> results) {
        System.out.printf("%nThe bench, on one core:%n");
        print(results, "lists", "6 called lines: lists", 200);
        print(results, "emptyWindow", "an empty window mended", 50);
    }

    private static void print(Collection<RunResult> results, String name, String words, double boundMs) {
        var times = result(results, name).getPrimaryResult().getStatistics();
        System.out.printf(
                "  %-22s  p50 %7.2f ms  p99 %7.2f ms  (bound %.0f ms)  %8.0f kB allocated%n",
                words,
                times.getPercentile(50) / 1000,
                times.getPercentile(99) / 1000,
                boundMs,
                bytes(results, name) / 1000);
    }

    private static double score(Collection<RunResult> results, String name) {
        return result(results, name).getPrimaryResult().getScore();
    }

    @SuppressWarnings("rawtypes") // so are JMH's results
    private static double bytes(Collection<RunResult> results, String name) {
        return result(results, name).getSecondaryResults().entrySet().stream()
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
