package org.mosswake.core.moves;

import org.mosswake.core.gear.ColourRole;
import org.mosswake.core.gear.LureItem;

/**
 * A lure that is aboard and could be tied.
 *
 * @param lengthM of it (m)
 * @param free    that no line of the spread carries
 */
public record Tied(LureItem item, double lengthM, ColourRole role, int free) {}
