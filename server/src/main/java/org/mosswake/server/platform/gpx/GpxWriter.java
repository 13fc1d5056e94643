package org.mosswake.server.platform.gpx;

import java.io.StringWriter;
import java.time.Instant;
import java.util.Optional;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** One GPX 1.1 file: waypoints first, then routes, then tracks, as its schema wants them. */
public final class GpxWriter {
    private static final String GPX = "http://www.topografix.com/GPX/1/1";

    private final StringWriter text = new StringWriter();
    private final XMLStreamWriter out;

    /** What is written within an element. */
    public interface Within {
        void write(GpxWriter gpx) throws XMLStreamException;
    }

    private GpxWriter() throws XMLStreamException {
        out = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
    }

    public static String file(Within within) {
        try {
            var gpx = new GpxWriter();
            gpx.out.writeStartDocument("UTF-8", "1.0");
            gpx.out.writeStartElement("gpx");
            gpx.out.writeDefaultNamespace(GPX);
            gpx.out.writeAttribute("version", "1.1");
            gpx.out.writeAttribute("creator", "Moss Wake");
            within.write(gpx);
            gpx.out.writeEndElement();
            gpx.out.writeEndDocument();
            return gpx.text.toString();
        } catch (XMLStreamException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A waypoint. */
    public void mark(double latitudeDeg, double longitudeDeg, Optional<Instant> at, String name)
            throws XMLStreamException {
        point("wpt", latitudeDeg, longitudeDeg, at, Optional.of(name));
    }

    /** A route; its points are written within. */
    public void route(String name, Within points) throws XMLStreamException {
        out.writeStartElement("rte");
        text("name", name);
        points.write(this);
        out.writeEndElement();
    }

    public void routePoint(double latitudeDeg, double longitudeDeg, String name) throws XMLStreamException {
        point("rtept", latitudeDeg, longitudeDeg, Optional.empty(), Optional.of(name));
    }

    /** A track of one segment; its points are written within. */
    public void track(String name, Within points) throws XMLStreamException {
        out.writeStartElement("trk");
        text("name", name);
        out.writeStartElement("trkseg");
        points.write(this);
        out.writeEndElement();
        out.writeEndElement();
    }

    public void trackPoint(double latitudeDeg, double longitudeDeg, Instant at) throws XMLStreamException {
        point("trkpt", latitudeDeg, longitudeDeg, Optional.of(at), Optional.empty());
    }

    private void point(
            String what, double latitudeDeg, double longitudeDeg, Optional<Instant> at, Optional<String> name)
            throws XMLStreamException {
        out.writeStartElement(what);
        out.writeAttribute("lat", Double.toString(latitudeDeg));
        out.writeAttribute("lon", Double.toString(longitudeDeg));
        if (at.isPresent()) {
            text("time", at.get().toString());
        }
        if (name.isPresent()) {
            text("name", name.get());
        }
        out.writeEndElement();
    }

    /** Characters that XML cannot hold are left out. */
    private void text(String name, String words) throws XMLStreamException {
        out.writeStartElement(name);
        out.writeCharacters(words.replaceAll("[^\\x09\\x0A\\x0D\\x20-\\uD7FF\\uE000-\\uFFFD]", ""));
        out.writeEndElement();
    }
}
