package org.mosswake.server.rig;

import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.json.Checked;

/**
 * A task of the evening, done or not.
 *
 * @param version of the tick; 0 where the task is open
 */
record TickBody(String task, Boolean done, Integer version) implements Checked {
    static final int LONGEST_KEY = 400;

    /**
     * A task that was ever ticked.
     *
     * @param version that opens it again; of two answers the one with the higher version is the later
     */
    record Ticked(String task, int version, boolean done) {}

    @Override
    public void check(Faults faults) {
        faults.text("task", task, LONGEST_KEY);
        faults.required("done", done);
        faults.required("version", version);
    }
}
