package org.mosswake.core.build;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.call.Box;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.playbook.Slot;
import org.mosswake.core.rig.DragWindow;
import org.mosswake.core.rig.RigNumbers;
import org.mosswake.core.rig.Take;
import org.mosswake.core.spread.LurePlace;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.units.Force;

/**
 * One position of the pattern with what fills it.
 *
 * @param pair   number of the pair it belongs to; each its own where it has no twin
 * @param lure   from the box; empty for a locked line
 * @param reel   that carries it; empty where no reels are entered
 * @param target depths it is meant for; empty for one by let-out
 * @param locked the skipper's own, not to be touched
 */
record Placing(
        Slot slot,
        int pair,
        SpreadLine line,
        Optional<Box.Lure> lure,
        Optional<Box.Reel> reel,
        Optional<Target> target,
        double leastM,
        double mostM,
        boolean locked) {
    /** Anything from top to bottom will do (m). */
    record Target(double topM, double bottomM) {
        double middleM() {
            return (topM + bottomM) / 2;
        }

        /** By how much a depth misses it (m). */
        double miss(double depthM) {
            return Math.max(0, Math.max(topM - depthM, depthM - bottomM));
        }
    }

    UUID id() {
        return line.id();
    }

    Holder holder() {
        return line.holder();
    }

    Placing with(SpreadLine other) {
        return new Placing(slot, pair, other, lure, reel, target, leastM, mostM, locked);
    }

    boolean twinOf(Placing other) {
        return pair == other.pair && slot.pair() && !locked && !other.locked;
    }

    /** A pair that is to swim level; deep pairs are staggered in distance instead. */
    boolean level() {
        return slot.place() == Slot.Place.OUTER || slot.place() == Slot.Place.INNER;
    }

    /** Points for lying where it is wanted: none in the middle of the range, fewer outside it. */
    double wish(LurePlace place) {
        if (locked) {
            return 0;
        }
        if (target.isPresent()) {
            double off = target.get().miss(place.depthM())
                    / Math.max(1.5, 0.15 * target.get().middleM());
            return -Math.min(6, 2 * off * off);
        }
        double half = Math.max(2, (mostM - leastM) / 2);
        double off = Math.abs(line.letOutM() - (leastM + mostM) / 2) / half;
        return off <= 1 ? -0.5 * off * off : -0.5 - 7 * (off - 1);
    }

    Placing withDrag(double pullN, boolean loose, boolean fast) {
        Take take = loose ? Take.LOOSE : fast ? Take.LADDER : Take.FIRM;
        SpreadLine taken =
                take == line.take() ? line : line.withRigging(line.rigging().withTake(take));
        DragWindow window = taken.dragWindow(new Force(pullN));
        RigNumbers numbers = line.rigging().numbers();
        double wanted = (loose
                        ? window.looseMost(numbers)
                        : fast
                                ? new Force(numbers.of(RigNumbers.LADDER_OF_MOST)
                                        * window.most().newtons())
                                : window.usual())
                .newtons();
        double least = window.least().newtons();
        double newtons = window.isEmpty() && !loose
                ? window.least().newtons()
                : Math.max(least, Math.min(wanted, window.most().newtons()));
        double tenths = Math.ceil(newtons * 10 - 1e-9) / 10;
        return with(taken.withStrikeDrag(new Force(tenths)));
    }

    static List<SpreadLine> lines(List<Placing> placings) {
        return placings.stream().map(Placing::line).toList();
    }
}
