package org.mosswake.core.rig;

import java.util.Collection;
import org.mosswake.core.units.Force;

/**
 * A fish met at speed, taken by the line as springs in series: k = 1 / Σ(L/EA); the pull rises to
 * F₀ + u·√(k·m) if the drag holds, and no further than the drag where it slips (physics §9, an energy balance without
 * the water's own damping, so on the safe side).
 *
 * @param stiffnessNPerM k
 * @param peakN          with the drag locked
 * @param stretchM       of the whole line at that peak
 * @param riseS          from the bite until the drag is reached (s); a quarter swing when it never is
 */
public record Shock(double stiffnessNPerM, double peakN, double stretchM, double riseS) {
    /** Pieces with their length in the water; what stretches least counts least. */
    public static Shock of(
            Collection<Piece> pieces, double fishKg, double closingMps, Force pull, Force drag, RigNumbers numbers) {
        double compliance = pieces.stream()
                .mapToDouble(piece -> piece.lengthM() / piece.stiffnessN(numbers))
                .sum();
        return of(1 / compliance, fishKg, closingMps, pull, drag);
    }

    static Shock of(double k, double fishKg, double closingMps, Force pull, Force drag) {
        double omega = Math.sqrt(k / fishKg);
        double rise = closingMps * Math.sqrt(k * fishKg);
        double peak = pull.newtons() + rise;
        double share = Math.min(1, Math.max(0, drag.newtons() - pull.newtons()) / rise);
        return new Shock(k, peak, rise / k, Math.asin(share) / omega);
    }

    /** What the line is asked to hold: no more than the drag, where it gives. */
    public double feltN(Force drag, Force pull) {
        return Math.max(pull.newtons(), Math.min(peakN, drag.newtons()));
    }

    /**
     * Length one piece needs for a peak no higher than this (m); NaN where the pull alone is as much.
     *
     * @param at index of the piece that is lengthened
     */
    public static double lengthFor(
            java.util.List<Piece> pieces,
            int at,
            double fishKg,
            double closingMps,
            Force pull,
            Force most,
            RigNumbers numbers) {
        double room = most.newtons() - pull.newtons();
        if (room <= 0) {
            return Double.NaN;
        }
        double k = Math.pow(room / closingMps, 2) / fishKg;
        double others = 0;
        for (int i = 0; i < pieces.size(); i++) {
            if (i != at) {
                others += pieces.get(i).lengthM() / pieces.get(i).stiffnessN(numbers);
            }
        }
        return Math.max(0, (1 / k - others) * pieces.get(at).stiffnessN(numbers));
    }
}
