package org.mosswake.core.playbook;

import java.util.EnumMap;
import java.util.Map;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;

/** The side chosen of each school, by its place in {@link School#sides()}; unset ones are at the first. */
public record Schools(Map<School, Integer> chosen) {
    public static final Schools USUAL = new Schools(Map.of());

    public Schools {
        var faults = new Faults();
        chosen.forEach((school, side) -> {
            if (side == null || side < 0 || side >= school.sides().size()) {
                faults.add(
                        FaultCode.NOT_ONE_OF,
                        school.name(),
                        String.valueOf(side),
                        "0 to " + (school.sides().size() - 1));
            }
        });
        faults.throwIfAny();
        chosen = chosen.isEmpty() ? Map.of() : Map.copyOf(new EnumMap<>(chosen));
    }

    public int of(School school) {
        return chosen.getOrDefault(school, 0);
    }

    public boolean is(School school, int side) {
        return of(school) == side;
    }

    public Schools with(School school, int side) {
        var all = new EnumMap<School, Integer>(School.class);
        all.putAll(chosen);
        all.put(school, side);
        return new Schools(all);
    }
}
