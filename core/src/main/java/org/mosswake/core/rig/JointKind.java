package org.mosswake.core.rig;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * How a line ends at a fitting or a hook, or how two lines meet. The share of the line's strength that is left is
 * {@code ESTIMATE}: tests of the trade scatter by five to ten points with the hand that tied it, so each is a number of
 * its own and a pull test decides.
 */
public enum JointKind {
    CRIMP("crimp", 0.92, Where.END, EnumSet.of(Material.MONO, Material.FLUOROCARBON, Material.CABLE)),
    DOUBLE_CRIMP("double crimp", 0.94, Where.END, EnumSet.of(Material.MONO, Material.FLUOROCARBON, Material.CABLE)),
    SIX_TURN_KNOT("six-turn knot", 0.85, Where.END, EnumSet.of(Material.MONO, Material.FLUOROCARBON)),
    DOUBLED_KNOT(
            "knot on doubled line",
            0.9,
            Where.END,
            EnumSet.of(Material.MONO, Material.FLUOROCARBON, Material.BRAID, Material.HOLLOW_BRAID)),
    SPLICED_EYE("spliced eye", 0.95, Where.END, EnumSet.of(Material.HOLLOW_BRAID)),
    /** Single strand: even barrel wraps after the crossed ones. */
    HAYWIRE_TWIST("haywire twist", 0.9, Where.END, EnumSet.of(Material.WIRE)),
    /** A plain overhand knot in wire or cable: what is tied where nobody has a sleeve. */
    WIRE_KNOT("knot in the wire", 0.6, Where.END, EnumSet.of(Material.WIRE, Material.CABLE)),

    /** A loop of 20 to 30 twists in the main line, the leader's loop passed through it twice. */
    LOOP_TO_LOOP("loop to loop, passed twice", 0.95, Where.JOIN, EnumSet.complementOf(metals())),
    SEVEN_TURN_JOIN(
            "doubled loop, seven-turn join", 0.88, Where.JOIN, EnumSet.of(Material.MONO, Material.FLUOROCARBON)),
    WRAPPED_JOIN("wrapped join", 0.85, Where.JOIN, EnumSet.complementOf(metals())),
    /** The leader drawn up inside the hollow braid, served at its end. */
    SPLICE_OVER(
            "splice over the leader",
            0.95,
            Where.JOIN,
            EnumSet.of(Material.HOLLOW_BRAID, Material.MONO, Material.FLUOROCARBON));

    private enum Where {
        END,
        JOIN
    }

    private final String words;
    private final double efficiency;
    private final Where where;
    private final Set<Material> materials;

    JointKind(String words, double efficiency, Where where, Set<Material> materials) {
        this.words = words;
        this.efficiency = efficiency;
        this.where = where;
        this.materials = materials;
    }

    private static EnumSet<Material> metals() {
        return EnumSet.of(Material.WIRE, Material.CABLE);
    }

    public String words() {
        return words;
    }

    double usualEfficiency() {
        return efficiency;
    }

    /** Ends one line, at metal; else it joins two lines without any. */
    public boolean endsALine() {
        return where == Where.END;
    }

    /** Takes a sleeve for each time it is made. */
    public int sleeves() {
        return this == CRIMP ? 1 : this == DOUBLE_CRIMP ? 2 : 0;
    }

    public boolean ends(Material material) {
        return where == Where.END && materials.contains(material);
    }

    /** A splice takes a hollow line on one side and a solid one on the other. */
    public boolean joins(Material above, Material below) {
        boolean both = where == Where.JOIN && materials.contains(above) && materials.contains(below);
        boolean hollow = above == Material.HOLLOW_BRAID || below == Material.HOLLOW_BRAID;
        return both && (this != SPLICE_OVER || hollow && above != below);
    }

    public static List<JointKind> endsOf(Material material) {
        return Arrays.stream(values()).filter(kind -> kind.ends(material)).toList();
    }

    public static List<JointKind> joinsOf(Material above, Material below) {
        return Arrays.stream(values()).filter(kind -> kind.joins(above, below)).toList();
    }
}
