package org.mosswake.core.deck;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.mosswake.core.gear.LureItem;
import org.mosswake.core.rig.Reel;
import org.mosswake.core.spread.Branch;
import org.mosswake.core.spread.Labels;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.spread.SpreadLine;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Sentence;

/**
 * From the lines that are out to another spread of what is stowed: what comes in, the nearest first, so that nothing is
 * wound in across it; what only changes its length; what goes out, whose order is that of the other spread's deck.
 *
 * @param missing why the other spread cannot be set with what is aboard; empty where it can
 * @param seconds one pair of hands at work and another at the wheel (s)
 */
public record ChangeOver(List<Step> in, List<Step> moved, List<Step> out, List<Sentence> missing, double seconds) {
    /** Wound in by hand with the boat under way (m/s, ESTIMATE). */
    private static final double WIND_MPS = 1.0;
    /** Let out under a thumb, marks watched (m/s, ESTIMATE). */
    private static final double LET_OUT_MPS = 1.2;
    /** A lure unclipped, its leader coiled, and looked over (s, ESTIMATE). */
    private static final double STOW_S = 60;
    /** A rigged leader clipped on, looked at beside the boat, and the line put where it is held (s, ESTIMATE). */
    private static final double SET_S = 75;
    /** A ball up or down with its clip (s beside the cable's own, ESTIMATE). */
    private static final double BALL_S = 45;

    private static final double CABLE_MPS = 0.8;
    /** Less is no change (m): nobody lets out a foot. */
    private static final double SAME_M = 0.5;

    public ChangeOver {
        in = List.copyOf(in);
        moved = List.copyOf(moved);
        out = List.copyOf(out);
        missing = List.copyOf(missing);
    }

    /**
     * @param line of the spread it belongs to: the present one of what comes in, the other of what goes out or is moved
     * @param was  of a line that is moved, in the present spread
     */
    public record Step(UUID line, Optional<UUID> was, String label, Sentence says) {}

    /**
     * @param isOut of the present spread
     * @param aboard how many there are of each lure and reel, by its id; of what is not in it nobody knows
     */
    public static ChangeOver of(Spread now, Set<UUID> isOut, Spread next, Map<UUID, Integer> aboard) {
        Map<UUID, String> was = Labels.of(now.lines());
        Map<UUID, String> becomes = Labels.of(next.lines());
        var in = new ArrayList<Step>();
        var moved = new ArrayList<Step>();
        var out = new ArrayList<Step>();
        double seconds = 0;
        var stays = new HashMap<UUID, SpreadLine>();
        for (SpreadLine line : now.lines()) {
            if (isOut.contains(line.id())) {
                next.lines().stream()
                        .filter(other -> isTheSame(line, other))
                        .findFirst()
                        .ifPresent(other -> stays.put(line.id(), other));
            }
        }
        Comparator<SpreadLine> nearest = Comparator.comparingDouble(SpreadLine::letOutM);
        for (SpreadLine line : now.lines().stream().sorted(nearest).toList()) {
            if (isOut.contains(line.id()) && !stays.containsKey(line.id())) {
                seconds += line.letOutM() / WIND_MPS + STOW_S + ball(line);
                in.add(new Step(line.id(), Optional.empty(), was.get(line.id()), comesIn(line)));
            }
        }
        for (SpreadLine line : next.lines().stream().sorted(nearest.reversed()).toList()) {
            Optional<SpreadLine> before = now.lines().stream()
                    .filter(one -> stays.get(one.id()) == line)
                    .findFirst();
            String label = becomes.get(line.id());
            if (before.isEmpty()) {
                seconds += line.letOutM() / LET_OUT_MPS + SET_S + ball(line);
                out.add(new Step(line.id(), Optional.empty(), label, goesOut(line)));
            } else {
                double by = line.letOutM() - before.get().letOutM();
                seconds += Math.abs(by) <= SAME_M ? 0 : Math.abs(by) / (by > 0 ? LET_OUT_MPS : WIND_MPS);
                moved.add(new Step(line.id(), before.map(SpreadLine::id), label, stays(line, by)));
            }
        }
        return new ChangeOver(in, moved, out, missing(next, aboard), seconds);
    }

    /** Held by the same, with the same tied on: then it need not come in. */
    private static boolean isTheSame(SpreadLine line, SpreadLine other) {
        return line.holder().id().equals(other.holder().id())
                && line.tackle().equals(other.tackle())
                && line.deep().equals(other.deep())
                && line.rigging()
                        .reel()
                        .map(Reel::id)
                        .equals(other.rigging().reel().map(Reel::id));
    }

    private static double ball(SpreadLine line) {
        return line.deep().map(rig -> BALL_S + rig.cableOutM() / CABLE_MPS).orElse(0.0);
    }

    private static Sentence comesIn(SpreadLine line) {
        return Sentence.of(
                (line.deep().isPresent() ? "trip the clip, ball up, wind in {0}: " : "wind in {0}: ")
                        + Sentence.plain(line.lure().name()) + " off the "
                        + Sentence.plain(line.holder().name()),
                Figure.distance(line.letOutM()));
    }

    private static Sentence goesOut(SpreadLine line) {
        return Sentence.of(
                Sentence.plain(line.lure().name()) + " from the "
                        + Sentence.plain(line.holder().name()) + ", {0}",
                Figure.distance(line.letOutM()));
    }

    private static Sentence stays(SpreadLine line, double by) {
        String what = Sentence.plain(line.lure().name());
        if (Math.abs(by) <= SAME_M) {
            return Sentence.of(what + " stays as it is");
        }
        return Sentence.of(
                what + (by > 0 ? ": let out {0} more, to {1}" : ": take in {0}, to {1}"),
                Figure.distance(Math.abs(by)),
                Figure.distance(line.letOutM()));
    }

    /** More of a thing than there are. */
    private static List<Sentence> missing(Spread next, Map<UUID, Integer> aboard) {
        var wanted = new LinkedHashMap<UUID, Integer>();
        var names = new HashMap<UUID, String>();
        for (SpreadLine line : next.lines()) {
            lures(line).forEach(lure -> want(lure.id(), lure.name(), wanted, names));
            line.rigging().reel().ifPresent(reel -> want(reel.id(), reel.name(), wanted, names));
        }
        return wanted.entrySet().stream()
                .filter(one -> aboard.getOrDefault(one.getKey(), one.getValue()) < one.getValue())
                .map(one -> lacks(names.get(one.getKey()), one.getValue(), aboard.get(one.getKey())))
                .toList();
    }

    private static void want(UUID id, String name, Map<UUID, Integer> wanted, Map<UUID, String> names) {
        wanted.merge(id, 1, Integer::sum);
        names.put(id, name);
    }

    private static Sentence lacks(String name, int wanted, int there) {
        String what = Sentence.plain(name);
        return there == 0
                ? Sentence.of(what + ": {0} wanted, none aboard", Figure.count(wanted))
                : Sentence.of(what + ": {0} wanted, {1} aboard", Figure.count(wanted), Figure.count(there));
    }

    private static Stream<LureItem> lures(SpreadLine line) {
        return line.tackle().stream()
                .flatMap(piece -> Stream.concat(piece.item().stream(), piece.branch().map(Branch::lure).stream()));
    }
}
