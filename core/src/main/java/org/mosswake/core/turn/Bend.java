package org.mosswake.core.turn;

/** Where a line is in the turn she makes. Facts name these: none is ever renamed. */
public enum Bend {
    INSIDE,
    OUTSIDE,
    /** On a straight course, or of a line over the middle. */
    NEITHER
}
