package org.mosswake.core.turn;

import java.util.Optional;

/**
 * Two lines come too near, or one goes slack.
 *
 * @param line       index of the line
 * @param other      index of the other; empty when {@code line} goes slack
 * @param turnedRad  how far the boat had turned in all (rad)
 * @param straightM  how far she had run straight after the turn (m), 0 in it
 * @param afterS     since the helm was put over (s)
 * @param asternM    of the boat's datum then, as she headed then (m); the lure's place for a slack line
 * @param starboardM of her middle line (m)
 * @param heightM    over the surface, negative under it (m)
 */
public record Foul(
        int line,
        Optional<Integer> other,
        double turnedRad,
        double straightM,
        double afterS,
        double asternM,
        double starboardM,
        double heightM) {
    public boolean isSlack() {
        return other.isEmpty();
    }

    /** To the other side; {@code twins} names the line that mirrors each. */
    Foul mirrored(int[] twins) {
        return new Foul(
                twins[line],
                other.map(one -> twins[one]),
                0.0 - turnedRad,
                straightM,
                afterS,
                asternM,
                0.0 - starboardM,
                heightM);
    }
}
