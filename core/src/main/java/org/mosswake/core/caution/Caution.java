package org.mosswake.core.caution;

/** One danger, said where it applies. */
public enum Caution {
    RULES(
            "Season, size, bag, barbs, lines, gear and protected areas are local. Only your own dated table is shown here; "
                    + "check the rules before you keep a fish."),
    LOOKOUT("Trolling gives no right of way. Keep a lookout, and know who crosses the far line."),
    FLEET("Other boats cross far lines: troll the fleet's way and keep the far line in sight."),
    ALONE("Alone: kill cord and lanyard on, and someone ashore who knows the plan and when you are due."),
    DARK(
            "In the dark: lights as the rules have them, a harness on deck, and nobody forward alone. Lines are cleared before she turns."),
    WEIGHT_BACK("A heavy fast weight comes back at the boat when a line breaks. Nobody stands in line with it."),
    ROD_UNDER_LOAD("Rods, crimps and swivels under strain break without warning: glasses on, and every rod tethered."),
    HEAVY_DRAG(
            "So much drag takes a rod, and a person with it. Drag down before anyone takes the rod from its holder."),
    TEETH("Teeth and several hooks in a thrashing fish: gaff the head, box open beforehand, no legs near it."),
    LEADER("Never wrap a leader round a hand."),
    DROGUE("Drogue lines and propellers: haul the drogue before you put her astern or turn hard."),
    SHARKS("Sharks come to a hooked fish at the boat: no hands in the water, lift or cut early."),
    WEATHER("Turn back before the weather does: lightning finds rods, and a following sea finds an open stern."),
    WET_ICE("Wet ice and brine are slippery, and brine in a cut is bad: gloves and boots."),
    CHILL("Bleed and chill it at once: a warm fish of this kind can poison (scombroid), cooked or not."),
    DROP_WEIGHT("A dropped weight stays in the sea. Many places forbid it: check before you tie one.");

    private final String words;

    Caution(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
