package org.mosswake.core.course;

import java.util.ArrayList;
import java.util.List;

/** A course as it is steered: from corner to corner, none farther off the way than a receiver is wrong. */
public final class Legs {
    private static final double LOOK_M = 20;

    /**
     * @param from          with the course made good as its heading
     * @param headingRad    steered, up against what the stream sets aside
     * @param overGroundMps made good
     */
    public record Leg(Pose from, double headingRad, double overGroundMps, double lengthM) {}

    private Legs() {}

    /**
     * By leaving out what lies within so far of the line between two others (D. Douglas and T. Peucker, "Algorithms for the
     * reduction of the number of points", Cartographica 10, 1973).
     */
    public static List<Leg> of(Track track, Towed towed, double withinM) {
        List<Pose> all = new ArrayList<>(track.every(LOOK_M));
        all.add(track.end());
        var kept = new boolean[all.size()];
        kept[0] = true;
        kept[all.size() - 1] = true;
        keep(all, 0, all.size() - 1, withinM, kept);
        var legs = new ArrayList<Leg>();
        Pose from = all.get(0);
        for (int i = 1; i < all.size(); i++) {
            if (kept[i]) {
                legs.add(leg(from, all.get(i), towed));
                from = all.get(i);
            }
        }
        return legs;
    }

    private static void keep(List<Pose> all, int first, int last, double withinM, boolean[] kept) {
        int farthest = -1;
        double most = withinM;
        for (int i = first + 1; i < last; i++) {
            double off = all.get(first)
                    .lineToM(all.get(last), all.get(i).northM(), all.get(i).eastM());
            if (off > most) {
                most = off;
                farthest = i;
            }
        }
        if (farthest >= 0) {
            kept[farthest] = true;
            keep(all, first, farthest, withinM, kept);
            keep(all, farthest, last, withinM, kept);
        }
    }

    private static Leg leg(Pose from, Pose to, Towed towed) {
        double course = from.bearingRad(to);
        return new Leg(
                new Pose(from.northM(), from.eastM(), course),
                towed.headingRad(course),
                towed.overGroundMps(course),
                from.toM(to));
    }
}
