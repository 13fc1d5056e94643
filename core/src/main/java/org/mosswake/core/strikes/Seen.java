package org.mosswake.core.strikes;

/** What was seen from the boat, or on her sounder. */
public enum Seen {
    BIRDS_SEARCHING,
    BIRDS_DIVING,
    BIRDS_TRAVELLING,
    BIRDS_RESTING,
    BAIT,
    FISH_BREAKING,
    FISH_DEEP,
    WEED,
    FLOATING_THING,
    EDGE,
    SHARK,
    BOAT
}
