package org.mosswake.server.platform.gpx;

import java.io.ByteArrayInputStream;
import java.util.Set;
import java.util.function.Consumer;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.clock.Place;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.fault.Faults;

/** Points of a GPX file, told as they come: waypoints, points of routes and of tracks. */
public final class GpxReader {
    public static final String WAYPOINT = "wpt";
    public static final String TRACK_POINT = "trkpt";
    private static final Set<String> POINTS = Set.of(WAYPOINT, "rtept", TRACK_POINT);

    private GpxReader() {}

    /**
     * @param element    its name in the file
     * @param latitudeDeg with {@code longitudeDeg}; null where it says none that is a number
     * @param name       empty where it has none
     * @param time       as it is written; empty where it has none
     */
    public record Point(
            String element,
            @Nullable Double latitudeDeg,
            @Nullable Double longitudeDeg,
            String name,
            String time) {
        /** Its latitude and longitude exist. */
        public boolean isSomewhere() {
            var faults = new Faults();
            Place.LATITUDE_DEG.check(faults, "lat", latitudeDeg);
            Place.LONGITUDE_DEG.check(faults, "lon", longitudeDeg);
            return faults.isEmpty();
        }
    }

    /**
     * @param field whose fault it is where it cannot be read
     * @throws FaultException where it is no whole XML, or no GPX
     */
    public static void read(byte[] gpx, String field, Consumer<Point> each) {
        try {
            read(field, reader(gpx), each);
        } catch (XMLStreamException e) {
            throw unreadable(
                    field,
                    "it is no whole XML at line "
                            + (e.getLocation() == null ? 1 : e.getLocation().getLineNumber()));
        }
    }

    /** The fault of a file that is no such thing. */
    public static FaultException unreadable(String field, String why) {
        return FaultException.of(FaultCode.UNREADABLE_TRACK, field, why);
    }

    private static XMLStreamReader reader(byte[] gpx) throws XMLStreamException {
        XMLInputFactory factory = XMLInputFactory.newFactory();
        // What a file names outside of itself is not fetched, and nothing in it grows.
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        return factory.createXMLStreamReader(new ByteArrayInputStream(gpx));
    }

    private static void read(String field, XMLStreamReader in, Consumer<Point> each) throws XMLStreamException {
        boolean root = true;
        while (in.hasNext()) {
            if (in.next() != XMLStreamConstants.START_ELEMENT) {
                continue;
            }
            String name = in.getLocalName();
            if (root && !name.equals("gpx")) {
                throw unreadable(field, "it is no GPX, it begins with " + name);
            }
            root = false;
            if (POINTS.contains(name)) {
                each.accept(point(name, in));
            }
        }
    }

    private static Point point(String element, XMLStreamReader in) throws XMLStreamException {
        Double latitude = number(in.getAttributeValue(null, "lat"));
        Double longitude = number(in.getAttributeValue(null, "lon"));
        String name = "";
        String time = "";
        while (in.hasNext()) {
            int event = in.next();
            if (event == XMLStreamConstants.END_ELEMENT && in.getLocalName().equals(element)) {
                break;
            }
            if (event == XMLStreamConstants.START_ELEMENT) {
                switch (in.getLocalName()) {
                    case "name" -> name = in.getElementText().strip();
                    case "time" -> time = in.getElementText().strip();
                    default -> {}
                }
            }
        }
        return new Point(element, latitude, longitude, name, time);
    }

    private static @Nullable Double number(@Nullable String text) {
        try {
            return text == null ? null : Double.valueOf(text.strip());
        } catch (NumberFormatException e) {
            return null;
        }
    }
}
