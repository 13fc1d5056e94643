package org.mosswake.core.turn;

import org.mosswake.core.units.Plane;

/**
 * How two lines lie to one another at a moment. They <em>meet</em> where they cross in plan and stand no farther over one
 * another than lines that slide on each other do, or where a lure comes to the other line; with water between they
 * <em>pass over</em>; nearer than the skipper's margin they are <em>near</em>. How far they stand apart counts with the
 * likely range of that gap. All errors both lines share cancel in it.
 */
final class Meeting {
    /** Lines this near over one another where they cross slide on each other (m). */
    private static final double SLIDES_M = 0.3;
    /** A lure this near to another line takes it (m). */
    private static final double TAKES_M = 0.5;
    /** Apart across at rest by less, one hangs over the other (m). */
    private static final double ABREAST_M = 0.5;
    /** Square of the sine of the angle between two pieces that are parallel. */
    private static final double PARALLEL = 1e-12;

    enum Grade {
        APART,
        PASSES,
        NEAR,
        MEETS
    }

    private final double clearAcross;
    private final double clearUp;

    // Of the last look: where they were worst, and how far apart there.
    double x;
    double y;
    double z;
    double between;
    /** How much nearer they may come before they meet (m). */
    double spare;

    private Grade grade;
    private double worst;

    Meeting(TurnRules rules) {
        clearAcross = rules.clearAcrossM();
        clearUp = rules.clearUpM();
    }

    /**
     * What counts for one pair: never more than half of what they keep apart at rest, each direction for itself.
     *
     * @param slides heights nearer than this, without their range, meet where lines cross (m)
     * @param takes  a lure nearer than this meets (m)
     * @param across nearer than this across, and
     * @param up     than this over one another, they are near (m)
     * @param gap    what is not known of the heights between
     */
    record Margins(double slides, double takes, double across, double up, Gap gap) {}

    /** Half a likely range of the heights between two lines, by the share of its lure's depth that each has there. */
    record Gap(double one, double two, double both) {
        double at(double shareOne, double shareTwo) {
            double variance = shareOne * shareOne * one + shareTwo * shareTwo * two - 2 * shareOne * shareTwo * both;
            return Math.sqrt(Math.max(0, variance));
        }
    }

    Margins margins(PlanLine a, PlanLine b) {
        Gap gap = a.gapTo(b);
        Strand one = a.restStrand();
        Strand two = b.restStrand();
        var most = new Margins(SLIDES_M, TAKES_M, clearAcross, clearUp, gap);
        if (one == null || two == null) {
            return most;
        }
        var lures = new Nearest();
        lures.look(one, two);
        lures.look(two, one);
        double crossing = crossingUp(one, two);
        boolean over = lures.across < ABREAST_M;
        return new Margins(
                Math.min(SLIDES_M, crossing / 2),
                Math.min(TAKES_M, lures.space / 2),
                over ? clearAcross : Math.min(clearAcross, lures.across / 2),
                Math.min(clearUp, Math.min(over ? lures.up / 2 : clearUp, crossing / 2)),
                gap);
    }

    private double crossingUp(Strand a, Strand b) {
        var apart = new Margins(0, 0, 0, Double.POSITIVE_INFINITY, new Gap(0, 0, 0));
        grade = Grade.APART;
        worst = Double.POSITIVE_INFINITY;
        between = Double.POSITIVE_INFINITY;
        crossings(a, b, apart);
        return between;
    }

    Grade look(Strand a, Strand b, Margins pair) {
        grade = Grade.APART;
        worst = Double.POSITIVE_INFINITY;
        between = Double.POSITIVE_INFINITY;
        spare = Double.POSITIVE_INFINITY;
        double reach = Math.max(pair.across(), pair.takes());
        if (apart(a.minX, a.maxX, b.minX, b.maxX, reach) || apart(a.minY, a.maxY, b.minY, b.maxY, reach)) {
            return grade;
        }
        crossings(a, b, pair);
        lure(a, b, pair, false);
        lure(b, a, pair, true);
        return grade;
    }

    private static boolean apart(double lowA, double highA, double lowB, double highB, double reach) {
        return Math.max(lowA - highB, lowB - highA) >= reach;
    }

    private void crossings(Strand a, Strand b, Margins pair) {
        for (int i = 0; i + 1 < a.x.length; i++) {
            double lowX = Math.min(a.x[i], a.x[i + 1]);
            double highX = Math.max(a.x[i], a.x[i + 1]);
            double lowY = Math.min(a.y[i], a.y[i + 1]);
            double highY = Math.max(a.y[i], a.y[i + 1]);
            if (apart(lowX, highX, b.minX, b.maxX, 0) || apart(lowY, highY, b.minY, b.maxY, 0)) {
                continue;
            }
            for (int j = 0; j + 1 < b.x.length; j++) {
                if (!apart(lowX, highX, Math.min(b.x[j], b.x[j + 1]), Math.max(b.x[j], b.x[j + 1]), 0)
                        && !apart(lowY, highY, Math.min(b.y[j], b.y[j + 1]), Math.max(b.y[j], b.y[j + 1]), 0)) {
                    crossing(a, i, b, j, pair);
                }
            }
        }
    }

