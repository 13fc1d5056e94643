package org.mosswake.core.call;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/** What is fished for, by wish, season, bag and temperature. */
final class TargetRules {
    static final List<Rule> ALL = List.of(
            Rule.of("TARGET_FIRST", Topic.TARGET, "takes your first target", TargetRules::first, "all 30"),
            Rule.of("TARGET_SECOND", Topic.TARGET, "takes your second target", TargetRules::second, "all 14"),
            Rule.of("TARGET_NONE", Topic.TARGET, "takes neither target", TargetRules::neither, "all -50"),
            Rule.of("SEASON_IN", Topic.SEASON, "in season by your table", TargetRules::inSeason, "all 6"),
            Rule.of("SEASON_OUT", Topic.SEASON, "out of season by your table", TargetRules::outOfSeason, "all -28"),
            Rule.of("BAG_FULL", Topic.BAG, "the bag is full", TargetRules::bagFull, "all -20"),
            Rule.of(
                    "BAG_SMALL",
                    Topic.BAG,
                    "room for few fish",
                    TargetRules::bagSmall,
                    "MIXED -3, SMALL_FAST -4, LIVE_SLOW -2, LIGHT_JIG 4, WIRE_JIG 2, SPOONS 2"),
            Rule.of("SURFACE_IN", Topic.SURFACE, "surface in the comfortable band", TargetRules::comfortable, "all 16"),
            Rule.of("SURFACE_EDGE", Topic.SURFACE, "surface at the edge of the band", TargetRules::bearable, "all 4"),
            Rule.of("SURFACE_OUT", Topic.SURFACE, "surface outside the band", TargetRules::outside, "all -20"),
            Rule.of("SURFACE_FAR", Topic.SURFACE, "surface far outside the band", TargetRules::farOutside, "all -14"));

    /** Farther outside than this it is another sea (K, ESTIMATE). */
    private static final double FAR_K = 2;

    private TargetRules() {}

    /**
     * The fish the playbook would be fished for: the first target, else the second, else the one the water suits best.
     */
    static Species focus(Situation s, Playbook p) {
        return s.conditions()
                .target()
                .filter(p.targets()::contains)
                .or(() -> s.conditions().secondTarget().filter(p.targets()::contains))
                .or(() -> s.conditions()
                        .number(Topic.SURFACE)
                        .flatMap(surface -> p.targets().stream()
                                .min(Comparator.comparingDouble(
                                        species -> away(s.numbers().band(species), surface)))))
                .orElse(p.targets().get(0));
    }

    /** 0 inside the comfortable band, negative never. */
    private static double away(Species.Band band, double surface) {
        return Math.max(0, Math.max(band.from() - surface, surface - band.to()));
    }

    private static Optional<Sentence> first(Situation s, Playbook p) {
        return s.conditions()
                .target()
                .filter(p.targets()::contains)
                .map(species -> Sentence.of("it takes " + species.words() + ", your first target"));
    }

    private static Optional<Sentence> second(Situation s, Playbook p) {
        return s.conditions()
                .secondTarget()
                .filter(species -> p.targets().contains(species)
                        && s.conditions().target().filter(p.targets()::contains).isEmpty())
                .map(species -> Sentence.of("it takes " + species.words() + ", your second target"));
    }

    private static Optional<Sentence> neither(Situation s, Playbook p) {
        return s.conditions()
                .target()
                .filter(target -> !p.targets().contains(target)
                        && s.conditions()
                                .secondTarget()
                                .filter(p.targets()::contains)
                                .isEmpty())
                .map(target -> Sentence.of("it is not for " + target.words()));
    }

    private static Optional<Sentence> inSeason(Rule.Asked asked) {
        Situation s = asked.s();
        Species species = asked.focus();
        return s.entry(species)
                .filter(entry -> entry.inSeason(s.day()).orElse(false))
                .map(entry -> Sentence.of("your table has " + species.words() + " in season"));
    }

    static Optional<Sentence> outOfSeason(Rule.Asked asked) {
        Situation s = asked.s();
        Species species = asked.focus();
        return s.entry(species)
                .filter(entry -> !entry.inSeason(s.day()).orElse(true))
                .map(entry -> Sentence.of("your table has " + species.words() + " out of season"));
    }

    private static boolean forTarget(Situation s, Playbook p) {
        return s.conditions().target().filter(p.targets()::contains).isPresent();
    }

    private static Optional<Sentence> bagFull(Situation s, Playbook p) {
        return s.conditions()
                .count(Topic.BAG)
                .filter(room -> room == 0 && forTarget(s, p))
                .map(room -> Sentence.of("the bag is full: every fish goes back"));
    }

    private static Optional<Sentence> bagSmall(Situation s, Playbook p) {
        return s.conditions()
                .count(Topic.BAG)
                .filter(room -> room > 0 && room <= 2)
                .map(room -> Sentence.of("room for {0} in the bag: few lines do", Figure.count(room)));
    }

    private static Optional<Sentence> comfortable(Rule.Asked asked) {
        return surface(
                asked,
                (species, band, surface) -> away(band, surface) == 0
                        ? Sentence.of(
                                "{0} sits in the {1} to {2} that " + species.words() + " like",
                                Figure.temperature(surface),
                                Figure.temperature(band.from()),
                                Figure.temperature(band.to()))
                        : null);
    }

    private static Optional<Sentence> bearable(Rule.Asked asked) {
        return surface(
                asked,
                (species, band, surface) ->
                        away(band, surface) > 0 && surface >= band.coldest() && surface <= band.warmest()
                                ? Sentence.of(
                                        "{0} is at the edge of what " + species.words() + " like",
                                        Figure.temperature(surface))
                                : null);
    }

    private static double beyond(Species.Band band, double surface) {
        return Math.max(band.coldest() - surface, surface - band.warmest());
    }

    private static Optional<Sentence> outside(Rule.Asked asked) {
        return surface(
                asked,
                (species, band, surface) -> beyond(band, surface) > 0
                        ? Sentence.of(
                                "{0} is outside the {1} to {2} where " + species.words() + " are met",
                                Figure.temperature(surface),
                                Figure.temperature(band.coldest()),
                                Figure.temperature(band.warmest()))
                        : null);
    }

    private static Optional<Sentence> farOutside(Rule.Asked asked) {
        return surface(
                asked,
                (species, band, surface) -> beyond(band, surface) > FAR_K
                        ? Sentence.of("and that by {0}", Figure.step(beyond(band, surface)))
                        : null);
    }

    private interface OfBand {
        Sentence say(Species species, Species.Band band, double surface);
    }

    private static Optional<Sentence> surface(Rule.Asked asked, OfBand says) {
        Situation s = asked.s();
        Species species = asked.focus();
        return s.conditions()
                .number(Topic.SURFACE)
                .map(surface -> says.say(species, s.numbers().band(species), surface));
    }
}
