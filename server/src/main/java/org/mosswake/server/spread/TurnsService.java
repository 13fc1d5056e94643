package org.mosswake.server.spread;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import org.mosswake.core.spread.Orders;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadSolver;
import org.mosswake.core.spread.SpreadTurns;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.turn.HelmStudy;
import org.mosswake.core.turn.Side;
import org.mosswake.core.turn.SideLimit;
import org.mosswake.core.turn.TurnFrame;
import org.mosswake.core.turn.TurnRules;
import org.springframework.stereotype.Service;

/** Turns of a draft. Lines already swung at the same speed and radius are kept for a while: edits change one or two. */
@Service
class TurnsService {
    /** Each holds some tens of megabytes of swung lines. */
    private static final int MOST_KEPT = 2;

    private record Key(UUID vessel, TurnRules rules, List<?> holders) {}

    private final SpreadAssembler assembler;
    private final Aboard aboard;
    private final SpreadSolver solver = new SpreadSolver();
    private final TowSolver tows = new TowSolver();
    private final Map<Key, SpreadTurns> kept = new LinkedHashMap<>(8, 0.75f, true);

    TurnsService(SpreadAssembler assembler, Aboard aboard) {
        this.assembler = assembler;
        this.aboard = aboard;
    }

    /** What is asked is put together, and refused, at once; the rest is work. */
    Callable<TurnsReply> turns(UUID vessel, TurnsBody body) {
        Spread spread = assembler.assemble(vessel, body.draft());
        TurnRules rules = rules(vessel, body);
        SpreadTurns turns = turnsOf(vessel, rules);
        return () -> {
            var limits = new EnumMap<Side, SideLimit>(Side.class);
            var halves = new EnumMap<Side, List<TurnFrame>>(Side.class);
            synchronized (turns) {
                limits.putAll(turns.limits(spread));
                for (Side side : Side.values()) {
                    halves.put(side, turns.halfTurn(spread, side));
                }
            }
            Orders orders = Orders.of(solver.solve(spread), spread, rules);
            return TurnsReply.of(spread, rules.radiusM(), limits, halves, orders);
        };
    }

    Callable<TurnsReply.MendsReply> mend(UUID vessel, TurnsBody body) {
        Spread spread = assembler.assemble(vessel, body.draft());
        SpreadTurns turns = turnsOf(vessel, rules(vessel, body));
        return () -> {
            synchronized (turns) {
                return new TurnsReply.MendsReply(
                        turns.mend(spread).map(TurnsReply.WiderReply::of).orElse(null));
            }
        };
    }

    Callable<TurnsReply.HelmReply> helm(UUID vessel, TurnsBody.HelmBody body) {
        Spread spread = assembler.assemble(vessel, body.spread().draft());
        TurnRules rules = rules(vessel, body.spread());
        var helm = body.helm();
        return () -> {
            var lines = spread.lines().stream()
                    .map(line -> line.turned(spread.speed(), tows))
                    .toList();
            return TurnsReply.HelmReply.of(new HelmStudy(rules, helm, lines).follow(), spread);
        };
    }

    private TurnRules rules(UUID vessel, TurnsBody body) {
        return body.rules(aboard.of(vessel).lengthM());
    }

    private SpreadTurns turnsOf(UUID vessel, TurnRules rules) {
        var holders = List.copyOf(aboard.of(vessel).holders().values());
        synchronized (kept) {
            SpreadTurns turns =
                    kept.computeIfAbsent(new Key(vessel, rules, holders), key -> new SpreadTurns(rules, holders));
            while (kept.size() > MOST_KEPT) {
                kept.remove(kept.keySet().iterator().next());
            }
            return turns;
        }
    }
}
