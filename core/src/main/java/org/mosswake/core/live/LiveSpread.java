package org.mosswake.core.live;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.turn.Bend;
import org.mosswake.core.turn.Pose;
import org.mosswake.core.turn.SailedSpread;
import org.mosswake.core.turn.TurnRules;
import org.mosswake.core.units.Plane;

/**
 * The spread on the water, fed with what instruments tell. Each second of her way the lines are led one step on; what is
 * told in between, out of order or not at all moves nothing but the doubt.
 */
public final class LiveSpread {
    /** Of a step (s). */
    static final double STEP_S = 1;
    /** Slower nothing is towed; it is towed again from somewhat faster (m/s, ESTIMATE). */
    private static final double HANGS_MPS = 0.5;

    private static final double TOWS_MPS = 0.8;
    /** Share of what is between where she is led and where she is said to be that is made good each second. */
    private static final double DRAWN = 0.25;
    /** Run for so many lengths of the longest line on any way, lines lie as their way makes them. */
    private static final double SETTLED = 1.3;

    /** Of the way that is remembered (s). */
    private static final int WAY_S = 240;
    /** The bottom is shown as far astern as so many of the longest line. */
    private static final double BOTTOM_LENGTHS = 1.3;
    /** Between places of a way back as it is drawn (s). */
    private static final double RETURN_EVERY_S = 8;
    /** A tip this near to the middle line is on no side of it (m). */
    private static final double MIDDLE_M = 0.25;

    private final List<TowedLine> lines;
    private final SailedSpread spread;
    private final WayFilter filter;
    private final StreamTurned turned;
    private final Soundings soundings = new Soundings();
    private final TurnAhead ahead = new TurnAhead();
    private final Skips skips;
    private final Passings passings = new Passings();
    private List<LiveWarning> passing = List.of();

    private Optional<Instant> zero = Optional.empty();
    private double at;
    private boolean towing;
    private double runM;
    private Pose pose = new Pose(0, 0, 0);
    /** Over ground, north and east of the first fix, a place each second. */
    private final Deque<double[]> way = new ArrayDeque<>();
    /** How far the water has gone since she was begun (m). */
    private double driftNorth;

    private double driftEast;

    /** Where no tide is known, by a method that goes whichever way. */
    public LiveSpread(TurnRules rules, List<TowedLine> lines, TowSolver tows) {
        this(rules, lines, tows, WayFilter.Tide.UNKNOWN, false);
    }

    /**
     * @param rules      for the speed the lines were solved at, and her pivot
     * @param withStream the method goes with the stream
     */
    public LiveSpread(TurnRules rules, List<TowedLine> lines, TowSolver tows, WayFilter.Tide tide, boolean withStream) {
        filter = new WayFilter(tide);
        turned = new StreamTurned(withStream);
        this.lines = List.copyOf(lines);
        spread = new SailedSpread(rules, lines.stream().map(TowedLine::turned).toList(), tows);
        skips = new Skips(this.lines);
    }

    /** Takes what was told next. */
    public void hear(Sample sample) {
        Optional<Motion> motion = filter.hear(sample);
        if (motion.isEmpty()) {
            return;
        }
        if (filter.wasBegunAnew() || zero.isEmpty()) {
            begin(sample.at());
        }
        double now = seconds(sample.at());
        sample.depthM().ifPresent(depth -> soundings.add(now, depth));
        while (at + STEP_S <= now) {
            at += STEP_S;
            step(filter.motion(instant(at)).orElseThrow());
        }
    }

    /** Takes what was told of another boat. */
    public void see(OtherBoat boat) {
        passings.see(boat);
    }

    /** Boats that are told of. */
    public List<OtherBoat> others() {
        return zero.map(from -> passings.boats(instant(at))).orElse(List.of());
    }

    private void begin(Instant from) {
        zero = Optional.of(from);
        at = 0;
        towing = false;
        runM = 0;
        driftNorth = 0;
        driftEast = 0;
        way.clear();
        soundings.forget();
        ahead.forget();
        skips.forget();
        turned.forget();
    }

    private void step(Motion motion) {
        lead(motion);
        way.addLast(new double[] {motion.northM(), motion.eastM()});
        if (way.size() > WAY_S) {
            way.removeFirst();
        }
        if (motion.throughMps() < (towing ? HANGS_MPS : TOWS_MPS)) {
            towing = false;
            ahead.forget();
            passing = List.of();
            return;
        }
        if (!towing) {
            towing = true;
            runM = 0;
            spread.lay(pose);
            return;
        }
        spread.step(pose, STEP_S);
        runM += motion.throughMps() * STEP_S;
        if (settlesM() <= 0) {
            ahead.look(spread, motion, pose, at);
        }
        skips.look(spread.lines(), at);
        turned.look(motion, at);
        passing = passings.isEmpty() ? List.of() : passings.look(places(motion), motion, filter, boat(), instant(at));
    }

    /** The middle of her transom, north and east of the first fix. */
    private LiveMoment.Node boat() {
        var datum = spread.datum(pose);
        return new LiveMoment.Node(driftNorth - datum.x(), driftEast + datum.y(), 0);
    }

    /**
     * Where the lines are led to: as she moves through the water, drawn towards where she is said to be, so that a place
     * that jitters by a foot snatches at no line.
     */
    private void lead(Motion motion) {
        driftNorth += motion.streamNorthMps() * STEP_S;
        driftEast += motion.streamEastMps() * STEP_S;
        double thereX = driftNorth - motion.northM();
        double thereY = motion.eastM() - driftEast;
        double x = pose.x() - motion.throughMps() * STEP_S * Math.cos(motion.headingRad());
        double y = pose.y() + motion.throughMps() * STEP_S * Math.sin(motion.headingRad());
        double drawn = towing ? DRAWN : 1;
        pose = new Pose(x + drawn * (thereX - x), y + drawn * (thereY - y), motion.headingRad());
    }

