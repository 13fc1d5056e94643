package org.mosswake.core.tow;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads an answer off the last trial: places relative to the tip, tensions, and a path smooth enough to draw. */
final class ShapeReader {
    /** A drawn segment turns by no more than about a degree and a half: drawings stretch depth. */
    private static final double TURN_PER_SEGMENT = 0.026;

    private static final int LEAST_SEGMENTS = 24;

    private static final int MOST_PER_STEP = 24;

    private final Trial trial;
    private final double lift;
    private final double residual;
    private final double tipX;
    private final double tipY;

    /** @param lift scales heights above the surface, where the line lies along it and its end would miss the tip */
    ShapeReader(Trial trial, double lift, double residual) {
        this.trial = trial;
        this.residual = residual;
        this.lift = lift;
        this.tipX = trial.x(trial.nodes() - 1);
        this.tipY = trial.y(trial.nodes() - 1);
    }

    TowShape read(Regime regime, double immersion, Body lure, boolean drawn) {
        Point place = point(0);
        double share = regime == Regime.RUNNING ? 0 : 1 - immersion / Math.min(1, lure.floatingShare());
        double skipping = Math.max(0, share);
        return new TowShape(
                regime,
                place.depthM(),
                place.asternM(),
                place.lateralM(),
                immersion,
                skipping,
                Surfacing.of(regime, share),
                trial.tension(0),
                trial.tension(trial.nodes() - 1),
                bodies(),
                entry(),
                residual,
                drawn ? path() : List.of());
    }

    private Point point(int i) {
        return new Point(trial.x(i) - tipX, trial.y(i) - tipY, height(trial.z(i)));
    }

    private double height(double z) {
        double above = z - trial.surface();
        return above > 0 ? lift * above : above;
    }

    private List<BodyPlace> bodies() {
        var places = new ArrayList<BodyPlace>();
        for (int i = 0; i < trial.nodes(); i++) {
            boolean first = i == 0 || trial.piece(i) != trial.piece(i - 1);
            if (first && trial.hasBody(trial.piece(i))) {
                places.add(new BodyPlace(trial.piece(i), point(i), trial.tension(i)));
            }
        }
        return places;
    }

    /** The crossing nearest the tip. */
    private Optional<Point> entry() {
        for (int i = trial.nodes() - 1; i > 0; i--) {
            double here = trial.z(i) - trial.surface();
            double below = trial.z(i - 1) - trial.surface();
            if (here > 0 && below <= 0) {
                return Optional.of(point(i - 1));
            }
        }
        return Optional.empty();
    }

    private List<Point> path() {
        var points = new ArrayList<Point>();
        points.add(point(0));
        for (int i = 1; i < trial.nodes(); i++) {
            if (trial.s(i) > trial.s(i - 1)) {
                segment(i - 1, i, points);
            }
        }
        return points;
    }

    private void segment(int a, int b, List<Point> points) {
        double ds = trial.s(b) - trial.s(a);
        double wanted = Math.max(turn(a, b) / TURN_PER_SEGMENT, LEAST_SEGMENTS * ds / trial.s(trial.nodes() - 1));
        int parts = Math.max(1, Math.min(MOST_PER_STEP, (int) Math.ceil(wanted)));
        double ta = ds / trial.tension(a);
        double tb = ds / trial.tension(b);
        for (int k = 1; k < parts; k++) {
            double u = (double) k / parts;
            points.add(new Point(
                    Hermite.at(u, trial.x(a), trial.x(b), ta * trial.fx(a), tb * trial.fx(b)) - tipX,
                    Hermite.at(u, trial.y(a), trial.y(b), ta * trial.fy(a), tb * trial.fy(b)) - tipY,
                    height(Hermite.at(u, trial.z(a), trial.z(b), ta * trial.fz(a), tb * trial.fz(b)))));
        }
        points.add(point(b));
    }

    private double turn(int a, int b) {
        double dot = trial.fx(a) * trial.fx(b) + trial.fy(a) * trial.fy(b) + trial.fz(a) * trial.fz(b);
        return Math.acos(Math.min(1, dot / (trial.tension(a) * trial.tension(b))));
    }
}
