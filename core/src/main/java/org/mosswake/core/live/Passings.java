package org.mosswake.core.live;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.DoubleUnaryOperator;
import org.mosswake.core.live.LiveMoment.LivePlace;
import org.mosswake.core.live.LiveMoment.Node;
import org.mosswake.core.units.Figure;
import org.mosswake.core.units.Plane;
import org.mosswake.core.units.Sentence;

/**
 * Boats whose way crosses a line: each as it goes now against the lines as they lie now, seen from her own boat. One that
 * is called stays called until it is clear for a while, so that a figure that wavers calls nobody twice.
 */
final class Passings {
    /** So far ahead ways are drawn out (s): farther, everyone will have changed it. */
    private static final double AHEAD_S = 300;
    /** Nobody is called sooner (s): a course that yaws by half a degree says little of what is farther. */
    private static final double CALLED_S = 150;
    /** A boat that was not told of for so long is gone. */
    private static final Duration GONE = Duration.ofMinutes(3);
    /** So many looks in a row must say it before anyone is called. */
    private static final int SURE = 8;
    /** Clear for so many looks it is called no more. */
    private static final int CLEAR = 30;
    /** A hull and its screws go through line that lies this deep (m, ESTIMATE). */
    private static final double DRAUGHT_M = 4;
    /** Half a hull, and what hangs behind the lure (m, ESTIMATE). */
    private static final double BEYOND_M = 5;
    /** While there is more time than that (s) only she is called whose way cuts the line by more than it is unsure. */
    private static final double DECIDED_S = 84;
    /** Of a boat that was called already: who wavers is not let go (m). */
    private static final double STILL_BEYOND_M = 30;
    /** A way that was seen by eye may be this much another (°, ESTIMATE). */
    private static final double[] BY_EYE_DEG = {0, -8, 8};

    private static final double[] TOLD_DEG = {0};
    /** And at the rod's end of a line (m). */
    private static final double STILL_BEFORE_M = 10;
    /** Where a line goes down steeply her place says little of how deep it is there (m). */
    private static final double STILL_DRAUGHT_M = 7;
    /** Line that is wound in lies this much short of her way (m, ESTIMATE). */
    private static final double SHORT_M = 25;
    /** Less line than that is no line: it comes in. */
    private static final double LEAST_M = 15;

    /** @param last crossings that were found, kept while she is called although one look finds none */
    private record Seen(Followed way, int says, int clear, boolean called, List<Crossing> last) {
        OtherBoat boat() {
            return way.boat();
        }
    }

    /** @param astern where the line is crossed, along it from its tip (m) */
    private record Crossing(LivePlace line, double inS, double astern) {
        Crossing later(double seconds) {
            return new Crossing(line, Math.max(0, inS - seconds), astern);
        }
    }

    private final Map<String, Seen> seen = new HashMap<>();

    void see(OtherBoat boat) {
        Seen before = seen.get(boat.id());
        seen.put(
                boat.id(),
                before == null
                        ? new Seen(Followed.first(boat), 0, 0, false, List.of())
                        : new Seen(
                                before.way().hears(boat),
                                before.says(),
                                before.clear(),
                                before.called(),
                                before.last()));
    }

    /** Those that are still told of. */
    List<OtherBoat> boats(Instant now) {
        return seen.values().stream()
                .map(Seen::boat)
                .filter(boat -> !isGone(boat, now))
                .toList();
    }

    private static boolean isGone(OtherBoat boat, Instant now) {
        return Duration.between(boat.at(), now).compareTo(GONE) > 0;
    }

    /** Nobody is told of. */
    boolean isEmpty() {
        return seen.isEmpty();
    }

    /** Looked at once a second. */
    List<LiveWarning> look(List<LivePlace> lines, Motion own, WayFilter plane, Node boat, Instant now) {
        seen.values().removeIf(one -> isGone(one.boat(), now));
        var warnings = new ArrayList<LiveWarning>();
        seen.replaceAll((id, one) -> {
            List<Crossing> found = crossings(one.way(), lines, own, plane, boat, now, one.called());
            boolean crosses = !found.isEmpty();
            int says = found.stream().anyMatch(crossing -> crossing.inS() < CALLED_S) ? one.says() + 1 : 0;
            int clear = crosses ? 0 : one.clear() + 1;
            boolean called = one.called() ? clear < CLEAR : says >= SURE;
            List<Crossing> last = crosses
                    ? found
                    : one.last().stream().map(before -> before.later(1)).toList();
            if (called) {
                warnings.add(warning(one.boat(), last));
            }
            return new Seen(one.way(), says, clear, called, last);
        });
        return warnings;
    }

