package org.mosswake.core.weights;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.mosswake.core.call.Answer;
import org.mosswake.core.call.Conditions;
import org.mosswake.core.call.Days;
import org.mosswake.core.call.Evidence;
import org.mosswake.core.call.Moment.Light;
import org.mosswake.core.call.Ranking;
import org.mosswake.core.call.Situation;
import org.mosswake.core.call.Topic;
import org.mosswake.core.playbook.PlaybookId;
import org.mosswake.core.playbook.Species;
import org.mosswake.core.units.SpeedUnit;

/**
 * Owners on whose water the weights of the call are a little other than the shipped ones. They fish mostly what the call says
 * first, and now and then what it says next, over days that are worth more or less.
 */
final class SimulatedOwners {
    static final double DAY_SPREAD = 0.6;
    private static final double USUAL_PER_MIN = 3.0 / 60 / 6;
    private static final double LINE_MINUTES = 720;
    private static final List<Light> LIGHTS = List.of(Light.FIRST_LIGHT, Light.MORNING, Light.MIDDAY, Light.AFTERNOON);

    private final Random random;
    private final boolean warm;
    private final List<Species> targets;
    /** Nobody fishes everywhere. */
    private final List<Topic.Structure> grounds;

    private final Map<String, Double> moves = new HashMap<>();
    private final Map<Light, Situation> hours = new EnumMap<>(Light.class);

    /** @param spread of the weights about the shipped ones: standard deviation (1 is ten tenths) */
    SimulatedOwners(long seed, double spread) {
        random = new Random(seed * 7919 + 31);
        random.nextDouble();
        warm = random.nextBoolean();
        targets = some(
                2,
                warm
                        ? List.of(Species.MAHI, Species.TUNA, Species.KING, Species.WAHOO)
                        : List.of(Species.COHO, Species.CHINOOK, Species.STRIPED_BASS));
        grounds = some(3, List.of(Topic.Structure.values()));
        Evidence.shipped().keySet().forEach(key -> moves.put(key, spread * random.nextGaussian()));
    }

    /** By which weights the first method is called. */
    record Called(int days, int shippedRight, int fittedRight) {}

    /** Of {@code held} days kept back from a fit of {@code days} others. */
    Called called(int days, int held) {
        WeightFit fit = WeightFit.of(days(days), Set.of());
        Map<String, Double> tenths = fit.tenths();
        Map<String, Integer> shipped = Evidence.shipped();
        var by = new HashMap<String, Double>();
        tenths.forEach((key, to) -> by.put(key, (to - shipped.get(key)) / 10));
        int right = 0;
        int fitted = 0;
        int all = 0;
        for (int i = 0; i < held; i++) {
            for (Light light : LIGHTS) {
                List<Weighed> s = Weighed.of(situation(light));
                PlaybookId best = first(s, moves);
                right += first(s, Map.of()) == best ? 1 : 0;
                fitted += first(s, by) == best ? 1 : 0;
                all++;
            }
        }
        return new Called(all, right, fitted);
    }

    List<Spell> days(int days) {
        var spells = new ArrayList<Spell>();
        for (int i = 0; i < days; i++) {
            LocalDate day = LocalDate.of(2020, 1, 1).plusDays(i);
            double worth = Math.exp(DAY_SPREAD * random.nextGaussian() - DAY_SPREAD * DAY_SPREAD / 2);
            Conditions conditions = conditions();
            for (Light light : LIGHTS) {
                fish(day, with(light, conditions), worth, spells);
            }
        }
        return spells;
    }

    private void fish(LocalDate day, Situation s, double worth, List<Spell> spells) {
        Ranking ranking = Ranking.of(s);
        PlaybookId method = ranking.scores().get(rank()).playbook().id();
        Spell spell = Spell.of(s, method, LINE_MINUTES, 0);
        double moved = spell.pieces().stream()
                .mapToDouble(piece -> moves.get(piece.key()))
                .sum();
        double mean = USUAL_PER_MIN * LINE_MINUTES * worth * Math.exp(spell.behind() / 10.0 + moved);
        spells.add(new Spell(day, method, spell.pieces(), spell.behind(), LINE_MINUTES, poisson(mean)));
    }

