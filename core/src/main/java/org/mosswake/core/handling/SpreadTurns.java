package org.mosswake.core.handling;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.spread.Change;
import org.mosswake.core.spread.Labels;
import org.mosswake.core.spread.LetOutMove;
import org.mosswake.core.spread.Mend;
import org.mosswake.core.spread.SolvedSpread;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.turn.RoundSearch;
import org.mosswake.core.turn.RoundTurn;
import org.mosswake.core.turn.Side;
import org.mosswake.core.turn.SideLimit;
import org.mosswake.core.turn.TurnFrame;
import org.mosswake.core.turn.TurnLine;
import org.mosswake.core.turn.TurnRules;
import org.mosswake.core.turn.TurnStudy;
import org.mosswake.core.units.Sentence;

/** A spread's turns: limits, half turns to look at, and the smallest change that lets her turn farther. */
public final class SpreadTurns {
    /** Lines nearer than this across foul, unless they pass well under one another (m). */
    public static final double CLEAR_ACROSS_M = TurnRules.USUAL_CLEAR_ACROSS_M;
    /** A boat that cannot turn so far to a side is hard to fish (rad): offered mends reach it. */
    public static final double WANTED_RAD = Math.toRadians(90);
    /** Less than this is a warning (rad). */
    public static final double TOO_LITTLE_RAD = Math.toRadians(60);
    /** A change that gains less is not worth the work (rad). */
    private static final double WORTH_RAD = Math.toRadians(9);
    /** Changes of let-out tried, from the smallest (m). */
    private static final double[] LET_OUT_STEPS_M = {2, 3, 4, 6, 9, 13, 18, 26, 36, 50, 70};
    /** Both of a pair are somewhat more work than one. */
    private static final double PAIR_WORK = 1.2;
    /** Moving a line to another holder is as much work as this much line (m). */
    private static final double HOLDER_COST_M = 9;
    /** Taking a line in for good is the last thing a crew does (m). */
    private static final double TAKE_IN_COST_M = 100;
    /** Swings kept for the orders before all are forgotten: twelve lines under three helms each. */
    private static final int MOST_SWINGS = 150;

    /** Lines kept as they are turned before all are forgotten. */
    private static final int MOST_TURNED = 200;

    private final TowSolver tows = new TowSolver();
    private final Map<SpreadLine, TurnLine> turned = new HashMap<>();
    private final TurnStudy study;
    private final Map<SettingOrder.Swing, List<TurnFrame>> swings = new HashMap<>();
    private final List<Holder> holders;

    /** @param holders of the boat, for mends that move a line */
    public SpreadTurns(TurnRules rules, List<Holder> holders) {
        this.study = new TurnStudy(rules);
        this.holders = List.copyOf(holders);
    }

    public Map<Side, SideLimit> limits(Spread spread) {
        return study.limits(lines(spread));
    }

    public List<TurnFrame> halfTurn(Spread spread, Side side) {
        return study.halfTurn(lines(spread), side);
    }

    /**
     * Of setting and clearing, by what was followed already.
     *
     * @param allIn the skipper's way with a fish on: every line in
     */
    public Orders orders(SolvedSpread solved, Spread spread, boolean allIn) {
        if (swings.size() > MOST_SWINGS) {
            swings.clear();
        }
        return Orders.of(solved, spread, study, swings, allIn);
    }

    /** A search of mends asks for the same lines again and again. */
    private List<TurnLine> lines(Spread spread) {
        if (turned.size() > MOST_TURNED) {
            turned.clear();
        }
        return spread.lines().stream()
                .map(line -> turned.computeIfAbsent(line, one -> one.turned(spread.speed(), tows)))
                .toList();
    }

    /** The tightest way right round to each side, for a boat of this length. */
    public Map<Side, RoundTurn> rightRound(Spread spread, double boatLengthM) {
        TurnRules rules = study.rules();
        return new RoundSearch(rules, TurnRules.tightestM(rules.speedMps(), boatLengthM)).of(lines(spread));
    }

    /**
     * How far she may turn, looked for up to {@link #WANTED_RAD}.
     *
     * @param side  the narrower one
     * @param fouls what stops her there: one line that goes slack, or two; empty where nothing does
     */
    public record Room(double portRad, double starboardRad, Side side, List<UUID> fouls, double againM) {
        public double narrowerRad() {
            return Math.min(portRad, starboardRad);
        }
    }

    /** Of a boat of this length, turning as tightly as is usual. */
    public static SpreadTurns usual(double speedMps, double boatLengthM, List<Holder> holders) {
        return new SpreadTurns(
                new TurnRules(
                        speedMps,
                        TurnRules.USUAL_RADIUS_M,
                        TurnRules.usualPivotAsternM(boatLengthM),
                        TurnRules.USUAL_CLEAR_ACROSS_M,
                        TurnRules.USUAL_CLEAR_UP_M),
                holders);
    }

    /** False where a turn of just this angle (rad), or the straight run after it, fouls to either side: a cheap question. */
    public boolean mayReach(Spread spread, double angleRad) {
        List<TurnLine> lines = lines(spread);
        for (Side side : Side.values()) {
            if (angleRad > 0 && study.fouls(lines, side, angleRad)) {
                return false;
            }
        }
        return true;
    }

