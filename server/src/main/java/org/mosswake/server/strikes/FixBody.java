package org.mosswake.server.strikes;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.clock.Place;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.Faults;
import org.mosswake.core.strikes.Happening;
import org.mosswake.core.strikes.Track;
import org.mosswake.server.platform.json.Checked;

/** Where the boat was. */
public record FixBody(
        Instant at,
        Double latitudeDeg,
        Double longitudeDeg,
        @Nullable Double speedOverGroundMps,
        @Nullable Double courseDeg) {
    Track.Fix toCore() {
        return new Track.Fix(at, latitudeDeg, longitudeDeg);
    }

    /** All of them, and how many they may be. */
    public static void check(Faults faults, List<FixBody> fixes, int least, int most) {
        if (faults.count("fixes", fixes, least, most)) {
            for (int i = 0; i < fixes.size(); i++) {
                if (faults.required("fixes[" + i + "]", fixes.get(i))) {
                    fixes.get(i).check(faults, "fixes[" + i + "].");
                }
            }
        }
    }

    private void check(Faults faults, String path) {
        faults.required(path + "at", at);
        Place.LATITUDE_DEG.check(faults, path + "latitudeDeg", latitudeDeg);
        Place.LONGITUDE_DEG.check(faults, path + "longitudeDeg", longitudeDeg);
        Happening.SPEED_MPS.checkOptional(faults, path + "speedOverGroundMps", speedOverGroundMps);
        Happening.DIRECTION_DEG.checkOptional(faults, path + "courseDeg", courseDeg);
    }

    /** Of one device; one of a moment that is here already changes nothing. */
    record Batch(UUID deviceId, List<FixBody> fixes) implements Checked {
        private static final Accepted COUNT = new Accepted(1, 1000, "");

        @Override
        public void check(Faults faults) {
            faults.required("deviceId", deviceId);
            FixBody.check(faults, fixes, (int) COUNT.least(), (int) COUNT.most());
        }
    }

    /** @param kept that were not here yet */
    record Reply(int kept) {}
}
