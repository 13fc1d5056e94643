package org.mosswake.server.spread;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.gear.DeckPoint;
import org.mosswake.core.spread.BranchPlace;
import org.mosswake.core.spread.DeepPlace;
import org.mosswake.core.spread.DeepRig;
import org.mosswake.core.spread.Finding;
import org.mosswake.core.spread.SolvedLine;
import org.mosswake.core.spread.SolvedSpread;
import org.mosswake.core.spread.TwoSpeeds;
import org.mosswake.core.spread.Wake;
import org.mosswake.core.sure.Likely;
import org.mosswake.core.tow.Belly;
import org.mosswake.server.platform.wire.SentenceReply;
import org.mosswake.server.tow.TowReply;
import org.mosswake.server.tow.TowReply.PathPoint;

/** Every line of a draft solved, and what is worth saying, most important first. */
record SolvedReply(
        List<LineReply> lines,
        WakeReply wake,
        List<FindingReply> findings,
        @Nullable GroundReply ground) {
    /**
     * @param tow         places behind {@code tip}, which is in the boat frame
     * @param likely      of the lure's depth; absent where it has no range
     * @param otherLikely of the ball's depth, or the second lure's
     * @param likelyPull  of the water at the tip; absent where it has no range
     */
    record LineReply(
            UUID lineId,
            String label,
            DeckPoint tip,
            TowReply tow,
            @Nullable Double depthPerKnotM,
            @Nullable Double depthPerTenM,
            @Nullable Double pullPerKnotN,
            double weakestN,
            @Nullable RideReply ride,
            @Nullable DeepReply deep,
            @Nullable BranchReply branch,
            @Nullable LikelyReply likely,
            @Nullable LikelyReply otherLikely,
            @Nullable LikelyPull likelyPull) {
        static LineReply of(SolvedLine line, Wake wake) {
            return new LineReply(
                    line.line().id(),
                    line.label(),
                    line.line().holder().tip(),
                    TowReply.of(line.answer()),
                    line.depthPerKnotM().orElse(null),
                    line.depthPerTenM().orElse(null),
                    line.pullPerKnotN().orElse(null),
                    line.line().chain().strength().newtons(),
                    line.ride(wake).map(RideReply::of).orElse(null),
                    line.deep()
                            .map(place -> DeepReply.of(place, line.line().deep().orElseThrow()))
                            .orElse(null),
                    line.branch().map(BranchReply::of).orElse(null),
                    line.likely().lure().map(LikelyReply::of).orElse(null),
                    line.likely().other().map(LikelyReply::of).orElse(null),
                    line.likely().pull().map(LikelyPull::of).orElse(null));
        }
    }

    /** Between {@code lowM} and {@code highM} four times in five, when it runs; {@code atSurface} when it does not, 0 to 1. */
    record LikelyReply(double lowM, double highM, double atSurface) {
        static LikelyReply of(Likely likely) {
            return new LikelyReply(likely.low(), likely.high(), likely.atSurface());
        }
    }

    /**
     * A downrigger; places behind the line's tip, which is its pulley.
     *
     * @param clipHoldN  pull at which the clip lets go
     * @param bellyM     of line from clip to rod, taken up until the rod bends
     */
    record DeepReply(
            double ballDepthM,
            double ballAsternM,
            double clipDepthM,
            double clipAsternM,
            double blowBackM,
            double clipPullN,
            double clipHoldN,
            double cablePullN,
            List<PathPoint> cable,
            @Nullable Double bellyM,
            List<PathPoint> belly) {
        static DeepReply of(DeepPlace deep, DeepRig rig) {
            return new DeepReply(
                    deep.ballDepthM(),
                    deep.ballAsternM(),
                    deep.clipDepthM(),
                    deep.clipAsternM(),
                    deep.blowBackM(),
                    deep.clipPullN(),
                    rig.seat().holdN(),
                    deep.cablePullN(),
                    PathPoint.of(deep.cable()),
                    deep.belly().map(Belly.Shape::lengthM).orElse(null),
                    PathPoint.of(deep.belly().map(Belly.Shape::path).orElse(List.of())));
        }
    }

    /** The second lure of a three-way; places behind the line's tip. */
    record BranchReply(double depthM, double asternM, double lateralM, double pullN, List<PathPoint> path) {
        static BranchReply of(BranchPlace branch) {
            return new BranchReply(
                    branch.depthM(), branch.asternM(), branch.lateralM(), branch.pullN(), PathPoint.of(branch.path()));
        }
    }

    /** Both speeds; the course over the ground clockwise from north, the stream along the heading positive from astern. */
    record GroundReply(double overGroundMps, double courseDeg, double aheadMps) {
        static GroundReply of(TwoSpeeds both) {
            return new GroundReply(both.overGroundMps(), Math.toDegrees(both.courseRad()), both.aheadMps());
        }
    }

    /**
     * The wave a surface lure rides and the water it swims in.
     *
     * @param offCrest share of a wave behind its crest; negative on the face towards the boat
     */
    record RideReply(int crest, double offCrest, boolean insideWedge, Wake.Water water) {
        static RideReply of(SolvedLine.Ride ride) {
            return new RideReply(ride.crest(), ride.offCrest(), ride.insideWedge(), ride.water());
        }
    }

    record FindingReply(
            Finding.Kind kind,
            boolean warns,
            List<UUID> lineIds,
            SentenceReply title,
            SentenceReply text,
            @Nullable MendReply mend) {
        static FindingReply of(Finding finding) {
            return new FindingReply(
                    finding.kind(),
                    finding.kind().warns(),
                    finding.lines(),
                    SentenceReply.of(finding.title()),
                    SentenceReply.of(finding.text()),
                    finding.mend().map(MendReply::of).orElse(null));
        }
    }

    static SolvedReply of(SolvedSpread solved) {
        return new SolvedReply(
                solved.lines().stream()
                        .map(line -> LineReply.of(line, solved.wake()))
                        .toList(),
                WakeReply.of(solved.wake()),
                solved.findings().stream().map(FindingReply::of).toList(),
                solved.ground().map(GroundReply::of).orElse(null));
    }
}
