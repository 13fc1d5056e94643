package org.mosswake.server.deck.instruments;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Real wires on loopback, heard by the running server. */
@ExtendWith(RunningServer.class)
class InstrumentsApiTest {
    private static final String DEPTH = "$SDDPT,127.2,0.8*59\r\n";
    private String boat;
    private String source;

    @BeforeEach
    void aBoat(Api api) {
        ObjectNode body = (ObjectNode) api.get(api.quietLedger()).json().deepCopy();
        String id = UUID.randomUUID().toString();
        body.put("boatId", id).put("version", 0).put("name", "Heard");
        ((ArrayNode) body.get("holders"))
                .forEach(h -> ((ObjectNode) h).put("holderId", UUID.randomUUID().toString()));
        boat = "/api/boats/" + id;
        api.put(boat, body);
        source = boat + "/instruments/" + UUID.randomUUID();
    }

    @AfterEach
    void off(Api api) {
        api.send("DELETE", source + "?version=1", null);
    }

    private Api.Answer keep(Api api, String body) {
        return api.put(source, body);
    }

    private static String source(String way, int port) {
        return """
                {"version": 0, "name": "Sounder", "way": "%s", "host": "127.0.0.1", "port": %d, "priority": 1}""".formatted(way, port);
    }

    private JsonNode until(Api api, Predicate<JsonNode> holds) throws InterruptedException {
        JsonNode last = null;
        for (int i = 0; i < 150; i++) {
            last = api.get(boat + "/instruments").json();
            if (holds.test(last)) {
                return last;
            }
            Thread.sleep(100);
        }
        throw new AssertionError("never so: " + last);
    }

    private static Optional<JsonNode> gauge(JsonNode reply, String gauge) {
        return reply.path("now")
                .path("gauges")
                .valueStream()
                .filter(one -> one.get("gauge").asString().equals(gauge))
                .findFirst();
    }

    @Test
    void aServerElsewhereIsHeardAndWhatIsWrongIsCounted(Api api) throws IOException, InterruptedException {
        try (var server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            var kept = keep(api, source("TCP", server.getLocalPort()));
            assertThat(kept.status()).isEqualTo(200);
            assertThat(kept.json().get("sources")).hasSize(1);
            try (var wire = server.accept()) {
                var out = wire.getOutputStream();
                out.write(("\u0000junk\r\n$SDDPT,1.0,0.8*00\r\n" + DEPTH).getBytes(StandardCharsets.ISO_8859_1));
                out.flush();
                JsonNode heard = until(api, reply -> gauge(reply, "DEPTH").isPresent());
                assertThat(gauge(heard, "DEPTH").orElseThrow().get("value").asDouble())
                        .isEqualTo(128);
                JsonNode state = heard.get("now").get("states").get(0);
                assertThat(state.get("lines").asInt()).isEqualTo(3);
                assertThat(state.get("wrong")
                                .valueStream()
                                .map(one -> one.get("wrong").asString()))
                        .containsExactlyInAnyOrder("NO_SENTENCE", "CHECKSUM");
            }
            // The wire broke: she is called again, and what was told stays with its age.
            try (var again = server.accept()) {
                again.getOutputStream().write("$SDDPT,50.0,0.0*62\r\n".getBytes(StandardCharsets.US_ASCII));
                again.getOutputStream().flush();
                until(
                        api,
                        reply -> gauge(reply, "DEPTH")
                                .filter(one -> one.get("value").asDouble() == 50)
                                .isPresent());
            }
        }
    }

    /** What happens is kept where it happens, for a boat whose devices do not know where they are. */
    @Test
    void herPlacesAreKeptWithTheDay(Api api) throws IOException, InterruptedException {
        try (var server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            keep(api, source("TCP", server.getLocalPort()));
            try (var wire = server.accept()) {
                wire.getOutputStream()
                        .write("$GPRMC,081836,A,2736.500,N,04718.200,W,007.5,036.0,130626,,\r\n"
                                .getBytes(StandardCharsets.US_ASCII));
                wire.getOutputStream().flush();
                until(api, reply -> gauge(reply, "POSITION").isPresent());
                String now = java.time.Instant.now().plusSeconds(60).toString();
                JsonNode fixes = null;
                for (int i = 0; i < 50 && (fixes == null || fixes.isEmpty()); i++) {
                    Thread.sleep(100);
                    fixes = api.get(boat + "/fixes?from=2026-01-01T00:00:00Z&to=" + now)
                            .json();
                }
                assertThat(fixes).hasSize(1);
                assertThat(fixes.get(0).get("latitudeDeg").asDouble()).isBetween(27.608, 27.609);
                assertThat(fixes.get(0).get("courseDeg").asDouble()).isEqualTo(36);
            }
        }
    }

