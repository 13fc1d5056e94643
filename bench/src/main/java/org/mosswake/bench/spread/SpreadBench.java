package org.mosswake.bench.spread;

import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.mosswake.core.handling.SpreadTurns;
import org.mosswake.core.spread.SolvedSpread;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadSolver;
import org.mosswake.core.turn.Side;
import org.mosswake.core.turn.SideLimit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Twelve lines: solved with their findings, both turn limits from nothing, and the mend after them. */
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 6, time = 3)
public class SpreadBench {
    @State(Scope.Benchmark)
    public static class Lines {
        final Spread spread = TwelveLines.spread();
        final SpreadSolver solver = new SpreadSolver();
    }

    /** Trajectories of the spread as it is are there; those of every change tried are not. */
    @State(Scope.Benchmark)
    public static class Turned {
        final Spread spread = TwelveLines.spread();
        SpreadTurns turns;

        @Setup(Level.Invocation)
        public void limits() {
            turns = new SpreadTurns(TwelveLines.rules(), TwelveLines.freeHolders());
            turns.limits(spread);
        }
    }

    @Benchmark
    public SolvedSpread solve(Lines lines) {
        return lines.solver.solve(lines.spread);
    }

    @Benchmark
    public Map<Side, SideLimit> limits(Lines lines) {
        return new SpreadTurns(TwelveLines.rules(), TwelveLines.freeHolders()).limits(lines.spread);
    }

    @Benchmark
    public Optional<SpreadTurns.Widening> mend(Turned turned) {
        return turned.turns.mend(turned.spread);
    }
}
