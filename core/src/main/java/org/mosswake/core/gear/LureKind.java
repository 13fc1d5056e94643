package org.mosswake.core.gear;

import org.mosswake.core.tow.Body;
import org.mosswake.core.tow.Physics;

/**
 * Generic kinds with starting coefficients, {@code ESTIMATE} unless noted; every item keeps its own, editable.
 * Areas are drag coefficient times area (m²), density of the whole item (kg/m³) gives the volume; last, the speeds at
 * which it works (kn).
 */
public enum LureKind {
    /** Skirt behind a bullet head, 0.1–0.3 kg: 3–6 cm². */
    BULLET_SKIRT(0.11, 2500, 0.0004, 0, 0, 6, 12),
    /** Large weighted bullet for high speed. */
    FAST_BULLET(0.28, 4000, 0.0006, 0, 0, 10, 20),
    /** Blunt head that splashes: 8–15 cm². */
    POPPING_HEAD(0.16, 1700, 0.0011, 0, 0, 5, 9),
    /** Feather, 0.03–0.1 kg: 2–4 cm². */
    FEATHER(0.06, 2500, 0.0003, 0, 0, 5, 10),
    /** Lipped plug: drag 10 cm², dive 18 cm² (fitted to its rating); floats at rest. */
    LIPPED_PLUG(0.085, 900, 0.001, 0.0018, 0, 3, 9),
    /** Big fluttering spoon: 220 cm² (fits 6–7 m for 60–65 m of line with 0.23 kg at 3 kn). */
    FLUTTER_SPOON(0.17, 7500, 0.022, 0, 0, 2, 4),
    /** Weighted hair-skirt jig: 30 cm². */
    HAIR_JIG(0.085, 5000, 0.003, 0, 0, 2, 8),
    /** Squid skirt behind an attractor. */
    SQUID(0.02, 1200, 0.0004, 0, 0, 1.5, 4),
    /** Spreader bar: 60 cm²; floats. */
    SPREADER_BAR(0.57, 900, 0.006, 0, 0, 3, 7),
    /** Bar that steers to starboard: 60 cm² with side 35 cm². */
    STEERING_BAR(0.57, 900, 0.006, 0, 0.0035, 3, 7),
    /** Live bait: 12 cm², as heavy as water. */
    LIVE_BAIT(0.25, 1060, 0.0012, 0, 0, 1, 2.5),
    /** Long eel-shaped dead bait: 20 cm². */
    EEL_BAIT(0.4, 1150, 0.002, 0, 0, 2, 4),
    /** Plug-cut herring: the bevel makes it roll. */
    CUT_BAIT(0.08, 1080, 0.0014, 0, 0, 1.5, 3.2),
    /** Whole herring or anchovy, stiffened in a bend: it spins. */
    BENT_BAIT(0.1, 1080, 0.0016, 0, 0, 1, 3),
    /** Rotating blade attractor: 250 cm². */
    ROTATING_BLADE(0.06, 1150, 0.025, 0, 0, 1.5, 3.5),
    /** Soft, eel-shaped: a lure, not a bait. */
    SOFT_EEL(0.06, 1150, 0.0012, 0, 0, 2, 5),
    /** Fly behind an attractor: hair and little else. */
    FLY(0.01, 1200, 0.0003, 0, 0, 1, 4),
    /** Small dodger, swings from side to side: half of what a rotating blade pulls. */
    DODGER(0.09, 5000, 0.012, 0, 0, 1, 3),
    /** Plug without a lip, weighted nose down: it is knocked off more than lipped ones. */
    LIPLESS_PLUG(0.09, 1250, 0.0009, 0, 0, 4, 11),
    /** Plane that pulls a line down until a strike trips it: drag 45 cm², dive 70 cm² (ESTIMATE). */
    DIVING_PLANE(0.12, 1100, 0.0045, 0.007, 0, 1.5, 4);

    private final double massKg;
    private final double density;
    private final double dragAreaM2;
    private final double diveAreaM2;
    private final double sideAreaM2;

    private final SpeedWindow works;

    LureKind(
            double massKg,
            double density,
            double dragAreaM2,
            double diveAreaM2,
            double sideAreaM2,
            double leastKnots,
            double mostKnots) {
        this.massKg = massKg;
        this.density = density;
        this.dragAreaM2 = dragAreaM2;
        this.diveAreaM2 = diveAreaM2;
        this.sideAreaM2 = sideAreaM2;
        this.works = SpeedWindow.knots(leastKnots, mostKnots);
    }

    /** Speeds at which such a lure usually works (ESTIMATE, from the trade's usual speeds for each method). */
    public SpeedWindow works() {
        return works;
    }

    public Body usual() {
        return new Body(massKg, massKg / density, dragAreaM2, diveAreaM2, sideAreaM2);
    }

    /** Runs deep by its own dive. */
    public boolean dives() {
        return diveAreaM2 > 0;
    }

    /** Was alive: it is renewed, and carries its own smell. */
    public boolean isBait() {
        return this == LIVE_BAIT || this == CUT_BAIT || this == BENT_BAIT;
    }

    /** Meant to throw water: out of it now and then is how it works. */
    public boolean splashes() {
        return this == POPPING_HEAD || this == SPREADER_BAR || this == STEERING_BAR;
    }

    /** A torpedo-shaped lead of this mass: 6 cm² at about 1 kg, growing with the frontal area (ESTIMATE). */
    public static Body torpedoLead(double massKg) {
        return new Body(massKg, massKg / Physics.LEAD_DENSITY, 0.0006 * Math.pow(massKg, 2.0 / 3), 0, 0);
    }

    /** A lead ball: 0.45 × frontal area (PUBLISHED, sphere below the drag crisis). */
    public static Body ballLead(double massKg) {
        double volume = massKg / Physics.LEAD_DENSITY;
        double radius = Math.cbrt(3 * volume / (4 * Math.PI));
        return new Body(massKg, volume, 0.45 * Math.PI * radius * radius, 0, 0);
    }
}
