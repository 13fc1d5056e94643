package org.mosswake.core.sim;

import java.time.Instant;
import java.util.UUID;

/**
 * A fish that took a line.
 *
 * @param ends   when it lies alongside, or is gone
 * @param landed it comes alongside
 */
public record Bite(UUID lineId, Instant at, String species, double kg, Instant ends, boolean landed) {}
