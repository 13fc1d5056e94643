package org.mosswake.core.turn;

import java.util.List;

/**
 * What a helm did to the lines.
 *
 * @param frames       step by step until the helm is straight for good
 * @param way          of her datum at each frame
 * @param fouls        the first of every pair that came too near, and of every line that went slack, in time's order
 * @param againM       afterwards, until no two lines are near or over one another (m)
 */
public record HelmAnswer(List<TurnFrame> frames, List<Pose> way, List<Foul> fouls, double againM) {
    public HelmAnswer {
        frames = List.copyOf(frames);
        way = List.copyOf(way);
        fouls = List.copyOf(fouls);
    }
}
