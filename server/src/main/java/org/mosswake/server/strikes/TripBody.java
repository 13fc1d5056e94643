package org.mosswake.server.strikes;

import java.time.LocalDate;
import java.util.UUID;
import org.mosswake.core.clock.Place;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.json.Checked;

/** A day out. Sending the same again makes no second one. */
public record TripBody(
        UUID tripId, String name, LocalDate day, String place, Double latitudeDeg, Double longitudeDeg, String timeZone)
        implements Checked {
    private static final int LONGEST_NAME = 60;

    @Override
    public void check(Faults faults) {
        faults.required("tripId", tripId);
        faults.text("name", name, LONGEST_NAME);
        if (faults.required("day", day) && (day.getYear() < 1900 || day.getYear() > 2200)) {
            faults.add(FaultCode.OUT_OF_RANGE, "day", day, 1900.0, 2200.0, "(year)");
        }
        faults.text("place", place, LONGEST_NAME);
        Place.check(faults, latitudeDeg, longitudeDeg, timeZone);
    }
}
