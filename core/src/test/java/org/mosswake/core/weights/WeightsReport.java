package org.mosswake.core.weights;

import java.util.List;
import java.util.stream.LongStream;
import org.mosswake.core.weights.SimulatedOwners.Called;

/** `./moss bench weights [seed]`: how often the truly best method is called first, by the shipped weights and by fitted ones. */
final class WeightsReport {
    static final int HELD = 40;

    private WeightsReport() {}

    /** In points of a hundred days; and the share of owners who are better off. */
    record Figures(double shipped, double fitted, double betterOff) {}

    static Figures of(long from, int owners, double spread, int days, int held) {
        List<Called> all = LongStream.range(from, from + owners)
                .parallel()
                .mapToObj(seed -> new SimulatedOwners(seed, spread).called(days, held))
                .toList();
        double n = all.stream().mapToInt(Called::days).sum();
        return new Figures(
                100 * all.stream().mapToInt(Called::shippedRight).sum() / n,
                100 * all.stream().mapToInt(Called::fittedRight).sum() / n,
                100.0
                        * all.stream()
                                .filter(one -> one.fittedRight() > one.shippedRight())
                                .count()
                        / owners);
    }

    public static void main(String[] arguments) {
        long from = arguments.length > 0 ? Long.parseLong(arguments[0]) : 1;
        int owners = arguments.length > 1 ? Integer.parseInt(arguments[1]) : 200;
        System.out.printf("%d owners, seeds from %d; the truly best method first, of 100 calls%n", owners, from);
        System.out.printf("%-52s %8s %8s %12s%n", "", "shipped", "fitted", "better off");
        for (int days : new int[] {160, 120, 10}) {
            print("weights off by 0.2, " + days + " days, 40 kept back", of(from, owners, 0.2, days, HELD));
        }
        print("weights as shipped, 160 days, 40 kept back", of(from, owners, 0, 160, HELD));
    }

    private static void print(String what, Figures figures) {
        System.out.printf(
                "%-52s %8.1f %8.1f %10.0f %%%n", what, figures.shipped(), figures.fitted(), figures.betterOff());
    }
}
