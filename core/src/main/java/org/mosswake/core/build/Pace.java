package org.mosswake.core.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.mosswake.core.call.StartSpeed;
import org.mosswake.core.spread.LinePlacer;
import org.mosswake.core.spread.LurePlace;
import org.mosswake.core.spread.Skipping;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;
import org.mosswake.core.units.SpeedThroughWater;
import org.mosswake.core.units.SpeedUnit;

/** The speed of a playbook for the lures that are tied: as fast as it begins, slower where a light one leaves the water. */
final class Pace {
    private static final double STEP_MPS = SpeedUnit.KNOT.toSi(0.2);

    private final FirstSpread.Wish wish;
    private final LinePlacer placer;

    Pace(FirstSpread.Wish wish, LinePlacer placer) {
        this.wish = wish;
        this.placer = placer;
    }

    private double slowestMps() {
        return wish.p().throughWaterMps(wish.p().leastMps(), wish.s().stream());
    }

    /** Lines whose lure leaves the water more than it is meant to; the skipper's own are his. */
    private List<SpreadLine> skipping(Spread spread, SpeedThroughWater speed) {
        return spread.lines().stream()
                .filter(line ->
                        wish.locked().stream().noneMatch(locked -> locked.id().equals(line.id())))
                .filter(line -> placer.place(line, speed)
                        .map(LurePlace::skippingShare)
                        .filter(share -> Skipping.tooMuch(line.lure(), share))
                        .isPresent())
                .toList();
    }

    /** The next slower speed at which all stay under; empty where they do now, or nowhere in the playbook's window. */
    Optional<SpeedThroughWater> slower(Spread spread) {
        if (skipping(spread, spread.speed()).isEmpty()) {
            return Optional.empty();
        }
        for (double mps = SpeedUnit.tenthBelow(spread.speed().mps() - STEP_MPS);
                mps >= slowestMps() - 1e-9;
                mps -= STEP_MPS) {
            var speed = new SpeedThroughWater(mps);
            if (skipping(spread, speed).isEmpty()) {
                return Optional.of(speed);
            }
        }
        return Optional.empty();
    }

    /** What was done about it, and what could not be. */
    List<Sentence> says(Spread spread, SpeedThroughWater first) {
        var says = new ArrayList<Sentence>();
        double fastest = wish.s().fastestMps();
        if (wish.p().startMps() > fastest) {
            boolean told = fastest >= wish.s().outfit().boat().topMps() - 1e-9;
            says.add(Sentence.of(
                    "Held to {0}, not {1}: "
                            + (told ? "she makes no more." : "this sea lets her hold no more without slamming."),
                    Figure.speed(first.mps()),
                    Figure.speed(wish.p().startMps())));
        }
        double usual = StartSpeed.usual(wish.s(), wish.p());
        if (Math.abs(first.mps() - usual) > 1e-6) {
            says.add(Sentence.of(
                    "Begun at {0}, not {1}: more of what is aboard works there.",
                    Figure.speed(first.mps()), Figure.speed(usual)));
        }
        if (spread.speed().mps() < first.mps() - 1e-9) {
            says.add(Sentence.of(
                    "Slowed from {0} to {1}: faster, a lure that is tied leaves the water.",
                    Figure.speed(first.mps()), Figure.speed(spread.speed().mps())));
        }
        List<SpreadLine> left = skipping(spread, spread.speed());
        if (!left.isEmpty()) {
            String names = left.stream()
                    .map(line -> Sentence.plain(line.lure().name()))
                    .distinct()
                    .collect(Collectors.joining(", "));
            says.add(Sentence.of(
                    "No speed from {0} on keeps all under: " + names
                            + " leave the water now and then. A heavier one would not.",
                    Figure.speed(slowestMps())));
        }
        return says;
    }
}
