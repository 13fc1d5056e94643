package org.mosswake.core.live;

import java.time.Instant;

/**
 * Another boat and her way over ground.
 *
 * @param id        the same for as long as she is followed
 * @param name      as she is called in a sentence
 * @param courseDeg clockwise from true north
 * @param byEye     nobody sent it: her way may be another by some degrees
 */
public record OtherBoat(
        String id, String name, Instant at, Sample.Place place, double mps, double courseDeg, boolean byEye) {
    /** One whose way was sent, or measured. */
    public OtherBoat(String id, String name, Instant at, Sample.Place place, double mps, double courseDeg) {
        this(id, name, at, place, mps, courseDeg, false);
    }
}
