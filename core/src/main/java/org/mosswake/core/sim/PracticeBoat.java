package org.mosswake.core.sim;

import java.util.List;
import org.mosswake.core.live.LocalPlane;
import org.mosswake.core.live.Sample;
import org.mosswake.core.units.Plane;
import org.mosswake.core.units.SpeedUnit;

/** The boat of a practice day: how she answers her helm on the sea, second by second, and what her instruments write. */
final class PracticeBoat {
    /** In which she comes to another speed (s). */
    private static final double GATHERS_S = 8;

    private static final double WEAVE_DEG = 22;
    private static final double WEAVE_S = 480;
    /** Back to the crest, a degree for so many metres off it. */
    private static final double METRES_A_DEGREE = 6;

    private static final double MOST_BACK_DEG = 45;
    private static final double TRANSDUCER_M = 0.6;
    private static final double TRUE_WIND_MPS = 5;

    private final SyntheticSea sea;
    private final LocalPlane plane;

    /** @param home from where the sea is reckoned */
    PracticeBoat(SyntheticSea sea, Sample.Place home) {
        this.sea = sea;
        plane = new LocalPlane(home);
    }

    PracticeState second(PracticeState was) {
        boolean outward = outward(was);
        double turn = turnDeg(was, outward);
        double heading = (was.headingDeg() + turn + 360) % 360;
        double through = was.throughMps() + (was.holdMps() - was.throughMps()) / GATHERS_S;
        double[] ground = ground(was, heading, through);
        Passer passer = Passer.setsOut(was.at().getEpochSecond())
                ? Passer.towards(
                        was.northM() + ground[0] * Passer.COMES_IN_S,
                        was.eastM() + ground[1] * Passer.COMES_IN_S,
                        heading)
                : was.passer();
        return new PracticeState(
                was.seed(),
                was.at().plusSeconds(1),
                was.northM() + ground[0],
                was.eastM() + ground[1],
                heading,
                through,
                was.steering(),
                was.steerDeg(),
                was.radiusM(),
                was.holdMps(),
                outward,
                passer.second(),
                was.weedy(),
                was.bites());
    }

    private double[] ground(PracticeState state, double headingDeg, double throughMps) {
        double[] stream = sea.stream(state.northM(), state.eastM(), state.at());
        double heading = Math.toRadians(headingDeg);
        return new double[] {throughMps * Math.cos(heading) + stream[0], throughMps * Math.sin(heading) + stream[1]};
    }

    private boolean outward(PracticeState state) {
        double along = sea.onLedge(state.northM(), state.eastM())[0];
        return Math.abs(along) < SyntheticSea.HALF_LENGTH_M ? state.outward() : along < 0;
    }

    /** In a second, to starboard. */
    private double turnDeg(PracticeState state, boolean outward) {
        double most = Math.toDegrees(state.throughMps() / state.radiusM());
        return switch (state.steering()) {
            case CIRCLE_PORT -> -most;
            case CIRCLE_STARBOARD -> most;
            case COURSE -> towards(state, state.steerDeg(), most);
            case ALONG_THE_LEDGE -> towards(state, alongDeg(state, outward), most);
        };
    }

    private double alongDeg(PracticeState state, boolean outward) {
        double off = sea.onLedge(state.northM(), state.eastM())[1];
        double back = Math.max(-MOST_BACK_DEG, Math.min(MOST_BACK_DEG, off / METRES_A_DEGREE));
        double weave = WEAVE_DEG * Math.sin(2 * Math.PI * (state.at().getEpochSecond() % (long) WEAVE_S) / WEAVE_S);
        double along = Math.toDegrees(sea.alongRad());
        return (outward ? along - back : along + 180 + back) + weave;
    }

    private static double towards(PracticeState state, double wantedDeg, double mostDeg) {
        double off = Math.IEEEremainder(wantedDeg - state.headingDeg(), 360);
        return Math.max(-mostDeg, Math.min(mostDeg, off));
    }

    /** Noise of each second is the same whenever it is asked for. */
    List<String> writes(PracticeState state) {
        var dice = new Dice(state.seed() * 31 + state.at().getEpochSecond());
        double[] ground = ground(state, state.headingDeg(), state.throughMps());
        Sample.Place place = plane.onEarth(
                state.northM() + dice.between(-1.2, 1.2, "north", 0),
                state.eastM() + dice.between(-1.2, 1.2, "east", 0));
        return List.of(
                NmeaWriter.place(
                        state.at(),
                        place.latitudeDeg(),
                        place.longitudeDeg(),
                        Plane.hypot(ground[0], ground[1]),
                        NmeaWriter.towards(ground[0], ground[1])),
                NmeaWriter.water(
                        state.headingDeg(), Math.max(0, state.throughMps() + dice.between(-0.08, 0.08, "log", 0))),
                NmeaWriter.depth(sea.depthM(state.northM(), state.eastM()), TRANSDUCER_M),
                NmeaWriter.temperature(sea.temperatureC(state.northM(), state.eastM())),
                wind(state, dice),
                NmeaWriter.target(
                        "Ketch",
                        state.passer().northM() - state.northM(),
                        state.passer().eastM() - state.eastM(),
                        state.passer().mps(),
                        state.passer().courseDeg()));
    }

    /** From across the ledge, with what her own way makes of it. */
    private String wind(PracticeState state, Dice dice) {
        double from = sea.alongRad() - Math.PI / 2 - Math.toRadians(state.headingDeg());
        double blows = TRUE_WIND_MPS * dice.between(0.85, 1.15, "wind", 0);
        double ahead = blows * Math.cos(from) + state.throughMps();
        double abeam = blows * Math.sin(from);
        return NmeaWriter.wind(
                NmeaWriter.towards(ahead, abeam), Math.min(Plane.hypot(ahead, abeam), SpeedUnit.KNOT.toSi(60)));
    }
}
