package org.mosswake.core.deck;

import java.time.Duration;
import java.util.Optional;

/**
 * How long to wait before each line of a recording, so that it is heard as it was: by the hours of day that its own
 * sentences tell. Out of order nothing waits, and a gap is shortened.
 */
public final class RecordingPace {
    /** A recorder that was off this long, or a clock that jumped, is not sat out. */
    static final Duration LONGEST = Duration.ofSeconds(10);

    private static final Duration DAY = Duration.ofDays(1);
    /** Of a recording that tells no hours so many lines are a second, as instruments write (ESTIMATE). */
    private static final int LINES_A_SECOND = 10;

    private Optional<Duration> last = Optional.empty();
    private int untimed;

    /** To wait before this line is heard. */
    public Duration before(String line) {
        Optional<Duration> told = hour(line);
        if (told.isEmpty()) {
            untimed++;
            if (last.isEmpty() && untimed % LINES_A_SECOND == 0) {
                return Duration.ofSeconds(1);
            }
            return Duration.ZERO;
        }
        Duration since = last.map(before -> since(before, told.get())).orElse(Duration.ZERO);
        if (since.isNegative()) {
            return Duration.ZERO;
        }
        last = told;
        return since.compareTo(LONGEST) > 0 ? Duration.ofSeconds(1) : since;
    }

    /** Over midnight too: less than half a day back is back. */
    private static Duration since(Duration before, Duration now) {
        Duration since = now.minus(before);
        return since.compareTo(DAY.dividedBy(2).negated()) < 0 ? since.plus(DAY) : since;
    }

    /** Hours, minutes and seconds of the day, of sentences that tell them. */
    private static Optional<Duration> hour(String line) {
        try {
            Sentence0183 said = Sentence0183.of(line);
            int field = switch (said.type()) {
                case "RMC", "GGA", "ZDA" -> 0;
                case "GLL" -> 4;
                default -> -1;
            };
            if (field < 0) {
                return Optional.empty();
            }
            return said.number(field)
                    .filter(packed -> packed >= 0 && packed < 240_000)
                    .map(RecordingPace::unpacked);
        } catch (Sentence0183.NotOne e) {
            return Optional.empty();
        }
    }

    /** Of {@code hhmmss.ss}. */
    private static Duration unpacked(double packed) {
        long whole = (long) packed;
        return Duration.ofHours(whole / 10_000)
                .plusMinutes(whole / 100 % 100)
                .plusMillis(Math.round(1000 * (packed - whole / 100 * 100)));
    }
}
