package org.mosswake.core.live;

import java.util.List;
import java.util.Optional;
import org.mosswake.core.turn.Pose;
import org.mosswake.core.turn.SailedSpread;

/**
 * What comes of the turn she is in if the helm stays: the spread as it lies now is sailed on along her circle, some steps
 * of it each second, so that no second costs more than another.
 */
final class TurnAhead {
    /** So far ahead (s), and no farther round than right round. */
    private static final double AHEAD_S = 90;

    private static final double STEP_S = 2;
    /** Steps of the way ahead that are made each second. */
    private static final int STEPS = 5;
    /** Wider she is as good as on a straight course (m). */
    static final double WIDEST_M = 400;

    /**
     * Two lines will meet.
     *
     * @param inS       from when the look ahead was begun
     * @param turnedRad so much farther round
     */
    record Meets(int line, int other, double atS, double turnedRad) {}

    private Optional<SailedSpread> ghost = Optional.empty();
    private Pose pose = new Pose(0, 0, 0);
    private double speed;
    private double turn;
    private double begun;
    private double ahead;
    private boolean found;
    private Optional<Meets> meets = Optional.empty();

    /** @param now seconds, as told before; {@code pivot} where the lines are led from */
    void look(SailedSpread spread, Motion motion, Pose pivot, double now) {
        if (motion.radiusM() > WIDEST_M) {
            ghost = Optional.empty();
            meets = Optional.empty();
            return;
        }
        if (ghost.isEmpty()) {
            begin(spread.copy(), motion, pivot, now);
        }
        SailedSpread sailed = ghost.orElseThrow();
        for (int i = 0; i < STEPS && ghost.isPresent(); i++) {
            step(sailed);
        }
    }

    private void begin(SailedSpread copy, Motion motion, Pose pivot, double now) {
        copy.doubleStep();
        ghost = Optional.of(copy);
        pose = pivot;
        speed = motion.throughMps();
        turn = motion.turnRadS();
        begun = now;
        ahead = 0;
        found = false;
    }

    private void step(SailedSpread sailed) {
        double middle = pose.headingRad() + turn * STEP_S / 2;
        pose = new Pose(
                pose.x() - speed * STEP_S * Math.cos(middle),
                pose.y() + speed * STEP_S * Math.sin(middle),
                pose.headingRad() + turn * STEP_S);
        sailed.step(pose, STEP_S);
        ahead += STEP_S;
        List<SailedSpread.Met> met = sailed.met();
        if (!met.isEmpty()) {
            meets = Optional.of(
                    new Meets(met.get(0).line(), met.get(0).other(), begun + ahead, Math.abs(turn) * ahead));
            found = true;
        }
        if (found || ahead >= AHEAD_S || Math.abs(turn) * ahead > 2 * Math.PI || sailed.lost()) {
            meets = found ? meets : Optional.empty();
            ghost = Optional.empty();
        }
    }

    Optional<Meets> meets() {
        return meets;
    }

    void forget() {
        ghost = Optional.empty();
        meets = Optional.empty();
    }
}
