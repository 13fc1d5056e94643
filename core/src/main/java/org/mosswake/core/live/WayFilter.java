package org.mosswake.core.live;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.filtering.kalman.ProcessEstimate;
import org.hipparchus.filtering.kalman.extended.ExtendedKalmanFilter;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.QRDecomposer;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.mosswake.core.units.Plane;

/**
 * How a boat moves, from what instruments tell: an extended Kalman filter of a boat that holds her speed through the water
 * and her rate of turn, in a stream that hardly changes. The stream is part of what is estimated: a log and a compass show
 * it at once; without them a circle does, because the ground speed then goes up and down with the heading. How uncertain it
 * is comes with it.
 */
public final class WayFilter {
    /** Without a word for so long she may be anywhere: begun anew. */
    public static final Duration LONGEST_GAP = Duration.ofSeconds(20);
    /** So many samples in a row that cannot be: it is the filter that is wrong. */
    private static final int MOST_REFUSED = 5;
    /** A first course needs her to have gone so far between two fixes (m). */
    private static final double FIRST_RUN_M = 8;
    /** How much a stream may be that nobody can tell (m/s, ESTIMATE). */
    private static final double UNTOLD_STREAM_MPS = 0.5;

    /** The stream by a tide table, until instruments tell it better: north and east (m/s); empty where no tide is known. */
    public interface Tide {
        Tide UNKNOWN = at -> Optional.empty();

        Optional<double[]> at(Instant moment);
    }

    private final Tide tide;

    private LocalPlane plane = new LocalPlane(new Sample.Place(0, 0));
    private Optional<ExtendedKalmanFilter<Told>> filter = Optional.empty();
    private Optional<Sample> first = Optional.empty();
    private Instant zero = Instant.EPOCH;
    private Instant last = Instant.EPOCH;
    private int refused;
    /** False where nothing but places is told: the water then goes as the tide says, or is taken as still. */
    private boolean speeds;

    /** How far the stream may be from that, where nothing tells (m/s). */
    private double still;

    /** True from when she was begun anew until this is asked. */
    private boolean anew;

    public WayFilter() {
        this(Tide.UNKNOWN);
    }

    public WayFilter(Tide tide) {
        this.tide = tide;
    }

    /**
     * Takes what was told; what is older than what was told before is passed over.
     *
     * @return empty until a course is known
     */
    public Optional<Motion> hear(Sample sample) {
        if (!sample.at().isAfter(last)) {
            return Optional.empty();
        }
        if (Duration.between(last, sample.at()).compareTo(LONGEST_GAP) > 0 || refused >= MOST_REFUSED) {
            forget();
        }
        last = sample.at();
        if (filter.isEmpty()) {
            begin(sample);
            return motion(sample.at());
        }
        Optional<Told> told = Told.of(sample, seconds(sample.at()), plane);
        if (told.isPresent()) {
            take(told.get());
        }
        return motion(sample.at());
    }

    private void forget() {
        filter = Optional.empty();
        first = Optional.empty();
        refused = 0;
    }

    private void take(Told told) {
        try {
            filter.orElseThrow().estimationStep(told);
            Optional<Told> rest = told.refused() ? told.withoutLog() : Optional.empty();
            rest.ifPresent(filter.get()::estimationStep);
            refused = rest.orElse(told).refused() ? refused + 1 : 0;
            RealVector state = filter.get().getCorrected().getState();
            if (state.isNaN() || state.isInfinite()) {
                forget();
            }
        } catch (MathRuntimeException singular) {
            refused = MOST_REFUSED;
        }
    }

    /** From a course that was told, or from two places far enough from one another. */
    private void begin(Sample sample) {
        if (sample.place().isEmpty()) {
            return;
        }
        if (first.isEmpty()) {
            plane = new LocalPlane(sample.place().get());
            zero = sample.at();
            first = Optional.of(sample);
        }
        double[] at = plane.of(sample.place().get());
        double north;
        double east;
        speeds = sample.groundMps().isPresent() && sample.courseDeg().isPresent();
        if (speeds) {
            double course = Math.toRadians(sample.courseDeg().get());
            north = sample.groundMps().get() * Math.cos(course);
            east = sample.groundMps().get() * Math.sin(course);
        } else if (Plane.hypot(at[0], at[1]) >= FIRST_RUN_M) {
            double run = seconds(sample.at());
            north = at[0] / run;
            east = at[1] / run;
        } else {
            return;
        }
        Optional<double[]> known = tide.at(sample.at());
        double[] stream = known.orElse(new double[] {0, 0});
        double speed = Plane.hypot(north - stream[0], east - stream[1]);
        if (speed < WayModel.SLOWEST_MPS) {
            return;
        }
        double heading = Math.atan2(east - stream[1], north - stream[0]);
        still = speeds ? 0 : known.isPresent() ? WayModel.TIDE_MPS : UNTOLD_STREAM_MPS;
        var state = MatrixUtils.createRealVector(new double[] {at[0], at[1], speed, heading, 0, stream[0], stream[1]});
        var start = new ProcessEstimate(seconds(sample.at()), state, WayModel.first(speeds, known.isPresent()));
        filter = Optional.of(new ExtendedKalmanFilter<>(new QRDecomposer(1e-15), new WayModel(), start));
        anew = true;
    }

    /** Whether she was begun anew since this was last asked: what hung on the way before is gone. */
    public boolean wasBegunAnew() {
        boolean was = anew;
        anew = false;
        return was;
    }

    /** At a moment, by the last that was told. */
    public Optional<Motion> motion(Instant at) {
        return filter.map(ExtendedKalmanFilter::getCorrected).map(now -> {
            RealVector state = WayModel.after(now.getState(), seconds(at) - now.getTime());
            RealMatrix sure = now.getCovariance();
            return new Motion(
                    state.getEntry(WayModel.NORTH),
                    state.getEntry(WayModel.EAST),
                    Math.abs(state.getEntry(WayModel.SPEED)),
                    state.getEntry(WayModel.HEADING) + (state.getEntry(WayModel.SPEED) < 0 ? Math.PI : 0),
                    state.getEntry(WayModel.TURN),
                    state.getEntry(WayModel.STREAM_NORTH),
                    state.getEntry(WayModel.STREAM_EAST),
                    Plane.hypot(still, Math.sqrt(sure.getEntry(WayModel.SPEED, WayModel.SPEED))),
                    Plane.hypot(
                            still,
                            Math.sqrt(Math.max(
                                    sure.getEntry(WayModel.STREAM_NORTH, WayModel.STREAM_NORTH),
                                    sure.getEntry(WayModel.STREAM_EAST, WayModel.STREAM_EAST)))));
        });
    }

    /** Metres north and east of the first fix. */
    public double[] inPlane(Sample.Place place) {
        return plane.of(place);
    }

    /** Degrees, of metres north and east of the first fix. */
    public Sample.Place onEarth(double northM, double eastM) {
        return plane.onEarth(northM, eastM);
    }

    private double seconds(Instant at) {
        return Duration.between(zero, at).toMillis() / 1000.0;
    }
}
