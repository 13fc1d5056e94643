package org.mosswake.core.call;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.mosswake.core.call.Topic.Clarity;
import org.mosswake.core.call.Topic.Sea;
import org.mosswake.core.call.Topic.Structure;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.Playbook.Trait;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;
import org.mosswake.core.units.SpeedUnit;

/** Edges, colour, stream, depth, structure, fresh water, sea. */
final class WaterRules {
    private static final double EDGE_K = 0.5;
    private static final double WEAK_K = 0.2;
    private static final double SLACK_MPS = SpeedUnit.KNOT.toSi(0.3);
    private static final double STRONG_MPS = SpeedUnit.KNOT.toSi(2.2);
    private static final double RIPS_FROM_MPS = SpeedUnit.KNOT.toSi(0.9);

    static final List<Rule> ALL = List.of(
            Rule.of(
                    "STEP_SHARP",
                    Topic.STEP,
                    "a sharp step of temperature",
                    (s, p) -> step(s, EDGE_K, 99, "a {0} step over a mile is an edge to work along"),
                    "LADDER 16, TOOTHY 16, MIXED 16, SMALL_FAST 14, EELS 6, BIRDS 6, BARS 10, LIGHT_JIG 8, LIVE_SLOW 4, DEAD_SLOW 4"),
            Rule.of(
                    "STEP_WEAK",
                    Topic.STEP,
                    "a weak step of temperature",
                    (s, p) -> step(s, WEAK_K, EDGE_K, "a {0} step is a weak edge"),
                    "LADDER 6, TOOTHY 6, MIXED 6, SMALL_FAST 6, BIRDS 2, BARS 4, LIGHT_JIG 3"),
            Rule.of(
                    "STEP_NONE",
                    Topic.STEP,
                    "no step of temperature",
                    (s, p) -> step(s, -1, WEAK_K, "no edge of temperature within reach"),
                    "LADDER -5, TOOTHY -4, MIXED -3, SMALL_FAST -3, BARS -2"),
            Rule.when(
                    Topic.CLARITY,
                    Clarity.BLUE,
                    "blue water",
                    "blue water",
                    "LADDER 8, TOOTHY 6, MIXED 8, SMALL_FAST 12, EELS 6, BIRDS 6, LIGHT_JIG 2, LIVE_SLOW -4, DEAD_SLOW -3, PLUG_CUT -2"),
            Rule.when(
                    Topic.CLARITY,
                    Clarity.EDGE,
                    "blue meets green",
                    "blue meets green here: a wall for bait",
                    "LADDER 12, TOOTHY 12, MIXED 14, SMALL_FAST 10, EELS 4, BIRDS 8, BARS 8, LIGHT_JIG 8, LIVE_SLOW 3, DEAD_SLOW 3"),
            Rule.when(
                    Topic.CLARITY,
                    Clarity.GREEN,
                    "green water",
                    "green water",
                    "LADDER -7, TOOTHY -2, MIXED -2, SMALL_FAST -8, EELS -4, BARS 3, LIGHT_JIG 3, LIVE_SLOW 6, DEAD_SLOW 6, WIRE_JIG 3, TANDEM 3, SPOONS 3"),
            Rule.when(
                    Topic.CLARITY,
                    Clarity.BROWN,
                    "brown water",
                    "brown water: only what shows or smells is found",
                    "LADDER -14, TOOTHY -12, MIXED -12, SMALL_FAST -16, EELS -10, BIRDS -8, BARS -8, LIGHT_JIG -10, LIVE_SLOW -4, DEAD_SLOW -3, SPOONS 2, FLASH_SQUID -4"),
            Rule.of(
                    "STREAM_SLACK",
                    Topic.STREAM,
                    "slack water",
                    (s, p) -> stream(s, 0, SLACK_MPS, "the stream is slack, {0}"),
                    "WIRE_JIG -10, TANDEM -3, SPOONS -2, PLUG_CUT -8, FLASH_FLY 2, EELS -2"),
            Rule.of(
                    "STREAM_RUNS",
                    Topic.STREAM,
                    "a workable stream",
                    (s, p) -> stream(s, SLACK_MPS, STRONG_MPS, "a stream of {0} carries bait and works the lures"),
                    "WIRE_JIG 5, TANDEM 4, SPOONS 3, PLUG_CUT 8, BENT_BAIT 2, EELS 3, LIVE_SLOW -1"),
            Rule.of(
                    "STREAM_HARD",
                    Topic.STREAM,
                    "a hard stream",
                    (s, p) -> stream(s, STRONG_MPS, 99, "{0} of stream lifts every deep line"),
                    "LIVE_SLOW -8, DEAD_SLOW -7, TANDEM -6, SPOONS -6, PLUG_CUT -8, FLASH_SQUID -5, FLASH_FLY -8, BENT_BAIT -4, EELS -6, WIRE_JIG 4"),
            Rule.of("DEPTH_FITS", Topic.DEPTH, "depth of water it is fished in", WaterRules::fits, "all 7"),
            Rule.of("DEPTH_OFF", Topic.DEPTH, "outside the depth it is fished in", WaterRules::off, "all -9"),
            Rule.of("DEPTH_FAR", Topic.DEPTH, "far outside that depth", WaterRules::farOff, "all -12"),
            Rule.when(
                    Topic.STRUCTURE,
                    Structure.LEDGE,
                    "a ledge",
                    "a ledge to follow",
                    "LADDER 12, TOOTHY 10, MIXED 6, SMALL_FAST 3, DEAD_SLOW 5, FLASH_SQUID 2, FLASH_FLY 3"),
            Rule.when(
                    Topic.STRUCTURE,
                    Structure.HUMP,
                    "a hump",
                    "a hump holds fish on one side",
                    "EELS 26, SMALL_FAST 10, LADDER 5, MIXED 4, TOOTHY 4, BIRDS 2"),
            Rule.of(
                    "HUMP_MISSING",
                    Topic.STRUCTURE,
                    "no hump under slow eels",
                    (s, p) -> s.conditions().knows(Topic.STRUCTURE)
                                    && !s.conditions().is(Topic.STRUCTURE, Structure.HUMP)
                            ? Optional.of(Sentence.of("there is no hump under it"))
                            : Optional.empty(),
                    "EELS -24"),
            Rule.when(
                    Topic.STRUCTURE,
                    Structure.WRECK,
                    "a wreck",
                    "a wreck holds bait",
                    "LIVE_SLOW 10, DEAD_SLOW 9, LIGHT_JIG 4, TOOTHY 3, TANDEM 4"),
            Rule.when(
                    Topic.STRUCTURE,
                    Structure.REEF,
                    "a reef edge",
                    "a reef edge",
                    "LIGHT_JIG 14, LIVE_SLOW 8, DEAD_SLOW 5, TOOTHY 4, MIXED 2"),
            Rule.when(
                    Topic.STRUCTURE,
                    Structure.RIP,
                    "a rip over a shoal",
                    "a rip over a shoal: the lure is put into it by the boat",
                    "WIRE_JIG 20, SPOONS 8, TANDEM 6, BARS 2"),
            Rule.of(
                    "RIP_RUNS",
                    Topic.STREAM,
                    "a rip with stream in it",
                    (s, p) -> s.conditions().is(Topic.STRUCTURE, Structure.RIP)
                            ? stream(s, RIPS_FROM_MPS, 99, "the rip stands up in {0} of stream")
                            : Optional.empty(),
                    "WIRE_JIG 8"),
            Rule.when(
                    Topic.STRUCTURE,
                    Structure.RIVER_MOUTH,
                    "a river mouth",
                    "off a river mouth they hold deep",
                    "FLASH_FLY 14, PLUG_CUT 6, BENT_BAIT 6, FLASH_SQUID 2"),
            Rule.when(
                    Topic.STRUCTURE,
                    Structure.NARROWS,
                    "narrows",
                    "narrows squeeze bait to the bottom and the sides",
                    "PLUG_CUT 12, BENT_BAIT 6, FLASH_FLY 2, WIRE_JIG 4, TANDEM 3"),
            Rule.when(
                    Topic.STRUCTURE,
                    Structure.FLAT,
                    "an even bottom",
                    "an even bottom",
                    "LADDER -6, TOOTHY -3, WIRE_JIG -12, SPOONS 6, FLASH_SQUID 2, LIVE_SLOW -2, DEAD_SLOW -2"),
            Rule.of(
                    "FRESH",
                    Topic.FRESH,
                    "fresh water over salt",
                    (s, p) -> s.conditions()
                            .number(Topic.FRESH)
                            .filter(metres -> metres >= 0.5)
                            .map(metres -> Sentence.of(
                                    "{0} of fresh water on top: fish go under it", Figure.distance(metres))),
                    "FLASH_FLY 11, PLUG_CUT 4, BENT_BAIT 3, FLASH_SQUID -2, LADDER -12, TOOTHY -10, MIXED -12, SMALL_FAST -12, BIRDS -8, LIGHT_JIG -8, LIVE_SLOW -6"),
            Rule.when(Topic.SEA, Sea.CALM, "flat calm", "flat calm", "LADDER 4, LIVE_SLOW 3, SMALL_FAST 1, SPOONS -1"),
            Rule.when(
                    Topic.SEA,
                    Sea.MODERATE,
                    "a moderate sea",
                    "a moderate sea",
                    "LADDER -7, LIVE_SLOW -6, BARS -4, EELS -2, SMALL_FAST -2, SPOONS -2, LIGHT_JIG -2"),
            Rule.of("SEA_TOO_FAST", Topic.SEA, "faster than the sea lets her go", Seaway::tooFast, "all -60"),
            Rule.of("SEA_HARD", Topic.SEA, "a sea that is much for her", (s, p) -> Seaway.hard(s), "all -12"),
            Rule.of(
                    "SEA_ROUGH",
                    Topic.SEA,
                    "a rough sea",
                    (s, p) -> s.conditions().is(Topic.SEA, Sea.ROUGH)
                            ? Optional.of(Sentence.of(
                                    p.is(Trait.OPEN_SURFACE)
                                            ? "rough: surface lures tumble and lines cross"
                                            : "rough: work on deck costs more"))
                            : Optional.empty(),
                    "all -7, LADDER -22, LIVE_SLOW -15, BARS -12, SMALL_FAST -9"));

