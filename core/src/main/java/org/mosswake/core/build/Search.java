package org.mosswake.core.build;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.call.Situation;
import org.mosswake.core.call.Topic;
import org.mosswake.core.clock.TidalStream;
import org.mosswake.core.handling.SpreadTurns;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.spread.Here;
import org.mosswake.core.spread.Spread;

/** Moves the units of a spread from way to way for the most points of {@link Objective}. */
final class Search {
    /** Turn limits simulated in one search, at most: each costs some milliseconds. */
    private static final int MOST_TURNS = 24;

    private static final int MOST_CHANGES = 10;
    private static final double ENOUGH_RAD = SpreadTurns.WANTED_RAD - 1e-6;
    /** Points of an arrangement with two lines on one holder. */
    private static final double TAKEN = -1e6;

    private final Reckoning r;
    private final List<Unit> units;
    private int tried;

    Search(Reckoning r, List<Unit> units) {
        this.r = r;
        this.units = units;
    }

    /** Arrangements weighed so far. */
    int tried() {
        return tried;
    }

    /** One unit at a time to its best option, until nothing moves. */
    void settle() {
        boolean moved = true;
        for (int round = 0; moved && round < 6; round++) {
            moved = false;
            for (Unit unit : units) {
                int before = unit.at;
                int best = before;
                double most = points();
                for (int i = 0; i < unit.options.size(); i++) {
                    unit.at = i;
                    double now = points();
                    if (now > most + 1e-9) {
                        most = now;
                        best = i;
                    }
                }
                unit.at = best;
                moved |= best != before;
            }
        }
    }

    /** Changes what fouls while that gains more room than it costs. */
    SpreadTurns.Room widen(SpreadTurns turns, FirstSpread.Watch watch) {
        SpreadTurns.Room room = turns.room(spread());
        int left = MOST_TURNS;
        boolean better = true;
        while (better && room.narrowerRad() < ENOUGH_RAD && left > 0) {
            better = false;
            double most = points() + Objective.turn(room.narrowerRad());
            for (Change change : changes(room)) {
                if (left-- <= 0 || !watch.goOn(0.1 + 0.8 * (MOST_TURNS - left) / MOST_TURNS)) {
                    return room;
                }
                int before = change.unit().at;
                change.unit().at = change.option();
                // Most changes cannot win, or foul before they would: those are not turned any farther.
                double needed = Objective.turnWorth(most - points());
                if (needed <= SpreadTurns.WANTED_RAD && turns.mayReach(spread(), needed)) {
                    SpreadTurns.Room then = turns.room(spread());
                    double now = points() + Objective.turn(then.narrowerRad());
                    if (now > most + 1e-6) {
                        room = then;
                        better = true;
                        break;
                    }
                }
                change.unit().at = before;
            }
        }
        return room;
    }

    private record Change(Unit unit, int option, double points) {}

    /** Other options of the units that foul, the best by themselves first; near neighbours of the present one are left. */
    private List<Change> changes(SpreadTurns.Room room) {
        var changes = new ArrayList<Change>();
        for (Unit unit : units) {
            boolean fouls = unit.now().sets().stream()
                    .anyMatch(set -> room.fouls().contains(set.placing().id()));
            if (!fouls || unit.options.size() < 2) {
                continue;
            }
            int before = unit.at;
            for (int i = 0; i < unit.options.size(); i++) {
                unit.at = i;
                double points = i == before ? TAKEN : points();
                if (points > TAKEN) {
                    changes.add(new Change(unit, i, points));
                }
            }
            unit.at = before;
        }
        changes.sort(Comparator.comparingDouble((Change change) -> -change.points()));
        return changes.size() > 10 ? changes.subList(0, 10) : changes;
    }

    private double points() {
        tried++;
        List<Objective.Set> sets = Unit.sets(units);
        var holders = new HashSet<UUID>();
        for (Objective.Set set : sets) {
            if (!holders.add(set.placing().holder().id())) {
                return TAKEN;
            }
        }
        return Objective.of(sets, r.wake());
    }

    Spread spread() {
        Situation s = r.wish().s();
        var here = new Here(
                s.conditions().number(Topic.DEPTH),
                s.conditions().bait(),
                Optional.empty(),
                s.conditions().number(Topic.SURFACE),
                Optional.empty(),
                s.tide()
                        .filter(tide -> r.wish().p().is(Playbook.Trait.OVER_GROUND))
                        .map(TidalStream::towardsRad),
                s.tide().flatMap(tide -> s.stream().map(mps -> new Here.Stream(mps, tide.towardsRad()))));
        var lines = units.stream()
                .flatMap(unit -> unit.now().sets().stream())
                .map(set -> set.placing().line())
                .toList();
        return new Spread(
                r.speed(),
                r.engines(),
                lines,
                here,
                s.outfit().idle(),
                s.outfit().propSpreadM());
    }
}
