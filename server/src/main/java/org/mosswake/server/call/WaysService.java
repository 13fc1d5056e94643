package org.mosswake.server.call;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.mosswake.core.call.Entry;
import org.mosswake.core.call.Numbers;
import org.mosswake.core.call.School;
import org.mosswake.core.call.Schools;
import org.mosswake.core.call.Species;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.server.platform.http.StaleWrite;
import org.mosswake.server.spread.SpreadService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The skipper's own: sides taken, numbers set, table of seasons and rules. */
@Service
public class WaysService {
    private final CallMapper ways;
    private final SpreadService spreads;

    WaysService(CallMapper ways, SpreadService spreads) {
        this.ways = ways;
        this.spreads = spreads;
    }

    @Transactional(readOnly = true)
    public Schools schools(UUID vessel) {
        return new Schools(ways.sides(vessel).stream()
                .collect(Collectors.toMap(row -> School.valueOf(row.school()), CallMapper.SideRow::side)));
    }

    @Transactional
    Schools take(UUID vessel, School school, int side) {
        spreads.requireBoat(vessel);
        new Schools(Map.of(school, side));
        ways.putSide(vessel, school.name(), side);
        return schools(vessel);
    }

    @Transactional(readOnly = true)
    public Numbers numbers(UUID vessel) {
        return new Numbers(ways.numbers(vessel).stream()
                .collect(Collectors.toMap(CallMapper.NumberRow::name, CallMapper.NumberRow::value)));
    }

    /** All of them at once: what belongs in order is checked together. */
    @Transactional
    Numbers set(UUID vessel, Map<String, Double> values) {
        spreads.requireBoat(vessel);
        new Numbers(values);
        var gone = new HashMap<>(numbers(vessel).set());
        gone.keySet().removeAll(values.keySet());
        gone.keySet().forEach(name -> ways.dropNumber(vessel, name));
        values.forEach((name, value) -> ways.putNumber(vessel, name, value));
        return numbers(vessel);
    }

    @Transactional(readOnly = true)
    List<RuleBody> rules(UUID vessel) {
        return ways.rules(vessel);
    }

    public List<Entry> table(UUID vessel) {
        return rules(vessel).stream().map(RuleBody::toCore).toList();
    }

    @Transactional
    RuleBody save(UUID vessel, RuleBody body) {
        spreads.requireBoat(vessel);
        int changed = body.version() == 0 ? ways.insertRule(vessel, body) : ways.updateRule(vessel, body);
        RuleBody kept = rules(vessel).stream()
                .filter(rule -> rule.species() == body.species())
                .findFirst()
                .orElseThrow(() -> FaultException.of(
                        FaultCode.NOT_FOUND, "species", body.species().name()));
        if (changed == 0) {
            throw new StaleWrite("This entry", body, kept);
        }
        return kept;
    }

    @Transactional
    void remove(UUID vessel, Species species) {
        spreads.requireBoat(vessel);
        ways.deleteRule(vessel, species.name());
    }
}
