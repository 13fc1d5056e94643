package org.mosswake.core.sim;

import org.mosswake.core.strikes.Seen;

/**
 * Birds over the sea at a moment.
 *
 * @param northM of where the sea is reckoned from, with {@code eastM}
 * @param doing  one of the ways that birds are seen
 */
public record Flock(int number, double northM, double eastM, Seen doing) {}
