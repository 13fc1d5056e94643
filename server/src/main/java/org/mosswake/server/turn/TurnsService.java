package org.mosswake.server.turn;

import java.util.EnumMap;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
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
import org.mosswake.server.platform.compute.Answered;
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
    private final Answered<TurnsAsked, TurnsReply> limits = new Answered<>(this::limits);
    private final Answered<TurnsAsked, TurnsReply.MendsReply> mends = new Answered<>(this::wider);
    private final Answered<TurnsAsked, TurnsReply.RoundReply> rounds = new Answered<>(TurnsService::rightRound);

    TurnsService(SpreadAssembler assembler, Aboard aboard, WaysService ways) {
        this.assembler = assembler;
        this.ways = ways;
        this.aboard = aboard;
    }

    /** What is asked is put together, and refused, at once; the rest is work. */
    Callable<TurnsReply> turns(UUID vessel, TurnsBody body) {
        return limits.ask(asked(vessel, body));
    }

    Callable<TurnsReply.MendsReply> mend(UUID vessel, TurnsBody body) {
        return mends.ask(asked(vessel, body));
    }

    Callable<TurnsReply.RoundReply> round(UUID vessel, TurnsBody body) {
        return rounds.ask(asked(vessel, body));
    }

    Callable<TurnsReply.HelmReply> helm(UUID vessel, TurnsBody.HelmBody body) {
        Spread spread = assembler.assemble(vessel, body.spread().draft());
        TurnRules rules = body.spread().rules(aboard.of(vessel).lengthM());
        var helm = body.helm();
        return () -> {
            var lines = spread.lines().stream()
                    .map(line -> line.turned(spread.speed(), tows))
                    .toList();
            return TurnsReply.HelmReply.of(new HelmStudy(rules, helm, lines).follow(), spread);
        };
    }

    private TurnsAsked asked(UUID vessel, TurnsBody body) {
        Spread spread = assembler.assemble(vessel, body.draft());
        Aboard.Things things = aboard.of(vessel);
        return new TurnsAsked(
                vessel,
                spread,
                body.rules(things.lengthM()),
                List.copyOf(things.holders().values()),
                things.lengthM(),
                ways.schools(vessel).is(School.CLEARING, 0));
    }

    private TurnsReply limits(TurnsAsked asked) {
        Spread spread = asked.spread();
        return studies.with(asked.vessel(), asked.rules(), asked.holders(), turns -> {
            var limits = turns.limits(spread);
            var halves = new EnumMap<Side, List<TurnFrame>>(Side.class);
            for (Side side : Side.values()) {
                halves.put(side, turns.halfTurn(spread, side));
            }
            Orders orders = turns.orders(solver.solve(spread), spread, asked.allIn());
            return TurnsReply.of(spread, asked.rules().radiusM(), limits, halves, orders);
        });
    }

    private TurnsReply.MendsReply wider(TurnsAsked asked) {
        return studies.with(
                asked.vessel(),
                asked.rules(),
                asked.holders(),
                turns -> new TurnsReply.MendsReply(turns.mend(asked.spread())
                        .map(TurnsReply.WiderReply::of)
                        .orElse(null)));
    }

    private static TurnsReply.RoundReply rightRound(TurnsAsked asked) {
        return TurnsReply.RoundReply.of(
                new SpreadTurns(asked.rules(), List.of()).rightRound(asked.spread(), asked.lengthM()),
                TurnRules.tightestM(asked.rules().speedMps(), asked.lengthM()),
                asked.spread());
    }
}
