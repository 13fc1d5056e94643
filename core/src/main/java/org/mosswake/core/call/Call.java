package org.mosswake.core.call;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.mosswake.core.caution.Caution;
import org.mosswake.core.playbook.Playbook;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.playbook.School;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.units.Sentence;

/**
 * The call for one moment and over the day.
 *
 * @param ranking at the moment asked for
 * @param taken   the playbook lines, lacks and cautions are of: the first, or the skipper's choice
 * @param bands   weights of each playbook over the day
 * @param from    how long the first stays first, around the moment; until {@code to}
 * @param planB   what to do when it does not work, and from when the day itself asks for it; empty where nothing else has
 *     more for it than against it
 * @param verdict said before any method: to stay in, that nothing speaks for fishing, that nothing is known
 * @param lacks   of the box, for the first
 */
public record Call(
        Ranking ranking,
        Playbook taken,
        LineCount lines,
        Map<PlaybookId, List<Spell>> bands,
        Instant from,
        Instant to,
        Optional<PlanB> planB,
        List<Doubts.Unknown> worthFinding,
        List<Doubts.Change> wouldChange,
        List<Sentence> verdict,
        List<Sentence> contradictions,
        List<Sentence> lacks,
        Set<Caution> cautions) {
    /** Steps of the day that are weighed. */
    public static final Duration STEP = Duration.ofMinutes(30);

    /** A stretch of the day with the same weight. */
    public record Spell(Instant from, Instant to, int tenths) {}

    /** @param at when it comes first by itself; empty where it only stands ready */
    public record PlanB(PlaybookId id, int tenths, Optional<Instant> at) {}

    /**
     * @param day    the moments of the day, in order, {@link #STEP} apart
     * @param chosen by the skipper instead of the first
     */
    public static Call of(Situation s, List<Moment> day, Optional<PlaybookId> chosen) {
        Ranking ranking = Ranking.of(s);
        PlaybookId leader = ranking.first().playbook().id();
        Playbook taken =
                chosen.map(s.numbers()::playbook).orElse(ranking.first().playbook());
        var weigher = new Weigher(s);
        var over = day.stream().map(moment -> weigher.weigh(s.at(moment))).toList();
        int here = nearest(day, s.moment().at());
        int from = here;
        int to = here;
        while (from > 0 && over.get(from - 1).first() == leader && fished(day.get(from - 1), s)) {
            from--;
        }
        while (to + 1 < day.size() && over.get(to + 1).first() == leader && fished(day.get(to + 1), s)) {
            to++;
        }
        return new Call(
                ranking,
                taken,
                LineCount.of(s, taken),
                bands(day, over),
                day.get(from).at(),
                day.get(to).at().plus(STEP),
                planB(day, over, to, ranking),
                Doubts.worthFinding(s, weigher),
                Doubts.wouldChange(s, weigher),
                Verdict.of(s, ranking),
                Contradictions.of(s, ranking, weigher),
                BoxFit.lacks(s, taken),
                cautions(s, taken));
    }

    /** Said before any method is named. */
    public static List<Sentence> verdict(Situation s) {
        return Verdict.of(s, Ranking.of(s));
    }

    /** Dark hours belong to a call only when it is made for the dark. */
    private static boolean fished(Moment moment, Situation s) {
        return moment.light() != Moment.Light.NIGHT || s.moment().light() == Moment.Light.NIGHT;
    }

    private static int nearest(List<Moment> day, Instant at) {
        int best = 0;
        for (int i = 1; i < day.size(); i++) {
            if (!day.get(i).at().isAfter(at)) {
                best = i;
            }
        }
        return best;
    }

    private static Map<PlaybookId, List<Spell>> bands(List<Moment> day, List<Weigher.Weights> over) {
        var bands = new EnumMap<PlaybookId, List<Spell>>(PlaybookId.class);
        for (PlaybookId id : PlaybookId.values()) {
            var spells = new ArrayList<Spell>();
            for (int i = 0; i < day.size(); i++) {
                int tenths = over.get(i).of(id);
                Instant from = day.get(i).at();
                Spell last = spells.isEmpty() ? null : spells.get(spells.size() - 1);
                if (last != null && last.tenths() == tenths) {
                    spells.set(spells.size() - 1, new Spell(last.from(), from.plus(STEP), tenths));
                } else {
                    spells.add(new Spell(from, from.plus(STEP), tenths));
                }
            }
            bands.put(id, spells);
        }
        return bands;
    }

    /** What comes first next, else the second best of now. */
    private static Optional<PlanB> planB(List<Moment> day, List<Weigher.Weights> over, int lastOfLeader, Ranking now) {
        boolean light =
                lastOfLeader + 1 < day.size() && day.get(lastOfLeader + 1).light() != Moment.Light.NIGHT;
        if (light) {
            Weigher.Weights next = over.get(lastOfLeader + 1);
            if (next.of(next.first()) > 0) {
                return Optional.of(new PlanB(
                        next.first(),
                        next.of(next.first()),
                        Optional.of(day.get(lastOfLeader + 1).at())));
            }
        }
        return Optional.of(now.second())
                .filter(second -> second.tenths() > 0)
                .map(second -> new PlanB(second.playbook().id(), second.tenths(), Optional.empty()));
    }

    /** The dangers of this method, crew and water. */
    static Set<Caution> cautions(Situation s, Playbook p) {
        var all = EnumSet.of(Caution.RULES, Caution.LOOKOUT);
        Conditions c = s.conditions();
        if (c.count(Topic.CREW).filter(crew -> crew == 1).isPresent()) {
            all.add(Caution.ALONE);
        }
        if (s.moment().light() == Moment.Light.NIGHT) {
            all.add(Caution.DARK);
        }
        if (c.is(Topic.FLEET, Topic.Fleet.CROWDED)) {
            all.add(Caution.FLEET);
        }
        if (c.is(Topic.SEA, Topic.Sea.ROUGH)
                || c.is(Topic.SEA, Topic.Sea.MODERATE)
                || Seaway.hard(s).isPresent()) {
            all.add(Caution.WEATHER);
        }
        if (p.is(Playbook.Trait.FAST)) {
            all.addAll(Set.of(Caution.WEIGHT_BACK, Caution.HEAVY_DRAG));
        }
        if (p.is(Playbook.Trait.HEAVY_ROD)) {
            all.add(Caution.ROD_UNDER_LOAD);
        }
        if (p.is(Playbook.Trait.BITE)) {
            all.addAll(Set.of(Caution.TEETH, Caution.LEADER));
        }
        if (p.is(Playbook.Trait.DEAD_BAIT)) {
            all.add(Caution.WET_ICE);
        }
        if (p.is(Playbook.Trait.DEEP) && s.schools().is(School.DEEP, School.BY_DROP_WEIGHT)) {
            all.add(Caution.DROP_WEIGHT);
        }
        if (s.outfit().idle().filter(idle -> idle.tooFastFor(p.mostMps())).isPresent()) {
            all.add(Caution.DROGUE);
        }
        if (p.targets().stream().anyMatch(Species::spoilsToPoison)) {
            all.add(Caution.CHILL);
        }
        return all;
    }
}
