package org.mosswake.core.sure;

import java.util.Map;

/**
 * What a fit rests on: a depth that was seen, and how it hangs on what is not known. It says nothing of one factor alone,
 * but of all that made up that depth together.
 *
 * @param slopes change of the logarithm of the depth for one unit of the logarithm of each factor, or for a metre
 * @param noise  standard deviation of the logarithm of what was read, with all that was of that moment only
 */
public record Sighting(Map<Factor, Double> slopes, double noise) {
    public Sighting {
        slopes = Map.copyOf(slopes);
    }
}
