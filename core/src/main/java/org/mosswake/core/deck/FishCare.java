package org.mosswake.core.deck;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.call.Entry;
import org.mosswake.core.caution.Caution;
import org.mosswake.core.playbook.Species;

/**
 * What to mind with one kind of fish at the boat, and what the skipper's own table says of it.
 *
 * @param cautions that hold for it at the boat
 * @param rule     the skipper's entry, where there is one: nothing here claims what is legal
 * @param lookLike how it is told from what is taken for it
 */
public record FishCare(Species species, List<Caution> cautions, Optional<Entry> rule, Optional<String> lookLike) {
    /** @param table the skipper's own */
    public static FishCare of(Species species, List<Entry> table) {
        var cautions = new ArrayList<Caution>();
        if (species.toothy()) {
            cautions.add(Caution.TEETH);
        }
        if (species.spoilsToPoison()) {
            cautions.add(Caution.CHILL);
        }
        cautions.add(Caution.LEADER);
        return new FishCare(
                species,
                cautions,
                table.stream().filter(entry -> entry.species() == species).findFirst(),
                lookLike(species));
    }

    private static Optional<String> lookLike(Species species) {
        return species == Species.KING
                ? Optional.of(
                        "A dark patch on the first dorsal fin and an evenly sloping side line is a spanish mackerel;"
                                + " no patch and a side line that dips suddenly is a king.")
                : Optional.empty();
    }
}
