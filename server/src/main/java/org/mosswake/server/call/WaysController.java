package org.mosswake.server.call;

import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.mosswake.core.call.School;
import org.mosswake.core.call.Schools;
import org.mosswake.core.call.Species;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.json.Checked;
import org.mosswake.server.platform.wire.NumbersBody;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class WaysController {
    /** A side of a school, by its place in the list of sides. */
    record SideBody(School school, Integer side) implements Checked {
        @Override
        public void check(Faults faults) {
            faults.required("school", school);
            faults.required("side", side);
        }
    }

    private final WaysService ways;

    WaysController(WaysService ways) {
        this.ways = ways;
    }

    @GetMapping("/api/call/catalogue")
    CatalogueReply catalogue() {
        return CatalogueReply.all();
    }

    @GetMapping("/api/boats/{boat}/schools")
    List<SideBody> schools(@PathVariable UUID boat) {
        return all(ways.schools(boat));
    }

    @PutMapping("/api/boats/{boat}/schools")
    List<SideBody> take(@PathVariable UUID boat, @RequestBody SideBody body) {
        return all(ways.take(boat, body.school(), body.side()));
    }

    private static List<SideBody> all(Schools schools) {
        return Arrays.stream(School.values())
                .map(school -> new SideBody(school, schools.of(school)))
                .toList();
    }

    @GetMapping("/api/boats/{boat}/numbers")
    NumbersBody numbers(@PathVariable UUID boat) {
        return NumbersBody.of(ways.numbers(boat).set());
    }

    @PutMapping("/api/boats/{boat}/numbers")
    NumbersBody set(@PathVariable UUID boat, @RequestBody NumbersBody body) {
        return NumbersBody.of(ways.set(boat, body.values()).set());
    }

    @GetMapping("/api/boats/{boat}/rules")
    List<RuleBody> rules(@PathVariable UUID boat) {
        return ways.rules(boat);
    }

    @PutMapping("/api/boats/{boat}/rules")
    RuleBody save(@PathVariable UUID boat, @RequestBody RuleBody body) {
        return ways.save(boat, body);
    }

    @DeleteMapping("/api/boats/{boat}/rules/{species}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID boat, @PathVariable Species species) {
        ways.remove(boat, species);
    }
}
