package org.mosswake.core.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.mosswake.core.tow.TowSolver;
import org.mosswake.core.turn.TurnSpreads;

/** A course followed with every line, beside what is known of it without following. */
class PassageTest {
    private static final CoursesReport.Spread SIX = CoursesReport.Spread.of("six lines", TurnSpreads.mixed());
    private static final Field DEPTH = Field.invented(6000, (north, east) -> 3 + 20 * Math.abs(north - 2000) / 2000);

    private static Passage.Sailed sail(Track track, Towed towed, Optional<Band> band) {
        return new Passage(track, towed, band, Optional.of(DEPTH), SIX.rules(), SIX.lines()).sail(piece -> {});
    }

    @Test
    void straightOnEachLureRunsAsDeepAsItsTowSays() {
        Passage.Sailed sailed = sail(Track.straight(new Pose(0, 0, 0.3), 1500), SIX.towed(), Optional.empty());
        var tows = new TowSolver();
        for (int i = 0; i < SIX.lines().size(); i++) {
            double still =
                    -tows.profile(SIX.lines().get(i).tow()).orElseThrow().at(0).heightM();
            assertThat(sailed.lures().get(i).shallowM()).isCloseTo(still, within(0.05));
            assertThat(sailed.lures().get(i).deepM()).isCloseTo(still, within(0.05));
        }
        assertThat(sailed.timeS()).isCloseTo(1500 / SIX.towed().mps(), within(2.0));
        assertThat(sailed.met()).isEmpty();
        assertThat(sailed.inBand()).isEmpty();
    }

    @Test
    void theStreamSetsLuresOffHerTrackByWhatItCarriesThemMeanwhile() {
        Towed still = SIX.towed();
        var towed = new Towed(still.mps(), still.radiusM(), still.asternM(), still.halfM(), 0, 0.5);
        Passage.Sailed sailed = sail(Track.straight(new Pose(0, 0, 0), 2500), towed, Optional.empty());
        // The long centre line is the first; its tip is in the middle.
        Passage.Place last = sailed.lures()
                .get(0)
                .places()
                .get(sailed.lures().get(0).places().size() - 1);
        double astern = still.asternM().stream().mapToDouble(a -> a).max().orElseThrow();
        // She heads up against it, so her lines lie across her track downstream by just what the water went.
        assertThat(last.eastM()).isCloseTo(0.5 * astern / still.mps(), within(1.5));
        assertThat(sailed.timeS()).isCloseTo(2500 / towed.overGroundMps(0), within(3.0));
        assertThat(towed.overGroundMps(0)).isLessThan(still.mps());
    }

    @Test
    void whatTouchesTheBottomIsNamedWhereItDoes() {
        Passage.Sailed sailed = sail(Track.straight(new Pose(0, 0, 0), 3600), SIX.towed(), Optional.empty());
        Passage.Lure diver = sailed.lures().get(5);
        assertThat(diver.deepM()).isGreaterThan(3);
        assertThat(diver.leastOffM().orElseThrow()).isCloseTo(3 - diver.deepM(), within(0.4));
        double behind = still(5);
        assertThat(diver.leastAtS()).isCloseTo((2000 + behind) / SIX.towed().mps(), within(6.0));
        assertThat(sailed.lures().get(0).leastOffM().orElseThrow()).isPositive();
    }

    private static double still(int line) {
        return SIX.towed().asternM().get(line);
    }

    @Test
    void aTurnTighterThanTheLinesStandIsToldWithTheLinesThatMeet() {
        double tight = 26;
        var round = new Track(
                new Pose(0, 0, 0),
                List.of(new Track.Piece(400, 0), new Track.Piece(Math.PI * tight, 1 / tight), new Track.Piece(400, 0)));
        assertThat(SIX.towed().radiusM()).isGreaterThan(2 * tight);
        assertThat(sail(round, SIX.towed(), Optional.empty()).met()).isNotEmpty();
        double wide = SIX.towed().radiusM();
        var wider = new Track(
                new Pose(0, 0, 0),
                List.of(new Track.Piece(400, 0), new Track.Piece(Math.PI * wide, 1 / wide), new Track.Piece(400, 0)));
        assertThat(sail(wider, SIX.towed(), Optional.empty()).met()).isEmpty();
    }

    @Test
    void isToldPieceByPieceAndEndsWhenNobodyWaits() {
        var heard = new ArrayList<Integer>();
        var track = new Track(
                new Pose(0, 0, 0),
                List.of(new Track.Piece(300, 0), new Track.Piece(200, 0.004), new Track.Piece(300, 0)));
        new Passage(track, SIX.towed(), Optional.empty(), Optional.empty(), SIX.rules(), SIX.lines()).sail(heard::add);
        assertThat(heard).containsExactly(1, 2, 3);
    }

    @Test
    void aStreamThatSheDoesNotStemIsNoCourse() {
        Towed still = SIX.towed();
        var towed = new Towed(still.mps(), still.radiusM(), still.asternM(), still.halfM(), -5, 0);
        assertThat(sail(Track.straight(new Pose(0, 0, 0), 500), towed, Optional.empty())
                        .lost())
                .isTrue();
    }

    /** By small steps along a circle over ground: her way through the water between them, and how far she turned. */
    @Test
    void aTurnOverGroundIsNoTighterThroughTheWaterOnAnyHeading() {
        Towed still = SIX.towed();
        var towed = new Towed(still.mps(), 150, still.asternM(), still.halfM(), 0.7, -0.6);
        double radius = towed.radiusOverGroundM();
        double tightest = Double.MAX_VALUE;
        for (double course = 0; course < 2 * Math.PI; course += 0.01) {
            double seconds = 0.01 * radius / towed.overGroundMps(course + 0.005);
            double turned = Math.IEEEremainder(towed.headingRad(course + 0.01) - towed.headingRad(course), 2 * Math.PI);
            tightest = Math.min(tightest, towed.mps() * seconds / Math.abs(turned));
        }
        assertThat(tightest).isBetween(149.9, 165.0);
    }
}
