package org.mosswake.core.course;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.mosswake.core.course.Laid.How;

/** A course of a kind, laid from a place: where she should go for her lures to be where fish are. */
public final class Courses {
    /** What is asked. */
    public enum Kind {
        /** Along the band, and from side to side where it is wide. */
        ALONG,
        /** As along, the way the stream goes, and round when it turns. */
        WITH_STREAM,
        /** To and fro about a hump, on the side that the stream sets on to. */
        AROUND,
        /** Lanes beside one another over ground that was not covered. */
        LADDER,
        /** Round and round, farther out each time. */
        SPIRAL
    }

    /**
     * @param ends       where it ends; empty for as far as it is long
     * @param through    places on the way, in order
     * @param lengthM    most of it
     * @param towardsRad the way that is wanted rather; NaN for any
     * @param band       empty where nothing is known that a band could be of
     * @param weave      false to follow alone
     * @param backAfterM the stream turns when she has gone so far; none for never
     * @param covered    places that the lures came through already
     */
    public record Ask(
            Kind kind,
            Pose start,
            Optional<Pose> ends,
            List<Pose> through,
            double lengthM,
            double towardsRad,
            Optional<Band> band,
            Towed towed,
            boolean weave,
            Optional<Double> backAfterM,
            List<Pose> covered) {
        Ask towing(Towed other) {
            return new Ask(kind, start, ends, through, lengthM, towardsRad, band, other, weave, backAfterM, covered);
        }
    }

    private static final double LOOKED_AT_M = 30;
    /** Weaving may cost so much of the share: it searches what following leaves out. */
    private static final double WEAVE_COSTS = 0.06;
    /** Less of the way left is not worth a turn: a turn and as much again. */
    private static final double WORTH_TURNING = 8;

    private static final int MOST_PASSES = 40;
    /** A way that leads farther round than so is turned on to first. */
    private static final double ROUND_RAD = Math.toRadians(70);
    /** Two shares that differ by less are told by nobody. */
    private static final double SAME = 0.01;

    private final Ask ask;
    private final Towed towed;

    private Courses(Ask ask) {
        this.ask = ask;
        towed = ask.towed();
    }

    /** Empty where none can be laid there: no band near, no hump, or a stream that she does not stem. */
    public static Optional<Laid> lay(Ask ask) {
        var courses = new Courses(ask);
        return switch (ask.kind()) {
            case ALONG, WITH_STREAM -> ask.band().flatMap(courses::along);
            case AROUND -> ask.band().flatMap(courses::around);
            case LADDER -> Optional.of(courses.laid(Lanes.ladder(ask), How.LANES));
            case SPIRAL -> Optional.of(courses.laid(Lanes.spiral(ask), How.WIDENS));
        };
    }

    private Optional<Laid> along(Band band) {
        Track track = new Track(ask.start(), List.of());
        for (Pose stop : stops()) {
            List<Pose> way = Guide.between(band, track.end(), stop);
            track = on(track, way, ask.lengthM(), band, true);
        }
        if (ask.ends().isEmpty() && left(track) > WORTH_TURNING * towed.radiusOverGroundM()) {
            List<Pose> way = Guide.along(band, track.end(), left(track), ask.towardsRad());
            track = passes(track, way, band);
        }
        return track.pieces().isEmpty() ? Optional.empty() : Optional.of(best(band, track));
    }

    private List<Pose> stops() {
        var stops = new ArrayList<>(ask.through());
        ask.ends().ifPresent(stops::add);
        return stops;
    }

    private double left(Track track) {
        return ask.lengthM() - track.lengthM();
    }

    /** There, and back again where the band or the stream ends before the course does. */
    private Track passes(Track begun, List<Pose> guide, Band band) {
        Track track = on(begun, guide, ask.backAfterM().orElse(ask.lengthM()), band, false);
        List<Pose> way = guide;
        for (int pass = 1; pass < MOST_PASSES; pass++) {
            if (track.pieces().isEmpty() || left(track) < WORTH_TURNING * towed.radiusOverGroundM()) {
                break;
            }
            way = back(way, track.end());
            double before = track.lengthM();
            track = on(track, way, ask.lengthM(), band, false);
            if (track.lengthM() - before < towed.radiusOverGroundM()) {
                break;
            }
        }
        return track;
    }

    /** On along a way, round first where it leads elsewhere than she heads; as it was where that cannot be done. */
    private Track on(Track track, List<Pose> way, double upToM, Band band, boolean stops) {
        if (way.isEmpty()) {
            return track;
        }
        boolean begins = track.pieces().isEmpty();
        double away = Math.IEEEremainder(way.get(0).headingRad() - track.end().headingRad(), 2 * Math.PI);
        Track turned = begins || Math.abs(away) < ROUND_RAD
                ? track
                : Turning.on(track, way, towed.radiusOverGroundM()).orElse(track);
        Pose from = turned.end();
        double room = Math.min(upToM, ask.lengthM()) - turned.lengthM();
        return new Keeping(band, towed, begins ? way : after(way, from), stops)
                .search(from, begins, room)
                .map(more -> begins ? more : turned.then(more.pieces()))
                .orElse(track);
    }

    /** The other way, from where she is. */
    private static List<Pose> back(List<Pose> guide, Pose from) {
        var back = new ArrayList<Pose>();
        guide.forEach(pose -> back.add(pose.turned()));
        Collections.reverse(back);
        return after(back, from);
    }

    private static List<Pose> after(List<Pose> guide, Pose from) {
        return guide.subList(from.nearestOn(guide, 0, guide.size()), guide.size());
    }

    /** Of following, weaving and going straight what keeps the lures there; weaving where it costs little. */
    private Laid best(Band band, Track follows) {
        double kept = share(follows, band);
        Track line = Straight.best(ask.start(), follows.lengthM(), band, towed, ask.towardsRad());
        double straight = share(line, band);
        boolean placed = ask.ends().isPresent() || !ask.through().isEmpty();
        if (ask.weave()) {
            double least = Math.max(kept - WEAVE_COSTS, placed ? 0 : straight - SAME);
            Optional<Track> weaves =
                    Weave.about(follows, ask.lengthM(), band, towed).filter(track -> share(track, band) >= least);
            if (weaves.isPresent()) {
                Track track = weaves.get();
                return new Laid(track, How.WEAVES, Optional.of(share(track, band)), Optional.of(straight));
            }
        }
        boolean better = !placed && ask.kind() == Kind.ALONG && straight > kept + SAME;
        return new Laid(
                better ? line : follows,
                better ? How.STRAIGHT : How.FOLLOWS,
                Optional.of(better ? straight : kept),
                Optional.of(straight));
    }

    private double share(Track track, Band band) {
        return InBand.share(track, band, towed, LOOKED_AT_M);
    }

    private Optional<Laid> around(Band band) {
        List<Pose> guide = Hump.about(band, ask.start(), towed);
        if (guide.isEmpty()) {
            return Optional.empty();
        }
        var begun = new Track(guide.get(0), List.of());
        Track track = passes(begun, guide, band);
        return track.pieces().isEmpty() ? Optional.empty() : Optional.of(laid(track, How.PASSES));
    }

    private Laid laid(Track track, How how) {
        return new Laid(
                track,
                how,
                ask.band().map(band -> share(track, band)),
                ask.band()
                        .map(band -> share(
                                Straight.best(ask.start(), track.lengthM(), band, towed, ask.towardsRad()), band)));
    }
}
