package org.mosswake.server.course;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.clock.Place;
import org.mosswake.core.course.Courses.Kind;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.turn.RoundSearch;
import org.mosswake.core.water.Spot;
import org.mosswake.server.platform.json.Checked;
import org.mosswake.server.spread.SpreadDraft;

/**
 * A course that is asked for.
 *
 * @param ends       where it ends; as far as it is long unless sent
 * @param through    places on the way, in order
 * @param towardsDeg the way that is wanted rather
 * @param band       where the lures are wanted; needed for all kinds but a ladder and a spiral
 * @param weave      from side to side where the band is wide; true unless sent
 * @param at         when she begins: the stream is that of then
 * @param draft      what she tows; without it she goes alone, at {@code speedMps} through the water
 * @param radiusM    of the tightest turn the lines stand, as answered before; found unless sent
 */
record CourseBody(
        Kind kind,
        SpotBody start,
        @Nullable SpotBody ends,
        @Nullable List<SpotBody> through,
        Double lengthM,
        @Nullable Double towardsDeg,
        @Nullable BandBody band,
        @Nullable Boolean weave,
        Instant at,
        @Nullable SpreadDraft draft,
        @Nullable Double speedMps,
        @Nullable Double radiusM)
        implements Checked {
    /** Twelve miles: what lies farther on is another course, by another hour's stream. */
    static final Accepted LENGTH_M = new Accepted(500, 22_500, "m");

    private static final Accepted TOWARDS_DEG = new Accepted(0, 360, "°");
    private static final Accepted SPEED_MPS = new Accepted(0.3, 12, "m/s");
    private static final Accepted RADIUS_M = new Accepted(10, RoundSearch.WIDEST_M, "m");
    private static final int MOST_THROUGH = 12;

    record SpotBody(Double latitudeDeg, Double longitudeDeg) {
        void check(Faults faults, String path) {
            Place.LATITUDE_DEG.check(faults, path + ".latitudeDeg", latitudeDeg);
            Place.LONGITUDE_DEG.check(faults, path + ".longitudeDeg", longitudeDeg);
        }

        Spot spot() {
            return new Spot(latitudeDeg, longitudeDeg);
        }
    }

    /**
     * Exactly one of the two.
     *
     * @param depth water so deep
     * @param edge  water so near to a line
     */
    record BandBody(@Nullable DepthBand depth, @Nullable EdgeBand edge) {
        private static final Accepted DEPTH_M = new Accepted(0, 6000, "m");
        private static final Accepted WITHIN_M = new Accepted(50, 4000, "m");
        private static final int MOST_POINTS = 600;

        record DepthBand(Double fromM, Double toM) {}

        record EdgeBand(Double withinM, List<SpotBody> line) {}

        void check(Faults faults) {
            if ((depth == null) == (edge == null)) {
                faults.add(FaultCode.NOT_EXACTLY_ONE, "band", "band.depth and band.edge", depth == null ? 0 : 2);
            } else if (depth != null) {
                DEPTH_M.check(faults, "band.depth.fromM", depth.fromM());
                DEPTH_M.check(faults, "band.depth.toM", depth.toM());
                if (depth.fromM() != null && depth.toM() != null && depth.toM() - depth.fromM() < 0.5) {
                    faults.add(FaultCode.UPSIDE_DOWN, "band.depth.toM", depth.toM(), depth.fromM());
                }
            } else {
                WITHIN_M.check(faults, "band.edge.withinM", edge.withinM());
                spots(faults, "band.edge.line", edge.line(), 1, MOST_POINTS);
            }
        }
    }

    @Override
    public void check(Faults faults) {
        faults.required("kind", kind);
        faults.required("at", at);
        spot(faults, "start", start, true);
        spot(faults, "ends", ends, false);
        if (through != null) {
            spots(faults, "through", through, 0, MOST_THROUGH);
        }
        LENGTH_M.check(faults, "lengthM", lengthM);
        TOWARDS_DEG.checkOptional(faults, "towardsDeg", towardsDeg);
        SPEED_MPS.checkOptional(faults, "speedMps", speedMps);
        RADIUS_M.checkOptional(faults, "radiusM", radiusM);
        if (band != null) {
            band.check(faults);
        }
        if (draft != null) {
            draft.check(faults, "draft.");
        }
    }

    private static void spot(Faults faults, String path, @Nullable SpotBody spot, boolean needed) {
        if (spot != null) {
            spot.check(faults, path);
        } else if (needed) {
            faults.required(path, spot);
        }
    }

    private static void spots(Faults faults, String path, @Nullable List<SpotBody> spots, int least, int most) {
        if (faults.count(path, spots, least, most)) {
            for (int i = 0; i < spots.size(); i++) {
                spot(faults, path + "[" + i + "]", spots.get(i), true);
            }
        }
    }

    boolean weaves() {
        return weave == null || weave;
    }

    Optional<SpreadDraft> towed() {
        return Optional.ofNullable(draft).filter(one -> !one.lines().isEmpty());
    }

    /** What is kept of it: what she tows is kept elsewhere. */
    CourseBody withoutDraft() {
        return new CourseBody(
                kind, start, ends, through, lengthM, towardsDeg, band, weave, at, null, speedMps, radiusM);
    }
}