    /** Most follow the call, half of the time to the letter. */
    private int rank() {
        double dice = random.nextDouble();
        return dice < 0.5 ? 0 : dice < 0.8 ? 1 : dice < 0.95 ? 2 : 3;
    }

    private int poisson(double mean) {
        double left = Math.exp(-Math.min(mean, 200));
        int count = -1;
        double product = 1;
        do {
            product *= random.nextDouble();
            count++;
        } while (product > left);
        return count;
    }

    /** Every method with its weight by the shipped numbers, and what of it can be learnt. */
    private record Weighed(PlaybookId id, double shipped, List<Evidence.Piece> pieces) {
        static List<Weighed> of(Situation s) {
            return Ranking.of(s).scores().stream()
                    .map(score -> new Weighed(
                            score.playbook().id(),
                            score.tenths() / 10.0,
                            Evidence.of(s, score.playbook().id())))
                    .toList();
        }

        double with(Map<String, Double> moves) {
            return shipped
                    + pieces.stream()
                            .mapToDouble(piece -> moves.getOrDefault(piece.key(), 0.0))
                            .sum();
        }
    }

    private static PlaybookId first(List<Weighed> all, Map<String, Double> moves) {
        return all.stream()
                .max(Comparator.comparingDouble(one -> one.with(moves)))
                .orElseThrow()
                .id();
    }

    private Situation situation(Light light) {
        return with(light, conditions());
    }

    private Situation with(Light light, Conditions conditions) {
        return hours.computeIfAbsent(
                        light, one -> warm ? Days.large(one, Conditions.NOTHING) : Days.small(one, Conditions.NOTHING))
                .with(conditions);
    }

    private Conditions conditions() {
        Species target = any(targets);
        Species.Band band = target.usualBand();
        Conditions c = Conditions.NOTHING
                .with(Topic.TARGET, Answer.choice(target))
                .with(
                        Topic.SURFACE,
                        Answer.number(Math.round((band.from() + (band.to() - band.from()) * between(-0.3, 1.2)) * 10)
                                / 10.0));
        c = maybe(c, Topic.STEP, Answer.number(Math.round(between(0, 1.2) * 10) / 10.0));
        c = maybe(c, Topic.CLARITY, Answer.choice(any(Topic.Clarity.values())));
        c = maybe(c, Topic.SKY, Answer.choice(any(Topic.Sky.values())));
        c = maybe(c, Topic.STREAM, Answer.number(SpeedUnit.KNOT.toSi(between(0, 2.4))));
        double depth = warm ? between(15, 250) : between(8, 80);
        c = maybe(c, Topic.DEPTH, Answer.number(Math.round(depth)));
        c = maybe(c, Topic.STRUCTURE, Answer.choice(any(grounds)));
        Topic.Birds birds = any(Topic.Birds.values());
        c = maybe(
                c,
                Topic.BIRDS,
                birds == Topic.Birds.DIVING || birds == Topic.Birds.TRAVELLING
                        ? Answer.birds(birds, 40)
                        : Answer.choice(birds));
        c = maybe(
                c,
                Topic.BAIT,
                random.nextInt(3) == 0
                        ? Answer.choice(Topic.Bait.NONE)
                        : random.nextBoolean() ? Answer.layer(3, 7) : Answer.layer(16, 22));
        c = maybe(c, Topic.FORAGE, Answer.choice(any(Topic.Forage.values())));
        return maybe(c, Topic.WEED, Answer.choice(any(Topic.Weed.values())));
    }

    private Conditions maybe(Conditions c, Topic topic, Answer answer) {
        return random.nextDouble() < 0.75 ? c.with(topic, answer) : c;
    }

    private <T> T any(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    private <T> T any(T[] of) {
        return any(List.of(of));
    }

    private <T> List<T> some(int count, List<T> of) {
        var all = new ArrayList<T>(of);
        Collections.shuffle(all, random);
        return List.copyOf(all.subList(0, count));
    }

    private double between(double from, double to) {
        return from + (to - from) * random.nextDouble();
    }
}
