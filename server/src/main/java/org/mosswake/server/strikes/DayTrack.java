package org.mosswake.server.strikes;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.mosswake.server.platform.gpx.GpxWriter;
import org.mosswake.server.strikes.LogReply.StrikeReply;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A day out as GPX 1.1: the way she went, and a waypoint where each lure was that was taken. */
@Service
class DayTrack {
    private static final double EVERY_S = 2;
    private static final int MOST = 60_000;

    private final TripService trips;
    private final FixService fixes;
    private final DayService days;
    private final JsonMapper json;

    DayTrack(TripService trips, FixService fixes, DayService days, JsonMapper json) {
        this.json = json;
        this.trips = trips;
        this.fixes = fixes;
        this.days = days;
    }

    /** @param way thinned to one place each two seconds */
    private record Day(TripBody of, List<FixBody> way, List<StrikeReply> strikes) {}

    private Day day(UUID vessel, UUID trip) {
        TripBody of = trips.trip(vessel, trip);
        LocalDate day = of.day();
        ZoneId zone = ZoneId.of(of.timeZone());
        Instant from = day.atStartOfDay(zone).toInstant();
        // A day out that goes over midnight is over by four in the morning.
        Instant to = day.plusDays(1).atStartOfDay(zone).plusHours(4).toInstant();
        return new Day(
                of,
                fixes.thinned(vessel, from, to, EVERY_S, MOST),
                days.log(vessel, trip).strikes());
    }

    String gpx(UUID vessel, UUID trip) {
        return write(day(vessel, trip));
    }

    /** By RFC 7946: longitude first. */
    String geoJson(UUID vessel, UUID trip) {
        Day day = day(vessel, trip);
        ObjectNode all = json.createObjectNode().put("type", "FeatureCollection");
        ArrayNode features = all.putArray("features");
        if (day.way().size() > 1) {
            ObjectNode line = feature(features, "LineString", day.of().name());
            ArrayNode times = ((ObjectNode) line.get("properties")).putArray("times");
            ArrayNode places = ((ObjectNode) line.get("geometry")).putArray("coordinates");
            day.way().forEach(fix -> {
                places.addArray().add(fix.longitudeDeg()).add(fix.latitudeDeg());
                times.add(fix.at().toString());
            });
        }
        for (StrikeReply strike : day.strikes()) {
            if (strike.lureAt() != null) {
                ObjectNode point = feature(features, "Point", name(strike));
                ((ObjectNode) point.get("properties"))
                        .put("time", strike.happenedAt().toString());
                ((ObjectNode) point.get("geometry"))
                        .putArray("coordinates")
                        .add(strike.lureAt().longitudeDeg())
                        .add(strike.lureAt().latitudeDeg());
            }
        }
        return json.writeValueAsString(all);
    }

    private static ObjectNode feature(ArrayNode features, String geometry, String name) {
        ObjectNode feature = features.addObject().put("type", "Feature");
        feature.putObject("properties").put("name", name);
        feature.putObject("geometry").put("type", geometry);
        return feature;
    }

    private static String name(StrikeReply strike) {
        String fish = strike.species().isEmpty() ? "strike" : String.join(", ", strike.species());
        return strike.line() == null ? fish : fish + " on " + strike.line().label();
    }

    private static String write(Day day) {
        return GpxWriter.file(gpx -> {
            for (StrikeReply strike : day.strikes()) {
                if (strike.lureAt() != null) {
                    gpx.mark(
                            strike.lureAt().latitudeDeg(),
                            strike.lureAt().longitudeDeg(),
                            Optional.of(strike.happenedAt()),
                            name(strike));
                }
            }
            if (!day.way().isEmpty()) {
                gpx.track(day.of().name(), track -> {
                    for (FixBody fix : day.way()) {
                        track.trackPoint(fix.latitudeDeg(), fix.longitudeDeg(), fix.at());
                    }
                });
            }
        });
    }
}
