package org.mosswake.bench.tow;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.mosswake.core.tow.TowAnswer;
import org.mosswake.core.tow.TowSolver;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Passes over all reference cases a second: our solver and the peer, both held to the reference before they run, neither drawing a path. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 6, time = 1)
public class TowBench {
    private final TowSolver solver = new TowSolver();
    private List<ReferenceTows.Case> cases;
    private double peerTolerance;

    @Setup
    public void load() {
        cases = ReferenceTows.load();
        peerTolerance = GeneralTow.loosestThatAgrees(cases);
        for (ReferenceTows.Case reference : cases) {
            var shape = ((TowAnswer.Shaped) solver.solve(reference.tow())).shape();
            if (!ReferenceTows.agrees(reference, shape.depthM(), shape.immersion())) {
                throw new IllegalStateException("ours misses the reference: " + reference.name());
            }
        }
    }

    @Benchmark
    public double ours() {
        double sum = 0;
        for (ReferenceTows.Case reference : cases) {
            sum += ((TowAnswer.Shaped) solver.settle(reference.tow())).shape().depthM();
        }
        return sum;
    }

    @Benchmark
    public double peer() {
        double sum = 0;
        for (ReferenceTows.Case reference : cases) {
            sum += new GeneralTow(reference.tow(), peerTolerance).solve().depthM();
        }
        return sum;
    }
}
