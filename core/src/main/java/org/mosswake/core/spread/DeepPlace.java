package org.mosswake.core.spread;

import java.util.List;
import java.util.Optional;
import org.mosswake.core.tow.Belly;
import org.mosswake.core.tow.Point;

/**
 * Where a downrigger hangs; places from its pulley (m).
 *
 * @param blowBackM  cable out less the ball's depth (m)
 * @param clipPullN  of the fishing line on the clip (N)
 * @param cablePullN at the pulley (N)
 * @param cable      from the ball to the pulley
 * @param belly      of the line from clip to rod when taken up; empty when the water carries it away
 */
public record DeepPlace(
        double ballDepthM,
        double ballAsternM,
        double clipDepthM,
        double clipAsternM,
        double blowBackM,
        double clipPullN,
        double cablePullN,
        List<Point> cable,
        Optional<Belly.Shape> belly) {}
