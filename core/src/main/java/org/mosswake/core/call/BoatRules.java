package org.mosswake.core.call;

import java.util.List;
import java.util.Optional;
import org.mosswake.core.call.Playbook.Trait;
import org.mosswake.core.call.Topic.Birds;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/** Crew, bait aboard, box, boat, and the skipper's own way. */
final class BoatRules {
    /** So many baits last a few hours of changing them (ESTIMATE). */
    private static final int BAIT_ENOUGH = 6;

    static final List<Rule> ALL = List.of(
            Rule.of(
                    "CREW_ALONE",
                    Topic.CREW,
                    "alone",
                    (s, p) -> count(s, Topic.CREW, 1, 1, "alone: one pair of hands for helm and rods"),
                    "M1 -16,M2 -8,M3 -5,M4 -4,M7 -12,M9 -11,M10 -5,M11 -5,M12 -1,M8 5,M13 -1"),
            Rule.of(
                    "CREW_TWO",
                    Topic.CREW,
                    "two aboard",
                    (s, p) -> count(s, Topic.CREW, 2, 2, "two aboard"),
                    "M1 -3,M9 -3,M2 -1,M7 -2"),
            Rule.of(
                    "CREW_MANY",
                    Topic.CREW,
                    "three or more aboard",
                    (s, p) -> count(s, Topic.CREW, 3, 99, "{0} aboard to clear lines"),
                    "M1 3,M2 2,M3 3,M4 2,M7 2,M9 4"),
            Rule.of(
                    "LIVE_NONE",
                    Topic.LIVE_BAIT,
                    "no live bait aboard",
                    (s, p) -> count(s, Topic.LIVE_BAIT, 0, 0, "no live bait aboard"),
                    "M9 -45"),
            Rule.of(
                    "LIVE_FEW",
                    Topic.LIVE_BAIT,
                    "few live baits",
                    (s, p) -> count(s, Topic.LIVE_BAIT, 1, BAIT_ENOUGH - 1, "{0} live baits aboard, not many"),
                    "M9 6"),
            Rule.of(
                    "LIVE_ENOUGH",
                    Topic.LIVE_BAIT,
                    "live bait enough",
                    (s, p) -> count(s, Topic.LIVE_BAIT, BAIT_ENOUGH, 999, "{0} live baits aboard"),
                    "M9 20,M2 1"),
            Rule.of(
                    "DEAD_NONE",
                    Topic.DEAD_BAIT,
                    "no dead bait aboard",
                    (s, p) -> count(s, Topic.DEAD_BAIT, 0, 0, "no dead bait aboard"),
                    "M10 -30,M14 -40,M15 -40,M2 -3"),
            Rule.of(
                    "DEAD_SOME",
                    Topic.DEAD_BAIT,
                    "dead bait aboard",
                    (s, p) -> count(s, Topic.DEAD_BAIT, 1, 999, "{0} dead baits aboard"),
                    "M10 14,M14 14,M15 13,M2 4"),
            Rule.of("BOX_FULL", Topic.BOX, "the box has every lure", (s, p) -> BoxFit.full(s, p), "all 9"),
            Rule.of("BOX_PART", Topic.BOX, "the box has some of the lures", (s, p) -> BoxFit.part(s, p), "all -5"),
            Rule.of("BOX_NONE", Topic.BOX, "the box has no lure for it", (s, p) -> BoxFit.none(s, p), "all -34"),
            Rule.of(
                    "BITE_NONE",
                    Topic.BOX,
                    "no bite leader in the box",
                    (s, p) -> BoxFit.noBiteLeader(s, p),
                    "M1 -26,M2 -22,M9 -8,M10 -8"),
            Rule.of(
                    "REEL_SHORT",
                    Topic.BOX,
                    "no reel holds enough line",
                    (s, p) -> BoxFit.shortReel(s, p),
                    "M1 -16,M2 -6,M3 -5,M4 -5,M10 -4"),
            Rule.of(
                    "NO_DOWNRIGGER",
                    Topic.BOAT,
                    "no downrigger",
                    (s, p) -> s.outfit().has(HolderKind.DOWNRIGGER)
                            ? Optional.empty()
                            : Optional.of(Sentence.of("no downrigger aboard: deep lines go by lead")),
                    "M16 -7,M17 -9,M10 -7,M9 -4,M15 -2"),
            Rule.of(
                    "NO_RIGGERS",
                    Topic.BOAT,
                    "no riggers",
                    (s, p) -> s.outfit().has(HolderKind.RIGGER)
                            ? Optional.empty()
                            : Optional.of(Sentence.of("no riggers to hold lines wide")),
                    "M3 -4,M4 -2,M2 -3,M1 -1"),
            Rule.of(
                    "SMALL_BOAT",
                    Topic.BOAT,
                    "a small boat",
                    (s, p) -> s.outfit().isSmall()
                            ? Optional.of(Sentence.of(
                                    "{0} of boat is small for it",
                                    Figure.distance(s.outfit().boat().lengthM())))
                            : Optional.empty(),
                    "M1 -12,M2 -4,M7 -2"),
            Rule.of("IDLE_FAST", Topic.BOAT, "idles faster than it is fished", BoatRules::idlesFast, "all -4"),
            Rule.of(
                    "WAY_FAST",
                    Topic.SCHOOL,
                    "your way with wahoo: fast",
                    (s, p) -> side(s, School.FAST, 0, "your way: fast, with weights"),
                    "M1 5,M2 -2"),
            Rule.of(
                    "WAY_MODERATE",
                    Topic.SCHOOL,
                    "your way with wahoo: moderate",
                    (s, p) -> side(s, School.FAST, 1, "your way: moderate, with plugs and baits"),
                    "M1 -12,M2 9"),
            Rule.of(
                    "WAY_LURES",
                    Topic.SCHOOL,
                    "your way: lures",
                    (s, p) -> side(s, School.OFFER, 0, "your way: lures before bait"),
                    "M9 -3,M10 -3,M14 -2,M15 -2,M1 1,M3 1,M4 1"),
            Rule.of(
                    "WAY_BAIT",
                    Topic.SCHOOL,
                    "your way: bait",
                    (s, p) -> side(s, School.OFFER, 1, "your way: bait before lures"),
                    "M9 8,M10 8,M14 7,M15 7,M2 3,M1 -3,M4 -2,M16 -2"),
            Rule.of(
                    "WAY_LIVE",
                    Topic.SCHOOL,
                    "your way with bait: live",
                    (s, p) -> side(s, School.BAIT, 0, "your way with bait: live and slow"),
                    "M9 3,M10 -2"),
            Rule.of(
                    "WAY_DEAD",
                    Topic.SCHOOL,
                    "your way with bait: dead",
                    (s, p) -> side(s, School.BAIT, 1, "your way with bait: dead, a little faster"),
                    "M9 -10,M10 8"),
            Rule.of(
                    "WAY_LIFE_FIRST",
                    Topic.SCHOOL,
                    "life first, and none seen",
                    BoatRules::lifeFirst,
                    "M1 -7,M3 -7,M4 -9,M8 -6,M13 -6"),
            Rule.of(
                    "WAY_WIRE",
                    Topic.SCHOOL,
                    "trolling wire is your way down",
                    (s, p) -> side(s, School.DEEP, 1, "wire is your way down"),
                    "M11 6,M12 -1,M16 -3,M17 -3"),
            Rule.of(
                    "WAY_THREE",
                    Topic.SCHOOL,
                    "the three-way is your way down",
                    (s, p) -> side(s, School.DEEP, 3, "the three-way is your way down"),
                    "M12 7"),
            Rule.of(
                    "WIRE_SHOWS",
                    Topic.SCHOOL,
                    "wire in blue water",
                    (s, p) -> p.is(Trait.BITE)
                                    && s.schools().is(School.BITE_LEADER, 0)
                                    && s.conditions().is(Topic.CLARITY, Topic.Clarity.BLUE)
                            ? Optional.of(Sentence.of("your wire shows in blue water"))
                            : Optional.empty(),
                    "M2 -3,M9 -4,M10 -3"));

