package org.mosswake.core.turn;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import org.mosswake.core.tow.Body;
import org.mosswake.core.tow.LinePiece;
import org.mosswake.core.tow.Link;
import org.mosswake.core.tow.Tow;
import org.mosswake.core.units.SpeedThroughWater;
import org.mosswake.core.units.SpeedUnit;

/** Named spreads of a ten-metre boat for tests of turns: places of tips and generic lures. */
public final class TurnSpreads {
    static final double BOAT_M = 10.4;
    static final Body SKIRT = new Body(0.11, 0.11 / 2500, 0.0004, 0, 0);
    static final Body POPPER = new Body(0.16, 0.16 / 1700, 0.0011, 0, 0);
    static final Body FEATHER = new Body(0.06, 0.06 / 2500, 0.0003, 0, 0);
    static final Body PLUG = new Body(0.085, 0.085 / 900, 0.001, 0.0018, 0);
    static final Body STEERING_BAR = new Body(0.57, 0.57 / 900, 0.006, 0, 0.0035);

    private TurnSpreads() {}

    public static TurnRules rules(double knots, double radius) {
        return new TurnRules(
                SpeedThroughWater.of(knots, SpeedUnit.KNOT).mps(),
                radius,
                TurnRules.usualPivotAsternM(BOAT_M),
                TurnRules.USUAL_CLEAR_ACROSS_M,
                TurnRules.USUAL_CLEAR_UP_M);
    }

    static TurnLine line(double knots, double astern, double starboard, double height, double letOut, Body lure) {
        var leader = new LinePiece(2, 0.0009, 1780, 1.2, 0.008);
        var main = new LinePiece(letOut - 2, 0.0007, 1150, 1.2, 0.008);
        var tow = new Tow(
                SpeedThroughWater.of(knots, SpeedUnit.KNOT), height, List.of(Link.of(lure, leader), Link.bare(main)));
        return new TurnLine(tow, astern, starboard);
    }

    static TurnLine outer(int side, double letOut) {
        return line(7.5, 0.4, side * 6.4, 5, letOut, SKIRT);
    }

    static TurnLine inner(int side, double letOut) {
        return line(7.5, -1, side * 4.6, 3.8, letOut, POPPER);
    }

    static TurnLine gunwale(int side, double letOut) {
        return line(7.5, -1.4, side * 3.3, 1.7, letOut, SKIRT);
    }

    static TurnLine corner(int side, double letOut) {
        return line(7.5, 1.2, side * 2.2, 1.9, letOut, SKIRT);
    }

    static TurnLine diver(int side, double letOut) {
        return line(7.5, 1.3, side * 0.9, 1.5, letOut, PLUG);
    }

    static TurnLine longCentre(double letOut) {
        return line(7.5, -0.6, 0, 5.2, letOut, FEATHER);
    }

    /** Long centre, level pairs on the riggers, a diver to port: six lines at 7.5 kn. */
    public static List<TurnLine> mixed() {
        return List.of(longCentre(176), outer(1, 84), outer(-1, 84), inner(1, 38), inner(-1, 38), diver(-1, 30));
    }

    /** Some lines of a named spread, shorter and longer, a few from a free holder on the other side. */
    static List<TurnLine> random(Random random) {
        var spread = new ArrayList<>(random.nextBoolean() ? mixed() : twelve());
        Collections.shuffle(spread, random);
        var lines = new ArrayList<TurnLine>();
        var tips = new HashSet<List<Double>>();
        for (TurnLine line : spread.subList(0, 3 + random.nextInt(spread.size() - 2))) {
            var links = line.tow().chainFromLure();
            double main = links.get(links.size() - 1).line().lengthM();
            double length = Math.max(3, main * (0.5 + random.nextDouble()));
            double starboard = (random.nextInt(4) == 0 ? -1 : 1) * line.tipStarboardM();
            if (tips.add(List.of(line.tipAsternM(), Math.abs(starboard) < 0.1 ? 0.0 : starboard))) {
                lines.add(
                        new TurnLine(line.tow().withLastLength(length), line.tipAsternM(), starboard, line.slopesM()));
            }
        }
        return lines;
    }

    /** Weighted deep, on braid. */
    static TurnLine weighted(int side, double letOut, double leadKg) {
        var leader = new LinePiece(5, 0.0009, 1780, 1.2, 0.008);
        var main = new LinePiece(letOut - 5, 0.0005, 975, 1.4, 0.012);
        var lead = new Body(leadKg, leadKg / 11340, 0.0006 * Math.pow(leadKg, 2.0 / 3), 0, 0);
        var tow = new Tow(
                SpeedThroughWater.of(7.5, SpeedUnit.KNOT), 1.9, List.of(Link.of(PLUG, leader), Link.of(lead, main)));
        return new TurnLine(tow, 1.2, side * 2.2);
    }

    /** Every holder of the boat used: twelve lines at 7.5 kn, as in the demo data. */
    public static List<TurnLine> twelve() {
        var all = new ArrayList<TurnLine>();
        all.add(longCentre(131));
        all.add(line(7.5, 1.3, 0, 1.5, 20, SKIRT));
        for (int side = -1; side <= 1; side += 2) {
            all.add(outer(side, 70));
            all.add(inner(side, 47));
            all.add(gunwale(side, 19));
            all.add(weighted(side, 17, 0.7));
            all.add(diver(side, 21));
        }
        return all;
    }

    /** Long lines to starboard, short ones to port. */
    static List<TurnLine> lopsided() {
        return List.of(outer(1, 120), inner(1, 95), corner(1, 75), outer(-1, 40), inner(-1, 30), corner(-1, 20));
    }

    static List<TurnLine> mirrored(List<TurnLine> spread) {
        return spread.stream()
                .map(line -> new TurnLine(
                        line.tow().withLure(line.tow().lure().mirrored()), line.tipAsternM(), -line.tipStarboardM()))
                .toList();
    }
}
