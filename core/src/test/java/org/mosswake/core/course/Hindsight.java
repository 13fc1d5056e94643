package org.mosswake.core.course;

import java.util.List;
import java.util.Optional;
import org.mosswake.core.course.MetFlock.End;

/**
 * Whether a flock could have been met at all, all that it did being known: a search over when she begins to turn, where her way crosses
 * that of the flock, on which heading and how far astern of her. Another method than the one it judges, which knows what was seen until
 * now and takes the flock to go straight on.
 */
final class Hindsight {
    private static final double[] WAITS_S = {0, 40, 120, 300};
    private static final int HEADINGS = 24;
    private static final int[] LURES = {0, 2, 4, 5};
    private static final int STEP_S = 5;

    private final MetFlock met;
    private final Pose begins;

    private Hindsight(MetFlock met) {
        this.met = met;
        this.begins = met.begins();
    }

    static boolean couldMeet(MetFlock met) {
        return new Hindsight(met).searched();
    }

    private boolean searched() {
        for (double wait : WAITS_S) {
            for (int lure : LURES) {
                for (int i = 0; i < HEADINGS; i++) {
                    if (onHeading(wait, MetFlock.LURES_M[lure], 2 * Math.PI * i / HEADINGS)) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    /** Each moment at which she would be where the flock comes to so much later, neither too early nor too late. */
    private boolean onHeading(double wait, double astern, double heading) {
        double early = -1;
        for (int t = (int) wait + STEP_S; t + astern / met.mps < MetFlock.LONGEST_S; t += STEP_S) {
            double left = left(wait, astern, heading, t);
            if (left >= 0 && early < 0) {
                double low = t - STEP_S;
                double high = t;
                while (high - low > 0.05) {
                    double middle = (low + high) / 2;
                    if (left(wait, astern, heading, middle) >= 0) {
                        high = middle;
                    } else {
                        low = middle;
                    }
                }
                if (meets(way(wait, astern, heading, high), wait)) {
                    return true;
                }
            }
            early = left;
        }
        return false;
    }

    /** What she could run more until then (m). */
    private double left(double wait, double astern, double heading, double t) {
        return met.mps * (t - wait) - way(wait, astern, heading, t).lengthM();
    }

    private Way way(double wait, double astern, double heading, double t) {
        double then = t + astern / met.mps;
        int whole = (int) then;
        double part = then - whole;
        double north = met.flock[whole][0] + part * (met.flock[whole + 1][0] - met.flock[whole][0]);
        double east = met.flock[whole][1] + part * (met.flock[whole + 1][1] - met.flock[whole][1]);
        return Way.shortest(begins.ahead(met.mps * wait), new Pose(north, east, heading), MetFlock.RADIUS_M, 0);
    }

    private boolean meets(Way way, double wait) {
        List<Pose> been = met.before(begins);
        for (int t = 0; t < MetFlock.LONGEST_S; t++) {
            been.add(t < wait ? begins.ahead(met.mps * t) : way.at(met.mps * (t - wait)));
            Optional<End> end = met.at(been, t);
            if (end.isPresent()) {
                return end.get() == End.MET;
            }
        }
        return false;
    }
}
