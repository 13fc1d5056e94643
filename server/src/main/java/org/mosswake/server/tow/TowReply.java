package org.mosswake.server.tow;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.tow.AirborneMend;
import org.mosswake.core.tow.BodyPlace;
import org.mosswake.core.tow.Point;
import org.mosswake.core.tow.Surfacing;
import org.mosswake.core.tow.TowAnswer;
import org.mosswake.core.tow.TowShape;

/**
 * The pinned answer of {@code POST /api/tow}: the reference's fields and more. Places are behind the tip: astern,
 * to starboard, height above the surface.
 *
 * @param regime {@code RUNNING}, {@code SURFACE}, {@code AIRBORNE} or {@code NOT_CONVERGED}; figures only with the
 *               first two
 * @param residualM what the search left over: by how much the line ended beside the tip
 * @param mends  for a lure that flies: single changes that put it back
 * @param reason for a line without an answer
 */
public record TowReply(
        String regime,
        @Nullable Double depthM,
        @Nullable Double asternM,
        @Nullable Double lateralM,
        @Nullable Double immersion,
        @Nullable Double skippingShare,
        @Nullable Surfacing surfacing,
        @Nullable Double tensionAtLureN,
        @Nullable Double tensionAtTipN,
        List<BodyPlace> bodies,
        @Nullable Point entry,
        @Nullable Double residualM,
        List<PathPoint> path,
        List<AirborneMend> mends,
        @Nullable String reason) {
    /** A point of the drawn line, behind the tip. */
    public record PathPoint(double asternM, double lateralM, double heightM) {
        /** To the millimetre: a drawing needs no more, and a drag sends twelve paths forty times a second. */
        public static List<PathPoint> of(List<Point> path) {
            return path.stream()
                    .map(p -> new PathPoint(
                            millimetres(p.asternM()), millimetres(p.lateralM()), millimetres(p.heightM())))
                    .toList();
        }

        private static double millimetres(double metres) {
            return Math.round(metres * 1000) / 1000.0;
        }
    }

    public static TowReply of(TowAnswer answer) {
        if (answer instanceof TowAnswer.Shaped shaped) {
            return of(shaped.shape());
        }
        if (answer instanceof TowAnswer.Airborne airborne) {
            return without("AIRBORNE", airborne.mends(), null);
        }
        return without("NOT_CONVERGED", List.of(), ((TowAnswer.NotConverged) answer).reason());
    }

    private static TowReply of(TowShape shape) {
        return new TowReply(
                shape.regime().name(),
                shape.depthM(),
                shape.asternM(),
                shape.lateralM(),
                shape.immersion(),
                shape.skippingShare(),
                shape.surfacing(),
                shape.tensionAtLureN(),
                shape.tensionAtTipN(),
                shape.bodies(),
                shape.entry().orElse(null),
                shape.residualM(),
                PathPoint.of(shape.path()),
                List.of(),
                null);
    }

    private static TowReply without(String regime, List<AirborneMend> mends, @Nullable String reason) {
        return new TowReply(
                regime, null, null, null, null, null, null, null, null, List.of(), null, null, List.of(), mends,
                reason);
    }
}