    private void crossing(Strand a, int i, Strand b, int j, Margins pair) {
        double ax = a.x[i + 1] - a.x[i];
        double ay = a.y[i + 1] - a.y[i];
        double bx = b.x[j + 1] - b.x[j];
        double by = b.y[j + 1] - b.y[j];
        double cross = ax * by - ay * bx;
        // Of two lines straight over one another the last digits say anywhere: they cross nowhere.
        if (cross * cross <= PARALLEL * (ax * ax + ay * ay) * (bx * bx + by * by)) {
            return;
        }
        double ox = b.x[j] - a.x[i];
        double oy = b.y[j] - a.y[i];
        double u = (ox * by - oy * bx) / cross;
        double v = (ox * ay - oy * ax) / cross;
        if (u < 0 || u > 1 || v < 0 || v > 1) {
            return;
        }
        double za = a.z[i] + u * (a.z[i + 1] - a.z[i]);
        double zb = b.z[j] + v * (b.z[j + 1] - b.z[j]);
        double up = Math.abs(za - zb);
        double range = pair.gap().at(a.share(i, u), b.share(j, v));
        // Where a lure has just come over the other line it takes it from farther.
        double meets =
                i == 0 || j == 0 ? Math.max(pair.slides(), Math.min(pair.takes(), 2 * pair.slides())) : pair.slides();
        spare = Math.min(spare, up - meets - range);
        Grade here = up < meets + range ? Grade.MEETS : up < pair.up() ? Grade.NEAR : Grade.PASSES;
        note(here, up, a.x[i] + u * ax, a.y[i] + u * ay, (za + zb) / 2);
    }

    /** The lure of one against the other line. */
    private void lure(Strand one, Strand other, Margins pair, boolean turned) {
        var nearest = new Nearest();
        nearest.look(one, other);
        double shareOne = one.share(0, 0);
        double shareTwo = other.share(nearest.piece, nearest.along);
        double range = turned ? pair.gap().at(shareTwo, shareOne) : pair.gap().at(shareOne, shareTwo);
        double up = Math.max(0, nearest.up - range);
        double apart = Plane.hypot(nearest.across, up);
        spare = Math.min(spare, apart - pair.takes());
        if (apart < pair.takes()) {
            note(Grade.MEETS, nearest.up, nearest.x, nearest.y, nearest.z);
        } else if (nearest.across < pair.across() && nearest.up < pair.up()) {
            note(Grade.NEAR, Plane.hypot(nearest.across, nearest.up), nearest.x, nearest.y, nearest.z);
        }
    }

    private void note(Grade here, double up, double atX, double atY, double atZ) {
        if (here.compareTo(grade) < 0 || (here == grade && up >= worst)) {
            return;
        }
        grade = here;
        worst = up;
        between = up;
        x = atX;
        y = atY;
        z = atZ;
    }

    /** A lure's place nearest in plan on another strand; of two lures looked at, the nearer. */
    private static final class Nearest {
        double across = Double.POSITIVE_INFINITY;
        double up = Double.POSITIVE_INFINITY;
        double space = Double.POSITIVE_INFINITY;
        int piece;
        double along;
        double x;
        double y;
        double z;

        void look(Strand one, Strand other) {
            double px = one.x[0];
            double py = one.y[0];
            for (int j = 0; j + 1 < other.x.length; j++) {
                double dx = other.x[j + 1] - other.x[j];
                double dy = other.y[j + 1] - other.y[j];
                double square = dx * dx + dy * dy;
                double u = square == 0 ? 0 : ((px - other.x[j]) * dx + (py - other.y[j]) * dy) / square;
                u = u < 0 ? 0 : u > 1 ? 1 : u;
                double ox = px - other.x[j] - u * dx;
                double oy = py - other.y[j] - u * dy;
                double plan = Math.sqrt(ox * ox + oy * oy);
                if (plan < across) {
                    double height = other.z[j] + u * (other.z[j + 1] - other.z[j]);
                    across = plan;
                    up = Math.abs(one.z[0] - height);
                    space = Math.min(space, Plane.hypot(plan, up));
                    piece = j;
                    along = u;
                    x = px - ox / 2;
                    y = py - oy / 2;
                    z = (one.z[0] + height) / 2;
                }
            }
        }
    }
}
