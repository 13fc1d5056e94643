package org.mosswake.core.spread;

/**
 * Where a line's lure is, from the boat's datum (m).
 *
 * @param skippingShare out of the water
 * @param pullN   at the tip, or on the clip
 * @param lowestM deepest thing of the line: ball, lead or second lure (m)
 */
public record LurePlace(
        double depthM, double asternM, double starboardM, double skippingShare, double pullN, double lowestM) {}
