package org.mosswake.core.rig;

/**
 * What a line is made of, as far as strength, stretch and knots go. The modulus (Pa) is the middle of a PUBLISHED range,
 * over the line's nominal section; that of a braid and a cable is an effective one, for the gaps between their strands.
 */
public enum Material {
    /** 2–3 GPa. */
    MONO("mono", 2.5e9),
    /** 2.5–3.5 GPa. */
    FLUOROCARBON("clear fluorocarbon", 3.0e9),
    /** 40–70 GPa, effective. */
    BRAID("braid", 55e9),
    /** 40–70 GPa, effective. */
    HOLLOW_BRAID("hollow braid", 55e9),
    /** 190 GPa. */
    WIRE("wire", 190e9),
    /** 190 GPa of its steel over about six tenths of its section (ESTIMATE). */
    CABLE("cable", 115e9);

    private final String words;
    private final double modulusPa;

    Material(String words, double modulusPa) {
        this.words = words;
        this.modulusPa = modulusPa;
    }

    public String words() {
        return words;
    }

    double usualModulusPa() {
        return modulusPa;
    }

    public boolean metal() {
        return this == WIRE || this == CABLE;
    }

    boolean woven() {
        return this == BRAID || this == HOLLOW_BRAID;
    }

    boolean clear() {
        return this == MONO || this == FLUOROCARBON;
    }
}
