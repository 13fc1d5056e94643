package org.mosswake.core.gear;

import java.util.Optional;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.tow.Physics;

/**
 * How slowly a boat can go. Hull resistance is kV²; at idle the engines push as hard as that, and a drogue of drag area
 * A·Cd takes its share: V₁ = V₀ / √(1 + ½ρ·A·Cd / k).
 *
 * @param idleMps           all engines in gear (m/s)
 * @param resistanceKgPerM  k (kg/m)
 * @param engines           that push at idle
 */
public record Idle(double idleMps, double resistanceKgPerM, int engines) {
    public static final Accepted IDLE_MPS = new Accepted(0.3, 6, "m/s");
    public static final Accepted DROGUE_M2 = new Accepted(0.01, 5, "m²");
    /** Resistance of a planing hull at a crawl, per beam squared (kg/m³, ESTIMATE: ½ρ·0.12). */
    private static final double USUAL_RESISTANCE = 60;

    public Idle {
        var faults = new Faults();
        IDLE_MPS.check(faults, "idleMps", idleMps);
        faults.throwIfAny();
    }

    /** By the beam alone, until a drogue was tried. */
    public static Idle estimated(double idleMps, double beamM, int engines) {
        return new Idle(idleMps, USUAL_RESISTANCE * beamM * beamM, engines);
    }

    /** Fitted to one observed speed: this drogue brought the idle down to {@code observedMps}. */
    public static Idle fitted(double idleMps, double drogueAreaM2, double observedMps, int engines) {
        var faults = new Faults();
        DROGUE_M2.check(faults, "drogueAreaM2", drogueAreaM2);
        new Accepted(0.1, 0.99 * idleMps, "m/s").check(faults, "drogueSpeedMps", observedMps);
        faults.throwIfAny();
        double ratio = idleMps / observedMps;
        double k = Physics.SEA_WATER_DENSITY / 2 * drogueAreaM2 / (ratio * ratio - 1);
        return new Idle(idleMps, k, engines);
    }

    /** Faster than lures are fished at most (m/s), by more than a rounding. */
    public boolean tooFastFor(double mostMps) {
        return idleMps > mostMps + 0.01;
    }

    /** With a drogue of this drag area streamed (m/s). */
    public double withDrogue(double areaM2) {
        return idleMps / Math.sqrt(1 + Physics.SEA_WATER_DENSITY / 2 * areaM2 / resistanceKgPerM);
    }

    /** Drag area of a drogue that brings the idle down to a speed; empty when idle is slow enough (m²). */
    public Optional<Double> drogueFor(double mps) {
        if (mps >= idleMps) {
            return Optional.empty();
        }
        double ratio = idleMps / mps;
        return Optional.of(2 * resistanceKgPerM / Physics.SEA_WATER_DENSITY * (ratio * ratio - 1));
    }

    /** On one engine: a share of the push, the idle propeller's drag left out; empty for one engine or none (m/s). */
    public Optional<Double> onOneEngine() {
        return engines < 2 ? Optional.empty() : Optional.of(idleMps / Math.sqrt(engines));
    }

    /** Share of the time in gear for a mean speed, in and out of gear. */
    public double shareInGear(double mps) {
        return Math.min(1, mps * mps / (idleMps * idleMps));
    }

    /**
     * Ways to a speed below idle.
     *
     * @param drogueAreaM2 drag area to stream (m²)
     * @param oneEngineMps what one engine alone makes (m/s)
     * @param shareInGear  of the time in gear
     */
    public record Remedies(double toMps, double drogueAreaM2, Optional<Double> oneEngineMps, double shareInGear) {}

    public Optional<Remedies> remedies(double mps) {
        return drogueFor(mps).map(area -> new Remedies(mps, area, onOneEngine(), shareInGear(mps)));
    }
}
