package org.mosswake.core.playbook;

import java.util.Arrays;
import java.util.Optional;
import org.mosswake.core.units.OnceCalled;

/** The methods of the trade. */
public enum PlaybookId implements OnceCalled {
    LADDER("M1", "Fast ladder"),
    TOOTHY("M2", "Steady toothy"),
    MIXED("M3", "Mixed surface"),
    SMALL_FAST("M4", "Small and fast"),
    EELS("M5", "Slow eels"),
    BIRDS("M6", "Ahead of birds"),
    BARS("M7", "Bars"),
    LIGHT_JIG("M8", "Light jig"),
    LIVE_SLOW("M9", "Live slow"),
    DEAD_SLOW("M10", "Dead slow"),
    WIRE_JIG("M11", "Wire and jig"),
    TANDEM("M12", "Tandem weights"),
    SPOONS("M13", "Big spoons"),
    PLUG_CUT("M14", "Plug-cut, near bottom"),
    BENT_BAIT("M15", "Whole bait, bent"),
    FLASH_SQUID("M16", "Flash and squid"),
    FLASH_FLY("M17", "Flash and fly, deep");

    private final String code;
    private final String words;

    PlaybookId(String code, String words) {
        this.code = code;
        this.words = words;
    }

    /** In the keys of the skipper's numbers; earlier editions also kept playbooks by it. */
    @Override
    public String code() {
        return code;
    }

    public String words() {
        return words;
    }

    public static Optional<PlaybookId> worded(String words) {
        return Arrays.stream(values()).filter(id -> id.words.equals(words)).findFirst();
    }
}
