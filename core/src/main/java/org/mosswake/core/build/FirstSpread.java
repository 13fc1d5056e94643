package org.mosswake.core.build;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.mosswake.core.call.Situation;
import org.mosswake.core.clock.LightDepth;
import org.mosswake.core.handling.SpreadTurns;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.units.Sentence;

/**
 * A first spread by search. Positions of the playbook get holders and lures from the box; every let-out is then chosen
 * for the most points of {@link Objective}: first without turns, which gives a picture at once, then with the turn
 * limits simulated, one change at a time where lines foul. What the skipper has locked stays as it is.
 */
public final class FirstSpread {
    /**
     * @param lines  how many
     * @param locked lines that stay
     * @param byLight depths the light asks for at that hour
     * @param ids    of new lines
     */
    public record Wish(
            Situation s, Playbook p, int lines, List<SpreadLine> locked, LightDepth.Band byLight, Supplier<UUID> ids) {}

    /** Told how the search goes on. */
    public interface Watch {
        /** A spread that can be drawn; better ones may follow. */
        void picture(Spread spread);

        /**
         * @param share done, 0 to 1
         * @return false to stop with what was found so far
         */
        boolean goOn(double share);
    }

    /** Why a line is what it is. */
    public record Story(UUID line, List<Sentence> says) {}

    /**
     * @param room   to turn
     * @param widen  what would let her turn farther, where that is short of 60°
     * @param lacks  of the box
     * @param notes  how to tie and fish it your way
     * @param points of the objective, turns included
     * @param tried  arrangements weighed
     */
    public record Made(
            Spread spread,
            List<Story> stories,
            SpreadTurns.Room room,
            Optional<SpreadTurns.Widening> widen,
            List<Sentence> lacks,
            List<Sentence> notes,
            double points,
            int tried) {}

    private FirstSpread() {}

    public static Made make(Wish wish, Watch watch) {
        Reckoning begun = Reckoning.of(wish);
        Settled first = settled(begun);
        watch.picture(first.search().spread());
        var pace = new Pace(wish, begun.placer());
        Settled settled = pace.slower(first.search().spread())
                .map(speed -> settled(Reckoning.of(wish, speed)))
                .orElse(first);
        Reckoning r = settled.r();
        Positions positions = settled.positions();
        List<Unit> units = settled.units();
        Search search = settled.search();
        units.forEach(settled.letOuts()::addDropBacks);
        SpreadTurns turns =
                SpreadTurns.usual(r.speed().mps(), wish.s().outfit().boat().lengthM(), positions.seats.free());
        SpreadTurns.Room room = search.widen(turns, watch);
        Spread found = search.spread();
        Optional<SpreadTurns.Widening> mend = room.narrowerRad() < SpreadTurns.TOO_LITTLE_RAD && watch.goOn(0.9)
                ? turns.mend(found)
                : Optional.empty();
        return made(r, units, search, found, room, mend, positions, pace.says(found, begun.speed()));
    }

    /** Before drop-backs and turns: a picture at once. */
    private record Settled(Reckoning r, LetOuts letOuts, Positions positions, List<Unit> units, Search search) {}

    private static Settled settled(Reckoning r) {
        var letOuts = new LetOuts(r);
        var positions = new Positions(r, letOuts);
        List<Unit> units = positions.units();
        units.forEach(unit -> letOuts.addHolders(unit, positions.seats));
        var search = new Search(r, units);
        search.settle();
        return new Settled(r, letOuts, positions, units, search);
    }

    private static Made made(
            Reckoning r,
            List<Unit> units,
            Search search,
            Spread found,
            SpreadTurns.Room room,
            Optional<SpreadTurns.Widening> mend,
            Positions positions,
            List<Sentence> ofThePace) {
        var stories = new Stories(r.wish().s(), r.wish().p(), r.wake(), r.depths());
        List<Objective.Set> sets = Unit.sets(units);
        return new Made(
                found,
                sets.stream()
                        .map(set -> new Story(set.placing().id(), stories.of(set, sets)))
                        .toList(),
                room,
                mend,
                positions.lacks.stream().map(Sentence::of).toList(),
                Stream.concat(ofThePace.stream(), stories.notes(r.speed().mps()).stream())
                        .toList(),
                Objective.of(sets, r.wake()) + Objective.turn(room.narrowerRad()),
                search.tried());
    }
}
