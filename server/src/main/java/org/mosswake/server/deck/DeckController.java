package org.mosswake.server.deck;

import java.time.Instant;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class DeckController {
    private final DeckService deck;
    private final WeighAgain weigh;

    DeckController(DeckService deck, WeighAgain weigh) {
        this.deck = deck;
        this.weigh = weigh;
    }

    /** What the deck is told of a spread as it is kept: what the boat does at a strike, clocks, cues, fish. */
    @GetMapping("/api/boats/{boat}/spreads/{spread}/deck")
    DeckReply deck(@PathVariable UUID boat, @PathVariable UUID spread) {
        return deck.sheet(boat, spread);
    }

    /** The methods weighed again at a moment of a day out, by what was seen until then. */
    @GetMapping("/api/boats/{boat}/spreads/{spread}/weighed")
    WeighedReply weighed(
            @PathVariable UUID boat, @PathVariable UUID spread, @RequestParam UUID trip, @RequestParam Instant at) {
        return weigh.weigh(boat, spread, trip, at);
    }

    /** How the lines that are out become another spread of what is stowed. */
    @PostMapping("/api/boats/{boat}/change")
    ChangeOverReply change(@PathVariable UUID boat, @RequestBody ChangeOverBody body) {
        return deck.change(boat, body);
    }
}
