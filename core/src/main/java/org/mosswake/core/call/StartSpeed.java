package org.mosswake.core.call;

import java.util.Comparator;
import java.util.stream.DoubleStream;
import org.mosswake.core.playbook.Playbook;

/**
 * The speed a method begins at, through the water (m/s): its usual one, or the nearest within its window at which more of
 * its positions have a lure that works.
 */
public final class StartSpeed {
    private StartSpeed() {}

    public static double of(Situation s, Playbook p) {
        double usual = usual(s, p);
        int filled = BoxFit.at(s, p, p.usualLines(), usual).filled();
        if (filled == p.positions(p.usualLines()).size()) {
            return usual;
        }
        return edges(s, p)
                .boxed()
                .map(mps -> new Tried(mps, BoxFit.at(s, p, p.usualLines(), mps).filled()))
                .filter(tried -> tried.filled() > filled)
                .max(Comparator.comparingInt(Tried::filled).thenComparing(tried -> -Math.abs(tried.mps() - usual)))
                .map(Tried::mps)
                .orElse(usual);
    }

    private record Tried(double mps, int filled) {}

    /** Ends of the speeds of lures the method fishes, within its window and what she may make. */
    private static DoubleStream edges(Situation s, Playbook p) {
        double least = p.throughWaterMps(p.leastMps(), s.stream());
        double most = Math.max(least, p.throughWaterMps(Math.min(p.mostMps(), s.fastestMps()), s.stream()));
        return s.outfit().box().lures().stream()
                .filter(lure -> s.aboard(lure) > 0
                        && p.slots().stream()
                                .flatMap(slot -> slot.kinds().stream())
                                .anyMatch(lure.item()::isA))
                .flatMap(lure -> lure.item().works().stream())
                .flatMapToDouble(works -> DoubleStream.of(works.leastMps(), works.mostMps()))
                .filter(mps -> mps >= least && mps <= most)
                .distinct();
    }

    /** Flat calm wants slightly more speed for spoons, a seaway less; big baits a little more (practice). */
    public static double usual(Situation s, Playbook p) {
        double speed = p.startMps();
        double tenth = 0.1 * (p.mostMps() - p.leastMps());
        if (s.conditions().is(Topic.SEA, Topic.Sea.CALM)) {
            speed += tenth;
        } else if (s.conditions().is(Topic.SEA, Topic.Sea.MODERATE)
                || s.conditions().is(Topic.SEA, Topic.Sea.ROUGH)) {
            speed -= tenth;
        }
        double most = Math.min(p.mostMps(), s.fastestMps());
        return p.throughWaterMps(Math.max(p.leastMps(), Math.min(most, speed)), s.stream());
    }
}
