package org.mosswake.core.sim;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.mosswake.core.clock.SunDay.Light;
import org.mosswake.core.strikes.Seen;

/**
 * An invented sea about a place: a ledge with humps, a bar with its rip, a stream along it with the tide, an edge of temperature, bait in a
 * layer, birds, weed, and more fish where these meet. All of it follows from the seed, place and time alone, so that any
 * moment can be asked for in any order. Lengths are metres north and east of the place. Every figure is invented; what
 * lies where follows the handbook's account of where fish hold.
 */
public final class SyntheticSea {
    /** She finds everything within this of the middle of it (m). */
    static final double HALF_LENGTH_M = 2600;

    /** Where fish of warm seas are met, and those of cold ones: from the shoal side of its ledge to the deep one (m). */
    private static final double[] WARM_M = {34, 96};

    private static final double[] COLD_M = {14, 45};
    private static final double COLD_UNDER_C = 17;
    private static final double SLOPE_M = 160;
    private static final double LEAST_M = 6;
    private static final int HUMPS = 4;
    private static final double HUMP_M = 130;
    private static final int FLOCKS = 4;
    private static final double STRONGEST_MPS = 0.7;
    /** Fish wait on the side of a hump that the stream meets. */
    private static final double UPSTREAM_M = 70;

    private static final double RIP_HOLDS = 2.5;

    private final Dice dice;
    private final double alongRad;
    private final double surfaceC;
    private final double shallowM;
    private final double deepM;
    private final RipShoal bar;
    private final ToDoubleFunction<Instant> flood;
    private final ToDoubleFunction<Instant> light;
    private final double ledgePhase;
    private final List<Hump> humps;
    /** Asked for line by line at one moment. */
    private volatile Hour hour = new Hour(Instant.MIN, 0, 1, List.of());

    private record Hump(double northM, double eastM, double heightM) {}

    private record Hour(Instant at, double flood, double light, List<Flock> flocks) {}

    /**
     * @param alongDeg which way the ledge runs and the flood sets
     * @param surfaceC of its colder side
     * @param flood    at a moment, the ebb negative (m/s)
     * @param light    at a moment
     */
    public SyntheticSea(
            long seed,
            double alongDeg,
            double surfaceC,
            ToDoubleFunction<Instant> flood,
            Function<Instant, Light> light) {
        dice = new Dice(seed);
        alongRad = Math.toRadians(alongDeg);
        this.surfaceC = surfaceC;
        double[] depths = surfaceC < COLD_UNDER_C ? COLD_M : WARM_M;
        shallowM = depths[0];
        deepM = depths[1];
        this.flood = flood;
        this.light = at -> switch (light.apply(at)) {
            case TWILIGHT -> 1.8;
            case DAY -> 1;
            case NIGHT -> 0.5;
        };
        ledgePhase = dice.between(0, 2 * Math.PI, "ledge", 0);
        humps = IntStream.range(0, HUMPS).mapToObj(this::hump).toList();
        bar = new RipShoal(dice.between(-0.6, 0.6, "bar", 0) * HALF_LENGTH_M, -2.2 * SLOPE_M, 0.4 * shallowM);
    }

    double alongRad() {
        return alongRad;
    }

    /** Along the ledge, and across it from the crest towards deep water. */
    double[] onLedge(double northM, double eastM) {
        double along = northM * Math.cos(alongRad) + eastM * Math.sin(alongRad);
        double across = -northM * Math.sin(alongRad) + eastM * Math.cos(alongRad);
        return new double[] {along, across - 90 * Math.sin(along / 420 + ledgePhase)};
    }

    private double[] onEarth(double along, double across) {
        return new double[] {
            along * Math.cos(alongRad) - across * Math.sin(alongRad),
            along * Math.sin(alongRad) + across * Math.cos(alongRad)
        };
    }

    private Hump hump(int number) {
        double[] top = onEarth(
                dice.between(-0.85, 0.85, "hump along", number) * HALF_LENGTH_M,
                dice.between(-260, 260, "hump across", number));
        return new Hump(top[0], top[1], dice.between(0.18, 0.38, "hump height", number) * shallowM);
    }

    /** To the bottom, at mean tide. */
    public double depthM(double northM, double eastM) {
        double[] ledge = onLedge(northM, eastM);
        double depth = (shallowM + deepM) / 2 + (deepM - shallowM) / 2 * Math.tanh(ledge[1] / SLOPE_M);
        for (Hump hump : humps) {
            depth -= hump.heightM() * bell(northM - hump.northM(), eastM - hump.eastM(), HUMP_M);
        }
        return bar.depthM(Math.max(LEAST_M, depth), ledge[0], ledge[1]);
    }

    /** At the surface (°C): warmer over deep water, within a few hundred metres. */
    public double temperatureC(double northM, double eastM) {
        return surfaceC + 0.5 * (1 + Math.tanh((fromEdgeM(northM, eastM)) / 60));
    }

    private double fromEdgeM(double northM, double eastM) {
        double[] ledge = onLedge(northM, eastM);
        return ledge[1] - 220 + 120 * Math.sin(ledge[0] / 700);
    }

