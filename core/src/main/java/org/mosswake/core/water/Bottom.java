package org.mosswake.core.water;

import java.util.Optional;

/** What the bottom does about a place. */
record Bottom(double leastM, double mostM, double hereM) {
    /** So far about a place it is looked at: what a boat trolls over in some minutes (m). */
    private static final double ABOUT_M = 700;

    private static final int RAYS = 8;
    /** Differences of a third are an edge (ESTIMATE). */
    private static final double EDGE = 0.33;
    /** By so much shoaler than all about it: a hump (ESTIMATE). */
    private static final double HUMP = 0.85;

    /** Empty where nothing is known, or no water. */
    static Optional<Bottom> about(Grid depth, Spot spot) {
        Optional<Double> here = depth.at(spot.latDeg(), spot.lonDeg());
        if (here.isEmpty() || here.get() <= 0) {
            return Optional.empty();
        }
        double least = Double.MAX_VALUE;
        double most = 0;
        for (int ray = 0; ray < RAYS; ray++) {
            Spot about = spot.on(2 * Math.PI * ray / RAYS, ABOUT_M);
            Optional<Double> there = depth.at(about.latDeg(), about.lonDeg());
            if (there.isPresent()) {
                least = Math.min(least, there.get());
                most = Math.max(most, there.get());
            }
        }
        return most == 0 ? Optional.empty() : Optional.of(new Bottom(least, most, here.get()));
    }

    boolean isHump() {
        return hereM < HUMP * leastM;
    }

    boolean isEdge() {
        return mostM - Math.max(0, leastM) > EDGE * mostM && leastM > 0;
    }
}
