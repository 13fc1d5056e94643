package org.mosswake.server.marks;

import java.util.UUID;
import org.mosswake.server.platform.demo.DemoIds;
import org.mosswake.server.platform.demo.DemoPart;
import org.springframework.stereotype.Component;

/** Two places of the invented ledge that its crew has names for. */
@Component
class DemoMarks implements DemoPart {
    private final MarkService marks;

    DemoMarks(MarkService marks) {
        this.marks = marks;
    }

    @Override
    public int order() {
        return 8;
    }

    @Override
    public void load() {
        mark("Second hump", 27.53, -47.39);
        mark("Old rip", 27.64, -47.17);
    }

    private void mark(String name, double latitude, double longitude) {
        UUID id = DemoIds.of("mark " + name);
        marks.save(DemoIds.QUIET_LEDGER, new SeaMarkBody(id, name, latitude, longitude, 0));
    }
}
