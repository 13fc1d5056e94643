package org.mosswake.core.tow;

import java.util.List;
import java.util.Optional;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.units.SpeedThroughWater;

/**
 * A cable with a ball, and a fishing line in its clip. The fishing line's pull on the cable counts: a large attractor
 * lifts the ball by metres.
 *
 * @param pulleyHeightM over the water (m)
 * @param cableOutM     from the surface down (m), as a counter zeroed with the ball at the water shows it
 * @param clipAboveM    of the ball, along the cable (m)
 * @param cable         one metre of it
 * @param fishing       from the lure up to the clip
 * @param held          what the line from the clip up to the rod pulls with
 */
public record Downrigger(
        SpeedThroughWater speed,
        double pulleyHeightM,
        double cableOutM,
        double clipAboveM,
        Body ball,
        LinePiece cable,
        List<Link> fishing,
        Belly.Pull held) {
    public static final Accepted CABLE_OUT_M = new Accepted(2, 180, "m");
    public static final Accepted CLIP_ABOVE_M = new Accepted(0.5, 60, "m");
    /** Least cable between clip and pulley (m). */
    public static final double LEAST_ABOVE_CLIP_M = 0.5;

    public Downrigger {
        fishing = List.copyOf(fishing);
        var faults = new Faults();
        CABLE_OUT_M.check(faults, "cableOutM", cableOutM);
        new Accepted(
                        CLIP_ABOVE_M.least(),
                        Math.max(CLIP_ABOVE_M.least(), Math.min(CLIP_ABOVE_M.most(), cableOutM - LEAST_ABOVE_CLIP_M)),
                        "m")
                .check(faults, "clipAboveM", clipAboveM);
        faults.throwIfAny();
    }

    /** With nothing pulling at the clip but the fishing line. */
    public Downrigger(
            SpeedThroughWater speed,
            double pulleyHeightM,
            double cableOutM,
            double clipAboveM,
            Body ball,
            LinePiece cable,
            List<Link> fishing) {
        this(speed, pulleyHeightM, cableOutM, clipAboveM, ball, cable, fishing, Belly.Pull.NONE);
    }

    public Downrigger held(Belly.Pull pull) {
        return new Downrigger(speed, pulleyHeightM, cableOutM, clipAboveM, ball, cable, fishing, pull);
    }

    public Downrigger withCableOut(double metres) {
        return new Downrigger(speed, pulleyHeightM, metres, clipAboveM, ball, cable, fishing, held);
    }

    public Downrigger withSpeed(double mps) {
        return new Downrigger(
                new SpeedThroughWater(mps), pulleyHeightM, cableOutM, clipAboveM, ball, cable, fishing, held);
    }

    /** Empty when the line or the cable has no shape. */
    public Optional<Answer> solve(TowSolver tows) {
        return branched().solve(tows).map(this::answer);
    }

    /** Depths of the ball and of the lure (m) alone: for searches that try many. */
    public Optional<BranchedTow.Depths> depths(TowSolver tows) {
        return branched().depths(tows);
    }

    /** Where the clip hangs, from the pulley; empty as {@link #solve}. */
    public Optional<Point> clip(TowSolver tows) {
        return branched().junction(tows);
    }

    private BranchedTow branched() {
        double above = cableOutM + pulleyHeightM - clipAboveM;
        var main = new Tow(
                speed,
                pulleyHeightM,
                List.of(Link.of(ball, cable.withLength(clipAboveM)), Link.bare(cable.withLength(above))));
        return new BranchedTow(main, 1, fishing, held);
    }

    private Answer answer(BranchedTow.Answer solved) {
        TowShape line = solved.branch();
        return new Answer(
                solved.main(),
                line,
                solved.junction(),
                cableOutM - solved.main().depthM(),
                line.tensionAtTipN());
    }

    /** Cable to let out for a wanted depth of the lure (m). */
    public Sought cableFor(TowSolver tows, double lureDepthM) {
        double least = Math.max(CABLE_OUT_M.least(), clipAboveM + LEAST_ABOVE_CLIP_M);
        var range = new Accepted(least, CABLE_OUT_M.most(), "m");
        return DepthSeeker.over(
                range,
                cableOutM,
                cableOut -> withCableOut(cableOut)
                        .solve(tows)
                        .map(answer -> answer.line().depthM())
                        .orElse(Double.NaN),
                lureDepthM);
    }

    /**
     * @param cable     from the pulley; its lure is the ball
     * @param line      from the clip
     * @param clip      from the pulley
     * @param blowBackM cable out less the ball's depth (m)
     * @param clipPullN pull of the fishing line at the clip (N): what its hold must exceed
     */
    public record Answer(TowShape cable, TowShape line, Point clip, double blowBackM, double clipPullN) {
        /** Of the lure behind the pulley (m). */
        public double lureAsternM() {
            return clip.asternM() + line.asternM();
        }
    }
}
