package org.mosswake.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.platform.compute.Computing;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import tools.jackson.databind.node.ObjectNode;

/** Slow, abandoned and oversized requests, and what a well-behaved client meets meanwhile. */
@ExtendWith(RunningServer.class)
class ManyAtOnceTest {
    private static int port() {
        return Integer.parseInt(RunningServer.context().getEnvironment().getProperty("local.server.port"));
    }

    private static Socket begun(String path, int length, String sent) throws IOException {
        var socket = new Socket("127.0.0.1", port());
        String head = "POST " + path + " HTTP/1.1\r\nHost: 127.0.0.1:" + port()
                + "\r\nContent-Type: application/json\r\nContent-Length: " + length + "\r\n\r\n" + sent;
        socket.getOutputStream().write(head.getBytes(StandardCharsets.UTF_8));
        return socket;
    }

    @Test
    void slowBodiesHoldNobodyUpAndAreGivenUp(Api api) throws IOException {
        var slow = new ArrayList<Socket>();
        try {
            for (int i = 0; i < 200; i++) {
                slow.add(begun("/api/tow", 5000, "{"));
            }
            ObjectNode mixed = api.mixedSurface();
            for (int i = 0; i < 20; i++) {
                assertThat(api.get("/api/boats").status()).isEqualTo(200);
                assertThat(api.post(api.quietLedger() + "/solve", mixed.get("draft"))
                                .status())
                        .isEqualTo(200);
            }
            assertThat(firstLine(slow.get(0))).contains("408");
            assertThat(firstLine(slow.get(199))).contains("408");
        } finally {
            for (Socket socket : slow) {
                socket.close();
            }
        }
    }

    private static String firstLine(Socket socket) throws IOException {
        var line = new StringBuilder();
        for (int c = socket.getInputStream().read();
                c >= 0 && c != '\r';
                c = socket.getInputStream().read()) {
            line.append((char) c);
        }
        return line.toString();
    }

    /** Half the bytes, a pause, the rest: slow but moving. */
    @Test
    void aBodyInPiecesIsTakenWhole(Api api) throws IOException, InterruptedException {
        String body = "{\"speedMps\":2}";
        try (Socket socket = begun("/api/tow", body.length(), body.substring(0, 5))) {
            Thread.sleep(300);
            socket.getOutputStream().write(body.substring(5).getBytes(StandardCharsets.UTF_8));
            assertThat(firstLine(socket)).contains("400");
        }
    }

    @Test
    void workForAReaderWhoHasGoneIsStopped(Api api) throws Exception {
        var computing = RunningServer.context().getBean(Computing.class);
        String body = Api.JSON.createObjectNode().set("draft", twelve(api)).toString();
        for (int i = 0; i < 30; i++) {
            // Another radius each time: nothing is known of it yet.
            String asked = body.substring(0, body.length() - 1) + ",\"radiusM\":" + (30 + i) + "}";
            begun(api.quietLedger() + "/turns/mend", asked.length(), asked).close();
        }
        for (int i = 0; i < 100 && computing.busy() > 0; i++) {
            Thread.sleep(100);
        }
        assertThat(computing.busy()).isZero();
        assertThat(api.post(api.quietLedger() + "/turns", body).status()).isEqualTo(200);
    }

    private static ObjectNode twelve(Api api) {
        return (ObjectNode) api.spread(api.quietLedger(), "Twelve lines").get("draft");
    }

    @Test
    void manyFaultsAreNamedInPartAndCounted(Api api) {
        var body = new StringBuilder("{");
        for (int i = 0; body.length() < 110_000; i++) {
            body.append("\"field").append(i).append("\":1,");
        }
        body.setCharAt(body.length() - 1, '}');
        var answer = api.post(api.quietLedger() + "/solve", body.toString());
        assertThat(answer.status()).isEqualTo(400);
        List<String> codes = answer.codes();
        assertThat(codes).hasSizeLessThanOrEqualTo(51);
        assertThat(codes.get(codes.size() - 1)).isEqualTo("AND_MORE");
        assertThat(answer.json().at("/faults/50/message").asString()).matches("and \\d,?\\d+ more like these");
    }

    @Test
    void onlyJsonIsTaken(Api api) {
        ObjectNode mixed = api.mixedSurface();
        String path = api.quietLedger() + "/solve";
        for (String type : List.of(
                "application/yaml",
                "text/plain",
                "application/x-www-form-urlencoded",
                "multipart/form-data; boundary=x",
                "multipart/form-data")) {
            assertThat(api.send("POST", path, mixed.get("draft").toString(), "Content-Type", type)
                            .status())
                    .as(type)
                    .isEqualTo(415);
        }
        assertThat(api.send("GET", "/api/boats", null, "Accept", "application/yaml")
                        .status())
                .isEqualTo(406);
    }

    @Test
    void listsComeInPages(Api api) {
        assertThat(api.get("/api/boats?count=1").json()).hasSize(1);
        assertThat(api.get("/api/boats?from=1&count=1").json())
                .isNotEqualTo(api.get("/api/boats?count=1").json());
        assertThat(api.get("/api/boats?count=0").fields()).containsExactly("count");
        assertThat(api.get("/api/boats?from=-1").fields()).containsExactly("from");
    }
}
