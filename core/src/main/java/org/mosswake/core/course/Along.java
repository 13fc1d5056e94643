package org.mosswake.core.course;

import java.util.List;
import java.util.Optional;

/**
 * Where she is on a course that is steered from corner to corner.
 *
 * @param leg     she is on, the first is 0
 * @param offM    of it, to starboard positive
 * @param nextM   to go on it
 * @param turnRad at its end, to starboard positive; 0 at the end of the course
 * @param leftM   to the end of the course
 */
public record Along(int leg, double offM, double nextM, double turnRad, double leftM) {
    /** She is on a leg rather than on one that leads back past her, by so much (m). */
    private static final double WRONG_WAY_M = 400;
    /** Farther off it she is elsewhere (m). */
    private static final double ELSEWHERE_M = 4000;

    /**
     * Empty where she is far off it or past its end.
     *
     * @param corners at least two
     * @param boat    with the course she makes good as its heading
     */
    public static Optional<Along> of(List<Pose> corners, Pose boat) {
        int best = -1;
        double least = Double.MAX_VALUE;
        for (int i = 0; i + 1 < corners.size(); i++) {
            double away =
                    Math.IEEEremainder(boat.headingRad() - corners.get(i).bearingRad(corners.get(i + 1)), 2 * Math.PI);
            double from = corners.get(i).lineToM(corners.get(i + 1), boat.northM(), boat.eastM());
            double cost = from + (Math.abs(away) > Math.PI / 2 ? WRONG_WAY_M : 0);
            if (from < ELSEWHERE_M && cost < least - 1e-6) {
                least = cost;
                best = i;
            }
        }
        if (best < 0) {
            return Optional.empty();
        }
        Pose end = corners.get(best + 1);
        Pose begin = towards(corners.get(best), end);
        double left = begin.toM(end) - begin.aheadM(boat);
        boolean last = best + 2 == corners.size();
        if (last && left < 0) {
            return Optional.empty();
        }
        double after = 0;
        for (int i = best + 1; i + 1 < corners.size(); i++) {
            after += corners.get(i).toM(corners.get(i + 1));
        }
        double turn =
                last ? 0 : Math.IEEEremainder(end.bearingRad(corners.get(best + 2)) - begin.headingRad(), 2 * Math.PI);
        return Optional.of(new Along(best, begin.starboardM(boat), Math.max(0, left), turn, Math.max(0, left) + after));
    }

    private static Pose towards(Pose begin, Pose end) {
        return new Pose(begin.northM(), begin.eastM(), begin.bearingRad(end));
    }
}
