package org.mosswake.core.turn;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * The spread at a moment of a turn, as seen from the boat.
 *
 * @param turnedRad to starboard since the start (rad)
 * @param afterS    since the helm was put over (s)
 * @param lines     in the order given; empty nodes for a line that was not followed
 */
public record TurnFrame(double turnedRad, double afterS, List<Swung> lines) {
    public TurnFrame {
        lines = List.copyOf(lines);
    }

    /** As many lines that were not followed. */
    static List<Swung> nothing(int lines) {
        return new ArrayList<>(Collections.nCopies(lines, new Swung(List.of(), 0, 0)));
    }

    /**
     * @param nodes         from the lure to the tip
     * @param lureSpeedMps  through the water (m/s)
     * @param lureDepthM    at that speed (m)
     */
    public record Swung(List<Node> nodes, double lureSpeedMps, double lureDepthM) {}

    /** Astern of the boat's datum and to starboard of her middle line, as she heads now (m). */
    public record Node(double asternM, double starboardM) {}
}
