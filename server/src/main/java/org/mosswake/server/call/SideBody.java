package org.mosswake.server.call;

import org.mosswake.core.fault.Faults;
import org.mosswake.core.playbook.School;
import org.mosswake.server.platform.json.Checked;

/**
 * A side of a school, by its place in the list of sides.
 *
 * @param version of the choice; 0 until one was made
 */
record SideBody(School school, Integer side, Integer version) implements Checked {
    @Override
    public void check(Faults faults) {
        faults.required("school", school);
        faults.required("side", side);
        faults.required("version", version);
    }
}