    /** North and east (m/s): quicker over the bar. */
    public double[] stream(double northM, double eastM, Instant at) {
        double[] ledge = onLedge(northM, eastM);
        double mps = hour(at).flood() * bar.quicker(ledge[0], ledge[1]);
        return new double[] {mps * Math.cos(alongRad), mps * Math.sin(alongRad)};
    }

    /** Bait on the sounder: from where to where (m); none where it is too shallow. */
    public Optional<double[]> bait(double northM, double eastM, Instant at) {
        double bottom = depthM(northM, eastM);
        // It rises when the light goes.
        double top = bottom * (light.applyAsDouble(at) == 1 ? 0.45 : 0.2);
        double thick = bottom * dice.between(0.08, 0.2, "bait", (long) Math.floor(northM / 250) * 7919);
        return top > 6 ? Optional.of(new double[] {top, top + thick}) : Optional.empty();
    }

    private Hour hour(Instant at) {
        Hour known = hour;
        if (!known.at().equals(at)) {
            known = new Hour(
                    at,
                    flood.applyAsDouble(at),
                    light.applyAsDouble(at),
                    IntStream.range(0, FLOCKS)
                            .mapToObj(number -> flock(number, at))
                            .toList());
            hour = known;
        }
        return known;
    }

    /** Birds that are about. */
    public List<Flock> flocks(Instant at) {
        return hour(at).flocks();
    }

    /** It travels, searches, dives, and goes on: each round takes it somewhere else. */
    private Flock flock(int number, Instant at) {
        double roundS = 60 * dice.between(24, 44, "round", number);
        double turns = at.getEpochSecond() / roundS + dice.share("begins", number);
        long round = (long) Math.floor(turns);
        double share = turns - round;
        double[] from = gathers(number, round - 1);
        double[] to = gathers(number, round);
        if (share < 0.25) {
            double done = share / 0.25;
            return new Flock(
                    number,
                    from[0] + done * (to[0] - from[0]),
                    from[1] + done * (to[1] - from[1]),
                    Seen.BIRDS_TRAVELLING);
        }
        double circled = 2 * Math.PI * (share - 0.25) * roundS / 150;
        double wide = share < 0.55 ? 130 : 25;
        return new Flock(
                number,
                to[0] + wide * Math.cos(circled),
                to[1] + wide * Math.sin(circled),
                share < 0.55 ? Seen.BIRDS_SEARCHING : Seen.BIRDS_DIVING);
    }

    private double[] gathers(int number, long round) {
        return onEarth(
                dice.between(-0.8, 0.8, "flock along " + number, round) * HALF_LENGTH_M,
                dice.between(-300, 420, "flock across " + number, round));
    }

    /** A line of weed along the edge of temperature, with gaps. */
    public boolean weed(double northM, double eastM) {
        double along = onLedge(northM, eastM)[0];
        return Math.abs(fromEdgeM(northM, eastM)) < 12 && dice.share("weed", (long) Math.floor(along / 180)) < 0.45;
    }

    /** How much of a rip stands there, 0 to 1. */
    public double rip(double northM, double eastM, Instant at) {
        double[] ledge = onLedge(northM, eastM);
        return bar.rip(ledge[0], ledge[1], hour(at).flood());
    }

    /** How many fish there are to take, against a usual place at a usual hour. */
    public double fish(double northM, double eastM, Instant at) {
        double fish = 0.2 + 0.9 * ridge(onLedge(northM, eastM)[1], 140) + 0.6 * ridge(fromEdgeM(northM, eastM), 90);
        Hour now = hour(at);
        fish += RIP_HOLDS * rip(northM, eastM, at);
        double runs = Math.signum(now.flood()) * UPSTREAM_M;
        for (Hump hump : humps) {
            fish += 2
                    * bell(
                            northM - hump.northM() + runs * Math.cos(alongRad),
                            eastM - hump.eastM() + runs * Math.sin(alongRad),
                            120);
        }
        for (Flock flock : now.flocks()) {
            double about = bell(northM - flock.northM(), eastM - flock.eastM(), 150);
            fish += about
                    * switch (flock.doing()) {
                        case BIRDS_DIVING -> 6;
                        case BIRDS_SEARCHING -> 1.2;
                        default -> 0;
                    };
        }
        double moving = Math.min(1, Math.abs(now.flood()) / STRONGEST_MPS);
        return fish * now.light() * (0.6 + 0.8 * moving);
    }

    private static double bell(double north, double east, double widthM) {
        return Math.exp(-(north * north + east * east) / (widthM * widthM));
    }

    private static double ridge(double acrossM, double widthM) {
        return Math.exp(-acrossM * acrossM / (widthM * widthM));
    }

    /** A tide of the moon alone where none is known: half a knot at its strongest. */
    public static double moonsTideMps(Instant at) {
        double turns = at.getEpochSecond() / (double) Duration.ofSeconds(44_714).toSeconds();
        return 0.26 * Math.cos(2 * Math.PI * turns);
    }
}
