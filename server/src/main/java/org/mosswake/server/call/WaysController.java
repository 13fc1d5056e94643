package org.mosswake.server.call;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.mosswake.core.call.Numbers;
import org.mosswake.core.call.School;
import org.mosswake.core.call.Schools;
import org.mosswake.core.call.Species;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.json.Checked;
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

    record NumberBody(String key, Double value) {}

    /** Every number set, in SI; what is left out goes back to its default. */
    record NumbersBody(List<NumberBody> set) implements Checked {
        private static final int MOST = 2000;

        @Override
        public void check(Faults faults) {
            if (!faults.count("set", set, 0, MOST)) {
                return;
            }
            for (int i = 0; i < set.size(); i++) {
                String path = "set[" + i + "]";
                if (faults.required(path, set.get(i))) {
                    faults.text(path + ".key", set.get(i).key(), 80);
                    faults.required(path + ".value", set.get(i).value());
                }
            }
        }

        Map<String, Double> values() {
            var values = new LinkedHashMap<String, Double>();
            for (int i = 0; i < set.size(); i++) {
                if (values.put(set.get(i).key(), set.get(i).value()) != null) {
                    throw FaultException.of(
                            FaultCode.TWICE, "set[" + i + "].key", set.get(i).key());
                }
            }
            return values;
        }

        static NumbersBody of(Numbers numbers) {
            return new NumbersBody(new TreeMap<>(numbers.set())
                    .entrySet().stream()
                            .map(entry -> new NumberBody(entry.getKey(), entry.getValue()))
                            .toList());
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
        return NumbersBody.of(ways.numbers(boat));
    }

    @PutMapping("/api/boats/{boat}/numbers")
    NumbersBody set(@PathVariable UUID boat, @RequestBody NumbersBody body) {
        return NumbersBody.of(ways.set(boat, body.values()));
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
