package org.mosswake.core.course;

import java.util.List;
import java.util.Optional;

/** Round and on to a way that leads back. */
final class Turning {
    /** Joins are looked for so far along it, in radii. */
    private static final double FARTHEST = 5;

    private Turning() {}

    /** With the turn that is shortest, counted with what of the way it leaves out. */
    static Optional<Track> on(Track track, List<Pose> way, double radiusM) {
        Pose end = track.end();
        Way best = null;
        double least = Double.MAX_VALUE;
        int last = Math.min(way.size() - 1, (int) (FARTHEST * radiusM / Guide.STEP_M));
        for (int i = 0; i <= last; i++) {
            Way turn = Way.shortest(end, way.get(i), radiusM, 0);
            double cost = turn.lengthM() + i * Guide.STEP_M;
            if (cost < least) {
                least = cost;
                best = turn;
            }
        }
        return Optional.ofNullable(best).map(turn -> track.then(turn, radiusM));
    }
}
