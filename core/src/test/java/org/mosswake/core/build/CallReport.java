package org.mosswake.core.build;

import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.mosswake.core.call.Days;
import org.mosswake.core.call.Practice;
import org.mosswake.core.call.Situation;

/** Called by {@code ./moss bench call}: how many situations agree with practice, and what is wrong with random days. */
public final class CallReport {
    private static final int DAYS = 2000;

    private CallReport() {}

    /** Ends with 1 where something disagrees. */
    public static void main(String[] arguments) {
        List<Practice> all = Practice.all();
        List<Practice> not =
                all.stream().filter(one -> !one.disagreements().isEmpty()).toList();
        System.out.printf("%d of %d situations agree with practice%n", all.size() - not.size(), all.size());
        not.forEach(one -> System.out.println("  " + one.day() + ": " + one.disagreements()));
        var random = new Random(Long.getLong("moss.seed", 2026));
        List<Situation> days =
                IntStream.range(0, DAYS).mapToObj(i -> Days.any(random)).toList();
        List<String> wrong = IntStream.range(0, DAYS)
                .parallel()
                .boxed()
                .flatMap(i -> OwnChecks.wrongWith(days.get(i)).stream().map(what -> "day " + i + ": " + what))
                .toList();
        System.out.printf("%d random days called and built, %d things wrong%n", DAYS, wrong.size());
        wrong.stream()
                .collect(Collectors.groupingBy(
                        what -> what.replaceAll("day \\d+: |[\\d.]+", "").substring(0, 20), Collectors.counting()))
                .forEach((kind, count) -> System.out.println("  " + count + " times " + kind + "…"));
        wrong.stream().limit(20).forEach(what -> System.out.println("  " + what));
        System.exit(not.isEmpty() && wrong.isEmpty() ? 0 : 1);
    }
}
