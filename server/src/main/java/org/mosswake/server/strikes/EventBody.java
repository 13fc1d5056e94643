package org.mosswake.server.strikes;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.clock.Place;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.spread.SpreadDraft;

/**
 * One event as a device reports it.
 *
 * @param eventId    made by the device; the same event sent again is one
 * @param happenedAt when it happened; {@code deviceAt} is when the device wrote it down
 * @param targetId   the strike or event it is about
 * @param revision   of the spread that was fished
 * @param draft      what was fished, where that was not saved: it is kept as a revision of its own
 * @param speciesName of a landed fish
 */
public record EventBody(
        UUID eventId,
        EventKind kind,
        UUID deviceId,
        Instant happenedAt,
        Instant deviceAt,
        @Nullable UUID targetId,
        @Nullable UUID spreadId,
        @Nullable Integer revision,
        @Nullable UUID lineId,
        @Nullable SpreadDraft draft,
        @Nullable Double letOutM,
        @Nullable String speciesName,
        @Nullable Double fishLengthM,
        @Nullable Double fishMassKg,
        @Nullable String note,
        @Nullable Double latitudeDeg,
        @Nullable Double longitudeDeg,
        @Nullable Double speedOverGroundMps,
        @Nullable Double courseDeg) {
    private static final Accepted LET_OUT_M = new Accepted(1, 400, "m");
    private static final Accepted FISH_LENGTH_M = new Accepted(0.05, 6, "m");
    private static final Accepted FISH_MASS_KG = new Accepted(0.01, 1000, "kg");
    private static final Accepted SPEED_MPS = new Accepted(0, 40, "m/s");
    private static final Accepted COURSE = new Accepted(0, 360, "°");
    private static final int LONGEST_SPECIES = 60;
    private static final int LONGEST_NOTE = 2000;

    void check(Faults faults, String path) {
        faults.required(path + "eventId", eventId);
        faults.required(path + "deviceId", deviceId);
        faults.required(path + "happenedAt", happenedAt);
        faults.required(path + "deviceAt", deviceAt);
        if (faults.required(path + "kind", kind)) {
            checkByKind(faults, path);
        }
        if (draft != null) {
            draft.check(faults, path + "draft.");
        }
        Place.LATITUDE_DEG.checkOptional(faults, path + "latitudeDeg", latitudeDeg);
        Place.LONGITUDE_DEG.checkOptional(faults, path + "longitudeDeg", longitudeDeg);
        SPEED_MPS.checkOptional(faults, path + "speedOverGroundMps", speedOverGroundMps);
        COURSE.checkOptional(faults, path + "courseDeg", courseDeg);
        LET_OUT_M.checkOptional(faults, path + "letOutM", letOutM);
        FISH_LENGTH_M.checkOptional(faults, path + "fishLengthM", fishLengthM);
        FISH_MASS_KG.checkOptional(faults, path + "fishMassKg", fishMassKg);
    }

    private void checkByKind(Faults faults, String path) {
        switch (kind) {
            case STRUCK, SET, CHANGED, CLEARED -> {
                faults.required(path + "spreadId", spreadId);
                faults.required(path + "lineId", lineId);
                if (draft == null) {
                    faults.required(path + "revision", revision);
                }
            }
            case LANDED -> {
                faults.required(path + "targetId", targetId);
                faults.text(path + "speciesName", speciesName, LONGEST_SPECIES);
            }
            case LOST, RETRACTED -> faults.required(path + "targetId", targetId);
            case ANNOTATED -> {
                faults.required(path + "targetId", targetId);
                faults.text(path + "note", note, LONGEST_NOTE);
            }
            case FIX -> {
                faults.required(path + "latitudeDeg", latitudeDeg);
                faults.required(path + "longitudeDeg", longitudeDeg);
            }
        }
    }
}
