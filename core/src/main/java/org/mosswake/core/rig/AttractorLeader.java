package org.mosswake.core.rig;

import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Force;
import org.mosswake.core.units.Sentence;

/**
 * The leader behind an attractor, measured from the front of its loop to the trailing hook (handbook §6, practice; m).
 */
public enum AttractorLeader {
    LARGE_BLADE("rotating blade of about 35 cm", 0.71, 0.83),
    SQUID_BEHIND_FLASHER("flasher of about 28 cm with a squid", 0.86, 0.91),
    SMALL_DODGER("small dodger", 0.45, 0.60),
    SPOON_BEHIND_FLASHER("spoon behind a flasher, light clear leader", 0.94, 1.07);

    private static final double LARGE_M = 0.315;
    private static final double SMALL_M = 0.22;

    private final String words;
    private final double leastM;
    private final double mostM;

    AttractorLeader(String words, double leastM, double mostM) {
        this.words = words;
        this.leastM = leastM;
        this.mostM = mostM;
    }

    /**
     * @param attractorM  length of the blade, flasher or dodger
     * @param ownAction   the lure works by itself, as a spoon does
     */
    public static AttractorLeader of(double attractorM, boolean ownAction) {
        if (attractorM >= LARGE_M) {
            return LARGE_BLADE;
        }
        if (attractorM < SMALL_M) {
            return SMALL_DODGER;
        }
        return ownAction ? SPOON_BEHIND_FLASHER : SQUID_BEHIND_FLASHER;
    }

    public String words() {
        return words;
    }

    public double leastM() {
        return leastM;
    }

    public double mostM() {
        return mostM;
    }

    public double middleM() {
        return (leastM + mostM) / 2;
    }

    public boolean fits(double measuredM) {
        return measuredM >= leastM - 0.005 && measuredM <= mostM + 0.005;
    }

    /**
     * Leader to cut between its two fastenings for a middling measure (m).
     *
     * @param trailM from the lure's eye to its trailing hook
     */
    public double cutM(double trailM) {
        return Math.max(0.1, middleM() - trailM);
    }

    /** A lure with its own action takes a light leader; one that gets it from the attractor a stiff one. */
    public static Sentence stiffness(boolean ownAction, Force strength) {
        return ownAction
                ? Sentence.of(
                        "it has its own action: a light leader lets it work; yours holds {0}",
                        Figure.pull(strength.newtons()))
                : Sentence.of(
                        "it gets its action from the attractor: a stiff leader passes it on; yours holds {0}",
                        Figure.pull(strength.newtons()));
    }
}
