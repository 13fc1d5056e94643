package org.mosswake.server.gear;

import org.mosswake.core.gear.ColourRole;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.gear.Shade;

/** A lure or weight as it is carried. */
public record LureAboard(LureItem item, double lengthM, ColourRole role, Shade shade, int count) {
    LureAboard with(LureItem other) {
        return new LureAboard(other, lengthM, role, shade, count);
    }
}
