package org.mosswake.core.playbook;

/**
 * What is trolled for, with the surface temperatures it is found in (°C). The bands are {@code ESTIMATE}: they differ by
 * coast, and each is a number of its own that can be set.
 */
public enum Species {
    WAHOO("wahoo", 21, 23.5, 28, 30.5),
    TUNA("small tuna", 19, 22, 28, 30),
    MAHI("mahi", 21, 24, 28, 30.5),
    KING("king", 18.5, 21, 28, 30.5),
    SAILFISH("sailfish", 21, 24, 29, 31),
    SCHOOL_BLUEFIN("school bluefin", 11, 14.5, 21, 24.5),
    STRIPED_BASS("striped bass", 7, 11, 19, 23),
    CHINOOK("chinook", 6, 8.5, 13.5, 16),
    COHO("coho", 7, 9.5, 14.5, 17);

    private final String words;
    private final Band band;

    Species(String words, double coldest, double from, double to, double warmest) {
        this.words = words;
        this.band = new Band(coldest, from, to, warmest);
    }

    public String words() {
        return words;
    }

    /** Has teeth that cut plain line. */
    public boolean toothy() {
        return this == WAHOO || this == KING;
    }

    /** Is bled and chilled at once. */
    public boolean spoilsToPoison() {
        return this == TUNA || this == MAHI || this == WAHOO || this == KING || this == SCHOOL_BLUEFIN;
    }

    /** At home in water of this temperature (°C). */
    public boolean isAtHomeIn(double celsius) {
        return celsius >= band.from && celsius <= band.to;
    }

    public Band usualBand() {
        return band;
    }

    /** It is comfortable from {@code from} to {@code to}, and hardly met outside {@code coldest} to {@code warmest} (°C). */
    public record Band(double coldest, double from, double to, double warmest) {}
}
