package org.mosswake.server.course;

import static org.mosswake.server.platform.wire.Rounded.hundredth;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.course.Passage;
import org.mosswake.core.spread.Labels;
import org.mosswake.core.spread.Spread;
import org.mosswake.core.water.Spot;
import org.mosswake.server.platform.wire.Rounded;

/**
 * One word of a course as it is followed with every line.
 *
 * @param gone   share of the way, 0 to 1
 * @param sailed with the last one; absent where there is nothing to follow
 * @param course that was followed: with wider turns than were asked where lines met in those
 */
record SailedEvent(
        Kind kind,
        double gone,
        @Nullable SailedReply sailed,
        @Nullable CourseReply course) {
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
     * @param shallowM   and {@code deepM}: between them it runs for nine tenths of the time
     * @param offBottomM least on the way, where the bottom is known; less than nothing: it touches
     * @param offAtS     when that is
     * @param places     latitude and longitude in turn
     */
    record LureOnCourse(
            UUID lineId,
            String label,
            boolean flies,
            double inBandS,
            double shallowM,
            double deepM,
            @Nullable Double offBottomM,
            double offAtS,
            List<Double> places) {}

    /** The first time that two lines meet, with where she is then. */
    record MetOnCourse(String label, String otherLabel, double atS, double latitudeDeg, double longitudeDeg) {}

    static SailedEvent progress(double gone) {
        return new SailedEvent(Kind.PROGRESS, gone, null, null);
    }

    static SailedEvent nothing() {
        return new SailedEvent(Kind.DONE, 1, null, null);
    }

    static SailedEvent failed() {
        return new SailedEvent(Kind.FAILED, 1, null, null);
    }

    static SailedEvent done(Passage.Sailed sailed, Spread spread, Spot middle, CourseReply course) {
        Map<UUID, String> labels = Labels.of(spread.lines());
        var lures = new ArrayList<LureOnCourse>();
        for (int i = 0; i < sailed.lures().size(); i++) {
            Passage.Lure lure = sailed.lures().get(i);
            UUID line = spread.lines().get(i).id();
            lures.add(new LureOnCourse(
                    line,
                    labels.get(line),
                    lure.flies(),
                    lure.inBandS(),
                    hundredth(lure.shallowM()),
                    hundredth(lure.deepM()),
                    lure.leastOffM().map(Rounded::hundredth).orElse(null),
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
                            labels.get(spread.lines().get(pair.line()).id()),
                            labels.get(spread.lines().get(pair.other()).id()),
                            pair.atS(),
                            at.latDeg(),
                            at.lonDeg());
                })
                .toList();
        return new SailedEvent(
                Kind.DONE,
                1,
                new SailedReply(sailed.timeS(), sailed.inBand().orElse(null), lures, met, sailed.lost()),
                course);
    }
}
