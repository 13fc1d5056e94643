package org.mosswake.server.platform.wire;

/** Figures as they are sent many times a second: no drawing shows more. */
public final class Rounded {
    private Rounded() {}

    public static double tenth(double value) {
        return Math.round(value * 10) / 10.0;
    }

    public static double hundredth(double value) {
        return Math.round(value * 100) / 100.0;
    }
}
