package org.mosswake.server.rig;

import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.mosswake.core.bench.BenchAsk;
import org.mosswake.core.bench.BenchWays;
import org.mosswake.core.bench.LineBench;
import org.mosswake.core.call.Topic;
import org.mosswake.core.clock.Evening;
import org.mosswake.core.clock.Step;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.School;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.rig.Task;
import org.mosswake.core.rig.Tonight;
import org.mosswake.core.spread.Spread;
import org.mosswake.server.call.DayEvening;
import org.mosswake.server.call.OriginService;
import org.mosswake.server.call.PlanService;
import org.mosswake.server.call.RulesService;
import org.mosswake.server.call.WaysService;
import org.mosswake.server.clock.CalendarFile;
import org.mosswake.server.gear.Carried;
import org.mosswake.server.gear.LineAboard;
import org.mosswake.server.gear.LureAboard;
import org.mosswake.server.gear.ReelAboard;
import org.mosswake.server.spread.CarriedService;
import org.springframework.stereotype.Service;

/** Puts a spread on the bench with all the boat carries. */
@Service
class RigService implements DayEvening {
    private final CarriedService carried;
    private final WaysService ways;
    private final RulesService rules;
    private final TicksService ticks;
    private final PlanService plans;
    private final OriginService origins;

    RigService(
            CarriedService carried,
            WaysService ways,
            RulesService rules,
            TicksService ticks,
            PlanService plans,
            OriginService origins) {
        this.carried = carried;
        this.plans = plans;
        this.origins = origins;
        this.ways = ways;
        this.rules = rules;
        this.ticks = ticks;
    }

    /** All that is reckoned of one request. */
    private record Bench(
            Spread spread, BenchAsk ask, List<LineBench> lines, Tonight tonight, List<Evening.Slot> evening) {}

    RigReply rig(UUID vessel, RigBody body) {
        Bench bench = bench(vessel, body);
        return new RigReply(
                bench.lines().stream()
                        .map(line -> LineBenchReply.of(
                                line, bench.ask(), BenchWays.of(line.line(), bench.spread(), bench.ask())))
                        .toList(),
                TonightReply.of(bench.tonight(), bench.evening(), ticks.stock(vessel)),
                body.spreadId() == null ? List.of() : ticks.ticks(vessel, body.spreadId()),
                bench.ask().fishKg(),
                deadBaits(vessel, body));
    }

    String calendar(UUID vessel, RigBody body) {
        Bench bench = bench(vessel, body);
        ZoneId zone = ZoneId.of(body.timeZone());
        return CalendarFile.of(steps(bench, zone), zone);
    }

    /** A spread that cannot be put on the bench any more is no reason to leave a day without its steps. */
    @Override
    public Optional<List<Step>> before(UUID vessel, LocalDate day, ZoneId zone) {
        try {
            return origins.calledFor(vessel, day)
                    .flatMap(called -> carried.kept(vessel, called.spreadId())
                            .map(draft -> new RigBody(
                                    draft, called.spreadId(), called.playbook(), null, null, null, day, zone.getId()))
                            .map(body -> steps(bench(vessel, body), zone)));
        } catch (FaultException e) {
            return Optional.empty();
        }
    }

    private static List<Step> steps(Bench bench, ZoneId zone) {
        return bench.evening().stream()
                .map(slot -> {
                    Task task = bench.tonight().tasks().get(slot.chore());
                    return new Step(
                            Step.Kind.EVENING,
                            slot.from(),
                            Duration.between(slot.from(), slot.to()),
                            CalendarFile.words(task.title(), zone),
                            task.detail());
                })
                .toList();
    }

    private Bench bench(UUID vessel, RigBody body) {
        Carried aboard = carried.of(vessel);
        Spread spread = carried.assembled(vessel, body.draft());
        Optional<Playbook> playbook = Optional.ofNullable(body.playbook())
                .map(id -> ways.numbers(vessel).playbook(id));
        Optional<String> barbless = barblessFor(vessel, playbook);
        BenchAsk ask = ask(vessel, body, aboard, spread, playbook, barbless);
        List<LineBench> benches = LineBench.all(spread, ask);
        Optional<Boolean> teeth = teeth(playbook);
        Tonight tonight = Tonight.of(
                benches.stream().map(line -> line.tied(teeth)).toList(),
                new Tonight.Wants(
                        deadBaits(vessel, body),
                        Optional.ofNullable(body.bites()),
                        barbless.isPresent(),
                        aboard.numbers()),
                have(vessel, aboard));
        List<Evening.Slot> evening = Evening.of(
                tonight.tasks().stream().map(Task::minutes).toList(), body.day(), ZoneId.of(body.timeZone()));
        return new Bench(spread, ask, benches, tonight, evening);
    }

    /** As asked, else as stated on the day's plan. */
    private int deadBaits(UUID vessel, RigBody body) {
        return Optional.ofNullable(body.deadBaits())
                .orElseGet(
                        () -> plans.stated(vessel, body.day(), Topic.DEAD_BAIT).orElse(0));
    }

    /** Fish of the method, or any where none is named, that the skipper's own table asks barbless hooks for. */
    private Optional<String> barblessFor(UUID vessel, Optional<Playbook> playbook) {
        String names = rules.table(vessel).stream()
                .filter(entry -> entry.barbless()
                        && playbook.map(p -> p.targets().contains(entry.species()))
                                .orElse(true))
                .map(entry -> entry.species().words())
                .collect(Collectors.joining(", "));
        return names.isEmpty() ? Optional.empty() : Optional.of(names);
    }

    private static Optional<Boolean> teeth(Optional<Playbook> playbook) {
        return playbook.map(p -> p.targets().stream().anyMatch(Species::toothy));
    }

    private BenchAsk ask(
            UUID vessel,
            RigBody body,
            Carried aboard,
            Spread spread,
            Optional<Playbook> playbook,
            Optional<String> barbless) {
        return new BenchAsk(
                aboard.lines().stream().map(LineAboard::item).toList(),
                aboard.lures().stream().map(LureAboard::item).toList(),
                aboard.reels().stream().map(ReelAboard::reel).toList(),
                body.fishKg() == null ? BenchAsk.USUAL_FISH_KG : body.fishKg(),
                playbook.map(Playbook::keepM),
                barbless,
                ways.schools(vessel).of(School.GUIDES) == 1,
                teeth(playbook).orElse(false),
                spread.here().bottomM());
    }

    private Map<String, Double> have(UUID vessel, Carried aboard) {
        var have = new HashMap<String, Double>();
        aboard.lures().forEach(lure -> have.merge("gear:" + lure.item().name(), (double) lure.count(), Double::sum));
        ticks.stock(vessel).forEach((item, counted) -> have.put(item, counted.amount()));
        return have;
    }
}
