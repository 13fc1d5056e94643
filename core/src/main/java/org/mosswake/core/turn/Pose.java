package org.mosswake.core.turn;

/**
 * Where the boat's pivot is and where she heads.
 *
 * @param x          astern of where the boat's datum was at the start (m)
 * @param y          to starboard of it (m)
 * @param headingRad turned to starboard since the start
 */
public record Pose(double x, double y, double headingRad) {
    /** World place of a point of the boat, given astern and to starboard of the pivot (m). */
    double placeX(double astern, double starboard) {
        return x + astern * Math.cos(headingRad) + starboard * Math.sin(headingRad);
    }

    double placeY(double astern, double starboard) {
        return y - astern * Math.sin(headingRad) + starboard * Math.cos(headingRad);
    }

    /** Astern of the pivot (m), of a place in the world. */
    double astern(double placeX, double placeY) {
        return (placeX - x) * Math.cos(headingRad) - (placeY - y) * Math.sin(headingRad);
    }

    /** To starboard of the pivot (m), of a place in the world. */
    double starboard(double placeX, double placeY) {
        return (placeX - x) * Math.sin(headingRad) + (placeY - y) * Math.cos(headingRad);
    }
}
