package org.mosswake.core.sim;

/** How a practice boat is steered. */
public enum Steering {
    /** Up and down the ledge, by herself. */
    ALONG_THE_LEDGE,
    COURSE,
    CIRCLE_PORT,
    CIRCLE_STARBOARD
}
