package org.mosswake.core.clock;

import java.time.Instant;
import java.util.Optional;

/**
 * The stream of the tide at a moment.
 *
 * @param mps        over the ground (m/s)
 * @param towardsRad where to, clockwise from north
 * @param turns      when it sets the other way, as far as that was looked up
 */
public record TidalStream(double mps, double towardsRad, Optional<Instant> turns) {}
