package org.mosswake.core.live;

/** Metres about a place: good to a metre within ten kilometres. */
public final class LocalPlane {
    private static final double EARTH_M = 6_371_008.8;

    private final Sample.Place centre;

    public LocalPlane(Sample.Place centre) {
        this.centre = centre;
    }

    /** North and east of the centre (m). */
    public double[] of(Sample.Place place) {
        double east = Math.IEEEremainder(place.longitudeDeg() - centre.longitudeDeg(), 360);
        return new double[] {
            Math.toRadians(place.latitudeDeg() - centre.latitudeDeg()) * EARTH_M,
            Math.toRadians(east) * EARTH_M * wide()
        };
    }

    public Sample.Place onEarth(double northM, double eastM) {
        return new Sample.Place(
                centre.latitudeDeg() + Math.toDegrees(northM / EARTH_M),
                Math.IEEEremainder(centre.longitudeDeg() + Math.toDegrees(eastM / (EARTH_M * wide())), 360));
    }

    private double wide() {
        return Math.cos(Math.toRadians(centre.latitudeDeg()));
    }
}
