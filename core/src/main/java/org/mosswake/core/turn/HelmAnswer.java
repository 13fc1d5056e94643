package org.mosswake.core.turn;

import java.util.List;

/**
 * What a helm did to the lines.
 *
 * @param frames       step by step until the helm is straight for good
 * @param fouls        the first of every pair that came too near, and of every line that went slack, in time's order
 * @param againM       afterwards, until no two lines are near or over one another (m)
 */
public record HelmAnswer(List<TurnFrame> frames, List<Foul> fouls, double againM) {
    public HelmAnswer {
        frames = List.copyOf(frames);
        fouls = List.copyOf(fouls);
    }
}
