package org.mosswake.core.call;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.units.Figure.Kind;

/**
 * What a call is made from. Those that are asked are set by the skipper as far as known; the rest follows from the hour,
 * the boat, the box and the table.
 */
public enum Topic {
    TARGET("target", Species.class),
    CREW("crew", Part.value("crew", Kind.COUNT, 1, 12).always()),
    BAG("bag room in the morning", Part.value("bag room", Kind.COUNT, 0, 200).always()),
    SURFACE("surface", Part.value("surface", Kind.TEMPERATURE, -2, 36).always()),
    STEP(
            "step over a mile",
            Part.value("step over a mile", Kind.TEMPERATURE_STEP, 0, 8).always()),
    CLARITY("colour", Clarity.class),
    SKY("sky", Sky.class),
    /** A word, or the height of its waves. */
    SEA("sea", Sea.class, Part.value("Height of the waves", Kind.DISTANCE, 0, 15)),
    STREAM("stream", Part.value("stream", Kind.SPEED, 0, 4).always()),
    /** One, or from the shallowest to the deepest on the way. */
    DEPTH(
            "depth",
            Part.value("depth", Kind.DISTANCE, 1, 6000).always(),
            Part.value("falling to, on the way", Kind.DISTANCE, 1, 6000).as(Part.Key.OTHER)),
    STRUCTURE("bottom", Structure.class),
    BIRDS(
            "birds",
            Birds.class,
            Part.value("How many, about", Kind.COUNT, 1, 5000).of(Birds.DIVING, Birds.TRAVELLING),
            Part.value("Moving towards", Kind.ANGLE, 0, 2 * Math.PI)
                    .as(Part.Key.TOWARDS)
                    .of(Birds.TRAVELLING),
            Part.value("How fast", Kind.SPEED, 0, 15).as(Part.Key.SPEED).of(Birds.TRAVELLING)),
    BAIT(
            "bait layer",
            Bait.class,
            Part.value("Top of the layer", Kind.DISTANCE, 0, 400).of(Bait.LAYER),
            Part.value("Bottom of the layer", Kind.DISTANCE, 0, 400)
                    .as(Part.Key.OTHER)
                    .of(Bait.LAYER)),
    /** A word, or its length. */
    FORAGE("forage", Forage.class, Part.value("Length", Kind.SMALL, 0.01, 0.8)),
    LIVE_BAIT("live bait", Part.value("live bait", Kind.COUNT, 0, 500).always()),
    DEAD_BAIT("dead bait", Part.value("dead bait", Kind.COUNT, 0, 500).always()),
    FLOATING(
            "floating",
            Floating.class,
            Part.value("How many", Kind.COUNT, 1, 200).of(Floating.SINGLE, Floating.LINE)),
    WEED("weed", Weed.class),
    FRESH("fresh layer", Part.value("fresh layer", Kind.DISTANCE, 0, 60).always()),
    FLEET("fleet", Fleet.class),
    /** Height of the sun at the hour. */
    LIGHT("light"),
    MOON("moon"),
    /** By the skipper's own table. */
    SEASON("season"),
    BOX("box"),
    BOAT("boat"),
    SCHOOL("your way");

    /** Nothing of it is there: a choice that stands alone. */
    static final String NONE = "NONE";

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

    /** By length; bounds and a usual one of each are ESTIMATE (m). */
    public enum Forage {
        FINGERLING(0.06, 0.08),
        PALM(0.1, 0.13),
        HAND(0.18, 0.24),
        FOREARM(0.35, 9);

        private final double usualM;
        private final double underM;

        Forage(double usualM, double underM) {
            this.usualM = usualM;
            this.underM = underM;
        }

        public double usualM() {
            return usualM;
        }

        static Forage ofLength(double metres) {
            return Arrays.stream(values())
                    .filter(one -> metres < one.underM)
                    .findFirst()
                    .orElse(FOREARM);
        }
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
    public static final Map<LureKind, Topic> BAITS =
            Map.of(LureKind.LIVE_BAIT, LIVE_BAIT, LureKind.CUT_BAIT, DEAD_BAIT, LureKind.BENT_BAIT, DEAD_BAIT);

    private final String words;
    private final List<String> choices;
    private final List<Part> parts;

    Topic(String words) {
        this(words, List.of(), List.of());
    }

    Topic(String words, Part... parts) {
        this(words, List.of(), List.of(parts));
    }

    Topic(String words, Class<? extends Enum<?>> choices, Part... parts) {
        this(words, names(choices), List.of(parts));
    }

    Topic(String words, List<String> choices, List<Part> parts) {
        this.words = words;
        this.choices = choices;
        this.parts = parts;
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

    /** How many of them can hold at once. */
    public int most() {
        return switch (this) {
            case TARGET -> 2;
            case STRUCTURE, BIRDS, FLOATING -> choices.size();
            default -> 1;
        };
    }

    public List<Part> parts() {
        return parts;
    }

    public Optional<Part> part(Part.Key key) {
        return parts.stream().filter(part -> part.key() == key).findFirst();
    }

    public boolean asked() {
        return !choices.isEmpty() || !parts.isEmpty();
    }

    /** Whether its number alone says which of its choices it is. */
    public boolean toldByFigure() {
        return this == SEA || this == FORAGE;
    }

    /** The choice its number stands for. */
    Optional<String> choiceOf(double value) {
        return switch (this) {
            case SEA -> Optional.of(Seaway.word(value).name());
            case FORAGE -> Optional.of(Forage.ofLength(value).name());
            default -> Optional.empty();
        };
    }
}
