package org.mosswake.core.live;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.live.LiveMoment.LivePlace;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/** What somebody must act on, soonest first. What only might be is not said. */
final class LiveWarnings {
    /** Water under a lure that a wave or a lump of the bottom takes away (m, ESTIMATE). */
    static final double TOUCHES_M = 1;
    /** Slower a boat hardly answers her helm (m/s, ESTIMATE: 1.4 kn). */
    private static final double STEERS_MPS = 0.72;

    private final List<TowedLine> lines;
    private final Motion motion;
    private final List<LivePlace> places;
    private final double at;
    private final List<LiveWarning> warnings = new ArrayList<>();

    LiveWarnings(List<TowedLine> lines, Motion motion, List<LivePlace> places, double at) {
        this.lines = lines;
        this.motion = motion;
        this.places = places;
        this.at = at;
    }

    List<LiveWarning> of(
            Optional<TurnAhead.Meets> meets, Skips skips, List<LiveWarning> passing, Optional<LiveWarning> turned) {
        turned.ifPresent(warnings::add);
        warnings.addAll(passing);
        meets.ifPresent(this::fouls);
        places.forEach(this::bottom);
        skips(skips);
        steerage();
        warnings.sort(Comparator.comparingDouble(LiveWarning::inS));
        return warnings;
    }

    private void fouls(TurnAhead.Meets meets) {
        TowedLine one = lines.get(meets.line());
        TowedLine other = lines.get(meets.other());
        double in = Math.max(0, meets.atS() - at);
        double turned = Math.abs(motion.turnRadS()) * in;
        String what = one.label() + " and " + other.label();
        warnings.add(new LiveWarning(
                LiveWarning.Kind.FOULS,
                in < 1
                        ? Sentence.of(what + " meet now: straighten.")
                        : Sentence.of(
                                what + " meet in {0} if she goes on turning, {1} more: widen the turn or straighten.",
                                Figure.duration(in),
                                Figure.angle(turned)),
                List.of(one.id(), other.id()),
                in));
    }

    private void bottom(LivePlace place) {
        if (place.slack()
                || place.offBottom().filter(c -> c.metres() < TOUCHES_M).isEmpty()) {
            return;
        }
        var clearance = place.offBottom().get();
        double water = clearance.metres() + lowest(place);
        Figure depth = Figure.distance(lowest(place));
        // With a little water left it is near, and nobody has felt it yet.
        boolean touches = clearance.metres() <= 0;
        Sentence says = clearance.inS() < 1
                ? Sentence.of(
                        place.label() + (touches ? " is on the bottom" : " is just over the bottom")
                                + ": it runs at {0} in {1} of water. Bring it up.",
                        depth,
                        Figure.distance(water))
                : Sentence.of(
                        place.label() + (touches ? " touches in {0}" : " may touch in {0}")
                                + ": it runs at {1}, and {2} of water comes. Bring it up.",
                        Figure.duration(clearance.inS()),
                        depth,
                        Figure.distance(water));
        warnings.add(new LiveWarning(LiveWarning.Kind.BOTTOM, says, List.of(place.id()), clearance.inS()));
    }

    private double lowest(LivePlace place) {
        return place.lureDepthM()
                + lines.stream()
                        .filter(line -> line.id().equals(place.id()))
                        .mapToDouble(TowedLine::hangsBelowM)
                        .sum();
    }

    private void skips(Skips skips) {
        var who = new ArrayList<UUID>();
        var labels = new ArrayList<String>();
        double slowest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < lines.size(); i++) {
            if (skips.skips(i)) {
                who.add(lines.get(i).id());
                labels.add(lines.get(i).label());
                slowest = Math.min(slowest, lines.get(i).staysInToMps());
            }
        }
        if (!who.isEmpty()) {
            warnings.add(new LiveWarning(
                    LiveWarning.Kind.SKIPS,
                    Sentence.of(
                            String.join(", ", labels)
                                    + (who.size() == 1 ? " leaves" : " leave")
                                    + " the water: slower than {0} keeps "
                                    + (who.size() == 1 ? "it" : "them")
                                    + " in.",
                            Figure.speed(slowest)),
                    who,
                    0));
        }
    }

    private void steerage() {
        if (motion.throughMps() < STEERS_MPS && !places.isEmpty()) {
            warnings.add(new LiveWarning(
                    LiveWarning.Kind.STEERAGE,
                    Sentence.of("She hardly steers: {0} through the water.", Figure.speed(motion.throughMps())),
                    List.of(),
                    0));
        }
    }
}
