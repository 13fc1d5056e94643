package org.mosswake.core.call;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.call.Topic.Bait;
import org.mosswake.core.call.Topic.Birds;
import org.mosswake.core.call.Topic.Fleet;
import org.mosswake.core.call.Topic.Floating;
import org.mosswake.core.call.Topic.Forage;
import org.mosswake.core.call.Topic.Weed;
import org.mosswake.core.playbook.Playbook;
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
                    "BIRDS 30, SMALL_FAST 14, MIXED 8, BARS 10, LIGHT_JIG 10, TOOTHY 3, LADDER -3, FLASH_SQUID 4, BENT_BAIT 3, WIRE_JIG 4, TANDEM 3, SPOONS 4, LIVE_SLOW 2"),
            Rule.of(
                    "BIRDS_FLOCK",
                    Topic.BIRDS,
                    "a flock diving or travelling",
                    (s, p) -> birds(s, FLOCK, "a flock of {0}"),
                    "BIRDS 6, SMALL_FAST 2, BARS 2"),
            Rule.of(
                    "BIRDS_GREAT",
                    Topic.BIRDS,
                    "a great flock diving or travelling",
                    (s, p) -> birds(s, GREAT_FLOCK, "{0} of them: a great school under it"),
                    "BIRDS 6, SMALL_FAST 3, BARS 3"),
            Rule.of(
                    "BIRDS_TRAVELLING",
                    Topic.BIRDS,
                    "birds moving one way",
                    (s, p) -> moving(s, false, "birds move one way"),
                    "BIRDS 26, SMALL_FAST 6, MIXED 4, BARS 5, LIGHT_JIG 3"),
            Rule.of(
                    "BIRDS_DIVING_ON",
                    Topic.BIRDS,
                    "diving birds that move on",
                    (s, p) -> moving(s, true, "they dive and move on one way"),
                    "BIRDS 8, SMALL_FAST 2, MIXED 2, BARS 2, LIVE_SLOW -4, DEAD_SLOW -4, LIGHT_JIG -3"),
            Rule.of(
                    "BIRDS_OUTRUN",
                    Topic.BIRDS,
                    "a flock that outruns the method",
                    LifeRules::outrun,
                    "all -5, BIRDS -34, SMALL_FAST -12, BARS -10"),
            Rule.when(
                    Topic.BIRDS,
                    Birds.SEARCHING,
                    "birds searching",
                    "birds search, high and spread: follow, do not set on them",
                    "BIRDS -4, MIXED 3, SMALL_FAST 1, BARS 2"),
            Rule.when(
                    Topic.BIRDS,
                    Birds.SITTING,
                    "birds sitting",
                    "birds sit: it has just ended, wait",
                    "BIRDS -10, SMALL_FAST 4, EELS 4, BARS 3, LIGHT_JIG 2"),
            Rule.when(
                    Topic.BIRDS,
                    Birds.LONE,
                    "a single large bird circling low",
                    "a single large bird circles low: it may follow one big fish",
                    "MIXED 7, TOOTHY 5, BIRDS 2, LADDER 2"),
            Rule.when(
                    Topic.BIRDS,
                    Birds.NONE,
                    "no birds",
                    "no birds in sight",
                    "BIRDS -34, SMALL_FAST -14, BARS -3, LIGHT_JIG -2"),
            Rule.of(
                    "BAIT_DEEP",
                    Topic.BAIT,
                    "a layer of bait down in the water",
                    (s, p) -> layer(s, NEAR_SURFACE_M, 9999, "bait from {0} to {1}: deep lines can bracket it"),
                    "DEAD_SLOW 10, LIVE_SLOW 8, FLASH_SQUID 10, FLASH_FLY 9, TANDEM 6, BENT_BAIT 6, MIXED 3, PLUG_CUT 3"),
            Rule.of(
                    "BAIT_HIGH",
                    Topic.BAIT,
                    "a layer of bait near the surface",
                    (s, p) -> layer(s, -1, NEAR_SURFACE_M, "bait from {0} to {1}: within sight of surface lures"),
                    "MIXED 7, SMALL_FAST 7, BIRDS 4, BARS 6, LIGHT_JIG 7, TOOTHY 4, LIVE_SLOW 6, BENT_BAIT 4, FLASH_SQUID 5, LADDER 2"),
            Rule.of(
                    "BAIT_SOMEWHERE",
                    Topic.BAIT,
                    "bait marked, its depth not said",
                    (s, p) -> s.conditions().is(Topic.BAIT, Bait.LAYER)
                                    && s.conditions().bait().isEmpty()
                            ? Optional.of(Sentence.of("bait is marked; say how deep it lies"))
                            : Optional.empty(),
                    "LIVE_SLOW 3, DEAD_SLOW 3, MIXED 3, SMALL_FAST 3, LIGHT_JIG 2, FLASH_SQUID 3, FLASH_FLY 3, BENT_BAIT 2, BIRDS 2, BARS 2"),
            Rule.when(
                    Topic.BAIT,
                    Bait.NONE,
                    "no bait marked",
                    "the sounder marks no bait",
                    "LIVE_SLOW -4, DEAD_SLOW -4, FLASH_SQUID -3, FLASH_FLY -3, LIGHT_JIG -3, SMALL_FAST -2, TANDEM -2"),
            Rule.when(
                    Topic.FORAGE,
                    Forage.FINGERLING,
                    "tiny bait",
                    "they eat tiny bait: the smallest lure the speed allows",
                    "SMALL_FAST 14, LIGHT_JIG 12, LADDER -3, TOOTHY -5, MIXED -3, BARS 3, LIVE_SLOW -5, DEAD_SLOW -5, SPOONS -9, FLASH_SQUID 2"),
            Rule.when(
                    Topic.FORAGE,
                    Forage.PALM,
                    "palm-long bait",
                    "they eat palm-long bait",
                    "SMALL_FAST 8, LIGHT_JIG 7, MIXED 4, BIRDS 2, BARS 3, PLUG_CUT 3, BENT_BAIT 3, FLASH_SQUID 3, SPOONS -3"),
            Rule.when(
                    Topic.FORAGE,
                    Forage.HAND,
                    "hand-long bait",
                    "they eat hand-long bait",
                    "MIXED 5, TOOTHY 4, LIVE_SLOW 5, DEAD_SLOW 3, SPOONS 4, BARS 4, PLUG_CUT 4, BENT_BAIT 5, LADDER 2, SMALL_FAST -3"),
            Rule.when(
                    Topic.FORAGE,
                    Forage.FOREARM,
                    "grown bait",
                    "they eat grown bait: big lures",
                    "TOOTHY 8, LIVE_SLOW 9, DEAD_SLOW 9, SPOONS 12, LADDER 5, MIXED 3, SMALL_FAST -12, LIGHT_JIG -9"),
            Rule.when(
                    Topic.FLOATING,
                    Floating.SINGLE,
                    "something floating",
                    "something floats here: let the lures pass close beside",
                    "MIXED 10, BIRDS 2, LIGHT_JIG 2, TOOTHY 3"),
            Rule.of(
                    "FLOATING_SEVERAL",
                    Topic.FLOATING,
                    "several floating things",
                    (s, p) -> s.conditions()
                            .number(Topic.FLOATING)
                            .filter(many -> many >= 2)
                            .map(many -> Sentence.of("{0} of them: run from one to the next", Figure.count(many))),
                    "MIXED 4, BIRDS 1, TOOTHY 1, LIGHT_JIG 1"),
            Rule.when(
                    Topic.FLOATING,
                    Floating.LINE,
                    "a line of floating things",
                    "a line of floating things holds mahi",
                    "MIXED 15, BIRDS 3, TOOTHY 4, LADDER 2"),
            Rule.of(
                    "WEED_SCATTERED",
                    Topic.WEED,
                    "scattered weed",
                    LifeRules::scattered,
                    "LADDER -8, TOOTHY -7, MIXED -5, SMALL_FAST -12, BIRDS -2, BARS -10, LIGHT_JIG -4, LIVE_SLOW -3, DEAD_SLOW -2, FLASH_SQUID -3, SPOONS -3"),
            Rule.when(
                    Topic.WEED,
                    Weed.THICK,
                    "thick weed",
                    "thick weed: fouled lures fish no more",
                    "LADDER -22, TOOTHY -18, MIXED -14, SMALL_FAST -30, EELS -12, BIRDS -8, BARS -26, LIGHT_JIG -10, LIVE_SLOW -8, DEAD_SLOW -7, WIRE_JIG -10, SPOONS -10, FLASH_SQUID -8, FLASH_FLY -6, PLUG_CUT -6, BENT_BAIT -8"),
            Rule.when(
                    Topic.FLEET,
                    Fleet.CROWDED,
                    "a crowded fleet",
                    "a crowded fleet crosses far lines",
                    "LADDER -10, TOOTHY -4, MIXED -4, SMALL_FAST -4, BARS -4, DEAD_SLOW -3, LIVE_SLOW -1, LIGHT_JIG 2, BIRDS -3"),
            Rule.when(
                    Topic.FLEET,
                    Fleet.ALONE,
                    "nobody else",
                    "nobody else here to cross a long line",
                    "LADDER 2, SMALL_FAST 1"));

    private LifeRules() {}

    private static Optional<Sentence> birds(Situation s, double from, String says) {
        boolean showing = s.conditions().is(Topic.BIRDS, Birds.DIVING) || move(s);
        return s.conditions()
                .number(Topic.BIRDS)
                .filter(many -> showing && many >= from)
                .map(many -> Sentence.of(says, Figure.count(many)));
    }

    private static boolean move(Situation s) {
        return s.conditions().is(Topic.BIRDS, Birds.TRAVELLING);
    }

    private static Optional<Sentence> moving(Situation s, boolean diving, String says) {
        if (!move(s) || s.conditions().is(Topic.BIRDS, Birds.DIVING) != diving) {
            return Optional.empty();
        }
        var figures = new ArrayList<Figure>();
        var text = new StringBuilder(says);
        s.conditions().figure(Topic.BIRDS, Part.Key.TOWARDS).ifPresent(rad -> {
            text.append(", towards {").append(figures.size()).append("}");
            figures.add(Figure.angle(rad));
        });
        s.conditions().figure(Topic.BIRDS, Part.Key.SPEED).ifPresent(mps -> {
            text.append(" at {").append(figures.size()).append("}");
            figures.add(Figure.speed(mps));
        });
        return Optional.of(new Sentence(text + ": go ahead of them, let the lures pass through", figures));
    }

    private static Optional<Sentence> outrun(Situation s, Playbook p) {
        return s.conditions()
                .figure(Topic.BIRDS, Part.Key.SPEED)
                .filter(mps -> move(s) && mps > p.mostMps())
                .map(mps -> Sentence.of(
                        "they make {0}; fished at {1} at most it never gets ahead of them",
                        Figure.speed(mps), Figure.speed(p.mostMps())));
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
