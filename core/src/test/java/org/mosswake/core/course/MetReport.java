package org.mosswake.core.course;

import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.LongStream;
import org.mosswake.core.course.Meeting.Verdict;
import org.mosswake.core.course.MetFlock.End;
import org.mosswake.core.course.MetFlock.Met;

/** First attempts at 1,000 seeded flocks, beside steering at them and beside what could have been done, all being known. */
public final class MetReport {
    private static final int FLOCKS = 1000;
    /** What cannot be met takes the whole search. */
    private static final int FAST_FLOCKS = 300;

    static final double WILD_DEG = 15;
    static final double CALM_DEG = 8;

    private MetReport() {}

    /** @param could have been met, all being known */
    record Attempt(Met how, boolean could) {}

    /** How attempts ended, and which could have been made. */
    record Attempts(List<Attempt> all) {
        double share(End of) {
            return (double) count(of) / all.size();
        }

        long count(End of) {
            return all.stream().filter(one -> one.how().end() == of).count();
        }

        long possible() {
            return where(Attempt::could);
        }

        /** Of those that could be met. */
        double metOfPossible() {
            return (double) where(one -> one.could() && one.how().end() == End.MET) / possible();
        }

        /** Said after two minutes of what could not be done. */
        long wrongCan() {
            return where(one -> !one.could() && one.how().said() == Verdict.CAN);
        }

        /** Said after two minutes of what could. */
        long wrongCannot() {
            return where(one -> one.could() && one.how().said() == Verdict.CANNOT);
        }

        /** After two minutes nobody could say, or it was over. */
        long unsaid() {
            return where(one -> one.how().said() == Verdict.PERHAPS);
        }

        private long where(Predicate<Attempt> that) {
            return all.stream().filter(that).count();
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
        List<Attempt> all = LongStream.range(seed, seed + flocks)
                .parallel()
                .mapToObj(each -> {
                    MetFlock met = made.apply(each);
                    Met attempt = met.attempt(helm.apply(met));
                    // What was done could be.
                    return new Attempt(attempt, attempt.end() == End.MET || Hindsight.couldMeet(met));
                })
                .toList();
        return new Attempts(all);
    }

    public static void main(String[] arguments) {
        long seed = arguments.length == 0 ? 1 : Long.parseLong(arguments[0]);
        System.out.printf(
                "%d flocks, 1 to 2 miles off, she at 7 to 9 kn; seen each 10 s with 3 %% and 2°, seeds from %d%n",
                FLOCKS, seed);
        System.out.println("Possible: by a search of her ways in hindsight, all that the flock did being known.");
        System.out.printf(
                "  %-34s %8s %8s %8s %8s %9s %9s %10s %13s %8s%n",
                "",
                "met",
                "run over",
                "missed",
                "cannot",
                "possible",
                "met of it",
                "wrong can",
                "wrong cannot",
                "perhaps");
        print("3 to 6 kn, heading wanders 15°", slow(seed, FLOCKS, WILD_DEG, met -> MetFlock.solved(met.mps)));
        print("3 to 6 kn, 8°", slow(seed, FLOCKS, CALM_DEG, met -> MetFlock.solved(met.mps)));
        print("steered at it, 15°", slow(seed, FLOCKS, WILD_DEG, met -> MetFlock.straightAtIt()));
        print("300 of 7 to 14 kn, 8°", fast(seed, FAST_FLOCKS, CALM_DEG));
    }

    private static void print(String what, Attempts of) {
        System.out.printf(
                "  %-34s %7.1f%% %7.1f%% %7.1f%% %7.1f%% %9d %8.1f%% %10d %13d %8d%n",
                what,
                100 * of.share(End.MET),
                100 * of.share(End.RUN_OVER),
                100 * of.share(End.MISSED),
                100 * of.share(End.CANNOT),
                of.possible(),
                100 * of.metOfPossible(),
                of.wrongCan(),
                of.wrongCannot(),
                of.unsaid());
    }
}
