package org.mosswake.core.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.mosswake.core.course.Interception.Train;
import org.mosswake.core.course.MetFlock.End;
import org.mosswake.core.course.MetReport.Attempts;
import org.mosswake.core.course.SeenMoving.State;
import org.mosswake.core.units.Plane;

class InterceptionTest {
    private static final Train TRAIN = new Train(4, 60, 24, 75);
    /** As many as a test has time for; {@code ./moss bench met} takes a thousand. */
    private static final int FLOCKS = 30;

    private static State flock(double north, double east, double courseDeg, double mps) {
        double course = Math.toRadians(courseDeg);
        return new State(north, east, mps * Math.cos(course), mps * Math.sin(course), 5, 0.3);
    }

    @Test
    void theFirstAttemptBringsALureToItAndNotTheHull() {
        Attempts wild = MetReport.slow(5000, FLOCKS, MetReport.WILD_DEG, met -> MetFlock.solved(met.mps));
        assertThat(wild.metOfPossible()).as(wild.toString()).isGreaterThanOrEqualTo(0.85);
        Attempts calm = MetReport.slow(5000, FLOCKS, MetReport.CALM_DEG, met -> MetFlock.solved(met.mps));
        assertThat(calm.metOfPossible()).as(calm.toString()).isGreaterThanOrEqualTo(0.9);
        assertThat(wild.wrongCan() + calm.wrongCan()).isLessThanOrEqualTo(2);
        assertThat(wild.wrongCannot() + calm.wrongCannot()).isLessThanOrEqualTo(1);
        Attempts at = MetReport.slow(5000, FLOCKS, MetReport.WILD_DEG, met -> MetFlock.straightAtIt());
        assertThat(at.share(End.RUN_OVER)).as(at.toString()).isGreaterThan(0.8);
    }

    /** Told exactly, whatever it does and wherever she is: it crosses her way among her lures, and the hull keeps clear. */
    @Test
    void whatIsKnownExactlyIsMetExactly() {
        var random = new Random(6);
        for (int i = 0; i < 60; i++) {
            State flock = flock(
                    1200 * random.nextGaussian(),
                    1200 * random.nextGaussian(),
                    360 * random.nextDouble(),
                    1.5 + random.nextDouble());
            Pose boat = new Pose(0, 0, 2 * Math.PI * random.nextDouble());
            if (boat.toM(flock.northM(), flock.eastM()) < 800) {
                continue;
            }
            Interception met = Interception.of(boat, TRAIN, flock).orElseThrow();
            Pose lure = met.way().at(TRAIN.mps() * met.inS() - met.asternM());
            assertThat(lure.toM(flock.northM(met.inS()), flock.eastM(met.inS())))
                    .isLessThan(3);
            assertThat(met.asternM()).isBetween(TRAIN.firstM(), TRAIN.lastM());
            assertThat(met.nearestM()).isGreaterThan(Interception.LEAST_HULL_M);
            assertThat(met.way().legs())
                    .anySatisfy(leg -> assertThat(leg.side()).isZero());
        }
    }

    /** What outruns her is met where it comes towards her, and not where it goes away: both are said rightly. */
    @Test
    void whatCannotBeDoneIsSaidToBeSo() {
        Pose boat = new Pose(0, 0, 0);
        assertThat(Interception.of(boat, TRAIN, flock(1500, 0, 0, 6))).isEmpty();
        assertThat(Interception.of(boat, TRAIN, flock(2500, 300, 180, 6))).isPresent();
    }

    /** What could be as fast as she is not said to be met, or not; surer of it, it is. */
    @Test
    void whatIsNotKnownWellEnoughIsSaidToBeSo() {
        Pose boat = new Pose(0, 0, 0);
        for (double mps : new double[] {2.6, 3.2, 4, 4.8, 5.6}) {
            State sure = away(mps, 0.01);
            State unsure = away(mps, 1.6);
            assertThat(Meeting.verdict(boat, TRAIN, sure, Interception.of(boat, TRAIN, sure)))
                    .as(mps + " m/s, known")
                    .isEqualTo(mps < 3.5 ? Meeting.Verdict.CAN : Meeting.Verdict.CANNOT);
            assertThat(Meeting.verdict(boat, TRAIN, unsure, Interception.of(boat, TRAIN, unsure)))
                    .as(mps + " m/s, hardly known")
                    .isEqualTo(mps < 5 ? Meeting.Verdict.PERHAPS : Meeting.Verdict.CANNOT);
        }
    }

    private static State away(double mps, double offMps) {
        return new State(1200, 0, mps, 0, 5, offMps);
    }

