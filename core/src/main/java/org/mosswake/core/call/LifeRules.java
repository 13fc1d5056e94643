package org.mosswake.core.call;

import java.util.List;
import java.util.Optional;
import org.mosswake.core.call.Topic.Bait;
import org.mosswake.core.call.Topic.Birds;
import org.mosswake.core.call.Topic.Fleet;
import org.mosswake.core.call.Topic.Floating;
import org.mosswake.core.call.Topic.Forage;
import org.mosswake.core.call.Topic.Weed;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/** Birds, bait, forage, floating things, weed, other boats. */
final class LifeRules {
    /** From so many birds on it is a feeding flock, and from so many a great one (ESTIMATE). */
    private static final double FLOCK = 20;

    private static final double GREAT_FLOCK = 100;
    /** A layer whose top is no deeper is within sight of surface lures (m, ESTIMATE). */
    private static final double NEAR_SURFACE_M = 6;

    static final List<Rule> ALL = List.of(
            Rule.when(
                    Topic.BIRDS,
                    Birds.DIVING,
                    "birds diving",
                    "birds low, tight and diving: fish are feeding now",
                    "M6 30,M4 14,M3 8,M7 10,M8 10,M2 3,M1 -3,M16 4,M15 3,M11 4,M12 3,M13 4,M9 2"),
            Rule.of(
                    "BIRDS_FLOCK",
                    Topic.BIRDS,
                    "a flock diving or travelling",
                    (s, p) -> birds(s, FLOCK, "a flock of {0}"),
                    "M6 6,M4 2,M7 2"),
            Rule.of(
                    "BIRDS_GREAT",
                    Topic.BIRDS,
                    "a great flock diving or travelling",
                    (s, p) -> birds(s, GREAT_FLOCK, "{0} of them: a great school under it"),
                    "M6 6,M4 3,M7 3"),
            Rule.when(
                    Topic.BIRDS,
                    Birds.TRAVELLING,
                    "birds moving one way",
                    "birds move one way: go ahead of them, let the lures pass through",
                    "M6 26,M4 6,M3 4,M7 5,M8 3"),
            Rule.when(
                    Topic.BIRDS,
                    Birds.SEARCHING,
                    "birds searching",
                    "birds search, high and spread: follow, do not set on them",
                    "M6 -4,M3 3,M4 1,M7 2"),
            Rule.when(
                    Topic.BIRDS,
                    Birds.SITTING,
                    "birds sitting",
                    "birds sit: it has just ended, wait",
                    "M6 -10,M4 4,M5 4,M7 3,M8 2"),
            Rule.when(
                    Topic.BIRDS,
                    Birds.LONE,
                    "a single large bird circling low",
                    "a single large bird circles low: it may follow one big fish",
                    "M3 7,M2 5,M6 2,M1 2"),
            Rule.when(Topic.BIRDS, Birds.NONE, "no birds", "no birds in sight", "M6 -34,M4 -14,M7 -3,M8 -2"),
            Rule.of(
                    "BAIT_DEEP",
                    Topic.BAIT,
                    "a layer of bait down in the water",
                    (s, p) -> layer(s, NEAR_SURFACE_M, 9999, "bait from {0} to {1}: deep lines can bracket it"),
                    "M10 10,M9 8,M16 10,M17 9,M12 6,M15 6,M3 3,M14 3"),
            Rule.of(
                    "BAIT_HIGH",
                    Topic.BAIT,
                    "a layer of bait near the surface",
                    (s, p) -> layer(s, -1, NEAR_SURFACE_M, "bait from {0} to {1}: within sight of surface lures"),
                    "M3 7,M4 7,M6 4,M7 6,M8 7,M2 4,M9 6,M15 4,M16 5,M1 2"),
            Rule.when(
                    Topic.BAIT,
                    Bait.NONE,
                    "no bait marked",
                    "the sounder marks no bait",
                    "M9 -4,M10 -4,M16 -3,M17 -3,M8 -3,M4 -2,M12 -2"),
            Rule.when(
                    Topic.FORAGE,
                    Forage.FINGERLING,
                    "tiny bait",
                    "they eat tiny bait: the smallest lure the speed allows",
                    "M4 14,M8 12,M1 -3,M2 -5,M3 -3,M7 3,M9 -5,M10 -5,M13 -9,M16 2"),
            Rule.when(
                    Topic.FORAGE,
                    Forage.PALM,
                    "palm-long bait",
                    "they eat palm-long bait",
                    "M4 8,M8 7,M3 4,M6 2,M7 3,M14 3,M15 3,M16 3,M13 -3"),
            Rule.when(
                    Topic.FORAGE,
                    Forage.HAND,
                    "hand-long bait",
                    "they eat hand-long bait",
                    "M3 5,M2 4,M9 5,M10 3,M13 4,M7 4,M14 4,M15 5,M1 2,M4 -3"),
            Rule.when(
                    Topic.FORAGE,
                    Forage.FOREARM,
                    "grown bait",
                    "they eat grown bait: big lures",
                    "M2 8,M9 9,M10 9,M13 12,M1 5,M3 3,M4 -12,M8 -9"),
            Rule.when(
                    Topic.FLOATING,
                    Floating.SINGLE,
                    "something floating",
                    "something floats here: let the lures pass close beside",
                    "M3 10,M6 2,M8 2,M2 3"),
            Rule.when(
                    Topic.FLOATING,
                    Floating.LINE,
                    "a line of floating things",
                    "a line of floating things holds mahi",
                    "M3 15,M6 3,M2 4,M1 2"),
            Rule.of(
                    "WEED_SCATTERED",
                    Topic.WEED,
                    "scattered weed",
                    LifeRules::scattered,
                    "M1 -8,M2 -7,M3 -5,M4 -12,M6 -2,M7 -10,M8 -4,M9 -3,M10 -2,M16 -3,M13 -3"),
            Rule.when(
                    Topic.WEED,
                    Weed.THICK,
                    "thick weed",
                    "thick weed: fouled lures fish no more",
                    "M1 -22,M2 -18,M3 -14,M4 -30,M5 -12,M6 -8,M7 -26,M8 -10,M9 -8,M10 -7,M11 -10,M13 -10,M16 -8,M17 -6,M14 -6,M15 -8"),
            Rule.when(
                    Topic.FLEET,
                    Fleet.CROWDED,
                    "a crowded fleet",
                    "a crowded fleet crosses far lines",
                    "M1 -10,M2 -4,M3 -4,M4 -4,M7 -4,M10 -3,M9 -1,M8 2,M6 -3"),
            Rule.when(Topic.FLEET, Fleet.ALONE, "nobody else", "nobody else here to cross a long line", "M1 2,M4 1"));

    private LifeRules() {}

    private static Optional<Sentence> birds(Situation s, double from, String says) {
        boolean showing =
                s.conditions().is(Topic.BIRDS, Birds.DIVING) || s.conditions().is(Topic.BIRDS, Birds.TRAVELLING);
        return s.conditions()
                .number(Topic.BIRDS)
                .filter(many -> showing && many >= from)
                .map(many -> Sentence.of(says, Figure.count(many)));
    }

    private static Optional<Sentence> layer(Situation s, double above, double under, String says) {
        return s.conditions()
                .bait()
                .filter(band -> band.topM() > above && band.topM() <= under)
                .map(band -> Sentence.of(says, Figure.distance(band.topM()), Figure.distance(band.bottomM())));
    }

    private static Optional<Sentence> scattered(Situation s, Playbook p) {
        return s.conditions().is(Topic.WEED, Weed.SCATTERED)
                ? Optional.of(Sentence.of(
                        "scattered weed fouls long lines: let-outs are cut by {0}",
                        Figure.share(s.numbers().of(Numbers.WEED_SCATTERED_CUT))))
                : Optional.empty();
    }
}
