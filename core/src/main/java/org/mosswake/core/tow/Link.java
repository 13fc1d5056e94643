package org.mosswake.core.tow;

import java.util.Optional;

/** A body, or none, and the piece of line above it. */
public record Link(Optional<Body> body, LinePiece line) {
    public static Link of(Body body, LinePiece line) {
        return new Link(Optional.of(body), line);
    }

    public static Link bare(LinePiece line) {
        return new Link(Optional.empty(), line);
    }
}
