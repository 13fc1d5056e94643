package org.mosswake.core.course;

import java.util.List;
import org.mosswake.core.units.Plane;

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

    /** The same place, heading the other way. */
    Pose turned() {
        return new Pose(northM, eastM, headingRad + Math.PI);
    }

    /** How far ahead of her a place lies, on her heading. */
    double aheadM(Pose there) {
        return (there.northM - northM) * Math.cos(headingRad) + (there.eastM - eastM) * Math.sin(headingRad);
    }

    /** How far to starboard of her heading a place lies; negative to port. */
    double starboardM(Pose there) {
        return (there.eastM - eastM) * Math.cos(headingRad) - (there.northM - northM) * Math.sin(headingRad);
    }

    /** From a place to the nearest of the straight line between here and there. */
    double lineToM(Pose there, double north, double east) {
        double dn = there.northM - northM;
        double de = there.eastM - eastM;
        double square = dn * dn + de * de;
        double along = square == 0 ? 0 : ((north - northM) * dn + (east - eastM) * de) / square;
        along = Math.max(0, Math.min(1, along));
        return Plane.hypot(north - northM - along * dn, east - eastM - along * de);
    }

    /** The nearest of some on a way, looked for from one of them on; {@code last} or the end of the way is the last one. */
    int nearestOn(List<Pose> way, int first, int last) {
        int best = first;
        double least = Double.MAX_VALUE;
        for (int i = first; i <= Math.min(way.size() - 1, last); i++) {
            double off = toM(way.get(i));
            if (off < least) {
                least = off;
                best = i;
            }
        }
        return best;
    }

    double bearingRad(Pose other) {
        return Math.atan2(other.eastM - eastM, other.northM - northM);
    }

    double toM(Pose other) {
        return toM(other.northM, other.eastM);
    }

    double toM(double north, double east) {
        return Plane.hypot(north - northM, east - eastM);
    }
}
