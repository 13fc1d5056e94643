package org.mosswake.core.weights;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.mosswake.core.call.Evidence;

/**
 * Weights of the call corrected by the owner's own days.
 *
 * <p>Strikes of a {@link Spell} are Poisson in its line-minutes times {@code exp(a + s·said + Σ moves + day)}: {@code said}
 * is what the call said for it, every weight moves by a normal of its own about 0, and so does what a day is worth (season, luck).
 * How far weights and days vary at all is not set: of {@link #DAYS} the likeliest is taken, each of {@link #SPREADS} counts by
 * how well it explains the days (Laplace's approximation), so that few days move little. A Poisson
 * mixed model; Breslow and Clayton, Journal of the American Statistical Association 88 (1993).
 *
 * @param scale strikes that one whole weight is worth: their logarithm
 * @param moved those that moved, the farthest first
 */
public record WeightFit(int days, int strikes, double minutes, double scale, List<Moved> moved) {
    /** Standard deviations of the logarithm of what a day is worth that are weighed. */
    private static final double[] DAYS = {0.4, 0.7, 1.1};
    /** Standard deviations of a weight about the shipped one that are weighed (1 is ten tenths). */
    private static final double[] SPREADS = {0.02, 0.06, 0.12, 0.2, 0.3};
    /** What is believed of them before any day: small ones (ESTIMATE). */
    private static final double[] BELIEF = {0.34, 0.26, 0.2, 0.13, 0.07};
    /** No weight moves farther (tenths): what is heavier than luck stays with the skipper. */
    static final int FARTHEST = 10;

    /**
     * @param from   as shipped (tenths)
     * @param to     as the days have it (tenths)
     * @param sure   standard deviation of it (tenths)
     * @param spells in which it held
     */
    public record Moved(String key, int from, double to, double sure, int spells) {
        public int tenths() {
            return (int) Math.round(to);
        }
    }

    /** @param own keys that the skipper has set: they stay */
    public static WeightFit of(List<Spell> spells, Set<String> own) {
        List<Spell> fished =
                spells.stream().filter(spell -> spell.minutes() > 0).toList();
        var shipped = new TreeMap<String, Integer>();
        fished.forEach(spell -> spell.pieces().stream()
                .filter(piece -> !own.contains(piece.key()))
                .forEach(piece -> shipped.put(piece.key(), piece.tenths())));
        int strikes = fished.stream().mapToInt(Spell::strikes).sum();
        double minutes = fished.stream().mapToDouble(Spell::minutes).sum();
        int days = (int) fished.stream().map(Spell::day).distinct().count();
        if (strikes == 0 || shipped.isEmpty()) {
            return new WeightFit(days, strikes, minutes, 1, List.of());
        }
        var mean = new Averaged(new ArrayList<>(shipped.keySet()), fished);
        return new WeightFit(days, strikes, minutes, mean.scale, mean.moved(shipped));
    }

    /** The shipped weights with what moved. */
    public Map<String, Double> tenths() {
        return moved.stream().filter(move -> move.tenths() != move.from()).collect(Collectors.toMap(Moved::key, move ->
                (double) move.tenths()));
    }

    /** Fits at every spread, each by its share of belief. */
    private static final class Averaged {
        private final List<String> keys;
        private final List<Spell> spells;
        private final double[] moves;
        private final double[] squares;
        private double scale;

        Averaged(List<String> keys, List<Spell> spells) {
            this.keys = keys;
            this.spells = spells;
            moves = new double[keys.size()];
            squares = new double[keys.size()];
            int middle = SPREADS.length / 2;
            var likeliest = Arrays.stream(DAYS)
                    .mapToObj(day -> new OfDay(day, MixedPoisson.fit(keys, spells, SPREADS[middle], day)))
                    .max(Comparator.comparingDouble(one -> one.fit().evidence()))
                    .orElseThrow();
            List<MixedPoisson> fits = IntStream.range(0, SPREADS.length)
                    .mapToObj(i ->
                            i == middle ? likeliest.fit() : MixedPoisson.fit(keys, spells, SPREADS[i], likeliest.day()))
                    .toList();
            double most =
                    fits.stream().mapToDouble(MixedPoisson::evidence).max().orElseThrow();
            double[] share = new double[SPREADS.length];
            double sum = 0;
            for (int i = 0; i < share.length; i++) {
                share[i] = BELIEF[i] * Math.exp(fits.get(i).evidence() - most);
                sum += share[i];
            }
            for (int i = 0; i < share.length; i++) {
                add(fits.get(i), share[i] / sum);
            }
        }

        /** At one spread of what a day is worth. */
        private record OfDay(double day, MixedPoisson fit) {}

        private void add(MixedPoisson fit, double share) {
            scale += share * fit.scale();
            for (int k = 0; k < moves.length; k++) {
                double move = fit.moves()[k] / Math.max(0.3, fit.scale());
                moves[k] += share * move;
                squares[k] += share * (move * move + fit.variances()[k] / (fit.scale() * fit.scale()));
            }
        }

        List<Moved> moved(Map<String, Integer> shipped) {
            var moved = new ArrayList<Moved>();
            for (int k = 0; k < moves.length; k++) {
                String key = keys.get(k);
                int from = shipped.get(key);
                double by = Math.max(-FARTHEST, Math.min(FARTHEST, 10 * moves[k]));
                double sure = 10 * Math.sqrt(Math.max(0, squares[k] - moves[k] * moves[k]));
                moved.add(new Moved(key, from, from + by, sure, held(key)));
            }
            moved.sort(Comparator.comparingDouble((Moved move) -> -Math.abs(move.to() - move.from()))
                    .thenComparing(Moved::key));
            return moved;
        }

        private int held(String key) {
            return (int) spells.stream()
                    .flatMap(spell -> spell.pieces().stream().map(Evidence.Piece::key))
                    .filter(key::equals)
                    .count();
        }
    }
}
