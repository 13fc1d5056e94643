package org.mosswake.core.course;

import java.util.ArrayList;
import java.util.List;
import org.mosswake.core.units.Plane;

/** The way about the top of a hump, on the side that the stream sets on to; all round it in still water. */
final class Hump {
    /** Looked for so far from the place that was named (m). */
    private static final double NEAR_M = 1500;

    private static final double STEP_M = 50;
    private static final double WIDEST_M = 3000;
    private static final double STEP_RAD = Math.toRadians(5);
    /** To either side of where the stream comes from. */
    private static final double SIDE_RAD = Math.toRadians(100);

    private static final double SLACK_MPS = 0.05;

    private Hump() {}

    /** Empty where the bottom does not rise to a top near there. */
    static List<Pose> about(Band band, Pose near, Towed towed) {
        Pose top = top(band.field(), near);
        double wanted = (band.from() + band.to()) / 2;
        if (!(band.field().at(top.northM(), top.eastM()) < band.to())) {
            return List.of();
        }
        double mps = Plane.hypot(towed.streamNorthMps(), towed.streamEastMps());
        double from = Math.atan2(-towed.streamEastMps(), -towed.streamNorthMps());
        double reach = mps < SLACK_MPS ? Math.PI : SIDE_RAD;
        var ring = new ArrayList<Pose>();
        for (double turn = -reach; turn <= reach; turn += STEP_RAD) {
            var ray = new Pose(top.northM(), top.eastM(), from + turn);
            double out = Math.max(out(band.field(), ray, wanted), towed.radiusOverGroundM());
            if (out < WIDEST_M) {
                ring.add(ray.ahead(out));
            }
        }
        return ring.size() < 4 ? List.of() : Guide.evenly(ring);
    }

    private static Pose top(Field depth, Pose near) {
        Pose top = near;
        double least = Double.MAX_VALUE;
        for (double north = -NEAR_M; north <= NEAR_M; north += STEP_M) {
            for (double east = -NEAR_M; east <= NEAR_M; east += STEP_M) {
                double here = depth.at(near.northM() + north, near.eastM() + east);
                if (here < least) {
                    least = here;
                    top = new Pose(near.northM() + north, near.eastM() + east, 0);
                }
            }
        }
        return top;
    }

    private static double out(Field depth, Pose ray, double wanted) {
        for (double out = STEP_M; out < WIDEST_M; out += STEP_M) {
            Pose there = ray.ahead(out);
            if (!(depth.at(there.northM(), there.eastM()) < wanted)) {
                return out;
            }
        }
        return WIDEST_M;
    }
}
