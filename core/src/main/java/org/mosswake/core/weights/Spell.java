package org.mosswake.core.weights;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.mosswake.core.call.Evidence;
import org.mosswake.core.call.Situation;
import org.mosswake.core.playbook.PlaybookId;

/**
 * A method fished for a while in water that was known.
 *
 * @param pieces  of evidence that held, by the shipped weights or the skipper's own
 * @param behind  what the water said for it, against the method it said most for (tenths, 0 or less): a call ranks methods
 *                of one hour and says nothing of how good the hour is
 * @param minutes of lines in the water
 */
public record Spell(
        LocalDate day, PlaybookId method, List<Evidence.Piece> pieces, int behind, double minutes, int strikes) {
    public Spell {
        pieces = List.copyOf(pieces);
    }

    public static Spell of(Situation s, PlaybookId method, double minutes, int strikes) {
        List<Evidence.Piece> pieces = Evidence.of(s, method);
        int most = Arrays.stream(PlaybookId.values())
                .mapToInt(id -> Evidence.sum(Evidence.of(s, id)))
                .max()
                .orElseThrow();
        return new Spell(s.day(), method, pieces, Evidence.sum(pieces) - most, minutes, strikes);
    }
}