    private BoatRules() {}

    private static Optional<Sentence> count(Situation s, Topic topic, int least, int most, String says) {
        return s.conditions()
                .count(topic)
                .filter(count -> count >= least && count <= most)
                .map(count -> says.contains("{0}") ? Sentence.of(says, Figure.count(count)) : Sentence.of(says));
    }

    private static Optional<Sentence> side(Situation s, School school, int side, String says) {
        return s.schools().is(school, side) ? Optional.of(Sentence.of(says)) : Optional.empty();
    }

    private static Optional<Sentence> idlesFast(Situation s, Playbook p) {
        return s.outfit()
                .idle()
                .filter(idle -> idle.idleMps() > p.mostMps() + 0.01)
                .map(idle -> Sentence.of(
                        "she idles at {0}, it is fished at {1} at most",
                        Figure.speed(idle.idleMps()), Figure.speed(p.mostMps())));
    }

    private static Optional<Sentence> lifeFirst(Situation s, Playbook p) {
        boolean birds =
                s.conditions().is(Topic.BIRDS, Birds.DIVING) || s.conditions().is(Topic.BIRDS, Birds.TRAVELLING);
        boolean seen = birds || s.conditions().bait().isPresent();
        return s.schools().is(School.SEARCH, 1) && !seen
                ? Optional.of(Sentence.of("your way: no lines before life is seen"))
                : Optional.empty();
    }
}
