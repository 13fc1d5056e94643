package org.mosswake.server.spread;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.mosswake.core.rig.RigNumbers;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Numbers of the bench that the skipper set. */
@Service
public class BenchNumbersService {
    private final GearMapper gear;
    private final BoatService boats;

    BenchNumbersService(GearMapper gear, BoatService boats) {
        this.gear = gear;
        this.boats = boats;
    }

    @Transactional(readOnly = true)
    public RigNumbers of(UUID vessel) {
        return new RigNumbers(gear.rigNumbers(vessel).stream()
                .collect(Collectors.toMap(GearMapper.RigNumberRow::name, GearMapper.RigNumberRow::value)));
    }

    /** All of them at once; what is left out goes back to its default. */
    @Transactional
    public RigNumbers set(UUID vessel, Map<String, Double> values) {
        boats.boat(vessel);
        new RigNumbers(values);
        var gone = new HashMap<>(of(vessel).set());
        gone.keySet().removeAll(values.keySet());
        gone.keySet().forEach(name -> gear.dropRigNumber(vessel, name));
        values.forEach((name, value) -> gear.putRigNumber(vessel, name, value));
        return of(vessel);
    }
}