    private static LiveWarning warning(OtherBoat boat, List<Crossing> crossings) {
        double in = crossings.stream().mapToDouble(Crossing::inS).min().orElseThrow();
        double first = crossings.stream().mapToDouble(Crossing::astern).min().orElseThrow() - SHORT_M;
        List<String> labels =
                crossings.stream().map(one -> one.line().label()).sorted().toList();
        int last = labels.size() - 1;
        String who =
                last == 0 ? labels.get(0) : String.join(", ", labels.subList(0, last)) + " and " + labels.get(last);
        String them = crossings.size() == 1 ? "it" : "them";
        List<UUID> ids = crossings.stream().map(one -> one.line().id()).toList();
        Figure soon = Figure.duration(in);
        String crosses = Sentence.plain(boat.name()) + (boat.byEye() ? " may cross " : " crosses ") + who + " in {0}: ";
        Sentence says = first < LEAST_M
                ? Sentence.of(crosses + "bring " + them + " in, or turn away.", soon)
                : Sentence.of(crosses + "wind " + them + " in to {1}, or turn away.", soon, Figure.distance(first));
        return new LiveWarning(LiveWarning.Kind.CROSSED, says, ids, in);
    }

    private static List<Crossing> crossings(
            Followed way, List<LivePlace> lines, Motion own, WayFilter plane, Node boat, Instant now, boolean called) {
        OtherBoat other = way.boat();
        double[] there = plane.inPlane(other.place());
        double old = Duration.between(other.at(), now).toMillis() / 1000.0;
        double before = called ? STILL_BEFORE_M : 0;
        double draught = called ? STILL_DRAUGHT_M : DRAUGHT_M;
        DoubleUnaryOperator beyond =
                in -> called ? STILL_BEYOND_M : other.byEye() || in < DECIDED_S ? BEYOND_M : -way.unsureM(old + in);
        var crossings = new ArrayList<Crossing>();
        for (LivePlace line : lines) {
            Optional<Crossing> first = Optional.empty();
            for (double aside : other.byEye() ? BY_EYE_DEG : TOLD_DEG) {
                double course = Math.toRadians(other.courseDeg() + aside);
                double vn = other.mps() * Math.cos(course);
                double ve = other.mps() * Math.sin(course);
                double north = there[0] + vn * old - boat.northM();
                double east = there[1] + ve * old - boat.eastM();
                if (first.isEmpty()) {
                    first = crossing(
                            line,
                            north,
                            east,
                            vn - own.groundNorthMps(),
                            ve - own.groundEastMps(),
                            before,
                            draught,
                            beyond);
                }
            }
            first.ifPresent(crossings::add);
        }
        return crossings;
    }

    /** The first place where a straight way, seen from the boat, cuts a line that lies high enough; of one that does. */
    private static Optional<Crossing> crossing(
            LivePlace line,
            double north,
            double east,
            double vn,
            double ve,
            double beforeM,
            double draughtM,
            DoubleUnaryOperator beyondM) {
        List<Node> nodes = line.nodes();
        Optional<Crossing> first = Optional.empty();
        double along = 0;
        for (int i = nodes.size() - 2; i >= 0; i--) {
            Node near = nodes.get(i + 1);
            Node far = nodes.get(i);
            double dn = far.northM() - near.northM();
            double de = far.eastM() - near.eastM();
            double length = Plane.hypot(dn, de);
            // near + s·d = other + t·v
            double cross = vn * de - ve * dn;
            double t = ((near.northM() - north) * de - (near.eastM() - east) * dn) / cross;
            double s = ((near.northM() - north) * ve - (near.eastM() - east) * vn) / cross;
            double reach = i == 0 && length > 0 ? 1 + beyondM.applyAsDouble(t) / length : 1;
            double height = near.heightM() + Math.min(1, s) * (far.heightM() - near.heightM());
            if (cross != 0
                    && t >= 0
                    && t <= AHEAD_S
                    && s >= -(i == nodes.size() - 2 && length > 0 ? beforeM / length : 0)
                    && s <= reach
                    && height > -draughtM
                    && first.filter(one -> one.inS() <= t).isEmpty()) {
                first = Optional.of(new Crossing(line, t, along + s * length));
            }
            along += length;
        }
        return first;
    }
}
