package org.mosswake.core.rig;

import org.mosswake.core.fault.Accepted;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.ForceUnit;

/**
 * The hooks of one lure or bait.
 *
 * @param strength at which one opens
 */
public record Hooks(Kind kind, int count, Force strength) {
    public static final Accepted COUNT = new Accepted(1, 6, "");
    public static final Accepted STRENGTH_N = new Accepted(20, 5000, "N");

    /** Pull at which each opens is ESTIMATE, of strong forged hooks of the size usual for the job. */
    public enum Kind {
        SINGLE("wide single", 1, 90),
        /** One behind the other, turned half round: two points, one pull. */
        TWO_IN_LINE("two in line, offset", 2, 90),
        TREBLE("treble", 1, 45),
        /** Nose hook and the ones that trail it, on a bait. */
        BAIT_SET("bait set", 2, 60);

        private final String words;
        private final int usualCount;
        private final double opensKg;

        Kind(String words, int usualCount, double opensKg) {
            this.words = words;
            this.usualCount = usualCount;
            this.opensKg = opensKg;
        }

        public String words() {
            return words;
        }

        public Hooks usual() {
            return new Hooks(this, usualCount, Force.of(opensKg, ForceUnit.KILOGRAM_FORCE));
        }

        /** Wide singles hold hard mouths; trebles lever out (handbook practice). */
        public String holds() {
            return switch (this) {
                case SINGLE -> "holds a hard mouth; one point to bury";
                case TWO_IN_LINE -> "two points take more strikes, and two are loose in the boat";
                case TREBLE -> "three points take a slash, and lever out under a hard pull";
                case BAIT_SET -> "the nose hook tows, the last one catches the short strike";
            };
        }
    }

    /** Points that must be sharp, and that can find a hand. */
    public int points() {
        return count * (kind == Kind.TREBLE ? 3 : 1);
    }
}