    public Room room(Spread spread) {
        List<TurnLine> lines = lines(spread);
        SideLimit port = study.limit(lines, Side.PORT, WANTED_RAD);
        SideLimit starboard = study.limit(lines, Side.STARBOARD, WANTED_RAD);
        SideLimit narrower = port.limitRad() <= starboard.limitRad() ? port : starboard;
        var fouls = new ArrayList<UUID>();
        narrower.firstFoul().ifPresent(foul -> {
            fouls.add(spread.lines().get(foul.line()).id());
            foul.other().ifPresent(other -> fouls.add(spread.lines().get(other).id()));
        });
        return new Room(port.limitRad(), starboard.limitRad(), narrower.side(), fouls, narrower.againM());
    }

    /**
     * A change of one line that widens a turn.
     *
     * @param limitRad what the side allows then
     * @param enough   true when that is as much as is wanted
     */
    public record Widening(Side side, Mend mend, double limitRad, boolean enough) {}

    /** @param then the spread after the change */
    private record Trial(Mend mend, Spread then, double cost) {}

    /**
     * The smallest change of one of the two lines that foul which lets the boat turn as far as wanted to the tighter side
     * and no less to the other; if none reaches it, the one that gains most. Found by search: every change is simulated.
     */
    public Optional<Widening> mend(Spread spread) {
        Map<Side, SideLimit> now = limits(spread);
        Side side = now.get(Side.PORT).limitRad() <= now.get(Side.STARBOARD).limitRad() ? Side.PORT : Side.STARBOARD;
        double before = now.get(side).limitRad();
        double other = Math.min(WANTED_RAD, now.get(side.other()).limitRad());
        if (before >= WANTED_RAD || now.get(side).firstFoul().isEmpty()) {
            return Optional.empty();
        }
        Optional<Widening> best = Optional.empty();
        for (Trial trial : trials(spread, now.get(side))) {
            List<TurnLine> changed = lines(trial.then());
            double bar = best.map(Widening::limitRad).orElse(before + WORTH_RAD);
            // Most changes foul where the spread does now, or short of the best so far: those are turned just so far.
            if (study.fouls(changed, side, before + study.stepRad())
                    || study.fouls(changed, side, Math.min(bar, WANTED_RAD))) {
                continue;
            }
            double limit = study.limit(changed, side, WANTED_RAD).limitRad();
            boolean enough = limit >= WANTED_RAD - 1e-6;
            if (limit < bar - 1e-9 && !enough) {
                continue;
            }
            double opposite = study.limit(changed, side.other(), other).limitRad();
            if (opposite < other - 1e-6 || (best.isPresent() && limit <= bar && !enough)) {
                continue;
            }
            best = Optional.of(new Widening(side, trial.mend(), limit, enough));
            if (enough) {
                return best;
            }
        }
        return best;
    }

    private List<Trial> trials(Spread spread, SideLimit limit) {
        var trials = new ArrayList<Trial>();
        var foul = limit.firstFoul().orElseThrow();
        addTrials(spread, spread.lines().get(foul.line()), trials);
        foul.other().ifPresent(other -> addTrials(spread, spread.lines().get(other), trials));
        trials.sort(Comparator.comparingDouble(Trial::cost));
        return trials;
    }

    private void addTrials(Spread spread, SpreadLine line, List<Trial> trials) {
        String label = Labels.of(spread.lines()).get(line.id());
        double shortest = LetOutMove.shortestM(line);
        double most = line.letOutM() - line.lengthM(line.tackle().size() - 1) + 400;
        Optional<SpreadLine> twin = LetOutMove.twin(spread, line);
        double work = twin.isPresent() ? PAIR_WORK : 1;
        for (double step : LET_OUT_STEPS_M) {
            for (double letOut : new double[] {line.letOutM() - step, line.letOutM() + step}) {
                if (letOut >= shortest && letOut <= most) {
                    LetOutMove move = LetOutMove.of(spread, line, twin, letOut, "");
                    trials.add(new Trial(move.mend(), move.then(), step * work));
                }
            }
        }
        if (spread.lines().size() > 1) {
            trials.add(new Trial(
                    Mend.by(new Change.TakeIn(line.id()), Sentence.of("Take " + label + " out of the spread")),
                    spread.without(line.id()),
                    TAKE_IN_COST_M));
        }
        if (line.deep().isPresent()) {
            return;
        }
        for (Holder holder : holders) {
            boolean taken = spread.lines().stream()
                    .anyMatch(other -> other.holder().id().equals(holder.id()));
            if (!taken && holder.kind() != HolderKind.DOWNRIGGER) {
                trials.add(new Trial(
                        Mend.by(
                                new Change.ToHolder(line.id(), holder.id()),
                                Sentence.of(moved(line, holder, label) + Sentence.plain(holder.name()))),
                        spread.with(line.withHolder(holder)),
                        HOLDER_COST_M));
            }
        }
    }

    /** A line that changes sides is said to, in the first word. */
    private static String moved(SpreadLine line, Holder to, String label) {
        double from = line.holder().tip().starboardM();
        return from * to.tip().starboardM() < 0 ? "Cross " + label + " over to " : "Move " + label + " to ";
    }
}
