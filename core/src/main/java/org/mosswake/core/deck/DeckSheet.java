package org.mosswake.core.deck;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.call.Entry;
import org.mosswake.core.call.Numbers;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.strikes.Cue;

/**
 * All that the deck is told about one spread beforehand, so that a device with it in hand needs no link.
 *
 * @param playbook it was built by; empty for one made by hand
 * @param goingOut how each line is set
 * @param fish     the method's targets first, then the others
 */
public record DeckSheet(
        Optional<PlaybookId> playbook,
        Handling handling,
        List<Routine> routines,
        List<CueAnswer> cues,
        List<FishCare> fish,
        List<GoingOut> goingOut) {
    /** @param speedMps of the spread, through the water */
    public static DeckSheet of(
            Optional<PlaybookId> playbook,
            double speedMps,
            List<Routine.Carries> lines,
            List<GoingOut> goingOut,
            Numbers numbers,
            List<Entry> table) {
        Optional<Playbook> book = playbook.map(numbers::playbook);
        List<Species> targets = book.map(Playbook::targets).orElse(List.of());
        List<FishCare> fish = Arrays.stream(Species.values())
                .sorted(Comparator.comparingInt(one -> targets.contains(one) ? targets.indexOf(one) : targets.size()))
                .map(species -> FishCare.of(species, table))
                .toList();
        return new DeckSheet(
                playbook,
                Handling.of(book, speedMps),
                Routine.of(book, lines, numbers),
                Arrays.stream(Cue.values()).map(CueAnswer::of).toList(),
                fish,
                goingOut);
    }
}
