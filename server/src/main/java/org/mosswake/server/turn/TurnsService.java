package org.mosswake.server.turn;

import java.util.EnumMap;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.handling.Orders;
import org.mosswake.core.handling.SpreadTurns;
import org.mosswake.core.playbook.School;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadSolver;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.turn.HelmStudy;
import org.mosswake.core.turn.Side;
import org.mosswake.core.turn.TurnFrame;
import org.mosswake.core.turn.TurnRules;
import org.mosswake.server.call.WaysService;
import org.mosswake.server.gear.Aboard;
import org.mosswake.server.spread.SpreadAssembler;
import org.springframework.stereotype.Service;

/** Turns of a draft. */
@Service
class TurnsService {
    private final SpreadAssembler assembler;
    private final Aboard aboard;
    private final WaysService ways;
    private final SpreadSolver solver = new SpreadSolver();
    private final TowSolver tows = new TowSolver();
    private final TurnStudies studies = new TurnStudies();

    TurnsService(SpreadAssembler assembler, Aboard aboard, WaysService ways) {
        this.assembler = assembler;
        this.ways = ways;
        this.aboard = aboard;
    }

    /** What is asked is put together, and refused, at once; the rest is work. */
    Callable<TurnsReply> turns(UUID vessel, TurnsBody body) {
        Spread spread = assembler.assemble(vessel, body.draft());
        TurnRules rules = rules(vessel, body);
        List<Holder> holders = holders(vessel);
        boolean allIn = ways.schools(vessel).is(School.CLEARING, 0);
        return () -> studies.with(vessel, rules, holders, turns -> {
            var limits = turns.limits(spread);
            var halves = new EnumMap<Side, List<TurnFrame>>(Side.class);
            for (Side side : Side.values()) {
                halves.put(side, turns.halfTurn(spread, side));
            }
            Orders orders = turns.orders(solver.solve(spread), spread, allIn);
            return TurnsReply.of(spread, rules.radiusM(), limits, halves, orders);
        });
    }

    Callable<TurnsReply.MendsReply> mend(UUID vessel, TurnsBody body) {
        Spread spread = assembler.assemble(vessel, body.draft());
        TurnRules rules = rules(vessel, body);
        List<Holder> holders = holders(vessel);
        return () -> studies.with(
                vessel,
                rules,
                holders,
                turns -> new TurnsReply.MendsReply(
                        turns.mend(spread).map(TurnsReply.WiderReply::of).orElse(null)));
    }

    Callable<TurnsReply.RoundReply> round(UUID vessel, TurnsBody body) {
        Spread spread = assembler.assemble(vessel, body.draft());
        TurnRules rules = rules(vessel, body);
        double lengthM = aboard.of(vessel).lengthM();
        return () -> TurnsReply.RoundReply.of(
                new SpreadTurns(rules, List.of()).rightRound(spread, lengthM),
                TurnRules.tightestM(rules.speedMps(), lengthM),
                spread);
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

    private List<Holder> holders(UUID vessel) {
        return List.copyOf(aboard.of(vessel).holders().values());
    }
}
