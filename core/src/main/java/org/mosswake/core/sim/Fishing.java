package org.mosswake.core.sim;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.UUID;
import org.mosswake.core.playbook.Species;

/** Which line is taken when on a practice day, what becomes of the fish, and which line gathers weed. */
final class Fishing {
    /** A usual line over usual water is taken so often (1/min). */
    private static final double USUAL_PER_MIN = 0.006;
    /** While a fish is on, the others are keener for a minute. */
    private static final double KEEN = 5;

    private static final double KEEN_S = 60;
    private static final double WEED_PER_S = 0.008;
    private static final double COMES_ALONGSIDE = 0.72;
    /** What became of a fish is shown for so long. */
    private static final Duration TOLD = Duration.ofMinutes(10);

    private final SyntheticSea sea;
    private final Tastes tastes;
    private final List<Species> swims;

    /** @param swims what is met there; never empty */
    Fishing(SyntheticSea sea, Tastes tastes, List<Species> swims) {
        this.sea = sea;
        this.tastes = tastes;
        this.swims = List.copyOf(swims);
    }

    /**
     * A line that is out.
     *
     * @param northM     of its lure, with {@code eastM}
     * @param cleanSince when somebody last saw it clean
     */
    record Towed(UUID lineId, Offer offer, double northM, double eastM, Instant cleanSince) {}

    /** Of this second. */
    PracticeState second(PracticeState state, List<Towed> lines) {
        var weedy = new HashMap<>(state.weedy());
        lines.forEach(line -> {
            Instant since = weedy.get(line.lineId());
            if (since != null && line.cleanSince().isAfter(since)) {
                weedy.remove(line.lineId());
            }
        });
        var bites = new ArrayList<>(state.bites());
        bites.removeIf(bite -> bite.ends().plus(TOLD).isBefore(state.at()));
        for (Towed line : lines) {
            if (sea.weed(line.northM(), line.eastM()) && chance(state, line, "weed") < WEED_PER_S) {
                weedy.putIfAbsent(line.lineId(), state.at());
            }
            boolean on = bites.stream()
                    .anyMatch(bite ->
                            bite.lineId().equals(line.lineId()) && bite.ends().isAfter(state.at()));
            if (!on && !weedy.containsKey(line.lineId()) && chance(state, line, "bite") < perSecond(state, line)) {
                bites.add(bite(state, line));
            }
        }
        return state.fished(weedy, bites);
    }

    private double perSecond(PracticeState state, Towed line) {
        double keen = state.bites().stream()
                .mapToDouble(bite -> KEEN * Math.exp(-sinceS(bite.at(), state.at()) / KEEN_S))
                .sum();
        return USUAL_PER_MIN
                / 60
                * sea.fish(line.northM(), line.eastM(), state.at())
                * tastes.liking(line.offer(), sea.onLedge(line.northM(), line.eastM())[1] > 0)
                * (1 + Math.min(KEEN, keen));
    }

    private static double sinceS(Instant from, Instant to) {
        return Duration.between(from, to).toMillis() / 1000.0;
    }

    private static double chance(PracticeState state, Towed line, String what) {
        return dice(state, line).share(what, 0);
    }

    private static Dice dice(PracticeState state, Towed line) {
        return new Dice(state.seed() + 1_000_003 * state.at().getEpochSecond()
                ^ line.lineId().getMostSignificantBits());
    }

    private Bite bite(PracticeState state, Towed line) {
        Dice dice = dice(state, line);
        Species species = swims.get((int) (dice.share("species", 0) * swims.size()));
        double kg = usualKg(species) * dice.factor(0.45, "mass", 0);
        double fightS = Math.min(1200, 50 + 22 * kg) * dice.between(0.7, 1.3, "fight", 0);
        boolean landed = dice.share("landed", 0) < COMES_ALONGSIDE;
        double lasts = landed ? fightS : Math.max(8, fightS * dice.share("lost", 0));
        return new Bite(
                line.lineId(), state.at(), species.words(), kg, state.at().plusSeconds(Math.round(lasts)), landed);
    }

    /** Of a fish that is met often (ESTIMATE). */
    private static double usualKg(Species species) {
        return switch (species) {
            case WAHOO -> 14;
            case TUNA -> 9;
            case MAHI -> 6;
            case KING -> 8;
            case SAILFISH -> 25;
            case SCHOOL_BLUEFIN -> 22;
            case STRIPED_BASS -> 6;
            case CHINOOK -> 7;
            case COHO -> 4;
        };
    }
}
