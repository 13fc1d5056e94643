package org.mosswake.core.course;

import java.util.List;
import java.util.function.Function;
import java.util.stream.LongStream;
import org.mosswake.core.course.MetFlock.End;

/** First attempts at 1,000 seeded flocks, beside steering at them and beside what could have been done, all being known. */
public final class MetReport {
    private static final int FLOCKS = 1000;
    static final double WILD_DEG = 15;
    static final double CALM_DEG = 8;

    private MetReport() {}

    /**
     * How attempts ended, and which could have been made.
     *
     * @param could each by the search in hindsight, in the order of {@code ends}
     */
    record Attempts(List<End> ends, List<Boolean> could) {
        double share(End of) {
            return (double) count(of) / ends.size();
        }

        long count(End of) {
            return ends.stream().filter(end -> end == of).count();
        }

        long possible() {
            return could.stream().filter(can -> can).count();
        }

        /** Of those that could be met. */
        double metOfPossible() {
            return (double) both(true, true, End.MET) / possible();
        }

        long wrongCan() {
            return both(false, false, End.CANNOT);
        }

        long wrongCannot() {
            return both(true, true, End.CANNOT);
        }

        /** @param is whether it shall have ended so, or otherwise */
        private long both(boolean possible, boolean is, End end) {
            return LongStream.range(0, ends.size())
                    .filter(i -> could.get((int) i) == possible)
                    .filter(i -> (ends.get((int) i) == end) == is)
                    .count();
        }
    }

    /** Flocks of 3 to 6 knots, slower than she. */
    static Attempts slow(long seed, int flocks, double wanderDeg, Function<MetFlock, MetFlock.Helm> helm) {
        return attempts(seed, flocks, each -> new MetFlock(each, wanderDeg), helm);
    }

    /** Flocks of 7 to 14 knots, most of them faster than she. */
    static Attempts fast(long seed, int flocks, double wanderDeg) {
        return attempts(seed, flocks, each -> new MetFlock(each, wanderDeg, 7, 14), met -> MetFlock.solved(met.mps));
    }

    private static Attempts attempts(
            long seed, int flocks, Function<Long, MetFlock> made, Function<MetFlock, MetFlock.Helm> helm) {
        List<MetFlock> all =
                LongStream.range(seed, seed + flocks).boxed().map(made).toList();
        return new Attempts(
                all.parallelStream().map(met -> met.attempt(helm.apply(met))).toList(),
                all.parallelStream().map(Hindsight::couldMeet).toList());
    }

    public static void main(String[] arguments) {
        long seed = arguments.length == 0 ? 1 : Long.parseLong(arguments[0]);
        System.out.printf(
                "%d flocks, 1 to 2 miles off, she at 7 to 9 kn; seen each 10 s with 3 %% and 2°, seeds from %d%n",
                FLOCKS, seed);
        System.out.println("Possible: by a search of her ways in hindsight, all that the flock did being known.");
        System.out.printf(
                "  %-34s %8s %8s %8s %8s %9s %9s %10s %13s%n",
                "", "met", "run over", "missed", "cannot", "possible", "met of it", "wrong can", "wrong cannot");
        print("3 to 6 kn, heading wanders 15°", slow(seed, FLOCKS, WILD_DEG, met -> MetFlock.solved(met.mps)));
        print("3 to 6 kn, 8°", slow(seed, FLOCKS, CALM_DEG, met -> MetFlock.solved(met.mps)));
        print("steered at it, 15°", slow(seed, FLOCKS, WILD_DEG, met -> MetFlock.straightAtIt()));
        print("7 to 14 kn, 8°", fast(seed, FLOCKS, CALM_DEG));
    }

    private static void print(String what, Attempts of) {
        System.out.printf(
                "  %-34s %7.1f%% %7.1f%% %7.1f%% %7.1f%% %9d %8.1f%% %10d %13d%n",
                what,
                100 * of.share(End.MET),
                100 * of.share(End.RUN_OVER),
                100 * of.share(End.MISSED),
                100 * of.share(End.CANNOT),
                of.possible(),
                100 * of.metOfPossible(),
                of.wrongCan(),
                of.wrongCannot());
    }
}
