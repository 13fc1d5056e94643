package org.mosswake.server.strikes;

import java.time.DateTimeException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.mosswake.core.fault.FaultException;
import org.mosswake.server.platform.database.Write;
import org.mosswake.server.platform.gpx.GpxReader;
import org.springframework.stereotype.Service;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A way that another instrument kept, as GPX, into a day out: every point is taken or counted as left out. */
@Service
class TrackIn {
    /** Points of files are those of a device of their own. */
    private static final UUID FILES = UUID.nameUUIDFromBytes(new byte[] {'g', 'p', 'x'});

    private static final int MOST = 100_000;
    private static final int AT_ONCE = 1000;

    private final TripService trips;
    private final FixService fixes;
    private final JsonMapper json;

    TrackIn(TripService trips, FixService fixes, JsonMapper json) {
        this.json = json;
        this.trips = trips;
        this.fixes = fixes;
    }

    /**
     * @param kept        that were not here yet
     * @param withoutTime or with one that cannot be read
     * @param outside     of the day: from six hours before it to six after
     * @param nowhere     without a latitude or longitude that exists
     * @param waypoints   that a day out has no place for
     */
    record TrackTaken(int points, int kept, int withoutTime, int outside, int nowhere, int waypoints) {}

    @Write
    TrackTaken take(UUID vessel, UUID trip, byte[] gpx) {
        Points points = points(vessel, trip);
        GpxReader.read(gpx, "track", points::take);
        return keep(vessel, points);
    }

    @Write
    TrackTaken takeGeoJson(UUID vessel, UUID trip, byte[] geoJson) {
        Points points = points(vessel, trip);
        try {
            points.read(json.readTree(geoJson));
        } catch (JacksonException e) {
            throw unreadable("it is no whole JSON at line "
                    + (e.getLocation() == null ? 1 : e.getLocation().getLineNr()));
        }
        return keep(vessel, points);
    }

    private Points points(UUID vessel, UUID trip) {
        TripBody of = trips.trip(vessel, trip);
        ZoneId zone = ZoneId.of(of.timeZone());
        return new Points(
                of.day().atStartOfDay(zone).minusHours(6).toInstant(),
                of.day().plusDays(1).atStartOfDay(zone).plusHours(6).toInstant());
    }

    private TrackTaken keep(UUID vessel, Points points) {
        int kept = 0;
        for (int from = 0; from < points.way.size(); from += AT_ONCE) {
            kept += fixes.take(
                    vessel,
                    new FixBody.Batch(FILES, points.way.subList(from, Math.min(points.way.size(), from + AT_ONCE))));
        }
        return new TrackTaken(points.seen, kept, points.withoutTime, points.outside, points.nowhere, points.waypoints);
    }

    private static FaultException unreadable(String why) {
        return GpxReader.unreadable("track", why);
    }

    private static final class Points {
        private final Instant from;
        private final Instant to;
        private final List<FixBody> way = new ArrayList<>();
        private int seen;
        private int withoutTime;
        private int outside;
        private int nowhere;
        private int waypoints;

        Points(Instant from, Instant to) {
            this.from = from;
            this.to = to;
        }

        void take(GpxReader.Point point) {
            if (!point.element().equals(GpxReader.TRACK_POINT)) {
                waypoints++;
                return;
            }
            count();
            keep(point, point.time().isEmpty() ? null : time(point.time()));
        }

        private void count() {
            if (++seen > MOST) {
                throw unreadable("it has more than " + MOST + " points");
            }
        }

        /** RFC 7946: longitude first. */
        void read(@Nullable JsonNode all) {
            if (all == null || !all.path("features").isArray()) {
                throw unreadable("it is no collection of GeoJSON features");
            }
            for (JsonNode feature : all.path("features")) {
                JsonNode places = feature.path("geometry").path("coordinates");
                JsonNode said = feature.path("properties");
                switch (feature.path("geometry").path("type").asString("")) {
                    case "LineString" -> {
                        for (int i = 0; i < places.size(); i++) {
                            place(places.get(i), said.path("times").path(i));
                        }
                    }
                    // Of a strike that went out: it is here as a fact.
                    default -> waypoints++;
                }
            }
        }

        private void place(JsonNode place, JsonNode time) {
            count();
            Double latitude = place.path(1).isNumber() ? place.path(1).asDouble() : null;
            Double longitude = place.path(0).isNumber() ? place.path(0).asDouble() : null;
            var point = new GpxReader.Point(GpxReader.TRACK_POINT, latitude, longitude, "", "");
            keep(point, time.isString() ? time(time.asString()) : null);
        }

        private void keep(GpxReader.Point point, @Nullable Instant at) {
            if (!point.isSomewhere()) {
                nowhere++;
            } else if (at == null) {
                withoutTime++;
            } else if (at.isBefore(from) || !at.isBefore(to)) {
                outside++;
            } else {
                way.add(new FixBody(at, point.latitudeDeg(), point.longitudeDeg(), null, null));
            }
        }

        private static @Nullable Instant time(String text) {
            try {
                return OffsetDateTime.parse(text).toInstant();
            } catch (DateTimeException e) {
                return null;
            }
        }
    }
}
