package org.mosswake.server.course;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.course.Passage;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.water.Spot;

/**
 * One word of a course as it is followed with every line.
 *
 * @param gone   share of the way, 0 to 1
 * @param sailed with the last one; absent where there is nothing to follow
 */
record SailedEvent(Kind kind, double gone, @Nullable SailedReply sailed) {
    enum Kind {
        PROGRESS,
        DONE,
        /** Our own fault. */
        FAILED
    }

    /**
     * @param inBand of the time, mean over the lures in the water
     * @param lost   a line went slack: nothing sure comes after it
     */
    record SailedReply(
            double timeS, @Nullable Double inBand, List<LureOnCourse> lures, List<MetOnCourse> met, boolean lost) {}

    /**
     * @param offBottomM least on the way, where the bottom is known; less than nothing: it touches
     * @param offAtS     when that is
     * @param places     latitude and longitude in turn
     */
    record LureOnCourse(
            UUID lineId,
            boolean flies,
            double inBandS,
            double shallowestM,
            double deepestM,
            @Nullable Double offBottomM,
            double offAtS,
            List<Double> places) {}

    /** The first time that two lines meet, with where she is then. */
    record MetOnCourse(UUID lineId, UUID otherLineId, double atS, double latitudeDeg, double longitudeDeg) {}

    static SailedEvent progress(double gone) {
        return new SailedEvent(Kind.PROGRESS, gone, null);
    }

    static SailedEvent nothing() {
        return new SailedEvent(Kind.DONE, 1, null);
    }

    static SailedEvent failed() {
        return new SailedEvent(Kind.FAILED, 1, null);
    }

    static SailedEvent done(Passage.Sailed sailed, Spread spread, Spot middle) {
        var lures = new ArrayList<LureOnCourse>();
        for (int i = 0; i < sailed.lures().size(); i++) {
            Passage.Lure lure = sailed.lures().get(i);
            lures.add(new LureOnCourse(
                    spread.lines().get(i).id(),
                    lure.flies(),
                    lure.inBandS(),
                    lure.shallowestM(),
                    lure.deepestM(),
                    lure.leastOffM().orElse(null),
                    lure.leastAtS(),
                    lure.places().stream()
                            .map(place -> middle.by(place.northM(), place.eastM()))
                            .flatMap(spot ->
                                    Stream.of(CourseReply.rounded(spot.latDeg()), CourseReply.rounded(spot.lonDeg())))
                            .toList()));
        }
        List<MetOnCourse> met = sailed.met().stream()
                .map(pair -> {
                    Spot at = middle.by(pair.boat().northM(), pair.boat().eastM());
                    return new MetOnCourse(
                            spread.lines().get(pair.line()).id(),
                            spread.lines().get(pair.other()).id(),
                            pair.atS(),
                            at.latDeg(),
                            at.lonDeg());
                })
                .toList();
        return new SailedEvent(
                Kind.DONE, 1, new SailedReply(sailed.timeS(), sailed.inBand().orElse(null), lures, met, sailed.lost()));
    }
}
