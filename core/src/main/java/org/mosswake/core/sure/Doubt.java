package org.mosswake.core.sure;

/** @param deviation standard deviation: of the logarithm, or in metres ({@link Unknown#inMetres}) */
public record Doubt(Factor factor, double deviation) {
    /** What a value becomes when the error is so many standard deviations. */
    public double moved(double value, double deviations) {
        return factor.what().inMetres() ? value + deviation * deviations : value * Math.exp(deviation * deviations);
    }
}
