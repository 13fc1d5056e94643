package org.mosswake.server.spread;

import org.mosswake.core.spread.ColourRole;
import org.mosswake.core.spread.LureItem;
import org.mosswake.core.spread.Shade;

/** A lure or weight as it is carried. */
public record LureAboard(LureItem item, double lengthM, ColourRole role, Shade shade, int count) {}
