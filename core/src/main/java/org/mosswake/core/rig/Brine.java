package org.mosswake.core.rig;

/**
 * Ice and coarse salt bring a slurry below 0 °C; baits firm in it overnight. All of it in proportion to the bait.
 *
 * @param scentKg to stir into the water, for a soak
 */
public record Brine(int baits, double baitKg, double iceKg, double saltKg, double waterKg, double scentKg) {
    /** @param eachKg one bait */
    public static Brine of(int baits, double eachKg, RigNumbers numbers) {
        double kg = baits * eachKg;
        double water = kg * numbers.of(RigNumbers.WATER);
        return new Brine(
                baits,
                kg,
                kg * numbers.of(RigNumbers.ICE),
                kg * numbers.of(RigNumbers.SALT),
                water,
                water * numbers.of(RigNumbers.SCENT));
    }
}
