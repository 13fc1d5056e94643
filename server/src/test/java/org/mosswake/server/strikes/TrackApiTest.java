package org.mosswake.server.strikes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;

/** A way kept elsewhere comes into a day out, and goes out again as it came. */
@ExtendWith(RunningServer.class)
class TrackApiTest {
    private static String trip(Api api, String boat, String day) {
        String trip = boat + "/trips/" + UUID.randomUUID();
        var answer = api.put(trip, """
                {"tripId":"%s","day":"%s","name":"Paper day","place":"Sprat Narrows","latitudeDeg":47.5,
                 "longitudeDeg":-147.5,"timeZone":"Etc/GMT+9"}""".formatted(trip.substring(trip.length() - 36), day));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return trip;
    }

    private static Api.Answer send(Api api, String trip, String gpx) {
        return api.send("POST", trip + "/track.gpx", gpx, "Content-Type", "application/gpx+xml");
    }

    private static String gpx(String points) {
        return "<?xml version=\"1.0\"?><gpx xmlns=\"http://www.topografix.com/GPX/1/1\" version=\"1.1\"><trk><trkseg>"
                + points + "</trkseg></trk></gpx>";
    }

    private static String point(double latitude, double longitude, String time) {
        return "<trkpt lat=\"%s\" lon=\"%s\"><ele>0</ele>%s</trkpt>"
                .formatted(latitude, longitude, time.isEmpty() ? "" : "<time>" + time + "</time>");
    }

    @Test
    void aWayComesInAndGoesOutTheSame(Api api) {
        String trip = trip(api, api.sprat(), "2025-07-03");
        var points = new StringBuilder();
        for (int i = 0; i < 50; i++) {
            points.append(point(47.5 + i / 1e4, -147.5 - i / 2e4, "2025-07-03T17:%02d:30Z".formatted(i)));
        }
        JsonNode taken = send(api, trip, gpx(points.toString())).json();
        assertThat(taken.get("kept").asInt()).isEqualTo(50);
        String out = api.get(trip + "/track.gpx").text();
        assertThat(out.split("<trkpt", -1)).hasSize(51);
        assertThat(out).contains("lat=\"47.5049\" lon=\"-147.50245\"").contains("2025-07-03T17:49:30Z");
        String other = trip(api, api.sprat(), "2025-07-03");
        assertThat(send(api, other, out).json().get("kept").asInt())
                .as("it is here already")
                .isZero();
        assertThat(api.get(other + "/track.gpx").text().replaceAll("<name>[^<]*", ""))
                .isEqualTo(out.replaceAll("<name>[^<]*", ""));
        String geoJson = api.get(trip + "/track.geojson").text();
        JsonNode geo = Api.JSON.readTree(geoJson).get("features").get(0);
        assertThat(geo.get("geometry").get("coordinates")).hasSize(50);
        assertThat(geo.get("geometry").get("coordinates").get(0).get(1).asDouble())
                .isEqualTo(47.5);
    }

    @Test
    void geoJsonComesInTheSame(Api api) {
        String trip = trip(api, api.sprat(), "2025-09-03");
        String line = "{\"type\":\"FeatureCollection\",\"features\":[{\"type\":\"Feature\",\"properties\":{\"times\":"
                + "[\"2025-09-03T18:00:00Z\",\"2025-09-03T18:01:00Z\",\"noon\"]},\"geometry\":{\"type\":\"LineString\","
                + "\"coordinates\":[[-147.5,47.5],[-147.6,47.6],[-147.7,47.7]]}}]}";
        JsonNode taken = sendGeo(api, trip, line).json();
        assertThat(taken.get("kept").asInt()).isEqualTo(2);
        assertThat(taken.get("withoutTime").asInt()).isEqualTo(1);
        String out = api.get(trip + "/track.geojson").text();
        assertThat(sendGeo(api, trip, out).json().get("kept").asInt()).isZero();
        assertThat(Api.JSON.readTree(out).get("features").get(0).get("geometry").get("coordinates"))
                .hasSize(2);
        for (String broken : new String[] {"{", "[]", "{\"features\":3}", out.substring(0, out.length() / 2)}) {
            assertThat(sendGeo(api, trip, broken).codes()).containsExactly("UNREADABLE_TRACK");
        }
    }

    private static Api.Answer sendGeo(Api api, String trip, String geoJson) {
        return api.send("POST", trip + "/track.geojson", geoJson, "Content-Type", "application/geo+json");
    }

    /** What cannot be taken is counted by why, and nothing grows or is fetched. */
    @Test
    void everyPointIsTakenOrCounted(Api api) {
        String trip = trip(api, api.sprat(), "2025-08-03");
        JsonNode taken = send(
                        api,
                        trip,
                        gpx(point(48, -147, "2025-08-03T20:00:00+02:00")
                                + point(48, -147, "")
                                + point(48, -147, "noon")
                                + point(48, -147, "2024-07-03T20:00:00Z")
                                + point(95, -147, "2025-08-03T20:00:00Z")
                                + "<wpt lat=\"1\" lon=\"2\"/>"))
                .json();
        assertThat(taken.get("points").asInt()).isEqualTo(5);
        assertThat(taken.get("kept").asInt()).isEqualTo(1);
        assertThat(taken.get("withoutTime").asInt()).isEqualTo(2);
        assertThat(taken.get("outside").asInt()).isEqualTo(1);
        assertThat(taken.get("nowhere").asInt()).isEqualTo(1);
        assertThat(taken.get("waypoints").asInt()).isEqualTo(1);
        String bomb = "<!DOCTYPE gpx [<!ENTITY a \"aaaaaaaaaa\"><!ENTITY b \"&a;&a;&a;&a;&a;&a;&a;&a;\">]>"
                + gpx("<trkpt lat=\"1\" lon=\"2\"><time>&b;</time></trkpt>");
        assertThat(send(api, trip, bomb).status()).isEqualTo(400);
        assertThat(send(api, trip, "<kml/>").codes()).containsExactly("UNREADABLE_TRACK");
        var random = new Random(5);
        String whole = gpx(point(48, -147, "2025-08-03T20:00:00Z"));
        for (int i = 0; i < 40; i++) {
            assertThat(send(api, trip, whole.substring(0, 1 + random.nextInt(whole.length() - 2)))
                            .codes())
                    .containsExactly("UNREADABLE_TRACK");
        }
    }
}
