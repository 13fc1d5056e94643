package org.mosswake.core.rig;

import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/** How a let-out is found again. */
public enum Marks {
    /** A band of ink or a serving of thread at the let-out. */
    INK("ink on the line"),
    /** Line dyed in a new colour every ten metres. */
    METERED("metered line, a colour every 10 m"),
    COUNTER("line counter"),
    PULLS("pulls by hand"),
    /** Wire: a wrap of tape or a crimp every thirty metres (handbook practice). */
    WIRE_MARKS("marks every 30 m");

    private static final double COLOUR_M = 10;
    private static final double WIRE_M = 30;

    private final String words;

    Marks(String words) {
        this.words = words;
    }

    /** Wire is marked as it is spooled, anything else is inked. */
    public static Marks usual(Material main) {
        return main.metal() ? WIRE_MARKS : INK;
    }

    public String words() {
        return words;
    }

    /**
     * What to look or count for.
     *
     * @param lineM line that leaves the reel: the let-out (m)
     */
    public Sentence find(double lineM, Pulls pulls) {
        return switch (this) {
            case INK -> Sentence.of("ink at {0}", Figure.distance(lineM));
            case METERED ->
                Sentence.of(
                        "{0} in the {1}. colour",
                        Figure.distance(lineM % COLOUR_M), Figure.count(Math.floor(lineM / COLOUR_M) + 1));
            case COUNTER -> Sentence.of("counter at {0}, zeroed with the lure at the tip", Figure.distance(lineM));
            case PULLS -> pulls(pulls.of(lineM));
            case WIRE_MARKS ->
                Sentence.of(
                        "{0} past mark {1}", Figure.distance(lineM % WIRE_M), Figure.count(Math.floor(lineM / WIRE_M)));
        };
    }

    private static Sentence pulls(Pulls.Count count) {
        return Sentence.of(
                "{0} pulls counted, and {1} more that are not: one after every tenth",
                Figure.count(count.counted()), Figure.count(count.extra()));
    }
}
