package org.mosswake.core.course;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.LongStream;
import org.mosswake.core.turn.RoundSearch;
import org.mosswake.core.turn.RoundTurn;
import org.mosswake.core.turn.Side;
import org.mosswake.core.turn.TurnLine;
import org.mosswake.core.turn.TurnRules;
import org.mosswake.core.turn.TurnSpreads;

/** Courses over seeded seabeds, each followed with every line, beside the best straight line of the same length. */
public final class CoursesReport {
    private static final int SEABEDS = 100;
    private static final double KNOTS = 7.5;
    /** Straight lines that keep the lures in the band for more are left as they are. */
    static final double HARD = 0.65;

    /** A spread and what a course has to know of it. */
    record Spread(String words, List<TurnLine> lines, Towed towed, TurnRules rules) {
        static Spread of(String words, List<TurnLine> lines) {
            TurnRules rules = TurnSpreads.rules(KNOTS, 40);
            Map<Side, RoundTurn> round = new RoundSearch(rules, 26).of(lines);
            double radius = round.values().stream()
                    .mapToDouble(side -> side.radiusM().orElse(RoundSearch.WIDEST_M))
                    .max()
                    .orElseThrow();
            return new Spread(words, lines, Behind.of(lines, rules, radius, 0, 0), rules.withRadius(radius));
        }
    }

    /** @param sailed share of the way in the band, mean over the lures that were followed */
    record Outcome(long seed, Laid laid, double sailed, double straight, int met) {}

    private CoursesReport() {}

    static Outcome outcome(long seed, Spread spread) {
        var seabed = new SeededSeabed(seed);
        Followed followed = Followed.of(
                        new Courses.Ask(
                                Courses.Kind.ALONG,
                                seabed.start,
                                Optional.empty(),
                                List.of(),
                                SeededSeabed.LENGTH_M,
                                Double.NaN,
                                Optional.of(seabed.band),
                                spread.towed(),
                                true,
                                Optional.empty(),
                                List.of()),
                        Optional.of(seabed.band.field()),
                        spread.rules(),
                        spread.lines(),
                        gone -> {})
                .orElseThrow();
        Laid laid = followed.laid();
        Track line = Straight.best(seabed.start, laid.track().lengthM(), seabed.band, spread.towed(), Double.NaN);
        Passage.Sailed straight = sail(line, seabed, spread);
        return new Outcome(
                seed,
                laid,
                followed.sailed().inBand().orElseThrow(),
                straight.inBand().orElseThrow(),
                followed.sailed().met().size());
    }

    private static Passage.Sailed sail(Track track, SeededSeabed seabed, Spread spread) {
        return new Passage(
                        track,
                        spread.towed(),
                        Optional.of(seabed.band),
                        Optional.of(seabed.band.field()),
                        spread.rules(),
                        spread.lines())
                .sail(piece -> {});
    }

    public static void main(String[] arguments) {
        long seed = arguments.length == 0 ? 1 : Long.parseLong(arguments[0]);
        for (Spread spread :
                List.of(Spread.of("six lines", TurnSpreads.mixed()), Spread.of("twelve lines", TurnSpreads.twelve()))) {
            List<Outcome> all = LongStream.range(seed, seed + SEABEDS)
                    .parallel()
                    .mapToObj(each -> outcome(each, spread))
                    .toList();
            print(spread, all, seed);
        }
    }

    private static void print(Spread spread, List<Outcome> all, long seed) {
        var hard = new ArrayList<>(all);
        hard.removeIf(one -> one.straight() > HARD);
        System.out.printf(
                "%s, right round in %.0f m, %d seabeds of 5 nm, seeds from %d; on %d of them the best straight line keeps the"
                        + " lures in the band for 65 %% at most%n",
                spread.words(), spread.towed().radiusM(), all.size(), seed, hard.size());
        System.out.printf(
                "  there: %d for 85 %% or more and 1.3 times as long; mean %.0f %%, straight %.0f %%; least %.0f %%%n",
                hard.stream()
                        .filter(one -> one.sailed() >= 0.85 && one.sailed() >= 1.3 * one.straight())
                        .count(),
                100 * hard.stream().mapToDouble(Outcome::sailed).average().orElse(0),
                100 * hard.stream().mapToDouble(Outcome::straight).average().orElse(0),
                100 * hard.stream().mapToDouble(Outcome::sailed).min().orElse(0));
        System.out.printf(
                "  elsewhere less than the straight line: %d; lines that meet: on %d of all; woven: %d, followed %d%n",
                all.stream()
                        .filter(one -> one.straight() > HARD && one.sailed() < one.straight() - 0.01)
                        .count(),
                all.stream().filter(one -> one.met() > 0).count(),
                all.stream().filter(one -> one.laid().how() == Laid.How.WEAVES).count(),
                all.stream().filter(one -> one.laid().how() == Laid.How.FOLLOWS).count());
        all.stream()
                .filter(one -> one.straight() <= HARD && (one.sailed() < 0.85 || one.sailed() < 1.3 * one.straight())
                        || one.met() > 0
                        || one.straight() > HARD && one.sailed() < one.straight() - 0.01)
                .forEach(one -> System.out.printf(
                        "    seed %d: %s, laid %.2f sailed %.2f straight %.2f, %d meet, tightest %.0f, %.1f km%n",
                        one.seed(),
                        one.laid().how(),
                        one.laid().share().orElseThrow(),
                        one.sailed(),
                        one.straight(),
                        one.met(),
                        one.laid().track().tightestM().orElse(0),
                        one.laid().track().lengthM() / 1000));
    }
}
