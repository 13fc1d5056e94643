package org.mosswake.server.weights;

import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.json.Checked;

/** @param on whether the call is to use them, as they stand now; off goes back to the shipped ones */
record WeightsBody(Integer version, Boolean on) implements Checked {
    @Override
    public void check(Faults faults) {
        faults.required("version", version);
        faults.required("on", on);
    }
}
