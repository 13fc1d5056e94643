package org.mosswake.core.tow;

/** The cubic through two values with two slopes, over a unit interval. */
final class Hermite {
    private Hermite() {}

    static double at(double u, double a, double b, double slopeA, double slopeB) {
        double v = 1 - u;
        return a * v * v * (1 + 2 * u) + b * u * u * (3 - 2 * u) + slopeA * u * v * v - slopeB * u * u * v;
    }

    /** Where it passes zero, given that a and b lie on different sides (or a is zero); within 1e-12 of the interval. */
    static double crossing(double a, double b, double slopeA, double slopeB) {
        double low = 0;
        double high = 1;
        double u = a == 0 ? 0.5 : a / (a - b);
        for (int i = 0; i < 60 && high - low > 1e-12; i++) {
            double value = at(u, a, b, slopeA, slopeB);
            if (Math.abs(value) < 1e-12) {
                return u;
            }
            boolean beyond = value > 0 == b > 0;
            low = beyond ? low : u;
            high = beyond ? u : high;
            double step = u - value / derivative(u, a, b, slopeA, slopeB);
            u = step > low && step < high ? step : (low + high) / 2;
        }
        return u;
    }

    private static double derivative(double u, double a, double b, double slopeA, double slopeB) {
        double d = b - a;
        return slopeA + u * (2 * (3 * d - 2 * slopeA - slopeB) + 3 * u * (slopeA + slopeB - 2 * d));
    }
}
