package org.mosswake.server.deck.live;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.clock.Place;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.live.Sample;
import org.mosswake.core.live.SeenBoat;
import org.mosswake.core.turn.Helm;
import org.mosswake.server.platform.json.Checked;
import org.mosswake.server.spread.SpreadDraft;
import org.mosswake.server.strikes.FixBody;

/**
 * A spread at sea.
 *
 * @param spreadId   that it is of, where it is kept: its method may go with the stream
 * @param outLineIds lines that are out; others are not shown
 * @param back       where to; absent where nobody wants to
 * @param fixes      of the device that asks, since it was last answered: for a boat without instruments
 * @param meet       what moves and is to be met with the lures; absent where nobody wants to
 * @param courseDay  of the course that she goes by; absent where she goes by none
 * @param boatsSeen  boats that send nothing, where they were seen; two sightings tell a way
 */
record LiveBody(
        SpreadDraft draft,
        @Nullable UUID spreadId,
        List<UUID> outLineIds,
        List<FixBody> fixes,
        @Nullable MeetBody meet,
        @Nullable LocalDate courseDay,
        @Nullable List<SeenBody> boatsSeen,
        @Nullable BackBody back)
        implements Checked {
    /** A boat as she was seen. */
    record SeenBody(Instant at, Double latitudeDeg, Double longitudeDeg) {
        private void check(Faults faults, String path) {
            faults.required(path + "at", at);
            Place.LATITUDE_DEG.check(faults, path + "latitudeDeg", latitudeDeg);
            Place.LONGITUDE_DEG.check(faults, path + "longitudeDeg", longitudeDeg);
        }

        SeenBoat.Sighting sighting() {
            return new SeenBoat.Sighting(at, new Sample.Place(latitudeDeg, longitudeDeg));
        }
    }

    List<SeenBoat.Sighting> sightings() {
        return boatsSeen == null
                ? List.of()
                : boatsSeen.stream().map(SeenBody::sighting).toList();
    }

    /**
     * What moves, as it was seen.
     *
     * @param bearingDeg from the boat then, of true north
     */
    record SightBody(Instant at, Double latitudeDeg, Double longitudeDeg, Double bearingDeg, Double distanceM) {
        private static final Accepted BEARING_DEG = new Accepted(0, 360, "°");
        private static final Accepted DISTANCE_M = new Accepted(1, 20_000, "m");

        private void check(Faults faults, String path) {
            faults.required(path + "at", at);
            Place.LATITUDE_DEG.check(faults, path + "latitudeDeg", latitudeDeg);
            Place.LONGITUDE_DEG.check(faults, path + "longitudeDeg", longitudeDeg);
            BEARING_DEG.check(faults, path + "bearingDeg", bearingDeg);
            DISTANCE_M.check(faults, path + "distanceM", distanceM);
        }
    }

    /** @param portRadiusM in which nothing meets, with {@code starboardRadiusM} */
    record MeetBody(List<SightBody> sights, Double portRadiusM, Double starboardRadiusM) {
        private void check(Faults faults) {
            Helm.RADIUS_M.check(faults, "meet.portRadiusM", portRadiusM);
            Helm.RADIUS_M.check(faults, "meet.starboardRadiusM", starboardRadiusM);
            if (faults.count("meet.sights", sights, 1, MOST_SEEN)) {
                for (int i = 0; i < sights.size(); i++) {
                    if (faults.required("meet.sights[" + i + "]", sights.get(i))) {
                        sights.get(i).check(faults, "meet.sights[" + i + "].");
                    }
                }
            }
        }
    }

    /**
     * A place to come back over.
     *
     * @param lineId       whose lure; the middle of them unless sent
     * @param portRadiusM  in which nothing meets, with {@code starboardRadiusM}
     */
    record BackBody(
            Double latitudeDeg,
            Double longitudeDeg,
            @Nullable UUID lineId,
            Double portRadiusM,
            Double starboardRadiusM) {
        private void check(Faults faults, String path) {
            Place.LATITUDE_DEG.check(faults, path + "latitudeDeg", latitudeDeg);
            Place.LONGITUDE_DEG.check(faults, path + "longitudeDeg", longitudeDeg);
            Helm.RADIUS_M.check(faults, path + "portRadiusM", portRadiusM);
            Helm.RADIUS_M.check(faults, path + "starboardRadiusM", starboardRadiusM);
        }
    }

    private static final int MOST_FIXES = 600;
    private static final int MOST_SEEN = 20;

    @Override
    public void check(Faults faults) {
        if (faults.required("draft", draft)) {
            draft.check(faults, "draft.");
        }
        faults.required("outLineIds", outLineIds);
        if (back != null) {
            back.check(faults, "back.");
        }
        if (meet != null) {
            meet.check(faults);
        }
        FixBody.check(faults, fixes, 0, MOST_FIXES);
        if (boatsSeen != null && faults.count("boatsSeen", boatsSeen, 0, MOST_SEEN)) {
            for (int i = 0; i < boatsSeen.size(); i++) {
                if (faults.required("boatsSeen[" + i + "]", boatsSeen.get(i))) {
                    boatsSeen.get(i).check(faults, "boatsSeen[" + i + "].");
                }
            }
        }
    }
}
