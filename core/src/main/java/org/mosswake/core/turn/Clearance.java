package org.mosswake.core.turn;

/**
 * How near two strands come: the least, over all places, of max(across / clearAcross, up / clearUp). Below 1 they are
 * nearer than both clearances at one place. Places compared are the ends of segments with their nearest point on the
 * other strand, and crossings.
 */
final class Clearance {
    private final double across;
    private final double up;

    // Where the last comparison was nearest.
    double nearestX;
    double nearestY;
    double nearestZ;

    Clearance(TurnRules rules) {
        across = rules.clearAcrossM();
        up = rules.clearUpM();
    }

    /** Measure at which two lines foul: 1, or half of what they keep apart at rest when that is less. */
    double threshold(PlanLine a, PlanLine b) {
        Strand one = a.restStrand();
        Strand two = b.restStrand();
        return one == null || two == null ? 1 : least(one, two, 2) / 2;
    }

    /** The least measure below {@code cap}, or {@code cap}. */
    double least(Strand a, Strand b, double cap) {
        double best = cap;
        if (gap(a.minX, a.maxX, b.minX, b.maxX) >= best * across
                || gap(a.minY, a.maxY, b.minY, b.maxY) >= best * across
                || gap(a.minZ, a.maxZ, b.minZ, b.maxZ) >= best * up) {
            return best;
        }
        for (int i = 0; i + 1 < a.x.length; i++) {
            if (outside(a.x[i], a.x[i + 1], b.minX, b.maxX, best * across)
                    || outside(a.y[i], a.y[i + 1], b.minY, b.maxY, best * across)
                    || outside(a.z[i], a.z[i + 1], b.minZ, b.maxZ, best * up)) {
                continue;
            }
            for (int j = 0; j + 1 < b.x.length; j++) {
                if (!apart(a.x[i], a.x[i + 1], b.x[j], b.x[j + 1], best * across)
                        && !apart(a.y[i], a.y[i + 1], b.y[j], b.y[j + 1], best * across)
                        && !apart(a.z[i], a.z[i + 1], b.z[j], b.z[j + 1], best * up)) {
                    best = segments(a, i, b, j, best);
                }
            }
        }
        return best;
    }

    private static double gap(double lowA, double highA, double lowB, double highB) {
        return Math.max(lowA - highB, lowB - highA);
    }

    private static boolean outside(double p, double q, double low, double high, double margin) {
        return Math.min(p, q) - high >= margin || low - Math.max(p, q) >= margin;
    }

    private static boolean apart(double p, double q, double r, double s, double margin) {
        return Math.min(p, q) - Math.max(r, s) >= margin || Math.min(r, s) - Math.max(p, q) >= margin;
    }

    private double segments(Strand a, int i, Strand b, int j, double cap) {
        double best = point(a, i, 0, b, j, cap);
        best = point(a, i, 1, b, j, best);
        best = point(b, j, 0, a, i, best);
        best = point(b, j, 1, a, i, best);
        return crossing(a, i, b, j, best);
    }

    /** End {@code end} of segment i of p against segment j of q. */
    private double point(Strand p, int i, int end, Strand q, int j, double cap) {
        double px = p.x[i + end];
        double py = p.y[i + end];
        double dx = q.x[j + 1] - q.x[j];
        double dy = q.y[j + 1] - q.y[j];
        double square = dx * dx + dy * dy;
        double u = square == 0 ? 0 : ((px - q.x[j]) * dx + (py - q.y[j]) * dy) / square;
        u = u < 0 ? 0 : u > 1 ? 1 : u;
        double ox = px - q.x[j] - u * dx;
        double oy = py - q.y[j] - u * dy;
        double zq = q.z[j] + u * (q.z[j + 1] - q.z[j]);
        double measure = Math.max(Math.sqrt(ox * ox + oy * oy) / across, Math.abs(p.z[i + end] - zq) / up);
        return note(measure, cap, px - ox / 2, py - oy / 2, (p.z[i + end] + zq) / 2);
    }

    private double crossing(Strand a, int i, Strand b, int j, double cap) {
        double ax = a.x[i + 1] - a.x[i];
        double ay = a.y[i + 1] - a.y[i];
        double bx = b.x[j + 1] - b.x[j];
        double by = b.y[j + 1] - b.y[j];
        double cross = ax * by - ay * bx;
        if (cross == 0) {
            return cap;
        }
        double ox = b.x[j] - a.x[i];
        double oy = b.y[j] - a.y[i];
        double u = (ox * by - oy * bx) / cross;
        double v = (ox * ay - oy * ax) / cross;
        if (u < 0 || u > 1 || v < 0 || v > 1) {
            return cap;
        }
        double za = a.z[i] + u * (a.z[i + 1] - a.z[i]);
        double zb = b.z[j] + v * (b.z[j + 1] - b.z[j]);
        return note(Math.abs(za - zb) / up, cap, a.x[i] + u * ax, a.y[i] + u * ay, (za + zb) / 2);
    }

    private double note(double measure, double cap, double x, double y, double z) {
        if (measure >= cap) {
            return cap;
        }
        nearestX = x;
        nearestY = y;
        nearestZ = z;
        return measure;
    }
}
