package org.mosswake.core.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.mosswake.core.course.Courses.Kind;
import org.mosswake.core.turn.TurnSpreads;

/** Courses over seabeds that are known: where the lures come, that turns stay within what the lines stand, and that none is worse than a straight line. */
class CoursesTest {
    private static final CoursesReport.Spread SIX = CoursesReport.Spread.of("six lines", TurnSpreads.mixed());
    private static final Towed STILL = SIX.towed();
    private static final double FOUR_MILES_M = 4 * 1852;

    private static Courses.Ask ask(Kind kind, Pose start, Optional<Band> band, Towed towed) {
        return new Courses.Ask(
                kind,
                start,
                Optional.empty(),
                List.of(),
                FOUR_MILES_M,
                Double.NaN,
                band,
                towed,
                true,
                Optional.empty(),
                List.of());
    }

    private static Courses.Ask northwards(Courses.Ask asked, boolean weave, Optional<Double> back, List<Pose> covered) {
        return new Courses.Ask(
                asked.kind(),
                asked.start(),
                asked.ends(),
                asked.through(),
                asked.lengthM(),
                0,
                asked.band(),
                asked.towed(),
                weave,
                back,
                covered);
    }

    private static Towed inStream(double north, double east) {
        return new Towed(STILL.mps(), STILL.radiusM(), STILL.asternM(), STILL.halfM(), north, east);
    }

    /** Deeper to the east, by 5 m in a hundred. */
    private static Band slope(double from, double to) {
        return new Band(Field.invented(12_000, (north, east) -> Math.max(1, 60 + east / 20)), from, to);
    }

    /** A top of 20 m that falls to 80. */
    private static Band hump() {
        return new Band(
                Field.invented(12_000, (n, e) -> 80 - 60 * Math.exp(-(n * n + e * e) / (2 * 700 * 700))), 40, 60);
    }

    @ParameterizedTest
    @ValueSource(longs = {3, 17, 29, 58, 83})
    void keepsTheLuresInTheBandWhereNoStraightLineDoes(long seed) {
        CoursesReport.Outcome found = CoursesReport.outcome(seed, SIX);
        assertThat(found.met()).isZero();
        assertThat(found.sailed()).isGreaterThanOrEqualTo(found.straight() - 0.01);
        if (found.straight() <= CoursesReport.HARD) {
            assertThat(found.sailed()).isGreaterThanOrEqualTo(0.85).isGreaterThanOrEqualTo(1.3 * found.straight());
        }
        assertThat(found.laid().track().tightestM().orElse(1e9)).isGreaterThanOrEqualTo(STILL.radiusM() - 1e-6);
    }

    @Test
    void weavesOnlyWhereTheBandIsWiderThanWhatItsLuresSweep() {
        Laid wide = Courses.lay(ask(Kind.ALONG, new Pose(0, 0, 0), Optional.of(slope(35, 85)), STILL))
                .orElseThrow();
        assertThat(wide.how()).isEqualTo(Laid.How.WEAVES);
        assertThat(wide.share().orElseThrow()).isGreaterThan(0.97);
        double reached =
                wide.track().every(20).stream().mapToDouble(Pose::eastM).max().orElseThrow();
        assertThat(reached).as("nearly to its limit, 500 m").isBetween(420.0, 500.0);
        Laid narrow = Courses.lay(ask(Kind.ALONG, new Pose(0, 0, 0), Optional.of(slope(57, 63)), STILL))
                .orElseThrow();
        assertThat(narrow.how()).isNotEqualTo(Laid.How.WEAVES);
        assertThat(narrow.share().orElseThrow()).isGreaterThan(0.99);
    }

    @Test
    void aCourseThatIsHeldAwayPassesWhereItWasHeld() {
        var held = new Pose(2000, 700, 0);
        Laid laid = Courses.lay(new Courses.Ask(
                        Kind.ALONG,
                        new Pose(0, 0, 0),
                        Optional.of(new Pose(5000, 0, 0)),
                        List.of(held),
                        FOUR_MILES_M,
                        Double.NaN,
                        Optional.of(slope(50, 70)),
                        STILL,
                        false,
                        Optional.empty(),
                        List.of()))
                .orElseThrow();
        double nearest = laid.track().every(10).stream()
                .mapToDouble(pose -> pose.toM(held))
                .min()
                .orElseThrow();
        assertThat(nearest).isLessThan(STILL.radiusM());
        assertThat(laid.track().end().toM(5000, 0)).isLessThan(STILL.radiusM());
    }

