package org.mosswake.core.turn;

/**
 * A line at one moment, from the lure to 6 m short of the tip: nodes in the world plan and their heights over the
 * surface (m), with the box around them.
 */
final class Strand {
    final double[] x;
    final double[] y;
    final double[] z;
    /** Share of a change of the lure's depth that each node follows. */
    private final double[] shares;

    double minX = Double.POSITIVE_INFINITY;
    double maxX = Double.NEGATIVE_INFINITY;
    double minY = Double.POSITIVE_INFINITY;
    double maxY = Double.NEGATIVE_INFINITY;
    double minZ = Double.POSITIVE_INFINITY;
    double maxZ = Double.NEGATIVE_INFINITY;

    Strand(double[] x, double[] y, double[] z, double[] shares) {
        this.shares = shares;
        this.x = x;
        this.y = y;
        this.z = z;
        for (int i = 0; i < x.length; i++) {
            minX = Math.min(minX, x[i]);
            maxX = Math.max(maxX, x[i]);
            minY = Math.min(minY, y[i]);
            maxY = Math.max(maxY, y[i]);
            minZ = Math.min(minZ, z[i]);
            maxZ = Math.max(maxZ, z[i]);
        }
    }

    /** At a place along piece i, 0 to 1 from its lower end. */
    double share(int i, double along) {
        return shares[i] + along * (shares[i + 1] - shares[i]);
    }
}
