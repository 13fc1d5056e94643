package org.mosswake.core.gear;

/** What holds the line. */
public enum HolderKind {
    /** A rod low over the gunwale or stern. */
    FLAT,
    /** A clip on a pole that stands out to the side. */
    RIGGER,
    /** A high rod or pole amidships. */
    CENTRE,
    /** An arm with a weighted cable. */
    DOWNRIGGER
}
