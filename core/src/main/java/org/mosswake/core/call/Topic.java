package org.mosswake.core.call;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.units.Figure;

/**
 * What a call is made from. Those that are asked are set by the skipper as far as known; the rest follows from the hour,
 * the boat, the box and the table.
 */
public enum Topic {
    TARGET("target", Species.class),
    CREW("crew", Figure.Kind.COUNT, 1, 12, ""),
    BAG("bag room", Figure.Kind.COUNT, 0, 200, ""),
    SURFACE("surface", Figure.Kind.TEMPERATURE, -2, 36, "°C"),
    STEP("step over a mile", Figure.Kind.TEMPERATURE_STEP, 0, 8, "°C"),
    CLARITY("colour", Clarity.class),
    SKY("sky", Sky.class),
    /** A word, or the height of its waves (m). */
    SEA("sea", Sea.class, Figure.Kind.DISTANCE, 0, 15),
    STREAM("stream", Figure.Kind.SPEED, 0, 4, "m/s"),
    DEPTH("depth", Figure.Kind.DISTANCE, 1, 6000, "m"),
    STRUCTURE("bottom", Structure.class),
    BIRDS("birds", Birds.class, Figure.Kind.COUNT, 1, 5000),
    BAIT("bait layer", Bait.class, Figure.Kind.DISTANCE, 0, 400),
    FORAGE("forage", Forage.class),
    LIVE_BAIT("live bait", Figure.Kind.COUNT, 0, 500, ""),
    DEAD_BAIT("dead bait", Figure.Kind.COUNT, 0, 500, ""),
    FLOATING("floating", Floating.class),
    WEED("weed", Weed.class),
    FRESH("fresh layer", Figure.Kind.DISTANCE, 0, 60, "m"),
    FLEET("fleet", Fleet.class),
    /** Height of the sun at the hour. */
    LIGHT("light"),
    MOON("moon"),
    /** By the skipper's own table. */
    SEASON("season"),
    BOX("box"),
    BOAT("boat"),
    SCHOOL("your way");

    public enum Clarity {
        BLUE,
        /** Blue meets green within reach. */
        EDGE,
        GREEN,
        BROWN
    }

    public enum Sky {
        CLEAR,
        BROKEN,
        OVERCAST
    }

    public enum Sea {
        CALM,
        SLIGHT,
        MODERATE,
        ROUGH
    }

    public enum Structure {
        FLAT,
        LEDGE,
        HUMP,
        WRECK,
        REEF,
        RIP,
        RIVER_MOUTH,
        NARROWS
    }

    public enum Birds {
        NONE,
        /** High and spread. */
        SEARCHING,
        /** Low, tight, feeding. */
        DIVING,
        /** Just ended. */
        SITTING,
        /** Moving one way. */
        TRAVELLING,
        /** A single large one, low, circling. */
        LONE
    }

    public enum Bait {
        NONE,
        LAYER
    }

    public enum Forage {
        FINGERLING,
        PALM,
        HAND,
        FOREARM
    }

    public enum Floating {
        NONE,
        SINGLE,
        LINE
    }

    public enum Weed {
        NONE,
        SCATTERED,
        THICK
    }

    public enum Fleet {
        ALONE,
        SOME,
        CROWDED
    }

    /** Baits whose number aboard is stated for the day, by the topic that states it. */
    static final Map<LureKind, Topic> BAITS =
            Map.of(LureKind.LIVE_BAIT, LIVE_BAIT, LureKind.CUT_BAIT, DEAD_BAIT, LureKind.BENT_BAIT, DEAD_BAIT);

    private final String words;
    private final List<String> choices;
    private final Optional<Figure.Kind> figure;
    private final Accepted range;
    private final boolean asked;

    Topic(String words) {
        this(words, List.of(), Optional.empty(), null, false);
    }

    Topic(String words, Class<? extends Enum<?>> choices) {
        this(words, names(choices), Optional.empty(), null, true);
    }

    Topic(String words, Figure.Kind figure, double least, double most, String unit) {
        this(words, List.of(), Optional.of(figure), new Accepted(least, most, unit), true);
    }

    Topic(String words, Class<? extends Enum<?>> choices, Figure.Kind figure, double least, double most) {
        this(
                words,
                names(choices),
                Optional.of(figure),
                new Accepted(least, most, figure == Figure.Kind.COUNT ? "" : "m"),
                true);
    }

    Topic(String words, List<String> choices, Optional<Figure.Kind> figure, Accepted range, boolean asked) {
        this.words = words;
        this.choices = choices;
        this.figure = figure;
        this.range = range;
        this.asked = asked;
    }

    private static List<String> names(Class<? extends Enum<?>> type) {
        return Arrays.stream(type.getEnumConstants()).map(Enum::name).toList();
    }

    public String words() {
        return words;
    }

    /** Answers to choose from; empty for a plain number. */
    public List<String> choices() {
        return choices;
    }

    public Optional<Figure.Kind> figure() {
        return figure;
    }

    /** Of its number; null without one. */
    public Accepted range() {
        return range;
    }

    public boolean asked() {
        return asked;
    }
}
