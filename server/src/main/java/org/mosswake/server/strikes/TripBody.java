package org.mosswake.server.strikes;

import java.time.LocalDate;
import java.util.UUID;
import org.mosswake.core.clock.Place;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.json.Checked;

/** A day out. */
public record TripBody(
        UUID tripId, String name, LocalDate day, String place, Double latitudeDeg, Double longitudeDeg, String timeZone)
        implements Checked {
    private static final int LONGEST_NAME = 60;

    @Override
    public void check(Faults faults) {
        faults.required("tripId", tripId);
        faults.text("name", name, LONGEST_NAME);
        faults.required("day", day);
        faults.text("place", place, LONGEST_NAME);
        Place.check(faults, latitudeDeg, longitudeDeg, timeZone);
    }
}
