package org.mosswake.server.deck.practice;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.server.deck.practice.PracticeBody.PracticeBegun;
import org.mosswake.server.deck.practice.PracticeBody.PracticeHelm;
import org.mosswake.server.deck.practice.PracticeBody.PracticeLooked;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class PracticeController {
    private final PracticeService practice;
    private final PracticeLines lines;

    PracticeController(PracticeService practice, PracticeLines lines) {
        this.practice = practice;
        this.lines = lines;
    }

    /** @param practice of this boat, or of her copy; absent where nobody practises */
    record PracticeKnown(@Nullable PracticeReply practice) {}

    @GetMapping("/api/boats/{boat}/practice")
    PracticeKnown known(@PathVariable UUID boat) {
        return new PracticeKnown(practice.known(boat).practises().orElse(null));
    }

    /** Makes a copy of the boat that practises, or goes on with the one there is. */
    @PostMapping("/api/boats/{boat}/practice")
    PracticeReply begin(@PathVariable UUID boat, @RequestBody PracticeBegun body) {
        return practice.begin(boat, body);
    }

    @PutMapping("/api/boats/{boat}/practice/helm")
    PracticeReply steer(@PathVariable UUID boat, @RequestBody PracticeHelm body) {
        return practice.steer(boat, body);
    }

    /** Lets her sail on to now; asked each second, and she waits while nobody asks. */
    @PostMapping("/api/boats/{boat}/practice/look")
    PracticeReply look(@PathVariable UUID boat, @RequestBody PracticeLooked body) {
        return practice.look(boat, lines.of(boat, body));
    }
}
