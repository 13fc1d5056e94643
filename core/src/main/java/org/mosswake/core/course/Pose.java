package org.mosswake.core.course;

/** Where the boat is and which way she heads. */
public record Pose(double northM, double eastM, double headingRad) {
    Pose ahead(double metres) {
        return new Pose(northM + metres * Math.cos(headingRad), eastM + metres * Math.sin(headingRad), headingRad);
    }

    /** Along a circle. @param curvature one by its radius (1/m), to starboard positive; 0 straight on */
    Pose along(double metres, double curvature) {
        if (Math.abs(curvature) < 1e-9) {
            return ahead(metres);
        }
        double later = headingRad + metres * curvature;
        double north = northM + (Math.sin(later) - Math.sin(headingRad)) / curvature;
        double east = eastM - (Math.cos(later) - Math.cos(headingRad)) / curvature;
        return new Pose(north, east, later);
    }

    /** Beside her, to starboard positive. */
    Pose beside(double metres) {
        return new Pose(northM - metres * Math.sin(headingRad), eastM + metres * Math.cos(headingRad), headingRad);
    }

    double bearingRad(Pose other) {
        return Math.atan2(other.eastM - eastM, other.northM - northM);
    }

    double toM(Pose other) {
        return toM(other.northM, other.eastM);
    }

    double toM(double north, double east) {
        return Math.hypot(north - northM, east - eastM);
    }
}
