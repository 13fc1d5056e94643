package org.mosswake.core.handling;

import java.util.UUID;

/**
 * What becomes of a line when another has a fish.
 *
 * @param clear true to wind it in; the order is that of the list
 */
public record ClearStep(UUID line, boolean clear, Reason reason) {
    public enum Reason {
        /** Its lure is no farther out than the fish: the fish is fought through it. */
        NEARER,
        /** Level with the fish on the other side: last of those that come in. */
        TWIN,
        /** A far centre strike: the fish crosses everything. */
        FAR_CENTRE,
        /** It swings across the fish's line when the boat turns to bring the fish on her quarter. */
        COMES_ACROSS,
        /** Clear of the fish, yet the skipper's way is to have every line in. */
        ALL_IN,
        /** A bar floats and goes on catching. */
        FLOATS,
        /** Farther out than the fish, and clear of it in the turn: leave it fishing. */
        STAYS
    }
}
