package org.mosswake.core.sim;

import java.util.EnumMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.mosswake.core.gear.ColourRole;
import org.mosswake.core.turn.Bend;

/**
 * What the fish of one sea like, hidden from whoever fishes there: the same seed has the same tastes. Each is a factor
 * about 1 on how often a line is taken.
 */
public final class Tastes {
    private static final double COLOUR = 0.5;
    private static final double BEND = 0.4;
    private static final double SIDE = 0.4;

    private final Dice dice;
    private final double position;
    private final Map<String, Double> positions = new ConcurrentHashMap<>();
    private final Map<ColourRole, Double> colours = new EnumMap<>(ColourRole.class);
    private final Map<Bend, Double> bends = new EnumMap<>(Bend.class);
    private final double deepSide;
    private final double shoalSide;
    private final double bestDepth;
    private final double bestLength;
    private final double bestPace;

    /** @param position standard deviation of the logarithm of what a position is worth */
    public Tastes(long seed, double position) {
        dice = new Dice(seed);
        this.position = position;
        for (ColourRole role : ColourRole.values()) {
            colours.put(role, dice.factor(COLOUR, "colour", role.ordinal()));
        }
        for (Bend bend : Bend.values()) {
            bends.put(bend, bend == Bend.NEITHER ? 1 : dice.factor(BEND, "bend", bend.ordinal()));
        }
        shoalSide = dice.factor(SIDE, "side", 0);
        deepSide = dice.factor(SIDE, "side", 1);
        bestDepth = dice.between(0.7, 3.2, "depth", 0);
        bestLength = Math.log(dice.between(0.1, 0.28, "length", 0));
        bestPace = dice.between(0.85, 1.15, "pace", 0);
    }

    /**
     * How often it is taken, against a usual line.
     *
     * @param deepSide of the ledge
     */
    public double liking(Offer offer, boolean deepSide) {
        return positions.computeIfAbsent(offer.position(), name -> dice.factor(position, "position " + name, 0))
                * colours.get(offer.colour())
                * bends.get(offer.bend())
                * (deepSide ? this.deepSide : shoalSide)
                * near(Math.log1p(offer.depthM()), bestDepth, 0.9)
                * near(Math.log(offer.lengthM()), bestLength, 0.7)
                * near(offer.pace(), bestPace, 0.25);
    }

    /** Over 1 where it is right, a third where it is far off. */
    private static double near(double value, double best, double width) {
        double off = (value - best) / width;
        return 0.35 + 0.95 * Math.exp(-off * off / 2);
    }
}
