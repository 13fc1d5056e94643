package org.mosswake.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import org.mosswake.core.caution.Caution;
import org.mosswake.core.gear.LineItem;
import org.mosswake.core.rig.BaitRig;
import org.mosswake.core.rig.Chain;
import org.mosswake.core.rig.DragWindow;
import org.mosswake.core.rig.LineTied;
import org.mosswake.core.rig.Material;
import org.mosswake.core.rig.Piece;
import org.mosswake.core.rig.Reel;
import org.mosswake.core.rig.Run;
import org.mosswake.core.rig.Shock;
import org.mosswake.core.rig.Tether;
import org.mosswake.core.spread.Labels;
import org.mosswake.core.spread.LineRigging;
import org.mosswake.core.spread.LineSolver;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.sure.Likely;
import org.mosswake.core.tow.TowAnswer;
import org.mosswake.core.tow.TowShape;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.SpeedThroughWater;

/**
 * One line of a spread on the bench.
 *
 * @param shape   as it is towed; empty where it is in the air
 * @param pull    of the water at the tip, how far it may be off (N); empty where it has no range
 * @param window  of the strike drag, with what widens it when it is empty
 * @param shock   of a fish met at this speed
 * @param offM    main line off the reel (m)
 * @param keepM   to stay behind it (m)
 * @param runs    of a fish, nearest first; empty without a reel
 */
public record LineBench(
        SpreadLine line,
        String label,
        Chain chain,
        Optional<TowShape> shape,
        Optional<Likely> pull,
        Optional<DragWindow> window,
        List<DragMend> mends,
        Optional<Shock> shock,
        double offM,
        double keepM,
        List<Run> runs,
        Optional<BaitRig> bait,
        Optional<Tether> tether,
        List<BenchNote> notes,
        List<Caution> cautions) {
    /** A fish that runs draws line at about ten knots (m/s, ESTIMATE). */
    static final double RUN_MPS = 5;

    private static final double[] RUNS_M = {50, 100, 150, 200, 300, 400};

    public LineBench {
        runs = List.copyOf(runs);
        notes = List.copyOf(notes);
        cautions = List.copyOf(cautions);
    }

    /** Every line of a spread, in its order. */
    public static List<LineBench> all(Spread spread, BenchAsk ask) {
        var labels = Labels.of(spread.lines());
        var solver = new LineSolver();
        return spread.lines().stream()
                .map(line -> of(line, labels.get(line.id()), spread.speed(), ask, solver))
                .toList();
    }

    public static LineBench of(SpreadLine line, String label, SpeedThroughWater speed, BenchAsk ask) {
        return of(line, label, speed, ask, new LineSolver());
    }

    static LineBench of(SpreadLine line, String label, SpeedThroughWater speed, BenchAsk ask, LineSolver solver) {
        Optional<TowShape> shape = solver.settle(line, speed) instanceof TowAnswer.Shaped shaped
                ? Optional.of(shaped.shape())
                : Optional.empty();
        Chain chain = line.chain();
        Optional<Force> pull = shape.map(towed -> new Force(towed.tensionAtTipN()));
        Optional<DragWindow> window = pull.map(line::dragWindow);
        List<DragMend> mends = window.filter(DragWindow::isEmpty)
                .map(empty -> new DragMends(line, speed, solver, ask).all())
                .orElse(List.of());
        double off = solver.offReelM(line, speed);
        // A fish that has taken the line out of its clip has all of it, up to the rod.
        Optional<Shock> shock = pull.map(force -> shock(line, withMain(chain.fromTheFish(), off), ask, speed, force));
        var bench = new LineBench(
                line,
                label,
                chain,
                shape,
                solver.likely(line, speed).pull(),
                window,
                mends,
                shock,
                off,
                ask.keepM().orElseGet(() -> LineRigging.usualKeepM(line)),
                line.rigging().reel().map(reel -> runs(line, reel, off)).orElse(List.of()),
                line.rigging().bait().map(BaitRig::of),
                shock.map(met -> Tether.of(met, line.rigging().numbers())),
                List.of(),
                cautions(line, chain, speed));
        return bench.withNotes(new BenchNotes(bench, speed, ask).all());
    }

    static Shock shock(SpreadLine line, List<Piece> pieces, BenchAsk ask, SpeedThroughWater speed, Force pull) {
        return Shock.of(
                pieces,
                ask.fishKg(),
                speed.mps(),
                pull,
                line.strikeDrag(),
                line.rigging().numbers());
    }

    static List<Piece> withMain(List<Piece> pieces, double lengthM) {
        var all = new ArrayList<>(pieces);
        int main = all.size() - 1;
        all.set(main, all.get(main).withLength(lengthM));
        return List.copyOf(all);
    }

    private static List<Run> runs(SpreadLine line, Reel reel, double off) {
        LineItem main = line.tackle().get(line.tackle().size() - 1).line();
        double left = reel.leftM(main.diameterM(), off);
        return DoubleStream.of(RUNS_M)
                .filter(run -> run <= left)
                .mapToObj(run -> run(line, reel, off, run))
                .toList();
    }

    static Run run(SpreadLine line, Reel reel, double off, double run) {
        LineItem main = line.tackle().get(line.tackle().size() - 1).line();
        return Run.of(
                reel, main.diameterM(), main.metre().tangentialDragCoefficient(), off, run, line.strikeDrag(), RUN_MPS);
    }

    private static List<Caution> cautions(SpreadLine line, Chain chain, SpeedThroughWater speed) {
        var cautions = new ArrayList<Caution>();
        if (line.throwsAWeight(speed)) {
            cautions.add(Caution.WEIGHT_BACK);
        }
        if (line.heavilyDragged()) {
            cautions.add(Caution.HEAVY_DRAG);
        }
        cautions.add(Caution.ROD_UNDER_LOAD);
        if (chain.standsTeeth()) {
            cautions.add(Caution.TEETH);
        }
        cautions.add(Caution.LEADER);
        return cautions;
    }

    private LineBench withNotes(List<BenchNote> said) {
        return new LineBench(
                line, label, chain, shape, pull, window, mends, shock, offM, keepM, runs, bait, tether, said, cautions);
    }

    /**
     * As the lists of an evening count it.
     *
     * @param teeth met by its method; empty: where it is tied against them
     */
    public LineTied tied(Optional<Boolean> teeth) {
        return new LineTied(
                label,
                chain,
                line.rigging(),
                line.letOutM(),
                teeth.orElse(chain.standsTeeth()),
                line.lure().name(),
                line.strikeDrag(),
                line.rigging().bait().map(any -> line.lure().massKg()));
    }

    /** Line left on the reel behind the let-out (m). */
    public Optional<Double> leftM() {
        return line.rigging()
                .reel()
                .map(reel -> reel.leftM(
                        line.tackle().get(line.tackle().size() - 1).line().diameterM(), offM));
    }

    /** Metres of line that stretches. */
    public double springyM() {
        return chain.fromTheFish().stream()
                .filter(piece -> piece.material() == Material.MONO || piece.material() == Material.FLUOROCARBON)
                .mapToDouble(Piece::lengthM)
                .sum();
    }
}