    @Test
    void goesWithTheStreamAndRoundWhenItTurns() {
        Towed towed = inStream(0.5, 0);
        Courses.Ask asked = ask(Kind.WITH_STREAM, new Pose(0, 0, 0), Optional.of(slope(50, 70)), towed);
        Laid laid = Courses.lay(northwards(asked, false, Optional.of(3000.0), List.of()))
                .orElseThrow();
        List<Pose> way = laid.track().every(50);
        double farthest = way.stream().mapToDouble(Pose::northM).max().orElseThrow();
        assertThat(farthest).isBetween(2900.0, 3000 + 3 * towed.radiusM());
        assertThat(laid.track().end().northM()).isLessThan(farthest - 2000);
    }

    @Test
    void aHumpIsWorkedOnTheSideThatTheStreamSetsOnTo() {
        Laid laid = Courses.lay(ask(Kind.AROUND, new Pose(300, 200, 0), Optional.of(hump()), inStream(0, 0.5)))
                .orElseThrow();
        double west = laid.track().every(50).stream()
                .filter(pose -> pose.eastM() < 200)
                .count();
        assertThat(west / laid.track().every(50).size())
                .as("the stream sets east")
                .isGreaterThan(0.8);
        assertThat(laid.track().tightestM().orElseThrow()).isGreaterThanOrEqualTo(STILL.radiusM() - 1e-6);
        var flat = new Band(Field.invented(5000, (n, e) -> 90), 40, 60);
        assertThat(Courses.lay(ask(Kind.AROUND, new Pose(0, 0, 0), Optional.of(flat), STILL)))
                .as("no hump there")
                .isEmpty();
    }

    @ParameterizedTest
    @EnumSource(names = {"LADDER", "SPIRAL"})
    void coversGroundOnceAndNeverTurnsTighterThanTheLinesStand(Kind kind) {
        Laid laid = Courses.lay(ask(kind, new Pose(0, 0, 0.4), Optional.empty(), STILL))
                .orElseThrow();
        assertThat(laid.share()).isEmpty();
        assertThat(laid.track().lengthM()).isCloseTo(FOUR_MILES_M, within(1.0));
        assertThat(laid.track().tightestM().orElseThrow()).isGreaterThanOrEqualTo(STILL.radiusM() - 1e-6);
        assertThat(swept(laid.track())).as("of what its lures could sweep").isGreaterThan(0.6);
    }

    /** Cells that were swept, beside as many as the way is long. */
    private static double swept(Track track) {
        double wide = STILL.sweepM();
        long cells = track.every(5).stream()
                .map(pose -> Math.round(pose.northM() / wide) + " " + Math.round(pose.eastM() / wide))
                .distinct()
                .count();
        return cells * wide / track.lengthM();
    }

    @Test
    void lanesThatWereCoveredAreLeftOut() {
        Courses.Ask asked = ask(Kind.LADDER, new Pose(0, 0, 0), Optional.empty(), STILL);
        List<Pose> been = Track.straight(new Pose(0, 0, 0), 3000).every(50);
        Laid laid = Courses.lay(northwards(asked, true, Optional.empty(), been)).orElseThrow();
        assertThat(laid.track().start().eastM()).isGreaterThan(STILL.sweepM() / 2);
    }

    /** The next round and wider about the same place goes on outside of the one before. */
    @Test
    void roundsThatWereCoveredAreLeftOut() {
        Courses.Ask asked = ask(Kind.SPIRAL, new Pose(0, 0, 0), Optional.empty(), STILL);
        List<Pose> been = Courses.lay(asked).orElseThrow().track().every(20);
        Track next = Courses.lay(northwards(asked, true, Optional.empty(), been))
                .orElseThrow()
                .track();
        List<Pose> way = next.every(20);
        long again = way.stream()
                .filter(here -> been.stream().anyMatch(one -> one.toM(here) < STILL.sweepM() / 2))
                .count();
        assertThat((double) again / way.size()).isLessThan(0.25);
        assertThat(next.lengthM()).isCloseTo(FOUR_MILES_M, within(1.0));
    }

    @Test
    void wherefromNothingIsInReachThereIsNoneOrItSaysHowLittle() {
        var nowhere = new Band(Field.invented(12_000, (n, e) -> Double.NaN), 40, 60);
        Optional<Laid> laid = Courses.lay(ask(Kind.ALONG, new Pose(0, 0, 0), Optional.of(nowhere), STILL));
        assertThat(laid.flatMap(Laid::share).orElse(0.0)).isZero();
    }
}
