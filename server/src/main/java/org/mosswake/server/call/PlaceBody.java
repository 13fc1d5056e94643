package org.mosswake.server.call;

import java.time.ZoneId;
import org.mosswake.core.clock.Place;
import org.mosswake.core.fault.Faults;

/** Where the day is fished, and in which zone its clock is read. */
record PlaceBody(Double latitudeDeg, Double longitudeDeg, String timeZone) {
    void check(Faults faults) {
        Place.check(faults, latitudeDeg, longitudeDeg, timeZone);
    }

    ZoneId zone() {
        return ZoneId.of(timeZone);
    }
}
