package org.mosswake.core.tow;

/**
 * Where one body of the chain hangs.
 *
 * @param link     index in the chain, 0 is the lure
 * @param tensionN in the line just above it (N)
 */
public record BodyPlace(int link, Point place, double tensionN) {}
