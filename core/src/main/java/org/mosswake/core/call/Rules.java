package org.mosswake.core.call;

import java.util.List;
import java.util.stream.Stream;

/** Every rule of evidence. */
final class Rules {
    static final List<Rule> ALL = Stream.of(TargetRules.ALL, WaterRules.ALL, LifeRules.ALL, DayRules.ALL, BoatRules.ALL)
            .flatMap(List::stream)
            .toList();

    private Rules() {}
}
