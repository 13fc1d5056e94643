package org.mosswake.server.putaway;

import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class PutAwayController {
    private static final String THING = "/api/boats/{boat}/put-away/{thing}";

    private final PutAwayService things;

    PutAwayController(PutAwayService things) {
        this.things = things;
    }

    @GetMapping("/api/boats/{boat}/put-away")
    List<PutAwayService.PutAway> all(@PathVariable UUID boat) {
        return things.all(boat);
    }

    /** Gear, a spread or the boat herself: out of the lists and the call, with all that was made with it. */
    @PutMapping(THING)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(@PathVariable UUID boat, @PathVariable UUID thing) {
        things.put(boat, thing);
    }

    @DeleteMapping(THING)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeOut(@PathVariable UUID boat, @PathVariable UUID thing) {
        things.takeOut(boat, thing);
    }

    /** For good: gear that was put away and that nothing kept needs. */
    @DeleteMapping("/api/boats/{boat}/gear/{thing}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID boat, @PathVariable UUID thing) {
        things.remove(boat, thing);
    }

    /** For good: a spread that was put away and that nobody fished. */
    @DeleteMapping("/api/boats/{boat}/spreads/{spread}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeSpread(@PathVariable UUID boat, @PathVariable UUID spread) {
        things.removeSpread(boat, spread);
    }
}
