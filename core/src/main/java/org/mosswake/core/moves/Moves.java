package org.mosswake.core.moves;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.mosswake.core.advice.DayAdvice.Wish;
import org.mosswake.core.handling.SpreadTurns;
import org.mosswake.core.log.Facet;
import org.mosswake.core.rig.Rigging;
import org.mosswake.core.spread.Change;
import org.mosswake.core.spread.Finding;
import org.mosswake.core.spread.Labels;
import org.mosswake.core.spread.LetOutMove;
import org.mosswake.core.spread.Mend;
import org.mosswake.core.spread.SolvedLine;
import org.mosswake.core.spread.SolvedSpread;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.spread.SpreadSolver;
import org.mosswake.core.tow.TowShape;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/**
 * Turns what a day suggests into one change of the spread. Candidates are solved, the smallest first; one is offered only
 * where every lure still swims, nothing new warns, lures keep clear of one another and she may turn as far as before.
 */
public final class Moves {
    /** A lure that follows another one swims so far ahead of it (m, practice: three to eight). */
    private static final double[] AHEAD_M = {3, 5, 8};
    /** Changes of let-out tried for a depth, from the smallest (m). */
    private static final double[] STEPS_M = {2, 3, 4, 6, 8, 10, 13, 16, 20, 25, 30, 40};

    private static final double LONGEST_M = 200;
    /** Lures nearer than this in every way foul in a sea (m, ESTIMATE). */
    private static final double CLEAR_M = 1.5;
    /** Turns that differ by less are the same (rad). */
    private static final double SAME_RAD = Math.toRadians(1);

    private final SpreadSolver solver = new SpreadSolver();
    private final SpreadTurns turns;
    private final List<Tied> aboard;

    /** @param aboard lures that are not in use, for another lure on a line */
    public Moves(SpreadTurns turns, List<Tied> aboard) {
        this.turns = turns;
        this.aboard = List.copyOf(aboard);
    }

    /**
     * @param turnRad she may turn with it, to the narrower side, looked for up to {@link SpreadTurns#WANTED_RAD}
     * @param checked what was looked at, in a sentence
     */
    public record Offer(Mend mend, Spread then, double turnRad, Sentence checked) {}

