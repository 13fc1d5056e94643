package org.mosswake.core.turn;

/**
 * Steps of a straight run: as long as those of the turn at first, doubled thrice as the lines swing ever more slowly.
 */
final class StraightSteps {
    /** Distances at which steps double (m); chosen by the convergence study in docs/decisions. */
    private static final double[] DOUBLE_AT_M = {40, 120, 300};

    private final double step;
    private final int[] doublings = new int[DOUBLE_AT_M.length];
    private final double[] reached = new double[DOUBLE_AT_M.length];

    StraightSteps(double stepM) {
        step = stepM;
        double distance = 0;
        int steps = 0;
        for (int i = 0; i < doublings.length; i++) {
            double length = step * (1 << i);
            int more = Math.max(2, (int) Math.ceil((DOUBLE_AT_M[i] - distance) / length));
            steps += more;
            distance += more * length;
            doublings[i] = steps;
            reached[i] = distance;
        }
    }

    double distanceM(int steps) {
        int phase = phase(steps);
        return phase == 0 ? steps * step : reached[phase - 1] + (steps - doublings[phase - 1]) * step * (1 << phase);
    }

    /** How often the length of a step has doubled before the step that leads to {@code steps}. */
    int phase(int steps) {
        int phase = 0;
        while (phase < doublings.length && steps > doublings[phase]) {
            phase++;
        }
        return phase;
    }

    /** Steps that cover at least this distance (m). */
    int covering(double distance) {
        int steps = 0;
        while (distanceM(steps) < distance) {
            steps++;
        }
        return steps;
    }
}
