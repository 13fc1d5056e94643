package org.mosswake.core.deck;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.mosswake.core.call.Numbers;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.Playbook.Trait;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/**
 * Something that is done again and again while lines are out.
 *
 * @param name    the same from day to day, by which it is put back
 * @param every   after which it asks
 * @param says    what to do
 * @param putBack kinds of fact that put it back, besides its own: of the line where there is one
 * @param line    whose it is; empty for the whole boat's
 * @param urgency of two that ask, the larger is shown first
 */
public record Routine(String name, Duration every, Sentence says, Set<Does> putBack, Optional<UUID> line, int urgency) {
    /** What somebody reports that is this work done. */
    public enum Does {
        CHECKED,
        TOUCHED,
        CHANGED,
        RENEWED,
        SET,
        STRUCK
    }

    /** A line with the first bait or lure it carries. */
    public record Carries(UUID line, String label, LureKind kind) {}

    /** ESTIMATE: weed is looked for about so often; practice gives no figure. */
    private static final Duration WEED = Duration.ofMinutes(20);
    /** ESTIMATE. */
    private static final Duration DRAGS = Duration.ofMinutes(60);
    /** Near the bottom a touch of an hour ago proves nothing (handbook §8); ESTIMATE of how often. */
    private static final Duration BOTTOM = Duration.ofMinutes(5);
    /** ESTIMATE: changes of pace go by the clock (M16). */
    private static final Duration PACE = Duration.ofMinutes(10);
    /** Depth of slow dead baits is moved every half hour (M10). */
    private static final Duration DEPTH = Duration.ofMinutes(30);
    /** Ten quiet minutes, then another colour (handbook §5). */
    private static final Duration QUIET = Duration.ofMinutes(10);
    /** ESTIMATE for what is not trolled over one spot. */
    private static final Duration LONG_QUIET = Duration.ofMinutes(30);
    /** ESTIMATE: bars are wound in and dropped back. */
    private static final Duration TEASE = Duration.ofMinutes(5);

    /** @param playbook empty for a spread made by hand: what every method asks for */
    public static List<Routine> of(Optional<Playbook> playbook, List<Carries> lines, Numbers numbers) {
        var all = new ArrayList<Routine>();
        boolean down = playbook.filter(book -> book.is(Trait.STAYS_DOWN)).isPresent();
        Optional<PlaybookId> id = playbook.map(Playbook::id);
        if (down) {
            all.add(boat("BOTTOM", BOTTOM, "find the bottom again with the lowest line", 5, Does.TOUCHED));
        }
        for (Carries line : lines) {
            numbers.renewal(line.kind()).ifPresent(every -> all.add(renewal(line, every)));
        }
        all.add(boat("WEED", WEED, "look for weed on every line", 3, Does.CHECKED));
        if (id.filter(PlaybookId.BARS::equals).isPresent()) {
            all.add(boat("TEASE", TEASE, "tease: wind a bar in some metres and drop it back", 2));
        }
        if (id.filter(PlaybookId.DEAD_SLOW::equals).isPresent()) {
            Sentence step = Sentence.of("move the deep lines by {0}", Figure.distance(3));
            all.add(new Routine("DEPTH", DEPTH, step, Set.of(Does.CHANGED), Optional.empty(), 3));
        }
        if (id.filter(one -> one == PlaybookId.FLASH_SQUID || one == PlaybookId.SPOONS)
                .isPresent()) {
            all.add(boat("PACE", PACE, "change the pace for a minute, faster rather than slower", 2));
        }
        boolean spoons = id.filter(PlaybookId.SPOONS::equals).isPresent();
        all.add(boat(
                "COLOUR",
                spoons ? QUIET : LONG_QUIET,
                "quiet: change the colour of one pair, keep one odd",
                1,
                Does.STRUCK,
                Does.CHANGED));
        all.add(boat("DRAGS", DRAGS, "feel every drag, and look at knots and leaders", 2));
        return all;
    }

    private static Routine boat(String name, Duration every, String says, int urgency, Does... putBack) {
        return new Routine(name, every, Sentence.of(says), Set.of(putBack), Optional.empty(), urgency);
    }

    private static Routine renewal(Carries line, Duration every) {
        return new Routine(
                "BAIT " + line.line(),
                every,
                Sentence.of("a fresh bait on " + Sentence.plain(line.label())),
                Set.of(Does.RENEWED, Does.SET),
                Optional.of(line.line()),
                4);
    }
}
