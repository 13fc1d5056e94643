package org.mosswake.core.call;

import java.util.List;
import java.util.Optional;
import org.mosswake.core.call.Topic.Birds;
import org.mosswake.core.gear.HolderKind;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.Playbook.Trait;
import org.mosswake.core.playbook.School;
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
                    "LADDER -36, TOOTHY -8, MIXED -5, SMALL_FAST -4, BARS -12, LIVE_SLOW -11, DEAD_SLOW -5, WIRE_JIG -5, TANDEM -1, LIGHT_JIG 5, SPOONS -1"),
            Rule.of(
                    "CREW_TWO",
                    Topic.CREW,
                    "two aboard",
                    (s, p) -> count(s, Topic.CREW, 2, 2, "two aboard"),
                    "LADDER -3, LIVE_SLOW -3, TOOTHY -1, BARS -2"),
            Rule.of(
                    "CREW_MANY",
                    Topic.CREW,
                    "three or more aboard",
                    (s, p) -> count(s, Topic.CREW, 3, 99, "{0} aboard to clear lines"),
                    "LADDER 3, TOOTHY 2, MIXED 3, SMALL_FAST 2, BARS 2, LIVE_SLOW 4"),
            Rule.of(
                    "LIVE_NONE",
                    Topic.LIVE_BAIT,
                    "no live bait aboard",
                    (s, p) -> count(s, Topic.LIVE_BAIT, 0, 0, "no live bait aboard"),
                    "LIVE_SLOW -45"),
            Rule.of(
                    "LIVE_FEW",
                    Topic.LIVE_BAIT,
                    "few live baits",
                    (s, p) -> count(s, Topic.LIVE_BAIT, 1, BAIT_ENOUGH - 1, "{0} live baits aboard, not many"),
                    "LIVE_SLOW 6"),
            Rule.of(
                    "LIVE_ENOUGH",
                    Topic.LIVE_BAIT,
                    "live bait enough",
                    (s, p) -> count(s, Topic.LIVE_BAIT, BAIT_ENOUGH, 999, "{0} live baits aboard"),
                    "LIVE_SLOW 20, TOOTHY 1"),
            Rule.of(
                    "DEAD_NONE",
                    Topic.DEAD_BAIT,
                    "no dead bait aboard",
                    (s, p) -> count(s, Topic.DEAD_BAIT, 0, 0, "no dead bait aboard"),
                    "DEAD_SLOW -30, PLUG_CUT -40, BENT_BAIT -40, TOOTHY -3"),
            Rule.of(
                    "DEAD_SOME",
                    Topic.DEAD_BAIT,
                    "dead bait aboard",
                    (s, p) -> count(s, Topic.DEAD_BAIT, 1, 999, "{0} dead baits aboard"),
                    "DEAD_SLOW 14, PLUG_CUT 14, BENT_BAIT 13, TOOTHY 4"),
            Rule.of("BOX_FULL", Topic.BOX, "the box has every lure", BoxFit::full, "all 9"),
            Rule.of("BOX_PART", Topic.BOX, "the box has some of the lures", BoxFit::part, "all -5"),
            Rule.of("BOX_NONE", Topic.BOX, "the box has no lure for it", BoxFit::none, "all -60"),
            Rule.of(
                    "BITE_NONE",
                    Topic.BOX,
                    "no bite leader in the box",
                    (s, p) -> BoxFit.noBiteLeader(s, p),
                    "LADDER -26, TOOTHY -22, LIVE_SLOW -8, DEAD_SLOW -8"),
            Rule.of(
                    "REEL_SHORT",
                    Topic.BOX,
                    "no reel holds enough line",
                    (s, p) -> BoxFit.shortReel(s, p),
                    "LADDER -16, TOOTHY -6, MIXED -5, SMALL_FAST -5, DEAD_SLOW -4"),
            Rule.of(
                    "NO_DOWNRIGGER",
                    Topic.BOAT,
                    "no downrigger",
                    (s, p) -> s.outfit().has(HolderKind.DOWNRIGGER)
                            ? Optional.empty()
                            : Optional.of(Sentence.of("no downrigger aboard: deep lines go by lead")),
                    "FLASH_SQUID -7, FLASH_FLY -9, DEAD_SLOW -7, LIVE_SLOW -4, BENT_BAIT -2"),
            Rule.of(
                    "NO_RIGGERS",
                    Topic.BOAT,
                    "no riggers",
                    (s, p) -> s.outfit().has(HolderKind.RIGGER)
                            ? Optional.empty()
                            : Optional.of(Sentence.of("no riggers to hold lines wide")),
                    "MIXED -4, SMALL_FAST -2, TOOTHY -3, LADDER -1"),
            Rule.of(
                    "SMALL_BOAT",
                    Topic.BOAT,
                    "a small boat",
                    (s, p) -> s.outfit().isSmall()
                            ? Optional.of(Sentence.of(
                                    "{0} of boat is small for it",
                                    Figure.distance(s.outfit().boat().lengthM())))
                            : Optional.empty(),
                    "LADDER -12, TOOTHY -4, BARS -2"),
            Rule.of("TOO_SLOW", Topic.BOAT, "faster than she goes", Seaway::outOfReach, "all -60"),
            Rule.of("IDLE_FAST", Topic.BOAT, "idles faster than it is fished", BoatRules::idlesFast, "all -4"),
            Rule.of(
                    "WAY_FAST",
                    Topic.SCHOOL,
                    "your way with wahoo: fast",
                    (s, p) -> side(s, School.FAST, 0, "your way: fast, with weights"),
                    "LADDER 5, TOOTHY -2"),
            Rule.of(
                    "WAY_MODERATE",
                    Topic.SCHOOL,
                    "your way with wahoo: moderate",
                    (s, p) -> side(s, School.FAST, 1, "your way: moderate, with plugs and baits"),
                    "LADDER -12, TOOTHY 9"),
            Rule.of(
                    "WAY_LURES",
                    Topic.SCHOOL,
                    "your way: lures",
                    (s, p) -> side(s, School.OFFER, 0, "your way: lures before bait"),
                    "LIVE_SLOW -3, DEAD_SLOW -3, PLUG_CUT -2, BENT_BAIT -2, LADDER 1, MIXED 1, SMALL_FAST 1"),
            Rule.of(
                    "WAY_BAIT",
                    Topic.SCHOOL,
                    "your way: bait",
                    (s, p) -> side(s, School.OFFER, 1, "your way: bait before lures"),
                    "LIVE_SLOW 8, DEAD_SLOW 8, PLUG_CUT 7, BENT_BAIT 7, TOOTHY 3, LADDER -3, SMALL_FAST -2, FLASH_SQUID -2"),
            Rule.of(
                    "WAY_LIVE",
                    Topic.SCHOOL,
                    "your way with bait: live",
                    (s, p) -> side(s, School.BAIT, 0, "your way with bait: live and slow"),
                    "LIVE_SLOW 3, DEAD_SLOW -2"),
            Rule.of(
                    "WAY_DEAD",
                    Topic.SCHOOL,
                    "your way with bait: dead",
                    (s, p) -> side(s, School.BAIT, 1, "your way with bait: dead, a little faster"),
                    "LIVE_SLOW -10, DEAD_SLOW 8"),
            Rule.of(
                    "WAY_LIFE_FIRST",
                    Topic.SCHOOL,
                    "life first, and none seen",
                    BoatRules::lifeFirst,
                    "LADDER -7, MIXED -7, SMALL_FAST -9, LIGHT_JIG -6, SPOONS -6"),
            Rule.of(
                    "WAY_WIRE",
                    Topic.SCHOOL,
                    "trolling wire is your way down",
                    (s, p) -> side(s, School.DEEP, 1, "wire is your way down"),
                    "WIRE_JIG 6, TANDEM -1, FLASH_SQUID -3, FLASH_FLY -3"),
            Rule.of(
                    "WAY_THREE",
                    Topic.SCHOOL,
                    "the three-way is your way down",
                    (s, p) -> side(s, School.DEEP, 3, "the three-way is your way down"),
                    "TANDEM 7"),
            Rule.of(
                    "WIRE_SHOWS",
                    Topic.SCHOOL,
                    "wire in blue water",
                    (s, p) -> p.is(Trait.BITE)
                                    && s.schools().is(School.BITE_LEADER, 0)
                                    && s.conditions().is(Topic.CLARITY, Topic.Clarity.BLUE)
                            ? Optional.of(Sentence.of("your wire shows in blue water"))
                            : Optional.empty(),
                    "TOOTHY -3, LIVE_SLOW -4, DEAD_SLOW -3"));

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
                .filter(idle -> idle.tooFastFor(p.mostMps()))
                .map(idle -> Sentence.of(
                        "she idles at {0}, it is fished at {1} at most",
                        Figure.speed(idle.idleMps()), Figure.speed(p.mostMps())));
    }

    private static Optional<Sentence> lifeFirst(Situation s, Playbook p) {
        boolean birds =
                s.conditions().is(Topic.BIRDS, Birds.DIVING) || s.conditions().is(Topic.BIRDS, Birds.TRAVELLING);
        boolean seen = birds || s.conditions().is(Topic.BAIT, Topic.Bait.LAYER);
        return s.schools().is(School.SEARCH, 1) && !seen
                ? Optional.of(Sentence.of("your way: no lines before life is seen"))
                : Optional.empty();
    }
}
