package org.mosswake.core.spread;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/**
 * A line, or a level pair, let out or taken in.
 *
 * @param then the spread after it
 */
public record LetOutMove(Mend mend, Spread then) {
    /** A let-out below this leaves the lure at the transom (m). */
    private static final double SHORTEST_M = 8;

    /**
     * @param twin    that goes along
     * @param more    what else is said, its figures from {@code {1}} on
     */
    public static LetOutMove of(
            Spread spread, SpreadLine line, Optional<SpreadLine> twin, double metres, String more, Figure... figures) {
        Map<UUID, String> labels = Labels.of(spread.lines());
        String who = labels.get(line.id())
                + twin.map(other -> " and " + labels.get(other.id())).orElse("");
        String words = (metres < line.letOutM() ? "Take " + who + " in to {0}" : "Let " + who + " out to {0}") + more;
        var said = new ArrayList<Figure>(List.of(Figure.distance(metres)));
        said.addAll(List.of(figures));
        var changes = new ArrayList<Change>(List.of(new Change.LetOut(line.id(), metres)));
        twin.ifPresent(other -> changes.add(new Change.LetOut(other.id(), metres)));
        Spread one = spread.with(line.withLetOut(metres));
        return new LetOutMove(
                new Mend(new Sentence(words, said), changes),
                twin.map(other -> one.with(other.withLetOut(metres))).orElse(one));
    }

    /** The line that swims level with one, on the other side. */
    public static Optional<SpreadLine> twin(Spread spread, SpreadLine line) {
        return spread.lines().stream().filter(line::isLevelWith).findFirst();
    }

    /** The least let-out of a line: its tackle is in the water, its lure behind the transom (m). */
    public static double shortestM(SpreadLine line) {
        return Math.max(SHORTEST_M, line.letOutM() - line.lengthM(line.tackle().size() - 1) + 1);
    }
}
