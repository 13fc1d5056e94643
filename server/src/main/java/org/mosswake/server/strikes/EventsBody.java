package org.mosswake.server.strikes;

import java.util.List;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.json.Checked;

/** Events in any order, some perhaps sent before. All are kept, or none. */
record EventsBody(List<EventBody> events) implements Checked {
    private static final int MOST = 100;

    @Override
    public void check(Faults faults) {
        if (faults.count("events", events, 1, MOST)) {
            for (int i = 0; i < events.size(); i++) {
                String path = "events[" + i + "]";
                if (faults.required(path, events.get(i))) {
                    events.get(i).check(faults, path + ".");
                }
            }
        }
    }
}
