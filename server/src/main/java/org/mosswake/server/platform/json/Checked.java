package org.mosswake.server.platform.json;

import org.mosswake.core.fault.Faults;

/** A request body that can say everything wrong with itself; checked before any endpoint sees it. */
public interface Checked {
    void check(Faults faults);
}