    @Test
    void aPortOfItsOwnIsHeard(Api api) throws IOException, InterruptedException {
        int port;
        try (var free = new DatagramSocket(0)) {
            port = free.getLocalPort();
        }
        keep(api, source("UDP", port));
        byte[] bytes = DEPTH.getBytes(StandardCharsets.US_ASCII);
        try (var sender = new DatagramSocket()) {
            until(api, reply -> {
                try {
                    sender.send(new DatagramPacket(bytes, bytes.length, InetAddress.getLoopbackAddress(), port));
                } catch (IOException e) {
                    throw new IllegalStateException(e);
                }
                return gauge(reply, "DEPTH").isPresent();
            });
        }
    }

    @Test
    void aSimulatedBoatTellsEverythingAndGoesWhenItIsTakenOff(Api api) throws InterruptedException {
        keep(api, "{\"version\": 0, \"name\": \"To try\", \"way\": \"SIMULATED\", \"priority\": 9}");
        JsonNode heard = until(api, reply -> reply.path("now").path("gauges").size() == 7);
        assertThat(heard.get("sources").get(0).get("source").get("version").asInt())
                .isEqualTo(1);
        JsonNode hold = api.get(boat + "/instruments?wantedMps=3.86").json().get("hold");
        assertThat(hold.get("streamMps").asDouble()).isBetween(0.3, 0.7);
        assertThat(hold.get("groundMps").asDouble()).isBetween(4.0, 4.8);
        assertThat(api.get(boat + "/instruments?wantedMps=90").status()).isEqualTo(400);
        assertThat(api.send("DELETE", source + "?version=7", null).status())
                .as("stale")
                .isEqualTo(409);
        assertThat(api.send("DELETE", source + "?version=1", null).status()).isEqualTo(200);
        assertThat(api.get(boat + "/instruments").json().get("sources")).isEmpty();
    }

    /** What is told each second is nothing kept, and what another edition told stops nobody. */
    @Test
    void aBoatThatIsHeardCanBeForgotten(Api api) throws InterruptedException {
        keep(api, "{\"version\": 0, \"name\": \"To try\", \"way\": \"SIMULATED\", \"priority\": 9}");
        until(api, reply -> reply.path("now").path("gauges").size() == 7);
        String mark = api.get(boat + "/export/mark").json().get("mark").asString();
        Thread.sleep(2500);
        assertThat(api.post(boat + "/forget", "{\"mark\":\"" + mark + "\"}").status())
                .isEqualTo(204);
    }

    @Test
    void whatAnotherEditionWroteIsNothingToldYet(Api api) {
        RunningServer.context()
                .getBean(InstrumentMapper.class)
                .write(UUID.fromString(boat.substring(boat.lastIndexOf('/') + 1)), "{\"told\": [7]}");
        var answer = api.get(boat + "/instruments");
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.json().has("now")).isFalse();
    }

    @Test
    void aSourceNobodyAnswersAtSaysSo(Api api) throws IOException, InterruptedException {
        int port;
        try (var free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        keep(api, source("TCP", port));
        JsonNode heard = until(
                api,
                reply -> !reply.path("now")
                        .path("states")
                        .path(0)
                        .path("trouble")
                        .asString("")
                        .isEmpty());
        assertThat(heard.get("now").get("gauges")).isEmpty();
    }

    @Test
    void whatCannotBeListenedToIsRefusedByField(Api api) {
        assertThat(keep(api, "{\"version\": 0, \"name\": \" \", \"way\": \"TCP\", \"port\": 70000, \"priority\": 0}")
                        .fields())
                .containsExactlyInAnyOrder("name", "port", "host", "priority");
    }

    /** Heard again as it was written; of where she is now it says nothing. */
    @Test
    void aRecordedFileIsPlayed(Api api) throws InterruptedException {
        String recorded = "$GPRMC,081836,A,2736.500,N,04718.200,W,007.5,036.0,130626,,\r\n" + DEPTH
                + "$GPRMC,081837,A,2736.501,N,04718.200,W,007.5,036.0,130626,,\r\nrubbish\r\n"
                + "$SDDPT,50.0,0.0*62\r\n";
        var kept = api.send("PUT", source + "/recording", recorded, "Content-Type", "text/plain");
        assertThat(kept.status()).isEqualTo(200);
        assertThat(kept.json().get("lines").asInt()).isEqualTo(4);
        assertThat(kept.json().get("others").asInt()).isEqualTo(1);
        keep(api, source("RECORDED", 1));
        until(
                api,
                reply -> gauge(reply, "DEPTH")
                        .filter(one -> one.get("value").asDouble() == 50)
                        .isPresent());
        String now = java.time.Instant.now().plusSeconds(60).toString();
        assertThat(api.get(boat + "/fixes?from=2026-01-01T00:00:00Z&to=" + now).json())
                .isEmpty();

        var refused = api.send("PUT", source + "/recording", "a letter\nfrom home\n", "Content-Type", "text/plain");
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.json().get("faults").get(0).get("message").asString())
                .contains("no sentence of NMEA 0183 that is used: 2 lines");
    }
}
