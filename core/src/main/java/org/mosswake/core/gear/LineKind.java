package org.mosswake.core.gear;

import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import org.mosswake.core.rig.Material;
import org.mosswake.core.tow.LinePiece;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.ForceUnit;

/**
 * Kinds of line with starting coefficients ({@code ESTIMATE}; diameters by rated strength in lb of force, PUBLISHED
 * ranges). Every item keeps its own, editable.
 */
public enum LineKind {
    MONO(
            1.2,
            0.008,
            1150,
            Map.of(20, .45, 30, .55, 40, .60, 50, .70, 60, .75, 80, .90, 100, 1.0, 130, 1.17, 150, 1.3, 200, 1.5)),
    FLUOROCARBON(
            1.2,
            0.008,
            1780,
            Map.of(20, .45, 30, .55, 40, .60, 50, .70, 60, .75, 80, .90, 100, 1.0, 130, 1.17, 150, 1.3, 200, 1.5)),
    BRAID(1.4, 0.012, 975, Map.of(30, .28, 50, .36, 65, .42, 80, .45, 100, .52)),
    HOLLOW_BRAID(1.4, 0.012, 975, Map.of(130, .85)),
    /** Single strand; it hums, and vibration raises its normal drag. */
    TROLLING_WIRE(2.0, 0.012, 7900, Map.of(40, .635)),
    /** Lead within a woven sheath, 9.1 m a colour: sinks about 1.5 m a colour at 1 m/s. */
    LEAD_CORE(1.4, 0.012, 3260, Map.of(27, .85)),
    /** Stranded; it hums a little: 30 m of it sink to 6–9 m at 1 m/s. */
    COPPER(1.7, 0.012, 7200, Map.of(45, .98)),
    /** Stranded, for a downrigger. */
    DOWNRIGGER_CABLE(1.8, 0.012, 6500, Map.of(150, 1.1, 200, 1.1)),
    /** Single strand against teeth: no. 4, 5, 9 and 10. */
    BITE_WIRE(1.5, 0.012, 7900, Map.of(38, .33, 44, .36, 105, .53, 124, .61)),
    /** Many strands against teeth. */
    BITE_CABLE(1.5, 0.012, 7900, Map.of(275, 1.2, 480, 1.5));

    private final double normal;
    private final double tangential;
    private final double density;
    private final NavigableMap<Integer, Double> millimetresByPounds;

    LineKind(double normal, double tangential, double density, Map<Integer, Double> millimetresByPounds) {
        this.normal = normal;
        this.tangential = tangential;
        this.density = density;
        this.millimetresByPounds = new TreeMap<>(millimetresByPounds);
    }

    /** The listed strength that a new item begins with: of 30 lb or the next one over it, else the strongest. */
    public Force usualStrength() {
        Integer over = millimetresByPounds.ceilingKey(30);
        return Force.of(over == null ? millimetresByPounds.lastKey() : over, ForceUnit.POUND_FORCE);
    }

    public Material material() {
        return switch (this) {
            case MONO -> Material.MONO;
            case FLUOROCARBON -> Material.FLUOROCARBON;
            case BRAID -> Material.BRAID;
            case HOLLOW_BRAID, LEAD_CORE -> Material.HOLLOW_BRAID;
            case TROLLING_WIRE, BITE_WIRE -> Material.WIRE;
            case DOWNRIGGER_CABLE, BITE_CABLE, COPPER -> Material.CABLE;
        };
    }

    /** One metre of it at this rated strength; the diameter is scaled from the nearest listed strength by area. */
    public LinePiece metreRated(Force strength) {
        double pounds = strength.in(ForceUnit.POUND_FORCE);
        var below = millimetresByPounds.floorEntry((int) Math.round(pounds));
        var nearest = below == null ? millimetresByPounds.firstEntry() : below;
        double millimetres = nearest.getValue() * Math.sqrt(pounds / nearest.getKey());
        return new LinePiece(1, millimetres / 1000, density, normal, tangential);
    }
}
