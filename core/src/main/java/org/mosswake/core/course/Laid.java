package org.mosswake.core.course;

import java.util.Optional;

/**
 * A course, before it is followed with every line.
 *
 * @param share    of the way that the lures are in the band, as lures that come after her are; empty without a band
 * @param straight the same of the best straight line of its length
 */
public record Laid(Track track, How how, Optional<Double> share, Optional<Double> straight) {
    /** What it came to. */
    public enum How {
        FOLLOWS,
        WEAVES,
        STRAIGHT,
        PASSES,
        LANES,
        WIDENS
    }
}
