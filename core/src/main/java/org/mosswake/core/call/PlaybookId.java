package org.mosswake.core.call;

/** The methods of the trade by name. */
public enum PlaybookId {
    M1("Fast ladder"),
    M2("Steady toothy"),
    M3("Mixed surface"),
    M4("Small and fast"),
    M5("Slow eels"),
    M6("Ahead of birds"),
    M7("Bars"),
    M8("Light jig"),
    M9("Live slow"),
    M10("Dead slow"),
    M11("Wire and jig"),
    M12("Tandem weights"),
    M13("Big spoons"),
    M14("Plug-cut, near bottom"),
    M15("Whole bait, bent"),
    M16("Flash and squid"),
    M17("Flash and fly, deep");

    private final String words;

    PlaybookId(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
