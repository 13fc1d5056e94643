package org.mosswake.core.gear;

import java.util.UUID;
import org.mosswake.core.tow.LinePiece;
import org.mosswake.core.units.Force;

/**
 * Line of the boat's own: one metre of it, and what it is rated to hold.
 */
public record LineItem(UUID id, String name, LineKind kind, LinePiece metre, Force strength, Fitted fitted) {
    public LineItem(UUID id, String name, LineKind kind, LinePiece metre, Force strength) {
        this(id, name, kind, metre, strength, Fitted.NOT);
    }

    public double diameterM() {
        return metre.diameterM();
    }

    public LineItem withMetre(LinePiece other) {
        return new LineItem(id, name, kind, other, strength, fitted);
    }

    public LineItem fitted(Fitted other) {
        return new LineItem(id, name, kind, metre, strength, other);
    }
}
