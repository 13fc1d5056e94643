package org.mosswake.core.advice;

import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.LongStream;
import org.mosswake.core.advice.SimulatedDays.Day;
import org.mosswake.core.advice.SimulatedDays.Sea;
import org.mosswake.core.advice.SimulatedDays.Who;

/** `./moss bench adviser [seed]`: 500 days of each sea, beside a crew that moves nothing, one that moves by chance, one that knows. */
final class AdviserReport {
    private static final int DAYS = 500;
    private static final int[] PLACES = {6};
    private static final int[] PLACES_AND_DEPTHS = {6, 3};
    /** Position, lure, colour, size, depth, off bottom, pace, turning, scent, leader. */
    static final int[] ALL = {6, 6, 2, 3, 3, 3, 3, 2, 2, 2};

    private AdviserReport() {}

    static List<Day> days(Sea sea, long from, int days, Who who) {
        return LongStream.range(from, from + days)
                .parallel()
                .mapToObj(seed -> SimulatedDays.day(sea, seed, who, Tries.Pace.USUAL))
                .toList();
    }

    static double mean(List<Day> days, ToDoubleFunction<Day> of) {
        return days.stream().mapToDouble(of).average().orElseThrow();
    }

    /** Caught on these days over what is caught on them by whoever moves nothing. */
    static double ratio(Sea sea, long from, List<Day> days) {
        return mean(days, Day::caught) / mean(days(sea, from, days.size(), Who.FIXED), Day::caught);
    }

    static Sea places(double spread) {
        return Sea.of(PLACES, spread);
    }

    static Sea placesAndDepths(double spread) {
        return Sea.of(PLACES_AND_DEPTHS, spread, spread);
    }

    static Sea equal() {
        return Sea.of(ALL, new double[ALL.length]);
    }

    public static void main(String[] arguments) {
        long from = arguments.length > 0 ? Long.parseLong(arguments[0]) : 1;
        System.out.printf(
                "%d days of eight hours, seeds from %d; caught against a line-up that is left alone%n", DAYS, from);
        System.out.printf(
                "%-34s %8s %8s %8s %12s %14s %12s%n",
                "", "fixed", "random", "adviser", "all-knowing", "days spoken", "right calls");
        for (double spread : new double[] {0, 0.5, 0.8, 1.2}) {
            print("positions, taste " + spread, places(spread), from);
        }
        print("positions and depths, taste 0.8", placesAndDepths(0.8), from);
        print("ten kinds of question, all equal", equal(), from);
    }

    private static void print(String what, Sea sea, long from) {
        List<Day> advised = days(sea, from, DAYS, Who.ADVISER);
        double claims = mean(advised, Day::claims);
        System.out.printf(
                "%-34s %8.2f %8.2f %8.2f %12.2f %12.1f %% %10.1f %%%n",
                what,
                1.0,
                ratio(sea, from, days(sea, from, DAYS, Who.RANDOM)),
                ratio(sea, from, advised),
                ratio(sea, from, days(sea, from, DAYS, Who.ALL_KNOWING)),
                100 * mean(advised, day -> day.claims() > 0 ? 1 : 0),
                claims == 0 ? Double.NaN : 100 * mean(advised, Day::right) / claims);
    }
}
