package org.mosswake.server.marks;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.clock.Place;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.fault.Faults;
import org.mosswake.server.platform.gpx.GpxWriter;

/** Marks as the waypoints of a GPX 1.1 file. */
final class Waypoints {
    static final int MOST = 2000;

    private Waypoints() {}

    /** @param nowhere without a latitude or longitude that exists */
    record Read(List<SeaMarkBody> marks, int nowhere) {}

    static Read read(byte[] gpx) {
        XMLInputFactory factory = XMLInputFactory.newFactory();
        // What a file names outside of itself is not fetched, and nothing in it grows.
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        var marks = new ArrayList<SeaMarkBody>();
        int nowhere = 0;
        boolean root = true;
        try {
            XMLStreamReader in = factory.createXMLStreamReader(new ByteArrayInputStream(gpx));
            while (in.hasNext()) {
                if (in.next() != XMLStreamConstants.START_ELEMENT) {
                    continue;
                }
                if (root && !in.getLocalName().equals("gpx")) {
                    throw unreadable("it is no GPX, it begins with " + in.getLocalName());
                }
                root = false;
                if (in.getLocalName().equals("wpt")) {
                    SeaMarkBody mark = mark(in);
                    if (mark == null) {
                        nowhere++;
                    } else {
                        marks.add(mark);
                    }
                    if (marks.size() > MOST) {
                        throw unreadable("it has more than " + MOST + " waypoints");
                    }
                }
            }
        } catch (XMLStreamException e) {
            throw unreadable("it is no whole XML at line "
                    + (e.getLocation() == null ? 1 : e.getLocation().getLineNumber()));
        }
        return new Read(marks, nowhere);
    }

    /** The same place under the same name is the same mark, whichever file it comes in. */
    private static @Nullable SeaMarkBody mark(XMLStreamReader in) throws XMLStreamException {
        Double latitude = number(in.getAttributeValue(null, "lat"));
        Double longitude = number(in.getAttributeValue(null, "lon"));
        String name = "";
        while (in.hasNext()) {
            int event = in.next();
            if (event == XMLStreamConstants.END_ELEMENT && in.getLocalName().equals("wpt")) {
                break;
            }
            if (event == XMLStreamConstants.START_ELEMENT && in.getLocalName().equals("name")) {
                name = in.getElementText().strip();
            }
        }
        var faults = new Faults();
        Place.LATITUDE_DEG.check(faults, "lat", latitude);
        Place.LONGITUDE_DEG.check(faults, "lon", longitude);
        if (!faults.isEmpty()) {
            return null;
        }
        String called = name.isEmpty() ? "Mark" : name.substring(0, Math.min(name.length(), SeaMarkBody.LONGEST_NAME));
        UUID id = UUID.nameUUIDFromBytes((called + " " + latitude + " " + longitude).getBytes(StandardCharsets.UTF_8));
        return new SeaMarkBody(id, called, latitude, longitude, 0);
    }

    private static @Nullable Double number(@Nullable String text) {
        try {
            return text == null ? null : Double.valueOf(text.strip());
        } catch (NumberFormatException e) {
            return null;
        }
    }

    private static FaultException unreadable(String why) {
        return FaultException.of(FaultCode.UNREADABLE_TRACK, "marks", why);
    }

    static String write(List<SeaMarkBody> marks) {
        return GpxWriter.file(gpx -> {
            for (SeaMarkBody mark : marks) {
                gpx.mark(mark.latitudeDeg(), mark.longitudeDeg(), Optional.empty(), mark.name());
            }
        });
    }
}
