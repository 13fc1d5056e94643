package org.mosswake.core.build;

import java.util.List;
import org.mosswake.core.handling.SpreadTurns;
import org.mosswake.core.spread.LurePlace;
import org.mosswake.core.spread.Wake;

/**
 * What a first spread is searched for, as points: lures where the playbook wants them, on the front of a wave, in the
 * right water, under the surface, pairs level, every lure apart from the others, and room to turn. All weights are
 * {@code ESTIMATE}.
 */
final class Objective {
    /** Lures ride best a little before the crest (practice): that far along the wave. */
    private static final double ON_THE_FRONT = -0.12;
    /** Lures nearer to one another than this are worth less (m). */
    private static final double APART_M = 9;
    /** Depth counts so much more than distance: a fish sees one lure over another at a few metres. */
    private static final double DEPTH_COUNTS = 3;

    private static final double SURFACE_M = 1;
    private static final double POINTS_A_DEGREE = 0.12;

    private Objective() {}

    /** A line where it is, with what is wanted of it. */
    record Set(Placing placing, LurePlace place) {}

    static double of(List<Set> sets, Wake wake) {
        double points = 0;
        for (Set set : sets) {
            points += one(set, wake);
        }
        for (int i = 0; i < sets.size(); i++) {
            for (int j = i + 1; j < sets.size(); j++) {
                points += two(sets.get(i), sets.get(j));
            }
        }
        return points;
    }

    private static double one(Set set, Wake wake) {
        LurePlace place = set.place();
        double points = -8 * place.skippingShare() + set.placing().wish(place);
        if (place.depthM() <= SURFACE_M) {
            double off = Math.abs(wake.offCrest(place.asternM()) - ON_THE_FRONT);
            points += 1.5 * (1 - 2 * Math.min(off, 1 - off));
            Wake.Water water = wake.waterAt(place.asternM(), place.starboardM());
            if (set.placing().slot().wash()) {
                points += water == Wake.Water.CLEAN ? -1 : 1.5;
            } else {
                points += water == Wake.Water.CLEAN ? 1 : water == Wake.Water.EDGE ? 0 : -3;
            }
        }
        return points;
    }

    private static double two(Set a, Set b) {
        double astern = Math.abs(a.place().asternM() - b.place().asternM());
        double depth = Math.abs(a.place().depthM() - b.place().depthM());
        if (a.placing().twinOf(b.placing())) {
            return a.placing().level() ? 2 - 0.8 * astern - 2 * depth : 0;
        }
        double across = Math.abs(a.place().starboardM() - b.place().starboardM());
        double apart = Math.sqrt(astern * astern + across * across + Math.pow(DEPTH_COUNTS * depth, 2));
        return apart >= APART_M ? 0 : -3 * (APART_M - apart) / APART_M;
    }

    /** Ninety degrees are eleven points; what is short of sixty costs as much again. */
    static double turn(double narrowerRad) {
        double degrees = Math.toDegrees(Math.min(SpreadTurns.WANTED_RAD, narrowerRad));
        double shortfall = Math.max(0, Math.toDegrees(SpreadTurns.TOO_LITTLE_RAD) - degrees);
        return POINTS_A_DEGREE * degrees - POINTS_A_DEGREE * shortfall;
    }

    /** The narrowest turn that is worth so many points (rad): {@link #turn} the other way round. */
    static double turnWorth(double points) {
        double tooLittle = Math.toDegrees(SpreadTurns.TOO_LITTLE_RAD);
        double short60 = POINTS_A_DEGREE * tooLittle;
        double degrees = points >= short60 ? points / POINTS_A_DEGREE : (points + short60) / (2 * POINTS_A_DEGREE);
        return Math.toRadians(Math.max(0, degrees));
    }
}
