package org.mosswake.bench.call;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.mosswake.core.build.FirstSpread;
import org.mosswake.core.call.Call;
import org.mosswake.core.call.Moment;
import org.mosswake.core.call.Ranking;
import org.mosswake.core.call.Situation;
import org.mosswake.core.spread.SolvedSpread;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadSolver;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The ranking alone, the whole call of a day, the first picture of six lines, and those lines found and solved. */
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 5, time = 4)
public class CallBench {
    @State(Scope.Benchmark)
    public static class Day {
        final Situation situation = WarmDay.situation();
        final List<Moment> moments = WarmDay.day();
        final FirstSpread.Wish wish = WarmDay.sixLines();
        final SpreadSolver solver = new SpreadSolver();
    }

    /** Ends a search when its first picture stands. */
    private static final class Seen extends RuntimeException {
        private final transient Spread spread;

        Seen(Spread spread) {
            super(null, null, false, false);
            this.spread = spread;
        }
    }

    @Benchmark
    public Ranking ranking(Day day) {
        return Ranking.of(day.situation);
    }

    @Benchmark
    public Call wholeCall(Day day) {
        return Call.of(day.situation, day.moments, Optional.empty());
    }

    @Benchmark
    public Spread firstPicture(Day day) {
        try {
            FirstSpread.make(day.wish, new FirstSpread.Watch() {
                @Override
                public void picture(Spread spread) {
                    throw new Seen(spread);
                }

                @Override
                public boolean goOn(double share) {
                    return true;
                }
            });
            throw new IllegalStateException("no picture");
        } catch (Seen seen) {
            return seen.spread;
        }
    }

    @Benchmark
    public SolvedSpread sixLines(Day day) {
        FirstSpread.Made made = FirstSpread.make(day.wish, new FirstSpread.Watch() {
            @Override
            public void picture(Spread spread) {
                // Only the end is wanted.
            }

            @Override
            public boolean goOn(double share) {
                return true;
            }
        });
        return day.solver.solve(made.spread());
    }
}
