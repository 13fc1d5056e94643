package org.mosswake.core.course;

/** Where the boat is and which way she heads. */
public record Pose(double northM, double eastM, double headingRad) {
    Pose ahead(double metres) {
        return new Pose(northM + metres * Math.cos(headingRad), eastM + metres * Math.sin(headingRad), headingRad);
    }

    /** Along a circle. @param side 1 to starboard, −1 to port, 0 straight on */
    Pose round(double metres, int side, double radiusM) {
        if (side == 0) {
            return ahead(metres);
        }
        double turned = side * metres / radiusM;
        double later = headingRad + turned;
        double north = northM + side * radiusM * (Math.sin(later) - Math.sin(headingRad));
        double east = eastM - side * radiusM * (Math.cos(later) - Math.cos(headingRad));
        return new Pose(north, east, later);
    }

    double toM(double north, double east) {
        return Math.hypot(north - northM, east - eastM);
    }
}
