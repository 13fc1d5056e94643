package org.mosswake.core.course;

import java.util.Arrays;

/** The straight line that keeps the lures in the band for longest, wherever near the start it begins. */
final class Straight {
    private static final double STEP_DEG = 3;
    private static final double FINE_DEG = 0.5;
    private static final double FARTHEST_M = 600;
    private static final double ASIDE_M = 100;
    private static final double EVERY_M = 60;
    private static final double SAME = 1e-9;

    private final Band band;
    private final Pose start;
    private final double lengthM;
    private final double behindM;
    private Track best;
    private double share;

    private Straight(Pose start, double lengthM, Band band, Towed towed) {
        this.start = start;
        this.lengthM = lengthM;
        this.band = band;
        behindM = Arrays.stream(towed.some()).average().orElse(0);
        best = Track.straight(start, lengthM);
        share = share(start);
    }

    /** @param towardsRad within a right angle of which it goes; NaN for whatever way */
    static Track best(Pose start, double lengthM, Band band, Towed towed, double towardsRad) {
        boolean any = Double.isNaN(towardsRad);
        double first = any ? 0 : Math.toDegrees(towardsRad) - 90;
        var search = new Straight(new Pose(start.northM(), start.eastM(), any ? 0 : towardsRad), lengthM, band, towed);
        for (double deg = first; deg < first + (any ? 360 : 180); deg += STEP_DEG) {
            search.look(Math.toRadians(deg));
        }
        double about = search.best.start().headingRad();
        for (double deg = -STEP_DEG; deg <= STEP_DEG; deg += FINE_DEG) {
            search.look(about + Math.toRadians(deg));
        }
        return search.best;
    }

    private void look(double headingRad) {
        var heading = new Pose(start.northM(), start.eastM(), headingRad);
        for (double aside = -FARTHEST_M; aside <= FARTHEST_M; aside += ASIDE_M) {
            Pose begin = heading.beside(aside);
            double here = share(begin);
            // The nearest of equals.
            boolean nearer = here > share - SAME && Math.abs(aside) < start.toM(best.start()) - 1;
            if (here > share + SAME || nearer) {
                best = Track.straight(begin, lengthM);
                share = here;
            }
        }
    }

    /** Of the middle of her lures, which is enough to tell lines apart. */
    private double share(Pose begin) {
        double north = EVERY_M * Math.cos(begin.headingRad());
        double east = EVERY_M * Math.sin(begin.headingRad());
        Pose first = begin.ahead(-behindM);
        int looks = (int) (lengthM / EVERY_M) + 1;
        int in = 0;
        for (int i = 0; i < looks; i++) {
            in += band.has(first.northM() + i * north, first.eastM() + i * east) ? 1 : 0;
        }
        return (double) in / looks;
    }
}
