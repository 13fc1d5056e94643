package org.mosswake.server.water.sounder;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.water.sounder.MarkCan;
import org.mosswake.core.water.sounder.Reach;
import org.mosswake.core.water.sounder.Sounder;
import org.mosswake.server.platform.wire.SentenceReply;

/**
 * @param footprintM across the cone at that depth
 * @param fish       what one fish shows as, crossed in the middle: its columns, and how far its ends sag
 * @param can        absent where no trace was sent
 * @param lures      of the spread, the nearest first
 */
record SounderReply(
        double footprintM, FishTrace fish, @Nullable TraceCan can, List<LureReach> lures) {
    /** @param columns absent where she lies still: there it never ends */
    record FishTrace(Sounder.Shape shape, @Nullable Double columns, double sagM) {
        static FishTrace of(Sounder sounder, double depthM, double mps) {
            double columns = sounder.columns(depthM, mps);
            return new FishTrace(
                    sounder.shape(columns, mps), Double.isInfinite(columns) ? null : columns, sounder.sagM(depthM));
        }
    }

    record TraceCan(
            boolean oneFish,
            Sounder.Shape looks,
            double leastLengthM,
            double mostLengthM,
            double leastThickM,
            double mostThickM,
            List<SentenceReply> says) {
        static TraceCan of(MarkCan can, Sounder.Shape looks) {
            return new TraceCan(
                    can.oneFish(),
                    looks,
                    can.leastLengthM(),
                    can.mostLengthM(),
                    can.leastThickM(),
                    can.mostThickM(),
                    SentenceReply.of(can.says()));
        }
    }

    /**
     * @param depthM    that it runs
     * @param driftingS until it comes to what drifts under her now, with {@code lyingS} to what lies there
     * @param setM      by so much it passes what lies there, to starboard positive
     */
    record LureReach(
            UUID lineId, String label, double asternM, double depthM, double driftingS, double lyingS, double setM) {
        static LureReach of(UUID line, String label, double asternM, double depthM, Reach reach) {
            return new LureReach(line, label, asternM, depthM, reach.driftingS(), reach.lyingS(), reach.setM());
        }
    }
}
