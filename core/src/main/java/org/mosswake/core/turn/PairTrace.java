package org.mosswake.core.turn;

import java.util.Optional;

/** Watches two lines that follow the same way, step by step, and remembers how far it has looked. */
final class PairTrace {
    private final LineTrace a;
    private final LineTrace b;
    private final double threshold;
    private int looked = -1;
    private int foulAt = Integer.MAX_VALUE;
    private double x;
    private double y;
    private double z;

    /** @param threshold measure of {@link Clearance} below which the pair fouls */
    PairTrace(LineTrace a, LineTrace b, double threshold) {
        this.a = a;
        this.b = b;
        this.threshold = threshold;
    }

    /** True when the pair fouls at this step or before; both lines must have been followed so far. */
    boolean foulsBy(int step, Clearance clearance) {
        while (looked < step && foulAt == Integer.MAX_VALUE) {
            look(++looked, clearance);
        }
        return foulAt <= step;
    }

    private void look(int step, Clearance clearance) {
        Strand one = a.strand(step);
        Strand two = b.strand(step);
        if (one == null || two == null) {
            return;
        }
        double measure = clearance.least(one, two, threshold);
        if (measure < threshold) {
            foulAt = step;
            x = clearance.nearestX;
            y = clearance.nearestY;
            z = clearance.nearestZ;
        }
    }

    /** The foul found, as seen from the boat at {@code pose}. */
    Foul foul(int line, int other, Pose pose, TurnRules rules, double straightM, double afterS) {
        return new Foul(
                line,
                Optional.of(other),
                pose.headingRad(),
                straightM,
                afterS,
                pose.astern(x, y) + rules.pivotAsternM(),
                pose.starboard(x, y),
                z);
    }
}
