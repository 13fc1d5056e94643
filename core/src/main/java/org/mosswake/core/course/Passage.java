package org.mosswake.core.course;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.IntConsumer;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.turn.SailedSpread;
import org.mosswake.core.turn.TurnLine;
import org.mosswake.core.turn.TurnRules;

/**
 * A course followed with every line of a spread, step by step: where each lure comes, how deep it runs there, what lines meet. She
 * holds her speed through the water and makes the course good over ground; the lures go where the water takes them.
 */
public final class Passage {
    private static final double LONGEST_STEP_S = 1.2;
    private static final double STEP_M = 3;
    /** Places of lures that are kept to be drawn (s). */
    private static final double KEPT_S = 8;
    /** Lines that meet are looked for at each such step. */
    private static final int LOOK_EACH = 2;

    private static final int SETTLING = 20;
    /** Of the time at either end of a range: a line that hangs for a moment is none of its depths. */
    private static final double OFTEN = 0.05;

    /**
     * What becomes of one lure.
     *
     * @param flies      it is not in the water at this speed
     * @param inBandS    of the whole time
     * @param shallowM   and {@code deepM}: between them it runs for nine tenths of the time
     * @param leastOffM  off the bottom where that is known; negative: it would have touched
     * @param leastAtS   when that is
     * @param places     over ground, thinned
     */
    public record Lure(
            boolean flies,
            double inBandS,
            double shallowM,
            double deepM,
            Optional<Double> leastOffM,
            double leastAtS,
            List<Place> places) {
        public Lure {
            places = List.copyOf(places);
        }
    }

    public record Place(double northM, double eastM, double depthM) {}

    /** Two lines that meet for the first time, by their places in the spread. */
    public record Met(int line, int other, double atS, Pose boat) {}

    /** @param inBand mean over the lures that are in the water, empty without a band */
    public record Sailed(double timeS, Optional<Double> inBand, List<Lure> lures, List<Met> met, boolean lost) {
        public Sailed {
            lures = List.copyOf(lures);
            met = List.copyOf(met);
        }
    }

    private static final class Watched {
        double inBandS;
        final List<Double> depths = new ArrayList<>();
        double leastOff = Double.NaN;
        double leastAtS;
        final List<Place> places = new ArrayList<>();

        /** That a share of the time it runs no deeper than. */
        double depth(double share) {
            double[] all =
                    depths.stream().mapToDouble(Double::doubleValue).sorted().toArray();
            return all.length == 0 ? 0 : all[(int) (share * (all.length - 1))];
        }
    }

    private final Track track;
    private final Towed towed;
    private final Optional<Band> band;
    private final Optional<Field> depth;
    private final SailedSpread spread;
    private final double dt;
    private final List<Watched> lures = new ArrayList<>();
    private final List<Met> met = new ArrayList<>();

    /** @param depth of the bottom; it need not be what the band is of */
    public Passage(
            Track track,
            Towed towed,
            Optional<Band> band,
            Optional<Field> depth,
            TurnRules rules,
            List<TurnLine> lines) {
        this.track = track;
        this.towed = towed;
        this.band = band;
        this.depth = depth;
        spread = new SailedSpread(rules, lines, new TowSolver());
        dt = Math.min(LONGEST_STEP_S, STEP_M / towed.mps());
        lines.forEach(line -> lures.add(new Watched()));
    }

    /**
     * A thread that is interrupted gives up with a {@link CancellationException}.
     *
     * @param gone hears after each piece of the way how many are behind her
     */
    public Sailed sail(IntConsumer gone) {
        double time = 0;
        int step = 0;
        boolean lost = false;
        Pose pose = track.start();
        lay(pose);
        for (int piece = 0; piece < track.pieces().size(); piece++) {
            Track.Piece along = track.pieces().get(piece);
            double into = 0;
            while (into < along.lengthM()) {
                if (Thread.currentThread().isInterrupted()) {
                    throw new CancellationException("nobody waits for this any more");
                }
                Pose here = pose.along(into, along.curvature());
                double ground = towed.overGroundMps(here.headingRad());
                if (ground < 0.1) {
                    return sailed(time, met, true);
                }
                spread.step(water(here, time), dt);
                look(time, step, here);
                lost |= spread.lost();
                into += ground * dt;
                time += dt;
                step++;
            }
            pose = pose.along(along.lengthM(), along.curvature());
            gone.accept(piece + 1);
        }
        return sailed(time, met, lost);
    }

    /** Laid straight, lines take some steps to move as she does. */
    private void lay(Pose start) {
        double ground = towed.overGroundMps(start.headingRad());
        for (int step = -SETTLING; step < 0; step++) {
            var pose = water(start.ahead(step * ground * dt), step * dt);
            if (step == -SETTLING) {
                spread.lay(pose);
            } else {
                spread.step(pose, dt);
            }
        }
    }

    /** Where she is in the water, which has drifted since the start; she heads up against what sets her aside. */
    private org.mosswake.core.turn.Pose water(Pose ground, double time) {
        return new org.mosswake.core.turn.Pose(
                -(ground.northM() - towed.streamNorthMps() * time),
                ground.eastM() - towed.streamEastMps() * time,
                towed.headingRad(ground.headingRad()));
    }

    private void look(double time, int step, Pose boat) {
        int keep = Math.max(1, (int) Math.round(KEPT_S / dt));
        List<Optional<SailedSpread.Sailed>> now = spread.lines();
        for (int i = 0; i < now.size(); i++) {
            if (now.get(i).isPresent()) {
                look(lures.get(i), now.get(i).get(), time, step % keep == 0);
            }
        }
        if (step % LOOK_EACH == 0) {
            for (SailedSpread.Met pair : spread.met()) {
                if (met.stream().noneMatch(one -> one.line() == pair.line() && one.other() == pair.other())) {
                    met.add(new Met(pair.line(), pair.other(), time, boat));
                }
            }
        }
    }

    private void look(Watched lure, SailedSpread.Sailed line, double time, boolean keep) {
        SailedSpread.Node at = line.nodes().get(0);
        double north = -at.x() + towed.streamNorthMps() * time;
        double east = at.y() + towed.streamEastMps() * time;
        double deep = line.lureDepthM();
        lure.depths.add(deep);
        if (band.isPresent() && band.get().has(north, east)) {
            lure.inBandS += dt;
        }
        double off = depth.map(field -> field.at(north, east)).orElse(Double.NaN) - deep;
        if (off < lure.leastOff || Double.isNaN(lure.leastOff)) {
            lure.leastOff = off;
            lure.leastAtS = time;
        }
        if (keep) {
            lure.places.add(new Place(north, east, deep));
        }
    }

    private Sailed sailed(double time, List<Met> pairs, boolean lost) {
        List<Lure> all = lures.stream()
                .map(one -> new Lure(
                        one.places.isEmpty(),
                        one.inBandS,
                        one.depth(OFTEN),
                        one.depth(1 - OFTEN),
                        Double.isNaN(one.leastOff) ? Optional.empty() : Optional.of(one.leastOff),
                        one.leastAtS,
                        one.places))
                .toList();
        Optional<Double> share = band.map(wanted -> all.stream()
                .filter(one -> !one.flies())
                .mapToDouble(one -> one.inBandS() / Math.max(dt, time))
                .average()
                .orElse(0));
        return new Sailed(time, share, all, pairs, lost);
    }
}
