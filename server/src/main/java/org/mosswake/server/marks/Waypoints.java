package org.mosswake.server.marks;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.server.platform.gpx.GpxReader;
import org.mosswake.server.platform.gpx.GpxWriter;

/** Marks as the waypoints of a GPX 1.1 file. */
final class Waypoints {
    static final int MOST = 2000;

    private Waypoints() {}

    /** @param nowhere without a latitude or longitude that exists */
    record Read(List<SeaMarkBody> marks, int nowhere) {}

    static Read read(byte[] gpx) {
        var marks = new ArrayList<SeaMarkBody>();
        var nowhere = new int[1];
        GpxReader.read(gpx, "marks", point -> {
            if (!point.element().equals(GpxReader.WAYPOINT)) {
                return;
            }
            if (point.isSomewhere()) {
                marks.add(mark(point));
            } else {
                nowhere[0]++;
            }
            if (marks.size() > MOST) {
                throw GpxReader.unreadable("marks", "it has more than " + MOST + " waypoints");
            }
        });
        return new Read(marks, nowhere[0]);
    }

    /** The same place under the same name is the same mark, whichever file it comes in. */
    private static SeaMarkBody mark(GpxReader.Point point) {
        String name = point.name();
        String called = name.isEmpty() ? "Mark" : name.substring(0, Math.min(name.length(), SeaMarkBody.LONGEST_NAME));
        String said = called + " " + point.latitudeDeg() + " " + point.longitudeDeg();
        UUID id = UUID.nameUUIDFromBytes(said.getBytes(StandardCharsets.UTF_8));
        return new SeaMarkBody(id, called, point.latitudeDeg(), point.longitudeDeg(), 0);
    }

    static String write(List<SeaMarkBody> marks) {
        return GpxWriter.file(gpx -> {
            for (SeaMarkBody mark : marks) {
                gpx.mark(mark.latitudeDeg(), mark.longitudeDeg(), Optional.empty(), mark.name());
            }
        });
    }
}
