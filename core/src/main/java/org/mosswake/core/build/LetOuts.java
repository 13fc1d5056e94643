package org.mosswake.core.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.School;
import org.mosswake.core.playbook.Slot;
import org.mosswake.core.rig.RigNumbers;
import org.mosswake.core.spread.ClipSeat;
import org.mosswake.core.spread.LinePlacer;
import org.mosswake.core.spread.LurePlace;

/** The ways a filled position can be set: let-outs on the fronts of waves, depths of its target, other low holders. */
final class LetOuts {
    private static final int OPTIONS = 9;

    private final Reckoning r;

    LetOuts(Reckoning r) {
        this.r = r;
    }

    List<Unit.Option> options(List<Placing> filled) {
        var options = new ArrayList<Unit.Option>();
        Placing lead = filled.get(0);
        if (lead.target().isPresent()) {
            Placing.Target target = lead.target().get();
            for (double depth : tries(target)) {
                option(filled.stream().map(placing -> brought(placing, depth)).toList())
                        .ifPresent(options::add);
            }
            return options;
        }
        double from = 0.8 * lead.leastM();
        double to = 1.1 * lead.mostM();
        double tip = lead.holder().tip().asternM();
        int first = r.wake().crestNear(from + tip);
        int last = Math.max(first, r.wake().crestNear(to + tip));
        int stride = Math.max(1, (int) Math.ceil((last - first + 1) / (1.5 * OPTIONS)));
        for (int crest = first; crest <= last; crest += stride) {
            double astern = r.wake().crestM(crest) - 0.12 * r.wake().wavelengthM();
            option(filled.stream()
                            .map(placing -> offBottom(placing.with(r.placer()
                                    .toAstern(
                                            placing.line(),
                                            r.speed(),
                                            astern,
                                            Math.min(from, placing.leastM()),
                                            Math.min(to, reelMost(placing))))))
                            .toList())
                    .ifPresent(options::add);
        }
        if (options.isEmpty()) {
            option(filled).ifPresent(options::add);
        }
        return options;
    }

    /** In shallow water a line by let-out comes in until it hangs clear. */
    private Placing offBottom(Placing placing) {
        if (!r.depths().bottomKnown()) {
            return placing;
        }
        double bottom = r.depths().bottomM() - 0.3;
        boolean clear = r.placer()
                .place(placing.line(), r.speed())
                .filter(place -> place.lowestM() > bottom)
                .isEmpty();
        return clear
                ? placing
                : placing.with(r.placer()
                        .toDepth(
                                placing.line(),
                                r.speed(),
                                Math.max(0.3, 0.8 * bottom),
                                0,
                                placing.line().letOutM())
                        .line());
    }

    Placing brought(Placing placing, double depthM) {
        double most = placing.line().deep().isPresent() ? 3 * r.depths().bottomM() + 20 : placing.mostM();
        double wanted = depthM;
        Placing brought = placing;
        for (int i = 0; i < 4; i++) {
            brought = placing.with(r.placer()
                    .toDepth(placing.line(), r.speed(), wanted, placing.leastM(), most)
                    .line());
            // The ball hangs under the lure: it must not be dragged over the bottom.
            double under = r.placer()
                            .place(brought.line(), r.speed())
                            .map(LurePlace::lowestM)
                            .orElse(0.0)
                    - (r.depths().bottomM() - 0.3);
            under = Math.max(under, withOdds(brought) - r.depths().bottomM());
            if (under <= 0) {
                break;
            }
            wanted = Math.max(0.5, wanted - under - 0.1);
        }
        return brought;
    }

    /** Depth (m) it reaches with the odds that are accepted near the bottom; 0 for one that is not meant to be near it. */
    private double withOdds(Placing placing) {
        if (placing.slot().reach().aim() != Slot.Aim.OFF_BOTTOM || !r.depths().bottomKnown()) {
            return 0;
        }
        double odds = placing.line().rigging().numbers().of(RigNumbers.TOUCH_ODDS);
        return r.placer()
                .likely(placing.line(), r.speed())
                .deepestWithOdds(odds)
                .orElse(0.0);
    }

    /** Depths to try for a target: its ends and middle, and less deep where that leaves room to turn. */
    private static double[] tries(Placing.Target target) {
        double top = target.topM();
        double high = target.bottomM() - top;
        return high > 1
                ? new double[] {top, top + high / 2, target.bottomM(), 0.8 * top, 0.6 * top}
                : new double[] {top + high / 2};
    }

    /** The same lines on other holders that are free, as further options. */
    void addHolders(Unit unit, Seats seats) {
        List<Placing> filled = unit.filled();
        Placing lead = filled.get(0);
        if (lead.locked() || lead.line().deep().isPresent() || lead.slot().place() != Slot.Place.LOW) {
            return;
        }
        List<List<Holder>> moves = filled.size() == 2
                ? seats.lowPairs()
                : seats.low().stream().map(List::of).toList();
        for (List<Holder> move : moves) {
            var moved = new ArrayList<Placing>();
            for (int i = 0; i < filled.size(); i++) {
                moved.add(filled.get(i).with(filled.get(i).line().withHolder(move.get(i))));
            }
            boolean bars = moved.stream()
                    .anyMatch(placing -> placing.lure().orElseThrow().item().sideAreaM2()
                                    * placing.holder().tip().starboardM()
                            < 0);
            if (!bars) {
                unit.options.addAll(options(moved));
            }
        }
    }

    /** Farther behind the clip, or nearer, at the same cable. */
    void addDropBacks(Unit unit) {
        List<Placing> filled = unit.filled();
        if (filled.get(0).locked() || filled.get(0).line().deep().isEmpty()) {
            return;
        }
        for (double times : new double[] {0.7, 1.6, 2.5}) {
            option(filled.stream()
                            .map(placing -> {
                                double least = LinePlacer.leadersM(placing.line()) + 1;
                                double letOut =
                                        Math.max(least, times * placing.line().letOutM());
                                return placing.with(placing.line().withLetOut(Math.round(10 * letOut) / 10.0));
                            })
                            .toList())
                    .ifPresent(unit.options::add);
        }
    }

    private double reelMost(Placing placing) {
        return placing.reel()
                .map(r::reelMostM)
                .map(most -> Math.max(most, placing.leastM()))
                .orElse(400.0);
    }

    private Optional<Unit.Option> option(List<Placing> placings) {
        var sets = new ArrayList<Objective.Set>();
        for (Placing placing : placings) {
            Optional<LurePlace> place = r.placer().place(placing.line(), r.speed());
            if (place.isEmpty()) {
                return Optional.empty();
            }
            boolean fast = r.wish().p().is(Playbook.Trait.FAST);
            Placing seated = placing.line().deep().isPresent() && !placing.locked()
                    ? placing.with(placing.line()
                            .withSeat(ClipSeat.needed(
                                    place.get().depthM(), place.get().pullN())))
                    : placing;
            sets.add(new Objective.Set(seated.withDrag(place.get().pullN(), loose(placing), fast), place.get()));
        }
        return Optional.of(new Unit.Option(sets));
    }

    /** Spoons and live baits are eaten first: clicker on, and tighten after (practice), unless the skipper wills other. */
    private boolean loose(Placing placing) {
        return switch (r.wish().s().schools().of(School.TAKE)) {
            case 1 -> true;
            case 2 -> false;
            default -> r.wish().p().is(Playbook.Trait.TAKEN_LOOSELY);
        };
    }
}
