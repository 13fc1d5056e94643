package org.mosswake.core.call;

import java.util.List;
import java.util.Optional;
import org.mosswake.core.call.Playbook.Trait;
import org.mosswake.core.call.Topic.Clarity;
import org.mosswake.core.call.Topic.Sea;
import org.mosswake.core.call.Topic.Structure;
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
                    "M1 16,M2 16,M3 16,M4 14,M5 6,M6 6,M7 10,M8 8,M9 4,M10 4"),
            Rule.of(
                    "STEP_WEAK",
                    Topic.STEP,
                    "a weak step of temperature",
                    (s, p) -> step(s, WEAK_K, EDGE_K, "a {0} step is a weak edge"),
                    "M1 6,M2 6,M3 6,M4 6,M6 2,M7 4,M8 3"),
            Rule.of(
                    "STEP_NONE",
                    Topic.STEP,
                    "no step of temperature",
                    (s, p) -> step(s, -1, WEAK_K, "no edge of temperature within reach"),
                    "M1 -5,M2 -4,M3 -3,M4 -3,M7 -2"),
            Rule.when(
                    Topic.CLARITY,
                    Clarity.BLUE,
                    "blue water",
                    "blue water",
                    "M1 8,M2 6,M3 8,M4 12,M5 6,M6 6,M8 2,M9 -4,M10 -3,M14 -2"),
            Rule.when(
                    Topic.CLARITY,
                    Clarity.EDGE,
                    "blue meets green",
                    "blue meets green here: a wall for bait",
                    "M1 12,M2 12,M3 14,M4 10,M5 4,M6 8,M7 8,M8 8,M9 3,M10 3"),
            Rule.when(
                    Topic.CLARITY,
                    Clarity.GREEN,
                    "green water",
                    "green water",
                    "M1 -7,M2 -2,M3 -2,M4 -8,M5 -4,M7 3,M8 3,M9 6,M10 6,M11 3,M12 3,M13 3"),
            Rule.when(
                    Topic.CLARITY,
                    Clarity.BROWN,
                    "brown water",
                    "brown water: only what shows or smells is found",
                    "M1 -14,M2 -12,M3 -12,M4 -16,M5 -10,M6 -8,M7 -8,M8 -10,M9 -4,M10 -3,M13 2,M16 -4"),
            Rule.of(
                    "STREAM_SLACK",
                    Topic.STREAM,
                    "slack water",
                    (s, p) -> stream(s, 0, SLACK_MPS, "the stream is slack, {0}"),
                    "M11 -10,M12 -3,M13 -2,M14 -8,M17 2,M5 -2"),
            Rule.of(
                    "STREAM_RUNS",
                    Topic.STREAM,
                    "a workable stream",
                    (s, p) -> stream(s, SLACK_MPS, STRONG_MPS, "a stream of {0} carries bait and works the lures"),
                    "M11 5,M12 4,M13 3,M14 8,M15 2,M5 3,M9 -1"),
            Rule.of(
                    "STREAM_HARD",
                    Topic.STREAM,
                    "a hard stream",
                    (s, p) -> stream(s, STRONG_MPS, 99, "{0} of stream lifts every deep line"),
                    "M9 -8,M10 -7,M12 -6,M13 -6,M14 -8,M16 -5,M17 -8,M15 -4,M5 -6,M11 4"),
            Rule.of("DEPTH_FITS", Topic.DEPTH, "depth of water it is fished in", WaterRules::fits, "all 7"),
            Rule.of("DEPTH_OFF", Topic.DEPTH, "outside the depth it is fished in", WaterRules::off, "all -9"),
            Rule.of("DEPTH_FAR", Topic.DEPTH, "far outside that depth", WaterRules::farOff, "all -12"),
            Rule.when(
                    Topic.STRUCTURE,
                    Structure.LEDGE,
                    "a ledge",
                    "a ledge to follow",
                    "M1 12,M2 10,M3 6,M4 3,M10 5,M16 2,M17 3"),
            Rule.when(
                    Topic.STRUCTURE,
                    Structure.HUMP,
                    "a hump",
                    "a hump holds fish on one side",
                    "M5 26,M4 10,M1 5,M3 4,M2 4,M6 2"),
            Rule.of(
                    "HUMP_MISSING",
                    Topic.STRUCTURE,
                    "no hump under slow eels",
                    (s, p) -> s.conditions()
                            .choice(Topic.STRUCTURE, Structure.class)
                            .filter(structure -> structure != Structure.HUMP)
                            .map(structure -> Sentence.of("there is no hump under it")),
                    "M5 -24"),
            Rule.when(Topic.STRUCTURE, Structure.WRECK, "a wreck", "a wreck holds bait", "M9 10,M10 9,M8 4,M2 3,M12 4"),
            Rule.when(Topic.STRUCTURE, Structure.REEF, "a reef edge", "a reef edge", "M8 14,M9 8,M10 5,M2 4,M3 2"),
            Rule.when(
                    Topic.STRUCTURE,
                    Structure.RIP,
                    "a rip over a shoal",
                    "a rip over a shoal: the lure is put into it by the boat",
                    "M11 20,M13 8,M12 6,M7 2"),
            Rule.of(
                    "RIP_RUNS",
                    Topic.STREAM,
                    "a rip with stream in it",
                    (s, p) -> s.conditions().is(Topic.STRUCTURE, Structure.RIP)
                            ? stream(s, RIPS_FROM_MPS, 99, "the rip stands up in {0} of stream")
                            : Optional.empty(),
                    "M11 8"),
            Rule.when(
                    Topic.STRUCTURE,
                    Structure.RIVER_MOUTH,
                    "a river mouth",
                    "off a river mouth they hold deep",
                    "M17 14,M14 6,M15 6,M16 2"),
            Rule.when(
                    Topic.STRUCTURE,
                    Structure.NARROWS,
                    "narrows",
                    "narrows squeeze bait to the bottom and the sides",
                    "M14 12,M15 6,M17 2,M11 4,M12 3"),
            Rule.when(
                    Topic.STRUCTURE,
                    Structure.FLAT,
                    "an even bottom",
                    "an even bottom",
                    "M1 -6,M2 -3,M11 -12,M13 6,M16 2,M9 -2,M10 -2"),
            Rule.of(
                    "FRESH",
                    Topic.FRESH,
                    "fresh water over salt",
                    (s, p) -> s.conditions()
                            .number(Topic.FRESH)
                            .filter(metres -> metres >= 0.5)
                            .map(metres -> Sentence.of(
                                    "{0} of fresh water on top: fish go under it", Figure.distance(metres))),
                    "M17 11,M14 4,M15 3,M16 -2,M1 -12,M2 -10,M3 -12,M4 -12,M6 -8,M8 -8,M9 -6"),
            Rule.when(Topic.SEA, Sea.CALM, "flat calm", "flat calm", "M1 4,M9 3,M4 1,M13 -1"),
            Rule.when(
                    Topic.SEA,
                    Sea.MODERATE,
                    "a moderate sea",
                    "a moderate sea",
                    "M1 -7,M9 -6,M7 -4,M5 -2,M4 -2,M13 -2,M8 -2"),
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
                    "all -7,M1 -22,M9 -15,M7 -12,M4 -9"));

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
        return s.conditions()
                .number(Topic.DEPTH)
                .filter(depth -> depth >= p.waterFromM() && depth <= p.waterToM())
                .map(depth -> Sentence.of("{0} of water is what it is fished in", Figure.distance(depth)));
    }

    private static Optional<Sentence> off(Situation s, Playbook p) {
        return s.conditions()
                .number(Topic.DEPTH)
                .filter(depth -> depth < p.waterFromM() || depth > p.waterToM())
                .map(depth -> Sentence.of(
                        "{0} of water; it is fished in {1} to {2}",
                        Figure.distance(depth), Figure.distance(p.waterFromM()), Figure.distance(p.waterToM())));
    }

    private static Optional<Sentence> farOff(Situation s, Playbook p) {
        return s.conditions()
                .number(Topic.DEPTH)
                .filter(depth -> depth < p.waterFromM() / 2 || depth > 2 * p.waterToM())
                .map(depth -> Sentence.of("that is less than half or more than twice as deep"));
    }
}
