package org.mosswake.core.playbook;

import java.util.List;

/**
 * Where practitioners disagree, and each side is right somewhere: the skipper chooses, and the call follows. The first
 * side of each is what applies until then.
 */
public enum School {
    FARTHEST(
            "The farthest line",
            "a bare lure that nothing can wash off",
            "the largest bait aboard",
            "a second look: small and plain"),
    FAST("Wahoo", "fast, with weights and tight drag", "moderate, with plugs and baits"),
    BITE_LEADER("Against teeth", "wire or cable", "heavy clear leader"),
    HOOKS("Hooks", "two in line", "singles"),
    SEARCH("With nothing seen", "blind: set and cover water", "life first: look before setting"),
    OFFER("Offer", "lures", "bait"),
    BAIT("Bait", "live, slow", "dead, a little faster"),
    BAIT_SKIRT("Skirt on live bait", "none", "one for colour"),
    BAIT_RIGGERS("Riggers for live bait", "none", "riggers too"),
    DEEP("Deep by", "downrigger", "wire", "in-line lead", "three-way", "diving plane", "drop weight"),
    ROD_SET("Rods", "a set alike", "one rod for each job"),
    CLEARING("A fish on", "all lines in", "leave some fishing"),
    GUIDES("Guides", "rings", "rollers"),
    SPEED_BY("Speed by", "paddle wheel, through the water", "satellite, over the ground", "feel: tip and bait"),
    HOURS("Hours", "all day", "early only"),
    TAKE("Drag on the take", "by the playbook", "loose, clicker on", "firm from the start"),
    BAR_CLIPS("Bars", "straight from the rod", "on rigger clips"),
    SLOWING("Slower than she idles", "one engine", "drogue", "in and out of gear"),
    SCENT("Scent", "none", "on baits and slow lures", "on every lure");

    /** Sides of {@link #DEEP} that are asked after by name. */
    public static final int BY_PLANE = 4;

    public static final int BY_DROP_WEIGHT = 5;

    private final String asks;
    private final List<String> sides;

    School(String asks, String... sides) {
        this.asks = asks;
        this.sides = List.of(sides);
    }

    public String asks() {
        return asks;
    }

    public List<String> sides() {
        return sides;
    }
}
