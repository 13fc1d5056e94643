package org.mosswake.core.turn;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;

/** One line's half turns to both sides, and its straight runs after parts of them, followed as far as asked. */
final class LineTurns {
    final PlanLine line;
    private final TurnRules rules;
    private final Map<Side, LineTrace> turns = new EnumMap<>(Side.class);
    private final Map<Side, Map<Integer, LineTrace>> straights = new EnumMap<>(Side.class);

    LineTurns(PlanLine line, TurnRules rules) {
        this.line = line;
        this.rules = rules;
    }

    LineTrace turn(Side side, TurnWays ways) {
        return turns.computeIfAbsent(side, s -> new LineTrace(line, rules.dt(), step -> ways.turn(s, step)));
    }

    /** The straight run after {@code k} steps of the turn, which must have been followed so far. */
    LineTrace straight(Side side, int k, TurnWays ways) {
        return straights
                .computeIfAbsent(side, s -> new HashMap<>())
                .computeIfAbsent(
                        k,
                        at -> turn(side, ways).branch(at, step -> ways.straight(side, at, step), ways.straightSteps()));
    }
}