    private WaterRules() {}

    private static Optional<Sentence> step(Situation s, double from, double under, String says) {
        return s.conditions()
                .number(Topic.STEP)
                .filter(step -> step >= from && step < under)
                .map(step -> says.contains("{0}") ? Sentence.of(says, Figure.step(step)) : Sentence.of(says));
    }

    private static Optional<Sentence> stream(Situation s, double from, double under, String says) {
        return s.stream().filter(mps -> mps >= from && mps < under).map(mps -> Sentence.of(says, Figure.speed(mps)));
    }

    private static Optional<Sentence> fits(Situation s, Playbook p) {
        return depths(s, way -> way.deepest() >= p.waterFromM() && way.shallowest() <= p.waterToM())
                .map(way -> way.says("{0} of water is what it is fished in"));
    }

    private static Optional<Sentence> off(Situation s, Playbook p) {
        return depths(s, way -> way.deepest() < p.waterFromM() || way.shallowest() > p.waterToM())
                .map(way -> way.says(
                        "{0} of water; it is fished in {1} to {2}",
                        Figure.distance(p.waterFromM()), Figure.distance(p.waterToM())));
    }

    private static Optional<Sentence> farOff(Situation s, Playbook p) {
        return depths(s, way -> way.deepest() < p.waterFromM() / 2 || way.shallowest() > 2 * p.waterToM())
                .map(way -> Sentence.of("that is less than half or more than twice as deep"));
    }

    /** Depths met on the way (m). */
    private record Way(double shallowest, double deepest) {
        /** The first figure is the depth, or the range of it. */
        Sentence says(String text, Figure... more) {
            var figures = new ArrayList<Figure>(List.of(Figure.distance(shallowest)));
            figures.addAll(List.of(more));
            if (deepest <= shallowest) {
                return new Sentence(text, figures);
            }
            String end = "{" + figures.size() + "}";
            figures.add(Figure.distance(deepest));
            return new Sentence(text.replace("{0}", "{0} to " + end), figures);
        }
    }

    private static Optional<Way> depths(Situation s, Predicate<Way> holds) {
        return s.conditions()
                .number(Topic.DEPTH)
                .map(least -> new Way(least, s.conditions().deepestM().orElse(least)))
                .filter(holds);
    }
}
