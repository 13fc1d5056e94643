package org.mosswake.core.playbook;

import java.util.List;
import java.util.Optional;
import org.mosswake.core.gear.LureKind;

/**
 * One position of a playbook's pattern.
 *
 * @param place   where on the boat it belongs
 * @param reach   how far or how deep
 * @param kinds   lures for it, the best first
 * @param tied    how
 * @param pair    two of it, level, one each side
 * @param wash    belongs into the white water
 */
public record Slot(String role, Place place, Reach reach, List<LureKind> kinds, Tied tied, boolean pair, boolean wash) {
    /** Where on the boat a position belongs. */
    public enum Place {
        CENTRE,
        /** Widest apart. */
        OUTER,
        /** Inside of those. */
        INNER,
        /** Low, at the corners or the stern. */
        LOW,
        /** Down a cable where there is one, else low. */
        DEEP
    }

    /** What stands between lure and main line. */
    public enum Tied {
        PLAIN,
        /** Wire or cable against teeth on a leader. */
        BITE,
        FAST_LADDER,
        IN_LINE_LEAD,
        WIRE,
        THREE_WAY,
        STEERING_BAR,
        /** A rotating blade before the lure. */
        ATTRACTOR
    }

    /** What a let-out is sought for. */
    public enum Aim {
        /** A let-out within the range. */
        LET_OUT,
        /** A depth within the range (m). */
        DEPTH,
        /** Metres off the bottom. */
        OFF_BOTTOM,
        /** A share of the depth of water. */
        SHARE,
        /** The depth that the light asks for. */
        BY_LIGHT
    }

    /**
     * @param least    of the aim, in its unit, with {@code most}
     * @param dropBackM behind the clip of a downrigger (m)
     * @param mostOutM  let out for it, whatever depth that gives (m)
     */
    public record Reach(Aim aim, double least, double most, double dropBackM, double mostOutM) {}

    private static final double FAR_M = 220;

    public static Slot of(String role, Place place, Reach reach, Tied tied, LureKind... kinds) {
        return new Slot(role, place, reach, List.of(kinds), tied, false, false);
    }

    public Slot paired() {
        return new Slot(role, place, reach, kinds, tied, true, wash);
    }

    public Slot inWash() {
        return new Slot(role, place, reach, kinds, tied, pair, true);
    }

    public Slot reaching(double least, double most) {
        return new Slot(
                role,
                place,
                new Reach(reach.aim(), least, most, reach.dropBackM(), reach.mostOutM()),
                kinds,
                tied,
                pair,
                wash);
    }

    public static Reach letOut(double least, double most) {
        return new Reach(Aim.LET_OUT, least, most, 0, FAR_M);
    }

    static Reach depth(double least, double most, double dropBackM) {
        return new Reach(Aim.DEPTH, least, most, dropBackM, FAR_M);
    }

    /** A depth close in: with no more than so much line. */
    static Reach depthWithin(double least, double most, double mostOutM) {
        return new Reach(Aim.DEPTH, least, most, 6, mostOutM);
    }

    static Reach offBottom(double least, double most, double dropBackM) {
        return new Reach(Aim.OFF_BOTTOM, least, most, dropBackM, FAR_M);
    }

    static Reach share(double share, double dropBackM) {
        return new Reach(Aim.SHARE, share, share, dropBackM, FAR_M);
    }

    static Reach byLight(double dropBackM) {
        return new Reach(Aim.BY_LIGHT, 0, 0, dropBackM, FAR_M);
    }

    public boolean deep() {
        return reach.aim() != Aim.LET_OUT;
    }

    public Optional<LureKind> firstKind() {
        return kinds.stream().findFirst();
    }
}
