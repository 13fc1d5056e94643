package org.mosswake.server.water;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.water.Beginning;
import org.mosswake.core.water.Running;
import org.mosswake.core.water.Spot;
import org.mosswake.server.platform.wire.SentenceReply;

/**
 * Where to begin, and why.
 *
 * @param lacking what is not known, and what it could change
 * @param edges   along which the water changes in the newest picture of its temperature; {@code before} a day earlier
 * @param picture it is drawn from; absent without one
 */
record BeginReply(
        List<PlaceReply> places,
        List<SentenceReply> lacking,
        List<SeaLine> edges,
        List<SeaLine> before,
        @Nullable GridReply picture) {
    /** Degrees north and east. */
    record SeaSpot(double latitudeDeg, double longitudeDeg) {
        static SeaSpot of(Spot spot) {
            return new SeaSpot(spot.latDeg(), spot.lonDeg());
        }
    }

    record SeaLine(List<SeaSpot> spots) {
        static SeaLine of(List<Spot> line) {
            return new SeaLine(line.stream().map(SeaSpot::of).toList());
        }
    }

    record PlaceReason(Beginning.Rule rule, int tenths, SentenceReply says) {}

    /**
     * @param reasons add up to {@code tenths}, the heaviest first
     * @param outM    from where the boat lies (m)
     * @param stepPerMileK of temperature where it is steepest; 0 where there is none
     * @param colour  green meets blue at it
     */
    record PlaceReply(
            SeaSpot at,
            String title,
            int tenths,
            double outM,
            double bearingDeg,
            double stepPerMileK,
            boolean colour,
            List<PlaceReason> reasons,
            ReachReply reach) {
        static PlaceReply of(Beginning place, Running running) {
            return new PlaceReply(
                    SeaSpot.of(place.spot()),
                    place.title(),
                    place.tenths(),
                    place.outM(),
                    place.bearingDeg(),
                    place.stepPerMile(),
                    place.reasons().stream().anyMatch(reason -> reason.rule() == Beginning.Rule.COLOUR),
                    place.reasons().stream()
                            .map(reason ->
                                    new PlaceReason(reason.rule(), reason.tenths(), SentenceReply.of(reason.says())))
                            .toList(),
                    ReachReply.of(running.to(place.outM())));
        }
    }

    /**
     * What it takes to be there.
     *
     * @param runS      one way
     * @param bothWaysL of fuel, out and home; absent where it is not told what she burns
     * @param trollH    that the rest lasts with a third of the tank kept back; absent where that is not told
     * @param isTooFar  out and home take more than two thirds of the tank
     */
    record ReachReply(
            double runS,
            @Nullable Double bothWaysL,
            @Nullable Double trollH,
            boolean isTooFar) {
        static ReachReply of(Running.Reach reach) {
            return new ReachReply(
                    reach.runS(), reach.bothWaysL().orElse(null), reach.trollH().orElse(null), reach.isTooFar());
        }
    }

    static BeginReply of(WaterService.Looked looked) {
        return new BeginReply(
                looked.found().places().stream()
                        .map(place -> PlaceReply.of(place, looked.running()))
                        .toList(),
                SentenceReply.of(looked.found().lacking()),
                looked.found().edges().stream().map(SeaLine::of).toList(),
                looked.found().before().stream().map(SeaLine::of).toList(),
                looked.picture().map(row -> GridReply.of(row, looked.home())).orElse(null));
    }
}