    private double settlesM() {
        return SETTLED * spread.longestM() - runM;
    }

    /** As she is at the last step; empty until she has a course. */
    public Optional<LiveMoment> moment() {
        return zero.isEmpty() || at == 0
                ? Optional.empty()
                : filter.motion(instant(at)).map(this::moment);
    }

    private LiveMoment moment(Motion motion) {
        var places = towing ? places(motion) : List.<LiveMoment.LivePlace>of();
        boolean settled = towing && settlesM() <= 0;
        var here = boat();
        return new LiveMoment(
                instant(at),
                motion,
                filter.onEarth(here.northM(), here.eastM()),
                places,
                towing,
                towing ? Math.max(0, settlesM()) : 0,
                new LiveWarnings(lines, motion, places, at)
                        .of(settled ? ahead.meets() : Optional.empty(), skips, passing, turned.warning(motion, at)),
                way.stream()
                        .map(one -> new LiveMoment.Node(one[0] - here.northM(), one[1] - here.eastM(), 0))
                        .toList(),
                soundings.astern(at, motion.throughMps(), BOTTOM_LENGTHS * spread.longestM()));
    }

    /**
     * The way back that brings a lure over a place.
     *
     * @param line    whose; without one, or of one that is in, the middle of those that are out
     * @param portM   radius in which nothing meets to port, as {@code starboardM} (m)
     * @return with the mark as seen from the boat; empty while nothing is towed
     */
    public Optional<Returning> back(Sample.Place place, Optional<UUID> line, double portM, double starboardM) {
        Optional<LiveMoment> now = moment().filter(LiveMoment::towing);
        if (now.isEmpty() || now.get().lines().isEmpty()) {
            return Optional.empty();
        }
        double[] there = filter.inPlane(place);
        var mark = new BackOver.Mark(there[0] - boat().northM(), there[1] - boat().eastM());
        List<LiveMoment.LivePlace> out = now.get().lines();
        List<LiveMoment.LivePlace> its = out.stream()
                .filter(one -> line.filter(one.id()::equals).isPresent())
                .toList();
        List<LiveMoment.LivePlace> chosen = its.isEmpty() ? out : its;
        double length = chosen.stream()
                .mapToDouble(LiveMoment.LivePlace::asternM)
                .average()
                .orElseThrow();
        double side = its.isEmpty() ? 0 : tipOf(its.get(0).id());
        Motion motion = now.get().motion();
        return BackOver.of(motion, mark, length, side, portM, starboardM)
                .map(way -> new Returning(
                        mark,
                        way,
                        way.overGround(motion, RETURN_EVERY_S),
                        LureOver.all(
                                LureOver.hang(out, this::tipOf),
                                length,
                                side,
                                way.inS(),
                                way.pastMps(motion),
                                way.straightM())));
    }

    /**
     * @param mark       from the boat
     * @param overGround her way there, from the boat
     * @param lures      each as it comes over it
     */
    public record Returning(BackOver.Mark mark, BackOver way, List<BackOver.Mark> overGround, List<LureOver> lures) {}

    private double tipOf(UUID line) {
        return lines.stream()
                .filter(one -> one.id().equals(line))
                .mapToDouble(one -> one.turned().tipStarboardM())
                .sum();
    }

    private List<LiveMoment.LivePlace> places(Motion motion) {
        var places = new ArrayList<LiveMoment.LivePlace>();
        var sailed = spread.lines();
        for (int i = 0; i < lines.size(); i++) {
            TowedLine line = lines.get(i);
            sailed.get(i).ifPresent(one -> places.add(place(line, one, motion)));
        }
        return places;
    }

    private LiveMoment.LivePlace place(TowedLine line, SailedSpread.Sailed sailed, Motion motion) {
        var datum = spread.datum(pose);
        var nodes = sailed.nodes().stream()
                .map(node -> new LiveMoment.Node(datum.x() - node.x(), node.y() - datum.y(), node.heightM()))
                .toList();
        var lure = nodes.get(0);
        double lag = Plane.hypot(lure.northM(), lure.eastM()) / motion.throughMps();
        double lowest = sailed.lureDepthM() + line.hangsBelowM();
        var shoalest = soundings.shoalest(at, lag, lowest + LiveWarnings.TOUCHES_M);
        var clearance = Double.isNaN(shoalest.depthM())
                ? Optional.<LiveMoment.Clearance>empty()
                : Optional.of(new LiveMoment.Clearance(shoalest.depthM() - lowest, shoalest.inS()));
        return new LiveMoment.LivePlace(
                line.id(),
                line.label(),
                nodes,
                sailed.lureSpeedMps(),
                sailed.lureDepthM(),
                bend(line, motion),
                clearance,
                sailed.slack());
    }

    private static Bend bend(TowedLine line, Motion motion) {
        if (motion.radiusM() > TurnAhead.WIDEST_M || Math.abs(line.turned().tipStarboardM()) < MIDDLE_M) {
            return Bend.NEITHER;
        }
        return line.turned().tipStarboardM() * motion.turnRadS() > 0 ? Bend.INSIDE : Bend.OUTSIDE;
    }

    private double seconds(Instant moment) {
        return Duration.between(zero.orElseThrow(), moment).toMillis() / 1000.0;
    }

    private Instant instant(double seconds) {
        return zero.orElseThrow().plusMillis(Math.round(1000 * seconds));
    }
}
