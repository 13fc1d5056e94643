package org.mosswake.bench.live;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.function.IntToDoubleFunction;
import org.mosswake.bench.spread.TwelveLines;
import org.mosswake.core.live.LiveSpread;
import org.mosswake.core.live.Sample;
import org.mosswake.core.live.TowedLine;
import org.mosswake.core.spread.Labels;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.turn.Helm;
import org.mosswake.core.turn.HelmStudy;
import org.mosswake.core.turn.Side;
import org.mosswake.core.turn.TurnLine;

/** Seconds of a spread of twelve lines on a sailed way, fouls watched, beside a study of the last minute made anew. */
public final class LiveSteps {
    private static final int WARM_S = 1800;
    private static final int SECONDS = 3600;
    private static final double DEGREE_M = 111_195;
    private static final double LATITUDE_DEG = 27.6;
    private static final int STUDIES = 20;

    private LiveSteps() {}

    public static void print() {
        Spread spread = TwelveLines.spread();
        System.out.printf("%nTwelve lines on a sailed way, a second on one core:%n");
        print("straight", spread, second -> 0);
        print("weaving, 2.5° a second", spread, second -> Math.toRadians(2.5) * Math.signum(Math.sin(second / 20.0)));
        double minute = study(spread);
        System.out.printf("  %-28s %6.2f ms%n", "peer: last minute anew", minute);
    }

    private static void print(String name, Spread spread, IntToDoubleFunction turn) {
        var labels = Labels.of(spread.lines());
        var tows = new TowSolver();
        List<TowedLine> lines = spread.lines().stream()
                .map(line -> TowedLine.of(line, labels.get(line.id()), spread.speed(), tows))
                .toList();
        var live = new LiveSpread(TwelveLines.rules(), lines, tows);
        var random = new Random(1);
        double mps = spread.speed().mps();
        double heading = 0;
        double north = 0;
        double east = 0;
        var taken = new double[SECONDS];
        for (int second = -WARM_S; second < SECONDS; second++) {
            heading += turn.applyAsDouble(second);
            north += mps * Math.cos(heading);
            east += mps * Math.sin(heading);
            Sample sample = Sample.fix(
                            Instant.EPOCH.plusSeconds(100_000L + second),
                            LATITUDE_DEG + (north + random.nextGaussian()) / DEGREE_M,
                            -47.3 + (east + random.nextGaussian()) / DEGREE_M / Math.cos(Math.toRadians(LATITUDE_DEG)))
                    .withGround(mps, (Math.toDegrees(heading) % 360 + 360) % 360)
                    .withWater(mps, (Math.toDegrees(heading) % 360 + 360) % 360);
            long begun = System.nanoTime();
            live.hear(sample);
            if (second >= 0) {
                taken[second] = (System.nanoTime() - begun) / 1e6;
            }
        }
        Arrays.sort(taken);
        System.out.printf(
                "  %-28s %6.2f ms in the middle, %.2f ms p95 (2 asked)%n",
                name, taken[SECONDS / 2], taken[(int) (0.95 * SECONDS)]);
    }

    private static double study(Spread spread) {
        var tows = new TowSolver();
        var lines = new ArrayList<TurnLine>();
        spread.lines().forEach(line -> lines.add(line.turned(spread.speed(), tows)));
        double angle = spread.speed().mps() * 60 / TwelveLines.rules().radiusM();
        long begun = 0;
        for (int i = -STUDIES; i < STUDIES; i++) {
            begun = i == 0 ? System.nanoTime() : begun;
            new HelmStudy(
                            TwelveLines.rules(),
                            Helm.turn(Side.PORT, angle, TwelveLines.rules().radiusM()),
                            lines)
                    .through();
        }
        return (System.nanoTime() - begun) / 1e6 / STUDIES;
    }
}
