package org.mosswake.server.call;

import java.util.List;
import java.util.UUID;
import org.mosswake.server.platform.wire.NumbersBody;
import org.mosswake.server.platform.wire.NumbersReply;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class WaysController {
    private final WaysService ways;
    private final RulesService rules;

    WaysController(WaysService ways, RulesService rules) {
        this.ways = ways;
        this.rules = rules;
    }

    @GetMapping("/api/call/catalogue")
    CatalogueReply catalogue() {
        return CatalogueReply.all();
    }

    @GetMapping("/api/boats/{boat}/schools")
    List<SideBody> schools(@PathVariable UUID boat) {
        return ways.sides(boat);
    }

    @PutMapping("/api/boats/{boat}/schools")
    List<SideBody> take(@PathVariable UUID boat, @RequestBody SideBody body) {
        return ways.take(boat, body);
    }

    @GetMapping("/api/boats/{boat}/numbers")
    NumbersReply numbers(@PathVariable UUID boat) {
        return ways.keptNumbers(boat);
    }

    @PutMapping("/api/boats/{boat}/numbers")
    NumbersReply set(@PathVariable UUID boat, @RequestBody NumbersBody body) {
        return ways.set(boat, body);
    }

    @GetMapping("/api/boats/{boat}/rules")
    RulesReply rules(@PathVariable UUID boat) {
        return rules.rules(boat);
    }

    @PutMapping("/api/boats/{boat}/rules")
    RuleBody save(@PathVariable UUID boat, @RequestBody RuleBody body) {
        return rules.save(boat, body);
    }

    /** Taken out where it is still as it was seen. */
    @DeleteMapping("/api/boats/{boat}/rules/{species}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID boat, @PathVariable String species, @RequestParam Integer version) {
        rules.remove(boat, species, version);
    }
}