    /** The shortest way for a boat that cannot turn on the spot ends where and as it shall, and is never shorter than straight. */
    @Test
    void aWayEndsWhereItShall() {
        var random = new Random(2);
        for (int i = 0; i < 300; i++) {
            Pose from = new Pose(0, 0, 2 * Math.PI * random.nextDouble());
            Pose to = new Pose(
                    400 * random.nextGaussian(), 400 * random.nextGaussian(), 2 * Math.PI * random.nextDouble());
            Way way = Way.shortest(from, to, 60, 0);
            Pose end = way.at(way.lengthM());
            assertThat(end.toM(to.northM(), to.eastM())).isLessThan(1e-6);
            assertThat(Math.cos(end.headingRad() - to.headingRad())).isCloseTo(1, within(1e-9));
            assertThat(way.lengthM()).isGreaterThanOrEqualTo(from.toM(to.northM(), to.eastM()) - 1e-6);
            // No tighter than she can turn, and without a gap.
            for (double s = 0; s + 1 < way.lengthM(); s += 7) {
                Pose a = way.at(s);
                Pose b = way.at(s + 1);
                assertThat(a.toM(b.northM(), b.eastM())).isBetween(0.99, 1.0001);
                assertThat(Math.abs(Math.IEEEremainder(b.headingRad() - a.headingRad(), 2 * Math.PI)))
                        .isLessThanOrEqualTo(1 / 60.0 + 1e-9);
            }
        }
    }

    /** Seen again and again its way is known: the error shrinks, and what is said of the error is about right. */
    @Test
    void seenAgainItsWayIsKnown() {
        var random = new Random(9);
        var errors = new SeenMoving.Errors(0.03, Math.toRadians(2));
        double inside = 0;
        double off = 0;
        int flocks = 200;
        for (int i = 0; i < flocks; i++) {
            Pose boat = new Pose(0, 0, 0);
            SeenMoving seen = null;
            for (int t = 0; t <= 240; t += 10) {
                double north = 1500 - 1.5 * t;
                double east = 400 + 1.2 * t;
                double range = Plane.hypot(north, east) * (1 + 0.03 * random.nextGaussian());
                double bearing = Math.atan2(east, north) + Math.toRadians(2) * random.nextGaussian();
                if (seen == null) {
                    seen = SeenMoving.first(t, boat, bearing, range, errors);
                } else {
                    seen.seen(t, boat, bearing, range, errors);
                }
            }
            State last = seen.at(240);
            double miss = Plane.hypot(last.northM() - 1140, last.eastM() - 688);
            inside += miss < 2 * last.offM() ? 1 : 0;
            off += Plane.hypot(last.northMps() + 1.5, last.eastMps() - 1.2);
        }
        assertThat(inside / flocks).isGreaterThan(0.85);
        assertThat(off / flocks).isLessThan(0.6);
    }

    /** Sights of another flock do not bend its way; how far it may turn is what the way stands, and no more. */
    @Test
    void aMeetingIsMadeOfSightsOfOneFlockAndSaysWhatItStands() {
        Pose boat = new Pose(0, 0, 0);
        var sights = new java.util.ArrayList<Meeting.Sight>();
        for (int t = -120; t <= 0; t += 20) {
            sights.add(sight(t, 1200 + 1.8 * t, 500 - 0.5 * t));
        }
        Meeting alone = Meeting.of(sights, boat, TRAIN, 0);
        sights.add(3, sight(-70, -900, -2500));
        Meeting meeting = Meeting.of(sights, boat, TRAIN, 0);
        assertThat(meeting.sights()).isEqualTo(7).isEqualTo(alone.sights());
        assertThat(meeting.flock()).isEqualTo(alone.flock());
        assertThat(meeting.flock().northMps()).isCloseTo(1.8, within(0.25));
        assertThat(meeting.how()).isPresent();
        assertThat(meeting.holdsRad()).isBetween(0.0, Math.toRadians(60));
        assertThat(Meeting.of(sights.subList(0, 1), boat, TRAIN, 0).sights()).isEqualTo(1);
    }

    private static Meeting.Sight sight(double atS, double north, double east) {
        return new Meeting.Sight(atS, north, east, Math.atan2(east, north), Plane.hypot(north, east));
    }

    /** Seen by eye from where she lies: what two looks in twenty seconds say of its way is worth little, and said to be. */
    @Test
    void howSureItsWayIsGrowsWithTheTimeBetweenLooks() {
        var eye = new SeenMoving.Errors(0.05, Math.toRadians(3));
        double before = Double.MAX_VALUE;
        for (double apart : new double[] {20, 60, 150}) {
            var boat = new Pose(0, 0, 0);
            SeenMoving seen = SeenMoving.first(0, boat, 0.5, 600, eye);
            var there = new Pose(600 * Math.cos(0.5) + 2 * apart, 600 * Math.sin(0.5), 0);
            seen.seen(apart, boat, boat.bearingRad(there), boat.toM(there), eye);
            State state = seen.at(apart);
            assertThat(state.offMps()).isLessThan(before);
            before = state.offMps();
            if (apart == 20) {
                assertThat(state.offCourseRad()).isGreaterThan(Math.toRadians(60));
            }
        }
        assertThat(before).isLessThan(1);
    }
}
