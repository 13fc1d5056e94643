package org.mosswake.core.deck;

import java.time.Duration;
import java.util.Optional;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/**
 * What the boat does when a fish takes, by the method (handbook §9).
 *
 * @param now  at once
 * @param hold how long that is kept up; zero where nothing is counted
 * @param then afterwards, until the fish is at the boat
 */
public record Handling(Sentence now, Duration hold, Sentence then) {
    /** Middle of the 10 to 20 s that crews hold a school's speed. */
    private static final Duration SCHOOL_HOLD = Duration.ofSeconds(15);

    /** ESTIMATE: long enough to turn the fish, too short to pull the hook. */
    private static final Duration BURST = Duration.ofSeconds(3);

    /**
     * @param playbook empty for a spread made by hand: then as for a surface school, which loses least
     * @param speedMps of the spread, through the water
     */
    public static Handling of(Optional<Playbook> playbook, double speedMps) {
        return switch (playbook.map(Playbook::id).orElse(PlaybookId.MIXED)) {
            case LADDER ->
                new Handling(
                        Sentence.of("leave the drag, and bring her down slowly"),
                        Duration.ZERO,
                        Sentence.of("stay in gear, the line always tight"));
            case PLUG_CUT, BENT_BAIT, FLASH_SQUID, FLASH_FLY ->
                new Handling(
                        Sentence.of("a short burst as the rod bends, and let it eat"),
                        BURST,
                        Sentence.of("back to trolling speed; lift the rod once it stays bent"));
            case TANDEM, WIRE_JIG ->
                new Handling(
                        Sentence.of("never stop her: bump in and out of gear, the line always tight"),
                        Duration.ZERO,
                        Sentence.of("wind smoothly, never slack; the weight pulls the hook out of a loose mouth"));
            case SPOONS, LIVE_SLOW, DEAD_SLOW ->
                new Handling(
                        Sentence.of("let the first run end before the drag is touched"),
                        Duration.ZERO,
                        Sentence.of("then tighten, keep way on, and never give it slack"));
            default -> school(speedMps);
        };
    }

    /** A second and a third fish often follow the first. */
    private static Handling school(double speedMps) {
        return new Handling(
                Sentence.of("hold the speed: another often follows"),
                SCHOOL_HOLD,
                Sentence.of("down to {0}, never out of gear with lines out", Figure.speed(speedMps / 2)));
    }
}
