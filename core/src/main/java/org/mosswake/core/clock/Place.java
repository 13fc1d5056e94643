package org.mosswake.core.clock;

import java.time.DateTimeException;
import java.time.ZoneId;
import org.mosswake.core.fault.Accepted;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.Faults;

/** What a place on the sea must be; one check for every input that names one. */
public final class Place {
    public static final Accepted LATITUDE_DEG = new Accepted(-90, 90, "°");
    public static final Accepted LONGITUDE_DEG = new Accepted(-180, 180, "°");

    private Place() {}

    /** Adds a fault for each of {@code latitudeDeg}, {@code longitudeDeg} and {@code timeZone} that cannot be. */
    public static void check(Faults faults, Double latitudeDeg, Double longitudeDeg, String timeZone) {
        LATITUDE_DEG.check(faults, "latitudeDeg", latitudeDeg);
        LONGITUDE_DEG.check(faults, "longitudeDeg", longitudeDeg);
        checkZone(faults, timeZone);
    }

    public static void checkZone(Faults faults, String timeZone) {
        if (faults.required("timeZone", timeZone)) {
            try {
                ZoneId.of(timeZone);
            } catch (DateTimeException e) {
                faults.add(FaultCode.TIME_ZONE_UNKNOWN, "timeZone", timeZone);
            }
        }
    }
}
