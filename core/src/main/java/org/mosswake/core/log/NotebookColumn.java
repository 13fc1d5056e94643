package org.mosswake.core.log;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** What a column of somebody's notebook may hold. */
public enum NotebookColumn {
    /** Kept by nobody. */
    IGNORED("leave out"),
    DAY("day", "date", "day"),
    YEAR("year", "year"),
    MONTH("month", "month"),
    TIME("time", "time", "hour", "clock"),
    SPECIES("fish", "fish", "species", "caught", "catch"),
    OUTCOME("what became of it", "outcome", "result", "kept", "landed"),
    PLACE("place", "place", "spot", "mark", "where", "location", "ground"),
    STREAM("stream", "tide", "stream", "current"),
    MOON("moon", "moon"),
    LIGHT("light", "light", "sky"),
    WATER("water temperature", "water", "temp", "sst"),
    CLARITY("clarity", "clarity", "visibility"),
    BOTTOM("bottom", "bottom", "sounder", "sounding"),
    POSITION("position", "position", "rod", "line", "holder"),
    LURE("lure or bait", "lure", "bait", "plug", "spoon", "skirt"),
    COLOUR("colour", "colour", "color"),
    SIZE("length of the lure", "lure length", "size"),
    SCENT("scent", "scent"),
    DEPTH("depth", "depth", "deep"),
    OFF_BOTTOM("off the bottom", "off bottom", "off the bottom"),
    LEADER("leader", "leader", "trace"),
    PACE("speed", "speed", "pace", "knots"),
    BEND("turning", "turn", "inside"),
    CREW("crew", "crew", "aboard");

    private final String words;
    private final List<String> headers;

    NotebookColumn(String words, String... headers) {
        this.words = words;
        this.headers = List.of(headers);
    }

    public String words() {
        return words;
    }

    private List<String> guesses() {
        return this == IGNORED
                ? List.of()
                : Stream.concat(Stream.of(words), headers.stream()).toList();
    }

    public Optional<Facet> facet() {
        return this == TIME
                ? Optional.of(Facet.HOUR)
                : Arrays.stream(Facet.values())
                        .filter(facet -> facet.name().equals(name()))
                        .findFirst();
    }

    /** By the longest word of it in the header; ignored where none is. */
    public static NotebookColumn guess(String header) {
        String said = header.toLowerCase(Locale.ROOT);
        NotebookColumn best = IGNORED;
        int longest = 0;
        for (NotebookColumn column : values()) {
            for (String word : column.guesses()) {
                if (said.contains(word) && word.length() > longest) {
                    best = column;
                    longest = word.length();
                }
            }
        }
        return best;
    }
}
