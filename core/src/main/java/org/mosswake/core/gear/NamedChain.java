package org.mosswake.core.gear;

import java.util.List;
import java.util.Optional;

/**
 * Chains that people pick by name, from the lure up, by kinds of gear; lengths are usual ones (handbook practice), to be
 * changed at will. The last part is the main line.
 */
public enum NamedChain {
    PLAIN(part(LureRole.ANY, LineKind.FLUOROCARBON, 80, 3.0), main(LineKind.MONO, 50)),
    /** Wire to the lure, shock leader, weight, wind-on, hollow braid. */
    FAST_LADDER(
            part(LureRole.of(LureKind.FAST_BULLET), LineKind.BITE_CABLE, 275, 1.2),
            part(LureRole.NONE, LineKind.MONO, 200, 8.0),
            part(LureRole.LEAD, LineKind.MONO, 150, 8.0),
            main(LineKind.HOLLOW_BRAID, 130)),
    IN_LINE_LEAD(part(LureRole.ANY, LineKind.MONO, 40, 6.0), main(LureRole.LEAD, LineKind.BRAID, 50)),
    /** Trolling wire with a leader of nine metres. */
    WIRE(part(LureRole.of(LureKind.HAIR_JIG), LineKind.MONO, 80, 9.0), main(LineKind.TROLLING_WIRE, 40)),
    /** Heavy lure on a metre and a half, light one on four and a half. */
    THREE_WAY(
            part(LureRole.LEAD, LineKind.MONO, 50, 1.5),
            new Part(
                    LureRole.NONE,
                    LineKind.BRAID,
                    50,
                    Optional.empty(),
                    Optional.of(part(LureRole.of(LureKind.HAIR_JIG), LineKind.MONO, 50, 4.5)))),
    DIVING_PLANE(
            part(LureRole.ANY, LineKind.MONO, 40, 1.5), main(LureRole.of(LureKind.DIVING_PLANE), LineKind.BRAID, 50)),
    /** Blade that makes the show, leader by its size, squid that follows it. */
    ATTRACTOR(
            part(LureRole.of(LureKind.SQUID), LineKind.MONO, 40, 0.82),
            main(LureRole.of(LureKind.ROTATING_BLADE), LineKind.BRAID, 50)),
    /** Wire to the nose hook, a clear leader before it. */
    LIVE_BAIT(
            part(LureRole.of(LureKind.LIVE_BAIT), LineKind.BITE_WIRE, 44, 1.5),
            part(LureRole.NONE, LineKind.MONO, 40, 4.0),
            main(LineKind.MONO, 40)),
    /** A bar that steers outward. */
    STEERING_BAR(part(LureRole.of(LureKind.STEERING_BAR), LineKind.MONO, 150, 2.0), main(LineKind.MONO, 80));

    private final List<Part> parts;

    NamedChain(Part... parts) {
        this.parts = List.of(parts);
    }

    public List<Part> parts() {
        return parts;
    }

    /** What is tied at the foot of a part. */
    public record LureRole(boolean anyLure, boolean lead, Optional<LureKind> kind) {
        static final LureRole NONE = new LureRole(false, false, Optional.empty());
        static final LureRole ANY = new LureRole(true, false, Optional.empty());
        static final LureRole LEAD = new LureRole(false, true, Optional.empty());

        static LureRole of(LureKind kind) {
            return new LureRole(false, false, Optional.of(kind));
        }

        public boolean isNothing() {
            return !anyLure && !lead && kind.isEmpty();
        }
    }

    /**
     * @param pounds of rated strength, the nearest aboard is taken
     */
    public record Part(LureRole lure, LineKind line, double pounds, Optional<Double> lengthM, Optional<Part> branch) {}

    private static Part part(LureRole lure, LineKind line, double pounds, double lengthM) {
        return new Part(lure, line, pounds, Optional.of(lengthM), Optional.empty());
    }

    private static Part main(LineKind line, double pounds) {
        return main(LureRole.NONE, line, pounds);
    }

    private static Part main(LureRole foot, LineKind line, double pounds) {
        return new Part(foot, line, pounds, Optional.empty(), Optional.empty());
    }
}
