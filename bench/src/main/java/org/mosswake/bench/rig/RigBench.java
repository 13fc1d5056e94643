package org.mosswake.bench.rig;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.mosswake.bench.call.WarmDay;
import org.mosswake.core.bench.BenchAsk;
import org.mosswake.core.bench.BenchWays;
import org.mosswake.core.bench.LineBench;
import org.mosswake.core.rig.DragWindow;
import org.mosswake.core.rig.RigNumbers;
import org.mosswake.core.rig.Tonight;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.units.SpeedThroughWater;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.infra.Blackhole;

/** A called spread to its full list of the evening and the shop; and the same driven until its windows are empty. */
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 3)
public class RigBench {
    private static final double TOO_FAST_MPS = 9;

    @State(Scope.Benchmark)
    public static class Called {
        final Spread spread = WarmDay.called();
        final BenchAsk ask = WarmDay.ask();
        final Spread driven = new Spread(
                new SpeedThroughWater(TOO_FAST_MPS),
                spread.engines(),
                spread.lines(),
                spread.here(),
                spread.idle(),
                spread.propSpreadM());

        public Called() {
            boolean empty = LineBench.all(driven, ask).stream()
                    .anyMatch(line -> line.window().filter(DragWindow::isEmpty).isPresent());
            if (!empty) {
                throw new IllegalStateException("every window holds at this speed");
            }
        }
    }

    @Benchmark
    public Tonight lists(Called called, Blackhole hole) {
        List<LineBench> lines = LineBench.all(called.spread, called.ask);
        lines.forEach(line -> hole.consume(BenchWays.of(line.line(), called.spread, called.ask)));
        return Tonight.of(
                lines.stream().map(line -> line.tied(Optional.of(true))).toList(),
                new Tonight.Wants(0, Optional.empty(), false, RigNumbers.USUAL),
                Map.of());
    }

    @Benchmark
    public List<LineBench> emptyWindow(Called called) {
        return LineBench.all(called.driven, called.ask);
    }
}
