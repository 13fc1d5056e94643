package org.mosswake.core.call;

import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;
import org.mosswake.core.call.Topic.Sea;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;
import org.mosswake.core.units.SpeedUnit;

/**
 * A sea against the length of the boat. Coefficients are ESTIMATE: what skippers of open boats of 5 to 12 m hold in
 * head seas, nothing a naval architect would sign.
 *
 * @param heightM of the waves, as seen, else as the word for the sea has it (m)
 * @param lengthM of the boat (m)
 */
record Seaway(double heightM, double lengthM) {
    /** Speed held without slamming where the waves are as high as the boat is long (m/s). */
    private static final double PACE_MPS = SpeedUnit.KNOT.toSi(1.6);
    /** Waves of this share of her length: she stays in. */
    private static final double STAY_IN = 0.3;
    /** Waves of this share are work: every method pays. */
    private static final double HARD = 0.17;

    /** Empty where nothing is known of the sea. */
    static Optional<Seaway> of(Situation s) {
        double length = s.outfit().boat().lengthM();
        return s.conditions()
                .number(Topic.SEA)
                .or(() -> s.conditions().choice(Topic.SEA, Sea.class).map(Seaway::usualM))
                .map(height -> new Seaway(height, length));
    }

    /** In the middle of what the word stands for on the scale of sea states (m). */
    static double usualM(Sea sea) {
        return switch (sea) {
            case CALM -> 0.1;
            case SLIGHT -> 0.6;
            case MODERATE -> 1.6;
            case ROUGH -> 2.8;
        };
    }

    /** The word for a height: each reaches halfway to the next. */
    static Sea word(double heightM) {
        return Arrays.stream(Sea.values())
                .min(Comparator.comparingDouble(sea -> Math.abs(usualM(sea) - heightM)))
                .orElseThrow();
    }

    double share() {
        return heightM / lengthM;
    }

    /** What she holds in it without slamming (m/s). */
    double comfortableMps() {
        return PACE_MPS / Math.max(1e-3, share());
    }

    boolean staysIn() {
        return share() > STAY_IN;
    }

    static Optional<Sentence> tooFast(Situation s, Playbook p) {
        return of(s).filter(sea -> sea.comfortableMps() < p.leastMps() - 1e-9)
                .map(sea -> Sentence.of(
                        "{0} of sea lets {1} of boat make {2}: it is fished at {3} at least",
                        Figure.distance(sea.heightM),
                        Figure.distance(sea.lengthM),
                        Figure.speed(sea.comfortableMps()),
                        Figure.speed(p.leastMps())));
    }

    /** Above what she makes at all, whatever the sea. */
    static Optional<Sentence> outOfReach(Situation s, Playbook p) {
        double top = s.outfit().boat().topMps();
        return p.leastMps() > top + 1e-9
                ? Optional.of(Sentence.of(
                        "she makes {0} at most: it is fished at {1} at least",
                        Figure.speed(top), Figure.speed(p.leastMps())))
                : Optional.empty();
    }

    /** The fastest she may fish this day: what she makes, and what the sea lets her hold (m/s). */
    static double mostMps(Situation s) {
        double top = s.outfit().boat().topMps();
        return of(s).map(sea -> Math.min(top, sea.comfortableMps())).orElse(top);
    }

    static Optional<Sentence> hard(Situation s) {
        return of(s).filter(sea -> sea.share() > HARD)
                .map(sea -> Sentence.of(
                        "{0} of sea is much for {1} of boat",
                        Figure.distance(sea.heightM), Figure.distance(sea.lengthM)));
    }

    static Optional<Sentence> stop(Situation s) {
        return of(s).filter(Seaway::staysIn)
                .map(sea -> Sentence.of(
                        "Stay in: {0} of sea is too much for {1} of boat.",
                        Figure.distance(sea.heightM), Figure.distance(sea.lengthM)));
    }
}
