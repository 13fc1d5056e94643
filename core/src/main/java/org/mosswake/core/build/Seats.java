package org.mosswake.core.build;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.mosswake.core.gear.Holder;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.playbook.Slot;

/** Finds a holder for each position among those still free. */
final class Seats {
    /** Holders whose tips mirror one another this closely are a pair (m). */
    private static final double MIRRORED_M = 0.4;

    private final List<Holder> free;
    private final double widest;
    private final boolean riggers;
    /** Starboard positive: how much more has gone to one side so far. */
    private double leaning;

    /** @param riggers may be used */
    Seats(List<Holder> holders, boolean riggers) {
        free = new ArrayList<>(holders);
        this.riggers = riggers;
        widest = holders.stream()
                .mapToDouble(holder -> Math.abs(holder.tip().starboardM()))
                .max()
                .orElse(1);
    }

    void take(Holder holder) {
        free.removeIf(other -> other.id().equals(holder.id()));
        leaning += Math.signum(Math.round(holder.tip().starboardM() * 10));
    }

    List<Holder> free() {
        return List.copyOf(free);
    }

    Optional<Holder> one(Slot.Place place) {
        return usable(place)
                .min(Comparator.comparingDouble(holder -> away(holder, place)
                        + 0.6 * leaning * Math.signum(holder.tip().starboardM())));
    }

    /** Others that would do for a low place, the best first. */
    List<Holder> low() {
        return usable(Slot.Place.LOW)
                .filter(holder -> holder.kind() == HolderKind.FLAT)
                .sorted(Comparator.comparingDouble(holder -> away(holder, Slot.Place.LOW)))
                .limit(4)
                .toList();
    }

    /** Pairs of low holders. */
    List<List<Holder>> lowPairs() {
        return pairs(Slot.Place.LOW).stream()
                .filter(pair -> pair.get(0).kind() == HolderKind.FLAT)
                .toList();
    }

    Optional<List<Holder>> pair(Slot.Place place) {
        return pairs(place).stream().min(Comparator.comparingDouble(pair -> away(pair.get(0), place)));
    }

    /** Starboard first in each. */
    private List<List<Holder>> pairs(Slot.Place place) {
        List<List<Holder>> pairs = new ArrayList<>();
        for (Holder one : free) {
            for (Holder other : free) {
                boolean mirrored = one.tip().starboardM() > MIRRORED_M
                        && one.kind() == other.kind()
                        && Math.abs(one.tip().starboardM() + other.tip().starboardM()) < MIRRORED_M
                        && Math.abs(one.tip().asternM() - other.tip().asternM()) < MIRRORED_M;
                if (mirrored && allowed(one, place)) {
                    pairs.add(List.of(one, other));
                }
            }
        }
        return pairs;
    }

    private Stream<Holder> usable(Slot.Place place) {
        return free.stream().filter(holder -> allowed(holder, place));
    }

    private boolean allowed(Holder holder, Slot.Place place) {
        if (holder.kind() == HolderKind.DOWNRIGGER) {
            return place == Slot.Place.DEEP;
        }
        return riggers || holder.kind() != HolderKind.RIGGER;
    }

    /** Small where the holder suits the place. */
    private double away(Holder holder, Slot.Place place) {
        double across = Math.abs(holder.tip().starboardM());
        double height = holder.tip().heightM();
        return switch (place) {
            case CENTRE -> (holder.kind() == HolderKind.CENTRE ? 0 : 8) + 2 * across - 0.3 * height;
            case OUTER -> (holder.kind() == HolderKind.RIGGER ? 0 : 4) + (widest - across);
            case INNER -> (holder.kind() == HolderKind.RIGGER ? 0 : 2) + Math.abs(0.7 * widest - across);
            case LOW -> low(holder, across);
            case DEEP -> holder.kind() == HolderKind.DOWNRIGGER ? 0 : 20 + low(holder, across);
        };
    }

    private double low(Holder holder, double across) {
        double kind = holder.kind() == HolderKind.FLAT ? 0 : holder.kind() == HolderKind.CENTRE ? 3 : 6;
        return kind + 0.4 * (widest - across);
    }
}
