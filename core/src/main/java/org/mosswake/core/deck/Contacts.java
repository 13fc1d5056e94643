package org.mosswake.core.deck;

import java.util.Map;
import java.util.Optional;
import org.mosswake.core.deck.Sentence0183.NotOne;

/** Sentences that tell of other boats: a transponder's (VDM) and a radar's (TTM). */
final class Contacts {
    /** Of nautical miles, kilometres and statute miles (m); the same letter is for speeds. */
    private static final Map<String, Double> MILES_M = Map.of("N", 1852.0, "K", 1000.0, "S", 1609.344);

    private static final double HOUR_S = 3600;
    private static final double FARTHEST_M = 100_000;
    private static final double FASTEST_MPS = 60;

    private Contacts() {}

    /** Empty where nothing of use is said, or a message goes on in another sentence: those tell no place. */
    static Optional<Contact> read(Sentence0183 said) throws NotOne {
        return said.type().equals("VDM") ? transponder(said) : radar(said);
    }

    private static Optional<Contact> transponder(Sentence0183 said) throws NotOne {
        if (!said.says(0, "1")) {
            return Optional.empty();
        }
        Optional<String> payload = said.text(4);
        if (payload.filter(text -> !text.matches("[0-W`-w]*")).isPresent()) {
            throw new NotOne(Heard.Wrong.UNREADABLE);
        }
        return payload.flatMap(AisPayload::read);
    }

    /** A target that is followed; one that was lost is told of no more. */
    private static Optional<Contact> radar(Sentence0183 said) throws NotOne {
        Optional<Double> distance = said.number(1);
        Optional<Double> bearing = said.number(2);
        if (said.text(0).isEmpty() || distance.isEmpty() || bearing.isEmpty() || !said.says(11, "T")) {
            return Optional.empty();
        }
        Double mile = MILES_M.get(said.text(9).orElse("N"));
        if (mile == null) {
            throw new NotOne(Heard.Wrong.UNREADABLE);
        }
        double metres = distance.get() * mile;
        Optional<Double> speed = said.number(4).map(miles -> miles * mile / HOUR_S);
        // Its way by its own radar's bow is of no use: that turns.
        Optional<Double> course = said.number(5).filter(degrees -> said.says(6, "T"));
        if (metres < 0
                || metres > FARTHEST_M
                || speed.filter(mps -> mps > FASTEST_MPS).isPresent()) {
            throw new NotOne(Heard.Wrong.IMPOSSIBLE);
        }
        return Optional.of(new Contact(
                "Target " + said.text(0).get(),
                said.text(10),
                Optional.empty(),
                Optional.of(new Contact.From(metres, bearing.get(), said.says(3, "R"))),
                course.isPresent() ? speed : Optional.empty(),
                speed.isPresent() ? course : Optional.empty()));
    }
}
