package org.mosswake.core.build;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.mosswake.core.call.Box;
import org.mosswake.core.call.BoxFit;
import org.mosswake.core.call.Numbers;
import org.mosswake.core.call.Situation;
import org.mosswake.core.call.Topic;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.gear.LureKind;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.playbook.School;
import org.mosswake.core.playbook.Schools;
import org.mosswake.core.playbook.Slot;
import org.mosswake.core.rig.Hooks;
import org.mosswake.core.rig.Rigging;
import org.mosswake.core.spread.DeepRig;
import org.mosswake.core.spread.LineRigging;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.units.Force;

/** Fills the positions of a playbook: a holder, a lure and what is tied for each, the most important first. */
final class Positions {
    /** A deep line is better with more lead than with more line than this (m, ESTIMATE). */
    private static final double HANDY_M = 80;
    /** A method that goes faster washes scent off (m/s, ESTIMATE: 5 kn). */
    private static final double SLOW_MPS = 2.6;
    /** What the call says of a scent whose name it does not know. */
    private static final String SCENTED = "scented";

    final Seats seats;
    final Set<String> lacks = new LinkedHashSet<>();
    private final Reckoning r;
    private final LetOuts letOuts;
    private final Tying tying;
    private final LureChoice choice;

    Positions(Reckoning r, LetOuts letOuts) {
        this.r = r;
        this.letOuts = letOuts;
        Situation s = r.wish().s();
        tying = new Tying(s.box(), s.schools(), lacks);
        choice = new LureChoice(s, r.wish().p(), tying);
        seats = new Seats(
                s.outfit().boat().holders(), onRiggers(s.schools(), r.wish().p()));
    }

    private static boolean onRiggers(Schools schools, Playbook p) {
        boolean live = p.is(Playbook.Trait.LIVE_BAIT) && !schools.is(School.BAIT_RIGGERS, 1);
        boolean bars = p.id() == PlaybookId.BARS && !schools.is(School.BAR_CLIPS, 1);
        return !live && !bars;
    }

    List<Unit> units() {
        var units = new ArrayList<Unit>();
        for (SpreadLine line : r.wish().locked()) {
            seats.take(line.holder());
            line.tackle().forEach(piece -> piece.item().ifPresent(item -> tying.take(item.id())));
            locked(line).ifPresent(units::add);
        }
        List<Slot> positions = new ArrayList<>(r.wish().p().positions(r.wish().lines()));
        for (SpreadLine line : r.wish().locked()) {
            dropLike(positions, line);
        }
        int pair = 0;
        for (int i = 0; i < positions.size(); i++) {
            Slot slot = positions.get(i);
            boolean both = slot.pair() && i + 1 < positions.size() && positions.get(i + 1) == slot;
            if (both) {
                i++;
            }
            Optional<List<Holder>> two = both ? seats.pair(slot.place()) : Optional.empty();
            if (two.isPresent()) {
                two.get().forEach(seats::take);
                unit(slot, pair++, two.get()).ifPresent(units::add);
                continue;
            }
            for (int k = 0; k < (both ? 2 : 1); k++) {
                Optional<Holder> holder = seats.one(slot.place());
                if (holder.isPresent()) {
                    seats.take(holder.get());
                    unit(slot, pair++, List.of(holder.get())).ifPresent(units::add);
                }
            }
        }
        return units;
    }

    /** A locked line stands for the position most like it. */
    private static void dropLike(List<Slot> positions, SpreadLine line) {
        if (positions.isEmpty()) {
            return;
        }
        Slot like = positions.stream()
                .min(Comparator.comparingDouble(slot -> (slot.deep() == line.runsDeep() ? 0 : 1000)
                        + Math.abs((slot.reach().least() + slot.reach().most()) / 2 - line.letOutM())))
                .orElseThrow();
        positions.remove(positions.lastIndexOf(like));
    }

    private Optional<Unit> locked(SpreadLine line) {
        var slot = Slot.of("kept as it was", Slot.Place.LOW, Slot.letOut(1, 400), Slot.Tied.PLAIN);
        var placing = new Placing(slot, -1, line, Optional.empty(), Optional.empty(), Optional.empty(), 1, 400, true);
        return r.placer().place(line, r.speed()).map(place -> {
            var unit = new Unit();
            unit.options.add(new Unit.Option(List.of(new Objective.Set(placing, place))));
            return unit;
        });
    }

    /** A position filled from the box; empty, with what is lacking noted, where the box cannot. */
    private Optional<Unit> unit(Slot slot, int pair, List<Holder> holders) {
        var filled = new ArrayList<Placing>();
        for (Holder holder : holders) {
            Optional<Box.Lure> lure = choice.pick(slot, holder, r.speed().mps());
            if (lure.isEmpty()) {
                slot.firstKind().ifPresent(kind -> lacks.add(lack(kind, holder)));
                continue;
            }
            Optional<Placing.Target> target = r.depths().of(slot);
            tied(slot, pair, holder, lure.get(), target).ifPresent(placing -> {
                choice.took(lure.get());
                tying.take(placing.reel());
                others(placing.line(), lure.get().item()).forEach(tying::take);
                filled.add(placing);
            });
        }
        if (filled.isEmpty()) {
            return Optional.empty();
        }
        var unit = new Unit();
        unit.options.addAll(letOuts.options(filled));
        return unit.options.isEmpty() ? Optional.empty() : Optional.of(unit);
    }

