package org.mosswake.core.playbook;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mosswake.core.units.Basis;

/**
 * One method: for whom, how fast, how many lines, in which pattern.
 *
 * @param leastMps  with {@code startMps} and {@code mostMps}: through the water, or over the ground where it is
 *     {@link Trait#OVER_GROUND} (m/s)
 * @param usualLines most crews fish; between {@code leastLines} and {@code mostLines}
 * @param waterFromM depths of water it is practised in, with {@code waterToM} (m)
 * @param keepM     line that must stay on the reel behind the let-out (m)
 * @param slots     the pattern, the most important position first
 * @param sure      whether speed and let-outs are practice or a guess
 */
public record Playbook(
        PlaybookId id,
        List<Species> targets,
        double leastMps,
        double startMps,
        double mostMps,
        int leastLines,
        int usualLines,
        int mostLines,
        double waterFromM,
        double waterToM,
        double keepM,
        Set<Trait> traits,
        List<Slot> slots,
        Basis sure) {
    public Playbook {
        targets = List.copyOf(targets);
        traits = Set.copyOf(traits);
        slots = List.copyOf(slots);
    }

    public enum Trait {
        /** At the surface, in clean open water. */
        OPEN_SURFACE,
        DEEP,
        /** Teeth: a bite leader is tied. */
        BITE,
        LIVE_BAIT,
        DEAD_BAIT,
        /** Weighted lines one behind the other, told apart by light and dark, at a pace that loads the rods. */
        FAST,
        /** Weight or wire that stops at the rod's guides. */
        STOPS_AT_GUIDES,
        /** A rod that must be lifted out under load. */
        HEAVY_ROD,
        /** Taps the bottom whatever swims over it, all day. */
        STAYS_DOWN,
        /** Goes down step by step as the light grows. */
        STEPS_BY_LIGHT,
        /** Takes a bait for a hand long where nothing is known of it. */
        SMALL_FORAGE,
        /** Wants to be seen from under a flock. */
        SHOWS_ITSELF,
        /** Eaten before it is hooked: clicker on, tightened after. */
        TAKEN_LOOSELY,
        /** Its speeds are over the ground, run with the stream; those of all others are through the water. */
        OVER_GROUND
    }

    public boolean is(Trait trait) {
        return traits.contains(trait);
    }

    /**
     * Through the water, for a speed of its own frame: run with the stream, never slower than what works its lures.
     *
     * @param stream empty where it is not known: taken as slack (m/s)
     */
    public double throughWaterMps(double mps, Optional<Double> stream) {
        return is(Trait.OVER_GROUND) ? Math.max(floorMps(), mps - stream.orElse(0.0)) : mps;
    }

    /** Below this the first lure of no position works (m/s). */
    public double floorMps() {
        return slots.stream()
                .flatMap(slot -> slot.firstKind().stream())
                .mapToDouble(kind -> kind.works().leastMps())
                .min()
                .orElse(0);
    }

    /** Lines in the pattern, pairs opened. */
    public int positions() {
        return slots.stream().mapToInt(slot -> slot.pair() ? 2 : 1).sum();
    }

    /**
     * The positions of so many lines, the most important first; a pair that does not fit gives one.
     */
    public List<Slot> positions(int lines) {
        var taken = new ArrayList<Slot>();
        for (Slot slot : slots) {
            if (taken.size() >= lines) {
                break;
            }
            taken.add(slot);
            if (slot.pair() && taken.size() < lines) {
                taken.add(slot);
            }
        }
        return taken;
    }
}
