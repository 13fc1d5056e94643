package org.mosswake.core.tow;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.mosswake.core.units.SpeedThroughWater;

/** Seeded generators of tows across what people fish with. */
final class RandomTows {
    private static final long SEED = 4711;
    private static final int COUNT = 60;

    private RandomTows() {}

    /** Chains that sink and do not steer: no lift, no dive, no side. */
    static Stream<Tow> sinking() {
        return new Random(SEED).longs(COUNT).mapToObj(seed -> tow(new Random(seed), true));
    }

    /** Anything accepted, also light, buoyant, steering and diving. */
    static Stream<Tow> any() {
        return new Random(SEED + 1).longs(4 * COUNT).mapToObj(seed -> tow(new Random(seed), false));
    }

    /** A thousand of each. */
    static Stream<Tow> many() {
        return Stream.concat(
                new Random(SEED + 2).longs(1000).mapToObj(seed -> tow(new Random(seed), true)),
                new Random(SEED + 3).longs(1000).mapToObj(seed -> tow(new Random(seed), false)));
    }

    private static Tow tow(Random random, boolean sinking) {
        var links = new ArrayList<Link>();
        int pieces = 1 + random.nextInt(3);
        for (int i = 0; i < pieces; i++) {
            boolean holds = i == 0 || random.nextInt(3) == 0;
            LinePiece line =
                    line(random, i == pieces - 1 ? 10 + 90 * random.nextDouble() : 1 + 8 * random.nextDouble());
            links.add(holds ? Link.of(sinking ? lead(random) : body(random), line) : Link.bare(line));
        }
        double speed = sinking ? 0.8 + 2 * random.nextDouble() : 0.2 + 10.8 * random.nextDouble();
        double height = sinking ? 0.5 + 2 * random.nextDouble() : -20 + 32 * random.nextDouble();
        return new Tow(new SpeedThroughWater(speed), height, List.copyOf(links));
    }

    private static LinePiece line(Random random, double length) {
        double[] densities = {975, 1150, 1780, 7900};
        return new LinePiece(
                length,
                0.0003 + 0.001 * random.nextDouble(),
                densities[random.nextInt(densities.length)],
                1.2 + 0.8 * random.nextDouble(),
                0.008 + 0.004 * random.nextDouble());
    }

    private static Body lead(Random random) {
        double mass = 0.2 + 2 * random.nextDouble();
        return new Body(mass, mass / Physics.LEAD_DENSITY, 0.0005 + 0.002 * random.nextDouble(), 0, 0);
    }

    private static Body body(Random random) {
        double mass = 0.01 + 0.5 * random.nextDouble();
        double density = 600 + 6000 * random.nextDouble();
        return new Body(
                mass,
                mass / density,
                0.02 * random.nextDouble(),
                0.004 * (random.nextDouble() - 0.4),
                0.004 * (random.nextDouble() - 0.5));
    }
}