    /** What hangs on a line beside the lure it was chosen for, that lure's own twin included. */
    private static List<UUID> others(SpreadLine line, LureItem chosen) {
        var all = new ArrayList<UUID>();
        line.tackle().forEach(piece -> {
            piece.item().map(LureItem::id).ifPresent(all::add);
            piece.branch().map(branch -> branch.lure().id()).ifPresent(all::add);
        });
        all.remove(chosen.id());
        return all;
    }

    private String lack(LureKind kind, Holder holder) {
        String side = holder.tip().starboardM() > 0 ? " to starboard" : " to port";
        return BoxFit.lack(r.wish().s(), kind) + (kind == LureKind.STEERING_BAR ? side : "");
    }

    private Optional<Placing> tied(Slot slot, int pair, Holder holder, Box.Lure lure, Optional<Placing.Target> target) {
        boolean cabled = holder.kind() == HolderKind.DOWNRIGGER;
        Slot.Tied how = DeepWay.of(slot, cabled, r.wish().s().schools(), tying);
        List<Optional<Box.Lure>> leads =
                DeepWay.leads(how, slot, cabled, r.wish().s().schools(), tying);
        Placing nearest = null;
        double miss = Double.POSITIVE_INFINITY;
        for (Optional<Box.Lure> lead : leads) {
            Optional<Placing> made = tying.tie(how, lure, lead, cabled)
                    .flatMap(chain -> placing(slot, pair, holder, lure, target, chain));
            if (made.isEmpty()) {
                continue;
            }
            if (target.isEmpty()) {
                return made;
            }
            Placing brought = letOuts.brought(made.get(), target.get().middleM());
            double off = r.placer()
                            .place(brought.line(), r.speed())
                            .map(place -> target.get().miss(place.depthM()))
                            .orElse(1e6)
                    + Math.max(0, brought.line().letOutM() - HANDY_M) / HANDY_M;
            if (off < 0.1) {
                return Optional.of(brought);
            }
            if (off < miss) {
                miss = off;
                nearest = brought;
            }
        }
        if (nearest == null) {
            lacks.add(DeepWay.lack(how, r.wish().s().schools()));
        }
        return Optional.ofNullable(nearest);
    }

    private Optional<Placing> placing(
            Slot slot, int pair, Holder holder, Box.Lure lure, Optional<Placing.Target> target, Tying.Chain chain) {
        double leaders = chain.pieces().stream()
                .mapToDouble(piece -> piece.lengthM().orElse(0.0))
                .sum();
        double room = chain.reel().map(r::reelMostM).orElse(400.0);
        Slot.Reach reach = slot.reach();
        boolean cabled = holder.kind() == HolderKind.DOWNRIGGER;
        boolean byLetOut = reach.aim() == Slot.Aim.LET_OUT;
        double cut = byLetOut ? 1 - weedCut() : 1;
        double most = Math.min(byLetOut ? reach.most() * cut : reach.mostOutM(), Math.max(leaders + 10, room));
        // However short the position, the leaders are out.
        double least = Math.max(leaders + 1, Math.min(most, byLetOut ? reach.least() * cut : leaders + 2));
        double letOut = cabled ? Math.max(leaders + 1, reach.dropBackM()) : (least + Math.max(least, most)) / 2;
        var deep = cabled ? tying.cable(target.map(Placing.Target::middleM).orElse(8.0)) : Optional.<DeepRig>empty();
        if (cabled && deep.isEmpty()) {
            return Optional.empty();
        }
        var line = new SpreadLine(
                r.wish().ids().get(), holder, letOut, new Force(40), chain.pieces(), deep, rigging(chain));
        return Optional.of(new Placing(
                slot, pair, line, Optional.of(lure), chain.reel(), target, least, Math.max(least, most), false));
    }

    private Rigging rigging(Tying.Chain chain) {
        Rigging usual = hooked(LineRigging.usual(chain.pieces()), chain)
                .withNumbers(r.wish().s().outfit().bench());
        Rigging scented = scented(chain) ? usual.withScent(SCENTED) : usual;
        return chain.reel().map(reel -> scented.withReel(reel.rod())).orElse(scented);
    }

    /** At speed it washes off: by default of those who use it, baits and slow lures alone carry it. */
    private boolean scented(Tying.Chain chain) {
        Schools schools = r.wish().s().schools();
        boolean bait = chain.pieces().get(0).item().filter(LureItem::isBait).isPresent();
        boolean slow = r.wish().p().mostMps() <= SLOW_MPS;
        return schools.is(School.SCENT, 2) || (schools.is(School.SCENT, 1) && (bait || slow));
    }

    /** Against teeth: two in line behind a skirt, or one wide single, as the skipper has it. */
    private Rigging hooked(Rigging usual, Tying.Chain chain) {
        boolean skirt =
                chain.pieces().get(0).item().filter(LineRigging::skirted).isPresent();
        if (!r.wish().p().is(Playbook.Trait.BITE) || !skirt) {
            return usual;
        }
        boolean singles = r.wish().s().schools().is(School.HOOKS, 1);
        return usual.withHooks((singles ? Hooks.Kind.SINGLE : Hooks.Kind.TWO_IN_LINE).usual());
    }

    private double weedCut() {
        Situation s = r.wish().s();
        if (s.conditions().is(Topic.WEED, Topic.Weed.SCATTERED)) {
            return s.numbers().of(Numbers.WEED_SCATTERED_CUT);
        }
        return s.conditions().is(Topic.WEED, Topic.Weed.THICK) ? s.numbers().of(Numbers.WEED_THICK_CUT) : 0;
    }
}
