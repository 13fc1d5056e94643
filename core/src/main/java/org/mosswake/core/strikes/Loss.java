package org.mosswake.core.strikes;

/** How a fish got away. */
public enum Loss {
    /** It took and was never hooked: the line goes on fishing. */
    KNOCKED_OFF,
    PULLED_HOOK,
    /** By teeth or an edge: lure gone. */
    CUT_OFF,
    /** Line, leader or knot gave. */
    BROKE,
    THROWN_AT_BOAT
}
