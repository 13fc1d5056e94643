package org.mosswake.core.strikes;

/** What the crew sees of a line that says it does not run as it should. */
public enum Cue {
    TIP_TOO_FAST,
    STILL_TIP,
    SLACK,
    BAIT_OVERTAKES,
    CIRCLES
}
