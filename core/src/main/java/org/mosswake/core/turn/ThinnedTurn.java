package org.mosswake.core.turn;

import java.util.ArrayList;
import java.util.List;
import org.mosswake.core.units.Plane;

/**
 * The frames of a turn that a drawing needs: what lies between two of them is within a tolerance of the straight way from
 * one to the other, by the angle turned.
 */
public final class ThinnedTurn {
    private ThinnedTurn() {}

    /**
     * First and last always stay.
     *
     * @param toleranceM of any node of any line (m)
     */
    public static List<TurnFrame> of(List<TurnFrame> frames, double toleranceM) {
        if (frames.size() < 3) {
            return frames;
        }
        var kept = new ArrayList<TurnFrame>();
        int from = 0;
        kept.add(frames.get(0));
        while (from < frames.size() - 1) {
            int to = from + 1;
            while (to + 1 < frames.size() && isBetween(frames, from, to + 1, toleranceM)) {
                to++;
            }
            kept.add(frames.get(to));
            from = to;
        }
        return List.copyOf(kept);
    }

    private static boolean isBetween(List<TurnFrame> frames, int from, int to, double toleranceM) {
        TurnFrame a = frames.get(from);
        TurnFrame b = frames.get(to);
        for (int i = from + 1; i < to; i++) {
            double share = (frames.get(i).turnedRad() - a.turnedRad()) / (b.turnedRad() - a.turnedRad());
            if (!isBetween(a, frames.get(i), b, share, toleranceM)) {
                return false;
            }
        }
        return true;
    }

    private static boolean isBetween(TurnFrame a, TurnFrame middle, TurnFrame b, double share, double toleranceM) {
        for (int line = 0; line < middle.lines().size(); line++) {
            List<TurnFrame.Node> before = a.lines().get(line).nodes();
            List<TurnFrame.Node> here = middle.lines().get(line).nodes();
            List<TurnFrame.Node> after = b.lines().get(line).nodes();
            if (before.size() != here.size() || after.size() != here.size()) {
                return false;
            }
            for (int n = 0; n < here.size(); n++) {
                double astern = mix(before.get(n).asternM(), after.get(n).asternM(), share);
                double starboard = mix(before.get(n).starboardM(), after.get(n).starboardM(), share);
                if (Plane.hypot(here.get(n).asternM() - astern, here.get(n).starboardM() - starboard) > toleranceM) {
                    return false;
                }
            }
        }
        return true;
    }

    private static double mix(double a, double b, double share) {
        return a + share * (b - a);
    }
}
