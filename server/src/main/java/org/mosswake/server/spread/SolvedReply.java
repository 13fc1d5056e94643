package org.mosswake.server.spread;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.spread.DeckPoint;
import org.mosswake.core.spread.Finding;
import org.mosswake.core.spread.SolvedLine;
import org.mosswake.core.spread.SolvedSpread;
import org.mosswake.core.spread.Wake;
import org.mosswake.server.tow.TowReply;

/** Every line of a draft solved, and what is worth saying, most important first. */
record SolvedReply(List<LineReply> lines, WakeReply wake, List<FindingReply> findings) {
    /** @param tow places behind {@code tip}, which is in the boat frame */
    record LineReply(
            UUID lineId,
            String label,
            DeckPoint tip,
            TowReply tow,
            @Nullable Double depthPerKnotM,
            @Nullable Double depthPerTenM,
            @Nullable Double pullPerKnotN,
            double weakestLineN,
            @Nullable RideReply ride) {
        static LineReply of(SolvedLine line, Wake wake) {
            return new LineReply(
                    line.line().id(),
                    line.label(),
                    line.line().holder().tip(),
                    TowReply.of(line.answer()),
                    line.depthPerKnotM().orElse(null),
                    line.depthPerTenM().orElse(null),
                    line.pullPerKnotN().orElse(null),
                    line.line().weakestLine().newtons(),
                    line.ride(wake).map(RideReply::of).orElse(null));
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
            @Nullable Double share,
            @Nullable Double depthM,
            @Nullable Double asternM,
            @Nullable Double pullN,
            @Nullable Double dragN,
            @Nullable Double limitN,
            @Nullable MendReply mend) {
        static FindingReply of(Finding finding) {
            return new FindingReply(
                    finding.kind(),
                    finding.kind().warns(),
                    finding.lines(),
                    finding.share().orElse(null),
                    finding.depthM().orElse(null),
                    finding.asternM().orElse(null),
                    finding.pullN().orElse(null),
                    finding.dragN().orElse(null),
                    finding.limitN().orElse(null),
                    finding.mend().map(MendReply::of).orElse(null));
        }
    }

    /** @param value in SI: m/s, m or N by the change */
    record MendReply(Finding.Mend.Change change, @Nullable UUID lineId, double value) {
        static MendReply of(Finding.Mend mend) {
            return new MendReply(mend.change(), mend.line().orElse(null), mend.value());
        }
    }

    static SolvedReply of(SolvedSpread solved) {
        return new SolvedReply(
                solved.lines().stream()
                        .map(line -> LineReply.of(line, solved.wake()))
                        .toList(),
                WakeReply.of(solved.wake()),
                solved.findings().stream().map(FindingReply::of).toList());
    }
}