    /** Empty where the line is not in the spread, or no change of it does. */
    public Optional<Offer> of(Wish wish, Spread now) {
        Optional<SpreadLine> line = held(now, wish.position());
        if (line.isEmpty()) {
            return Optional.empty();
        }
        SolvedSpread solved = solver.solve(now);
        double wanted = Math.min(turns.room(now).narrowerRad(), SpreadTurns.TOO_LITTLE_RAD);
        for (Candidate candidate : candidates(wish, now, solved, line.get())) {
            SolvedSpread then = solver.solve(candidate.then());
            if (reaches(wish, then, line.get(), solved) && holds(solved, then)) {
                if (wanted < SAME_RAD || turns.mayReach(candidate.then(), wanted - SAME_RAD)) {
                    double room = turns.room(candidate.then()).narrowerRad();
                    if (room >= wanted - SAME_RAD) {
                        return Optional.of(
                                new Offer(candidate.mend(), candidate.then(), room, checked(then, line.get(), room)));
                    }
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<SpreadLine> held(Spread spread, String position) {
        return spread.lines().stream()
                .filter(line -> line.holder().name().equalsIgnoreCase(position))
                .findFirst();
    }

    private record Candidate(Mend mend, Spread then) {
        static Candidate of(LetOutMove move) {
            return new Candidate(move.mend(), move.then());
        }
    }

    private List<Candidate> candidates(Wish wish, Spread now, SolvedSpread solved, SpreadLine line) {
        return switch (wish.facet()) {
            case POSITION -> nearer(wish, now, solved, line);
            case DEPTH -> line.deep().isPresent() ? List.of() : otherDepths(now, line);
            case COLOUR, LURE, SIZE -> otherLures(wish, now, line);
            case SCENT -> List.of(scented(wish.to().choice(), now, line));
            default -> List.of();
        };
    }

    /** Ahead of the lure that takes most, its twin with it. */
    private List<Candidate> nearer(Wish wish, Spread now, SolvedSpread solved, SpreadLine line) {
        Optional<SpreadLine> beside = held(now, wish.to().choice());
        Optional<Double> target =
                beside.flatMap(other -> of(solved, other.id())).flatMap(SolvedLine::lureAsternM);
        Optional<Double> own = of(solved, line.id()).flatMap(SolvedLine::lureAsternM);
        if (target.isEmpty() || own.isEmpty() || line.deep().isPresent()) {
            return List.of();
        }
        var all = new ArrayList<Candidate>();
        for (double ahead : AHEAD_M) {
            // A line trails by nearly as much as is let out: one step brings it there, what is left is within a metre.
            double letOut = Math.round(line.letOutM() + target.get() - ahead - own.get());
            boolean moves = Math.abs(letOut - line.letOutM()) >= 1;
            if (moves && letOut >= LetOutMove.shortestM(line) && letOut <= LONGEST_M) {
                String label = Labels.of(now.lines()).get(beside.orElseThrow().id());
                all.add(Candidate.of(LetOutMove.of(
                        now,
                        line,
                        LetOutMove.twin(now, line)
                                .filter(other -> !beside.get().id().equals(other.id())),
                        letOut,
                        ": {1} ahead of " + label,
                        Figure.distance(ahead))));
            }
        }
        return all;
    }

    private List<Candidate> otherDepths(Spread now, SpreadLine line) {
        var all = new ArrayList<Candidate>();
        for (double step : STEPS_M) {
            for (double letOut : new double[] {line.letOutM() - step, line.letOutM() + step}) {
                if (letOut >= LetOutMove.shortestM(line) && letOut <= LONGEST_M) {
                    all.add(Candidate.of(LetOutMove.of(now, line, LetOutMove.twin(now, line), Math.round(letOut), "")));
                }
            }
        }
        return all;
    }

    private List<Candidate> otherLures(Wish wish, Spread now, SpreadLine line) {
        String label = Labels.of(now.lines()).get(line.id());
        return aboard.stream()
                .filter(one ->
                        one.free() > 0 && !one.item().id().equals(line.lure().id()) && is(wish, one))
                // Of the same kind it needs no other line, and swims where the old one did.
                .sorted(Comparator.comparing(
                        (Tied one) -> one.item().kind() != line.lure().kind()))
                .limit(4)
                .map(one -> new Candidate(
                        Mend.by(
                                new Change.Carrying(line.id(), 0, one.item().id()),
                                Sentence.of("Change " + label + " to "
                                        + Sentence.plain(one.item().name()))),
                        now.with(line.withPiece(0, line.tackle().get(0).withItem(one.item())))))
                .toList();
    }

    private static Candidate scented(String scent, Spread now, SpreadLine line) {
        String label = Labels.of(now.lines()).get(line.id());
        boolean bare = scent.equals(Rigging.UNSCENTED);
        return new Candidate(
                Mend.by(
                        new Change.Scented(line.id(), scent),
                        Sentence.of(
                                bare
                                        ? "Fish " + label + " without scent"
                                        : "Put " + Sentence.plain(scent) + " on " + label)),
                now.with(line.withRigging(line.rigging().withScent(scent))));
    }

    private static boolean is(Wish wish, Tied one) {
        return switch (wish.facet()) {
            case LURE -> one.item().name().equalsIgnoreCase(wish.to().choice());
            case COLOUR ->
                one.role().name().toLowerCase(Locale.ROOT).equals(wish.to().choice());
            default ->
                one.lengthM() >= wish.to().from() && one.lengthM() < wish.to().to();
        };
    }

    private static Optional<SolvedLine> of(SolvedSpread solved, UUID line) {
        return solved.lines().stream()
                .filter(one -> one.line().id().equals(line))
                .findFirst();
    }

    /** Of a depth: the lure swims in the band then, and did not before. */
    private static boolean reaches(Wish wish, SolvedSpread then, SpreadLine line, SolvedSpread before) {
        if (wish.facet() != Facet.DEPTH) {
            return true;
        }
        return isIn(wish, then, line) && !isIn(wish, before, line);
    }

    private static boolean isIn(Wish wish, SolvedSpread solved, SpreadLine line) {
        return of(solved, line.id())
                .flatMap(SolvedLine::shape)
                .map(TowShape::depthM)
                .filter(depth -> Math.max(0, depth) >= wish.to().from()
                        && depth < wish.to().to())
                .isPresent();
    }

    /** Nothing is worse than it was. */
    private static boolean holds(SolvedSpread before, SolvedSpread then) {
        boolean swim = before.lines().stream()
                .filter(line -> line.shape().isPresent())
                .allMatch(line ->
                        of(then, line.line().id()).flatMap(SolvedLine::shape).isPresent());
        return swim && warnings(before).containsAll(warnings(then)) && clear(then) >= Math.min(CLEAR_M, clear(before));
    }

    private static Set<List<Object>> warnings(SolvedSpread solved) {
        var all = new HashSet<List<Object>>();
        solved.findings().stream()
                .filter(finding -> finding.kind().warns())
                .forEach(finding -> about(finding).forEach(line -> all.add(List.of(finding.kind(), line))));
        return all;
    }

    private static List<?> about(Finding finding) {
        return finding.lines().isEmpty() ? List.of("all") : finding.lines();
    }

    /** Between the two lures that are nearest to each other (m). */
    private static double clear(SolvedSpread solved) {
        double least = Double.MAX_VALUE;
        List<SolvedLine> lines =
                solved.lines().stream().filter(line -> line.shape().isPresent()).toList();
        for (int i = 0; i < lines.size(); i++) {
            for (int j = i + 1; j < lines.size(); j++) {
                least = Math.min(least, apart(lines.get(i), lines.get(j)));
            }
        }
        return least;
    }

    private static double apart(SolvedLine one, SolvedLine other) {
        double astern = one.lureAsternM().orElseThrow() - other.lureAsternM().orElseThrow();
        double across =
                one.lureStarboardM().orElseThrow() - other.lureStarboardM().orElseThrow();
        double up =
                one.shape().orElseThrow().depthM() - other.shape().orElseThrow().depthM();
        return Math.sqrt(astern * astern + across * across + up * up);
    }

    private static Sentence checked(SolvedSpread then, SpreadLine line, double room) {
        double depth = of(then, line.id())
                .flatMap(SolvedLine::shape)
                .map(shape -> Math.max(0, shape.depthM()))
                .orElseThrow();
        return Sentence.of(
                "Solved: it runs at {0}, all lures keep clear, and she may still turn {1} to either side.",
                Figure.distance(depth), Figure.angle(room));
    }
}
