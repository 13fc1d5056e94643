package org.mosswake.core.units;

/** How sure a number is. */
public enum Basis {
    /** Usual practice of the trade. */
    PRACTICE,
    /** A guess that the log should correct. */
    ESTIMATE,
    /** Set by the skipper. */
    YOURS
}
