package org.mosswake.server.strikes;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.UUID;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.json.Checked;

/** A day out. Sending the same again makes no second one. */
public record TripBody(
        UUID tripId, String name, LocalDate day, String place, Double latitudeDeg, Double longitudeDeg, String timeZone)
        implements Checked {
    private static final Accepted LATITUDE = new Accepted(-90, 90, "°");
    private static final Accepted LONGITUDE = new Accepted(-180, 180, "°");
    private static final int LONGEST_NAME = 60;

    @Override
    public void check(Faults faults) {
        faults.required("tripId", tripId);
        faults.text("name", name, LONGEST_NAME);
        if (faults.required("day", day) && (day.getYear() < 1900 || day.getYear() > 2200)) {
            faults.add(FaultCode.OUT_OF_RANGE, "day", day, 1900.0, 2200.0, "(year)");
        }
        faults.text("place", place, LONGEST_NAME);
        LATITUDE.check(faults, "latitudeDeg", latitudeDeg);
        LONGITUDE.check(faults, "longitudeDeg", longitudeDeg);
        if (faults.required("timeZone", timeZone)) {
            try {
                ZoneId.of(timeZone);
            } catch (DateTimeException e) {
                faults.add(FaultCode.TIME_ZONE_UNKNOWN, "timeZone", timeZone);
            }
        }
    }
}
