package org.mosswake.core.tow;

import java.util.List;
import java.util.Optional;

/**
 * A line at rest behind the boat.
 *
 * @param depthM         of the lure (m), 0 at the surface
 * @param asternM        of the lure behind the tip (m)
 * @param lateralM       of the lure from the tip, starboard positive (m)
 * @param immersion      φ, share of the lure's drag still in the water, 1 when running
 * @param skippingShare  share of the time out of the water: 1 − φ / min(1, m/ρv), 0 when running or floating
 * @param tensionAtLureN (N)
 * @param tensionAtTipN  (N): the drag the reel must hold before any fish
 * @param bodies         every body from the lure up
 * @param entry          where the line enters the water; empty when the whole line is under or above
 * @param residualM      by how much the line ended beside the tip (m): what the search left over
 * @param path           from the lure to the tip, close enough to draw; empty where only settled
 */
public record TowShape(
        Regime regime,
        double depthM,
        double asternM,
        double lateralM,
        double immersion,
        double skippingShare,
        Surfacing surfacing,
        double tensionAtLureN,
        double tensionAtTipN,
        List<BodyPlace> bodies,
        Optional<Point> entry,
        double residualM,
        List<Point> path) {}
