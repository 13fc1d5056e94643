package org.mosswake.core.turn;

import java.util.EnumMap;
import java.util.Map;

/** Poses of the pivot, step by step, through half a turn to each side and straight on from any step of it. */
final class TurnWays {
    /** Steps of half a turn, and the angle of each (rad). */
    final int steps;

    private final double angle;
    private final StraightSteps straight;
    private final double run;
    private final Map<Side, Pose[]> turns = new EnumMap<>(Side.class);

    TurnWays(TurnRules rules) {
        steps = (int) Math.ceil(Math.PI * rules.radiusM() / rules.stepM());
        angle = rules.stepM() / rules.radiusM();
        run = rules.stepM();
        straight = new StraightSteps(run);
        for (Side side : Side.values()) {
            Helm helm = Helm.turn(side, Math.PI, rules.radiusM());
            var poses = new Pose[steps + 1];
            for (int k = 0; k <= steps; k++) {
                poses[k] = helm.after(k * run, rules.start());
            }
            turns.put(side, poses);
        }
    }

    double turned(int step) {
        return Math.min(Math.PI, step * angle);
    }

    Pose turn(Side side, int step) {
        Pose[] poses = turns.get(side);
        return step <= steps ? poses[step] : ahead(poses[steps], (step - steps) * run);
    }

    Pose straight(Side side, int from, int step) {
        return ahead(turns.get(side)[from], straight.distanceM(step));
    }

    StraightSteps straightSteps() {
        return straight;
    }

    private static Pose ahead(Pose pose, double distance) {
        return new Pose(pose.placeX(-distance, 0), pose.placeY(-distance, 0), pose.headingRad());
    }
}
