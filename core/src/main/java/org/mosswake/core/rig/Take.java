package org.mosswake.core.rig;

/** How a fish is let to take the lure (physics §9). */
public enum Take {
    /** A third of the weakest part at most, a fifth over the water's pull at least. */
    FIRM("firm from the start"),
    /** A fast weighted line: from just over the pull. */
    LADDER("from just over the pull"),
    /** Spoons and live baits: just over the pull with the clicker on, firm after the first run. */
    LOOSE("loose, clicker on; firm after the first run");

    private final String words;

    Take(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
