package org.mosswake.core.spread;

import java.util.List;
import java.util.Optional;
import org.mosswake.core.tow.Belly;
import org.mosswake.core.tow.BodyPlace;
import org.mosswake.core.tow.BranchedTow;
import org.mosswake.core.tow.Downrigger;
import org.mosswake.core.tow.Point;
import org.mosswake.core.tow.TowAnswer;
import org.mosswake.core.tow.TowShape;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.units.SpeedThroughWater;

/** Solves a line of whatever build: plain, three-way, or down a cable. Places are from the holder's tip. */
public final class LineSolver {
    /**
     * The crew takes up until a soft rod bends: seven tenths of a kilogram (N, ESTIMATE). Twice as much would lift a ball of
     * 4.5 kg higher than crews find it.
     */
    private static final double FIRM_N = 7;
    /** Rounds of clip and belly: the second moves the ball by centimetres. */
    private static final int HELD_ROUNDS = 2;

    /** Rods for deep lines stand beside the arm, their tips this much above its pulley (m, ESTIMATE). */
    private static final double ROD_OVER_PULLEY_M = 1.2;

    private static final TowAnswer COMES_UP =
            new TowAnswer.NotConverged("The ball comes up: the cable has no shape at this speed.", 0);

    final TowSolver tows;

    public LineSolver() {
        this(new TowSolver());
    }

    LineSolver(TowSolver tows) {
        this.tows = tows;
    }

    /**
     * @param answer of the line's own lure
     * @param deep   for a line on a downrigger that has a shape
     * @param branch for a three-way that has a shape
     */
    record Solved(TowAnswer answer, Optional<DeepPlace> deep, Optional<BranchPlace> branch) {}

    Solved solve(SpreadLine line, SpeedThroughWater speed) {
        if (line.deep().isPresent()) {
            return onCable(line, speed)
                    .map(answer ->
                            new Solved(shaped(answer), Optional.of(deepPlace(line, answer, speed)), Optional.empty()))
                    .orElse(new Solved(COMES_UP, Optional.empty(), Optional.empty()));
        }
        Optional<BranchedTow> branched = line.branched(speed);
        if (branched.isPresent()) {
            return branched.get()
                    .solve(tows)
                    .map(answer -> new Solved(
                            new TowAnswer.Shaped(answer.main()), Optional.empty(), Optional.of(BranchPlace.of(answer))))
                    .orElseGet(() -> unsolved("One lure of the three-way leaves the water."));
        }
        return new Solved(tows.solve(line.tow(speed)), Optional.empty(), Optional.empty());
    }

    /** How far its depths and its pull may be off. */
    public LikelyTow likely(SpreadLine line, SpeedThroughWater speed) {
        return LikelyTow.of(line, speed, tows);
    }

    /** Main line off the reel: behind the clip, and from the clip up to the rod (m). */
    public double offReelM(SpreadLine line, SpeedThroughWater speed) {
        double behind = line.lengthM(line.tackle().size() - 1);
        return line.deep().isEmpty()
                ? behind
                : behind + bellyM(solve(line, speed).deep());
    }

    /** Of ball and lure on a cable; empty for any other line, or one without a shape. */
    Optional<BranchedTow.Depths> depths(SpreadLine line, SpeedThroughWater speed) {
        return line.downrigger(speed).flatMap(rig -> rig.held(held(line, rig)).depths(tows));
    }

    static double bellyM(Optional<DeepPlace> deep) {
        return deep.flatMap(DeepPlace::belly).map(Belly.Shape::lengthM).orElse(0.0);
    }

    /** As {@link #solve}, of plain lines without a path: for searches that try many. */
    public TowAnswer settle(SpreadLine line, SpeedThroughWater speed) {
        boolean plain = line.tackle().stream().allMatch(piece -> piece.branch().isEmpty());
        if (line.deep().isPresent()) {
            return onCable(line, speed).map(LineSolver::shaped).orElse(COMES_UP);
        }
        return plain ? tows.settle(line.tow(speed)) : solve(line, speed).answer();
    }

    private Optional<Downrigger.Answer> onCable(SpreadLine line, SpeedThroughWater speed) {
        return line.downrigger(speed).flatMap(rig -> rig.held(held(line, rig)).solve(tows));
    }

    private static TowAnswer shaped(Downrigger.Answer answer) {
        return new TowAnswer.Shaped(shifted(answer.line(), answer.clip()));
    }

    private static Solved unsolved(String reason) {
        return new Solved(new TowAnswer.NotConverged(reason, 0), Optional.empty(), Optional.empty());
    }

    /** What the line from clip to rod, taken up firm, pulls on the clip with; nothing where it cannot be firm. */
    Belly.Pull held(SpreadLine line, SpeedThroughWater speed) {
        return line.downrigger(speed).map(rig -> held(line, rig)).orElse(Belly.Pull.NONE);
    }

    private Belly.Pull held(SpreadLine line, Downrigger rig) {
        Belly.Pull pull = Belly.Pull.NONE;
        for (int round = 0; round < HELD_ROUNDS; round++) {
            pull = rig.held(pull)
                    .clip(tows)
                    .flatMap(clip -> belly(line, clip, rig.speed()).at(FIRM_N))
                    .map(Belly.Shape::onClip)
                    .orElse(Belly.Pull.NONE);
        }
        return pull;
    }

    private static Belly belly(SpreadLine line, Point clip, SpeedThroughWater speed) {
        return new Belly(
                speed.mps(),
                Math.max(0.1, -clip.heightM()),
                clip.asternM(),
                line.holder().tip().heightM() + ROD_OVER_PULLEY_M,
                line.tackle().get(line.tackle().size() - 1).line().metre());
    }

    private static DeepPlace deepPlace(SpreadLine line, Downrigger.Answer answer, SpeedThroughWater speed) {
        Belly belly = belly(line, answer.clip(), speed);
        return new DeepPlace(
                answer.cable().depthM(),
                answer.cable().asternM(),
                -answer.clip().heightM(),
                answer.clip().asternM(),
                answer.blowBackM(),
                answer.clipPullN(),
                answer.cable().tensionAtTipN(),
                answer.cable().path(),
                belly.at(FIRM_N));
    }

    private static TowShape shifted(TowShape shape, Point by) {
        return new TowShape(
                shape.regime(),
                shape.depthM(),
                shape.asternM() + by.asternM(),
                shape.lateralM() + by.lateralM(),
                shape.immersion(),
                shape.skippingShare(),
                shape.surfacing(),
                shape.tensionAtLureN(),
                shape.tensionAtTipN(),
                shape.bodies().stream()
                        .map(b -> new BodyPlace(b.link(), shifted(b.place(), by), b.tensionN()))
                        .toList(),
                shape.entry().map(p -> shifted(p, by)),
                shape.residualM(),
                shifted(shape.path(), by));
    }

    private static List<Point> shifted(List<Point> path, Point by) {
        return path.stream().map(p -> shifted(p, by)).toList();
    }

    private static Point shifted(Point p, Point by) {
        return new Point(p.asternM() + by.asternM(), p.lateralM() + by.lateralM(), p.heightM());
    }
}
