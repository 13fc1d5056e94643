package org.mosswake.core.live;

import java.time.Instant;

/**
 * Another boat and her way over ground.
 *
 * @param id        the same for as long as she is followed
 * @param name      as she is called in a sentence
 * @param courseDeg clockwise from true north
 */
public record OtherBoat(String id, String name, Instant at, Sample.Place place, double mps, double courseDeg) {}
