package org.mosswake.core.water;

import java.util.Optional;
import java.util.function.Function;
import java.util.stream.LongStream;

/** Fronts of seeded seas, beside a plain threshold of the gradient; and how long a large grid takes. */
public final class FrontsReport {
    private static final int SEAS = 200;
    private static final double[] THRESHOLDS = {0.1, 0.15, 0.2, 0.25, 0.3, 0.4};
    private static final int LARGE = 2000;

    private FrontsReport() {}

    static SeededFronts.Score over(long seed, int seas, boolean alike, Function<Grid, boolean[]> finder) {
        return LongStream.range(seed, seed + seas)
                .parallel()
                .mapToObj(each -> new SeededFronts(each, alike))
                .map(sea -> sea.score(finder.apply(sea.grid)))
                .reduce(SeededFronts.NOTHING, SeededFronts.Score::and);
    }

    static boolean[] fronts(Grid grid) {
        return SeededFronts.cells(Fronts.of(grid));
    }

    public static void main(String[] arguments) {
        long seed = arguments.length == 0 ? 1 : Long.parseLong(arguments[0]);
        System.out.printf(
                "%d seeded grids of %d², step 0.4 to 1.0 over 2 to 4 cells, noise 0.1 to 0.2, 40 %% cloud, seeds from %d%n",
                SEAS, SeededFronts.SIZE, seed);
        System.out.printf("  %-34s %8s %8s%n", "", "found", "astray");
        print("fronts", over(seed, SEAS, false, FrontsReport::fronts));
        print("fronts, noise alike over a cell", over(seed, SEAS, true, FrontsReport::fronts));
        for (double threshold : THRESHOLDS) {
            print("gradient over " + threshold, over(seed, SEAS, false, grid -> PlainGradient.of(grid, threshold)));
        }
        Grid large = large(seed);
        for (int round = 0; round < 3; round++) {
            long begun = System.nanoTime();
            int fronts = Fronts.of(large).size();
            System.out.printf(
                    "  a grid of %d²: %d fronts in %d ms%n", LARGE, fronts, (System.nanoTime() - begun) / 1_000_000);
        }
    }

    private static void print(String what, SeededFronts.Score score) {
        System.out.printf("  %-34s %7.1f%% %7.1f%%%n", what, 100 * score.recall(), 100 * score.strays());
    }

    private static Grid large(long seed) {
        Grid small = new SeededFronts(seed, false).grid;
        var values = new float[LARGE * LARGE];
        for (int i = 0; i < values.length; i++) {
            values[i] = small.value((i / LARGE) % SeededFronts.SIZE, (i % LARGE) % SeededFronts.SIZE);
        }
        return new Grid(
                Grid.Kind.TEMPERATURE, Optional.empty(), new Grid.Frame(LARGE, LARGE, 20, -60, 0.005, 0.005), values);
    }
}
