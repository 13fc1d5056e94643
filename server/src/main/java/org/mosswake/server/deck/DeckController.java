package org.mosswake.server.deck;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class DeckController {
    private final DeckService deck;

    DeckController(DeckService deck) {
        this.deck = deck;
    }

    /** What the deck is told of a spread as it is kept: what the boat does at a strike, clocks, cues, fish. */
    @GetMapping("/api/boats/{boat}/spreads/{spread}/deck")
    DeckReply deck(@PathVariable UUID boat, @PathVariable UUID spread) {
        return deck.sheet(boat, spread);
    }

    /** How the lines that are out become another spread of what is stowed. */
    @PostMapping("/api/boats/{boat}/change")
    ChangeOverReply change(@PathVariable UUID boat, @RequestBody ChangeOverBody body) {
        return deck.change(boat, body);
    }
}
