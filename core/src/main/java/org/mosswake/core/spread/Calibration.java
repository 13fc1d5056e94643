package org.mosswake.core.spread;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.gear.Coefficient;
import org.mosswake.core.gear.DeckPoint;
import org.mosswake.core.gear.Fitted;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.gear.LineItem;
import org.mosswake.core.gear.LineKind;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.sure.Factor;
import org.mosswake.core.sure.Sighting;
import org.mosswake.core.tow.Fit;
import org.mosswake.core.tow.TowAnswer;
import org.mosswake.core.tow.TowShape;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.SpeedThroughWater;

/**
 * Fits one coefficient of one item to what the skipper saw of lines that carry it.
 *
 * @param item of the lure, weight or line
 * @param old  its value so far
 */
public record Calibration(UUID item, Coefficient coefficient, double old, List<Observation> observations) {
    /** Depths or offsets that change less than this over the whole range do not answer to the coefficient (m). */
    private static final double ANSWERS_M = 0.05;
    /** A maker's rating is taken from a rod held over the side (m, ESTIMATE). */
    private static final double RATED_TIP_M = 1;

    public enum Kind {
        /** The lure touched bottom at a charted depth. */
        BOTTOM(0.3, 0.02),
        /** The lure's echo stood at a depth. */
        ECHO(0.3, 0.02),
        /** The maker's depth, on the line and let-out he states. */
        RATED(0, 0.2),
        /** Seen so far to a side of its tip. */
        OFFSET(0.5, 0.1);

        private final double metres;
        private final double share;

        Kind(double metres, double share) {
            this.metres = metres;
            this.share = share;
        }

        /** Standard deviation of such a reading (m, ESTIMATE). */
        double readingM(double seenM) {
            return metres + share * seenM;
        }
    }

    /**
     * @param line  as it was towed then
     * @param seenM depth, or distance to the side (m)
     */
    public record Observation(Kind kind, SpreadLine line, SpeedThroughWater speed, double seenM) {}

    /** The lure alone on a stated line. */
    public static SpreadLine rated(LureItem lure, LineKind stated, Force strength, double letOutM) {
        var tip = new Holder(
                new UUID(0, 0),
                "Rod",
                HolderKind.FLAT,
                new DeckPoint(0, 0, RATED_TIP_M),
                new DeckPoint(0, 0, RATED_TIP_M));
        var line = new LineItem(new UUID(0, 1), "Stated line", stated, stated.metreRated(strength), strength);
        return new SpreadLine(
                new UUID(0, 2),
                tip,
                letOutM,
                new Force(0),
                List.of(new TacklePiece(Optional.of(lure), line, Optional.empty())));
    }

    /** @throws FaultException when the observations cannot say anything of the coefficient, or ask for too much */
    public Fit fit() {
        var faults = new Faults();
        for (int i = 0; i < observations.size(); i++) {
            if (!carries(observations.get(i).line())) {
                faults.add(FaultCode.CALIBRATION_WITHOUT_ITEM, "observations[" + i + "].line");
            }
        }
        faults.throwIfAny();
        var solver = new LineSolver();
        var range = coefficient.range(old);
        var computed = observations.stream()
                .map(o -> new Fit.Observation(value -> computed(solver, o, value), o.seenM()))
                .toList();
        Fit fit = Fit.of(computed, old, range)
                .orElseThrow(() -> FaultException.of(FaultCode.CALIBRATION_NO_SHAPE, "observations"));
        if (computed.stream().allMatch(o -> deaf(o, fit.value(), range))) {
            throw FaultException.of(FaultCode.CALIBRATION_NO_ANSWER, "coefficient");
        }
        if (fit.atBound()) {
            throw FaultException.of(FaultCode.CALIBRATION_AT_END, "observations", fit.value());
        }
        return fit;
    }

    /**
     * What each observation says of how sure depths are, with the coefficient at its fitted value. What was of that
     * moment only (speed, let-outs, the tip) counts as noise.
     */
    public List<Sighting> sightings(double value) {
        return observations.stream().map(seen -> sighting(seen, value)).toList();
    }

    private Sighting sighting(Observation seen, double value) {
        var doubts = new LineDoubts(fitted(with(seen.line(), value)));
        var slopes = new HashMap<Factor, Double>();
        double squares = Math.pow(seen.kind().readingM(seen.seenM()) / seen.seenM(), 2);
        for (int k = 0; k < doubts.all().size(); k++) {
            double slope = slope(doubts, k, seen);
            Factor factor = doubts.all().factor(k);
            if (factor.what().ofTheMoment()) {
                squares += slope * slope;
            } else if (slope != 0) {
                slopes.put(factor, doubts.all().perUnit(k, slope));
            }
        }
        return new Sighting(slopes, Math.sqrt(squares));
    }

    /** Of the logarithm of what was seen, for one standard deviation; 0 where either side has no depth. */
    private static double slope(LineDoubts doubts, int k, Observation seen) {
        var off = new double[doubts.all().size()];
        off[k] = 1;
        double more = measured(doubts, off, seen);
        off[k] = -1;
        double less = measured(doubts, off, seen);
        return more > 0 && less > 0 ? Math.log(more / less) / 2 : 0;
    }

    private static double measured(LineDoubts doubts, double[] off, Observation seen) {
        LineDoubts.Moved moved = doubts.moved(seen.speed(), doubts.all().moved(off));
        return new LineSolver().settle(moved.line(), moved.speed()) instanceof TowAnswer.Shaped shaped
                ? measured(shaped.shape(), seen)
                : Double.NaN;
    }

    private SpreadLine fitted(SpreadLine line) {
        var alone = new Fitted(Set.of(coefficient), List.of());
        return line.with(
                lure -> lure.id().equals(item) ? lure.fitted(alone) : lure,
                other -> other.id().equals(item) ? other.fitted(alone) : other);
    }

    private static boolean deaf(Fit.Observation observation, double value, Accepted range) {
        double ends = Math.signum(value);
        double less = ends * Math.max(Math.abs(range.least()), Math.abs(value) / 2);
        double more = ends * Math.min(Math.abs(range.most()), Math.abs(value) * 2);
        return Math.abs(observation.computed().applyAsDouble(more)
                        - observation.computed().applyAsDouble(less))
                < ANSWERS_M;
    }

    private boolean carries(SpreadLine line) {
        var items = new ArrayList<UUID>();
        for (TacklePiece piece : line.tackle()) {
            piece.item().map(LureItem::id).ifPresent(items::add);
            items.add(piece.line().id());
            piece.branch().ifPresent(branch -> {
                items.add(branch.lure().id());
                items.add(branch.line().id());
            });
        }
        line.deep().ifPresent(rig -> {
            items.add(rig.ball().id());
            items.add(rig.cable().id());
        });
        return items.contains(item);
    }

    private double computed(LineSolver solver, Observation seen, double value) {
        return solver.settle(with(seen.line(), value), seen.speed()) instanceof TowAnswer.Shaped shaped
                ? measured(shaped.shape(), seen)
                : Double.NaN;
    }

    private static double measured(TowShape shape, Observation seen) {
        return seen.kind() == Kind.OFFSET ? Math.abs(shape.lateralM()) : shape.depthM();
    }

    private SpreadLine with(SpreadLine line, double value) {
        UnaryOperator<LineItem> lines =
                old -> !old.id().equals(item) ? old : old.withMetre(coefficient.in(old.metre(), value));
        UnaryOperator<LureItem> lures =
                old -> !old.id().equals(item) ? old : old.withBody(coefficient.in(old.body(), value));
        return line.with(lures, lines);
    }
}
