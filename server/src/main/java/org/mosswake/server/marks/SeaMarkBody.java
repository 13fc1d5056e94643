package org.mosswake.server.marks;

import java.util.UUID;
import org.mosswake.core.clock.Place;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.json.Checked;

/** A place with a name. @param version of it; 0 for a new one */
record SeaMarkBody(UUID markId, String name, Double latitudeDeg, Double longitudeDeg, Integer version)
        implements Checked {
    static final int LONGEST_NAME = 60;

    @Override
    public void check(Faults faults) {
        faults.required("markId", markId);
        faults.text("name", name, LONGEST_NAME);
        Place.LATITUDE_DEG.check(faults, "latitudeDeg", latitudeDeg);
        Place.LONGITUDE_DEG.check(faults, "longitudeDeg", longitudeDeg);
        faults.required("version", version);
    }
}
