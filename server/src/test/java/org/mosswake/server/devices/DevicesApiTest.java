package org.mosswake.server.devices;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.util.Map;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;
import org.springframework.context.ConfigurableApplicationContext;

/** A server on the boat's network, with the certificate that the start command makes; a device trusts its authority alone. */
class DevicesApiTest {
    @TempDir
    static Path folder;

    private static ConfigurableApplicationContext server;
    private static Api atTheComputer;
    private static String lan;
    private static HttpClient device;

    @BeforeAll
    static void start() throws IOException, InterruptedException, GeneralSecurityException {
        Process made = new ProcessBuilder(
                        "bash",
                        "-c",
                        "set -e; . ../scripts/lan; lan_certificate \"$0\" $'127.0.0.1\\nboat.local'",
                        folder.toString())
                .inheritIO()
                .start();
        assertThat(made.waitFor()).isZero();
        int port = freePort();
        server = RunningServer.start(
                RunningServer.freshDatabase(),
                Map.of(
                        "moss.demo",
                        "true",
                        "moss.lan.port",
                        port,
                        "moss.lan.store",
                        folder.resolve("server.p12"),
                        "moss.lan.authority",
                        folder.resolve("authority.crt"),
                        "moss.lan.password",
                        Files.readString(folder.resolve("password")).strip(),
                        "moss.allowed-hosts",
                        "127.0.0.1,boat.local"));
        atTheComputer = new Api("http://127.0.0.1:" + server.getEnvironment().getProperty("local.server.port"));
        lan = "https://127.0.0.1:" + port;
        device = HttpClient.newBuilder()
                .sslContext(trusting(folder.resolve("authority.crt")))
                .build();
    }

    @AfterAll
    static void stop() {
        server.close();
    }

    private static int freePort() throws IOException {
        try (var socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    private static SSLContext trusting(Path authority) throws IOException, GeneralSecurityException {
        KeyStore store = KeyStore.getInstance("PKCS12");
        store.load(null, null);
        try (InputStream in = Files.newInputStream(authority)) {
            store.setCertificateEntry(
                    "boat", CertificateFactory.getInstance("X.509").generateCertificate(in));
        }
        var trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        trust.init(store);
        SSLContext context = SSLContext.getInstance("TLS");
        context.init(null, trust.getTrustManagers(), null);
        return context;
    }

    private static HttpResponse<String> ask(String method, String path, String body, String token) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(lan + path))
                .method(method, body == null ? BodyPublishers.noBody() : BodyPublishers.ofString(body))
                .header("Content-Type", "application/json")
                .header("Origin", lan);
        if (token != null) {
            request.header("Cookie", PairedOnly.COOKIE + "=" + token);
        }
        try {
            return device.send(request.build(), BodyHandlers.ofString());
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private static String code() {
        return atTheComputer.post("/api/pairing/code", "").json().get("code").asString();
    }

    private static HttpResponse<String> pair(String code) {
        return ask("POST", "/api/pairing", "{\"code\": \"" + code + "\", \"name\": \"Phone of the mate\"}", null);
    }

    private static String paired() {
        HttpResponse<String> answer = pair(code());
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(204);
        String cookie = answer.headers().firstValue("Set-Cookie").orElseThrow();
        assertThat(cookie).contains("HttpOnly").contains("Secure").contains("SameSite=Strict");
        return cookie.substring(cookie.indexOf('=') + 1, cookie.indexOf(';'));
    }

    /** However the address is dressed up. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/boats",
                "/boats/../api/boats",
                "/boats/%2e%2e/api/boats",
                "/assets/..;/api/boats",
                "/boats;/../api/boats",
                "//api/boats",
                "/api/pairing/../boats",
                "/api/pairing/code",
                "/api/devices",
                "/v3/api-docs",
                "/actuator/health",
                "/api/boats/nobody/export"
            })
    void whoIsNotPairedReadsNothing(String path) {
        for (String token : new String[] {null, "", "made-up", paired() + "x"}) {
            HttpResponse<String> answer = ask("GET", path, null, token);
            assertThat(answer.statusCode()).as(path).isBetween(400, 499);
            assertThat(answer.body()).doesNotContain("Quiet Ledger");
        }
    }

    @Test
    void whoIsNotPairedWritesNothingAndSeesThePage() {
        String boat = atTheComputer.quietLedger();
        assertThat(ask("POST", boat + "/facts", "{\"facts\": []}", null).statusCode())
                .isEqualTo(401);
        assertThat(ask("PUT", boat, "{}", null).statusCode()).isEqualTo(401);
        var page = ask("GET", "/", null, null);
        assertThat(page.statusCode()).isEqualTo(200);
        assertThat(page.body()).contains("/assets/").doesNotContain("/api/boats/");
        assertThat(ask("GET", "/authority.crt", null, null).body()).startsWith("-----BEGIN CERTIFICATE-----");
    }

    @Test
    void aPairedDeviceReadsAndWritesUntilItIsShutOut() {
        String token = paired();
        String boat = atTheComputer.quietLedger();
        assertThat(ask("GET", "/api/boats", null, token).body()).contains("Quiet Ledger");
        assertThat(ask("POST", boat + "/facts", "{\"facts\": []}", token).statusCode())
                .isEqualTo(400);
        var devices = atTheComputer.get("/api/devices").json();
        assertThat(devices.get("addresses").get(0).asString()).isEqualTo(lan);
        var last = devices.get("devices").get(devices.get("devices").size() - 1);
        String id = last.get("deviceId").asString();
        assertThat(last.get("name").asString()).isEqualTo("Phone of the mate");
        // Only whoever sits at the computer lets in and shuts out.
        assertThat(ask("POST", "/api/devices/" + id + "/shut-out", "", token).statusCode())
                .isEqualTo(403);
        assertThat(ask("POST", "/api/pairing/code", "", token).statusCode()).isEqualTo(403);
        assertThat(atTheComputer
                        .put("/api/devices/" + id, "{\"name\": \"Tablet\"}")
                        .text())
                .contains("Tablet");
        assertThat(atTheComputer.post("/api/devices/" + id + "/shut-out", "").text())
                .contains("shutOutAt");
        assertThat(ask("GET", "/api/boats", null, token).statusCode()).isEqualTo(401);
    }

    @Test
    void aCodePairsOneDeviceAndIsVoidAfterWrongTries() {
        String code = code();
        // As it is read aloud: small, and with a dash.
        String aloud = code.substring(0, 4).toLowerCase(java.util.Locale.ROOT) + "-" + code.substring(4);
        assertThat(pair(aloud).statusCode()).isEqualTo(204);
        assertThat(pair(code).body()).contains("CODE_IS_VOID");
        String other = code();
        for (int i = 0; i < DeviceService.MOST_TRIES; i++) {
            assertThat(pair("AAAAAAAA").body()).contains("CODE_IS_VOID");
        }
        assertThat(pair(other).body()).contains("CODE_IS_VOID");
        assertThat(pair("").body()).contains("\"field\":\"code\"");
    }

    @Test
    void pagesFromElsewhereAreRefusedHereToo() throws IOException, InterruptedException {
        var request = HttpRequest.newBuilder(URI.create(lan + "/api/boats"))
                .header("Origin", "https://elsewhere.example")
                .header("Cookie", PairedOnly.COOKIE + "=" + paired())
                .build();
        assertThat(device.send(request, BodyHandlers.ofString()).statusCode()).isEqualTo(403);
    }

    @Test
    void withoutANetworkNothingIsPaired() {
        var answer = atTheComputer.post("/api/pairing", "{\"code\": \"AAAAAAAA\", \"name\": \"x\"}");
        assertThat(answer.codes()).containsExactly("NOT_ON_A_NETWORK");
    }

    /** Made once: a second start has the same authority, and devices go on trusting it. */
    @Test
    void theAuthorityStays() throws IOException, InterruptedException {
        String before = Files.readString(folder.resolve("authority.crt"));
        Process again = new ProcessBuilder(
                        "bash",
                        "-c",
                        "set -e; . ../scripts/lan; lan_certificate \"$0\" $'127.0.0.1\\nother.local'",
                        folder.toString())
                .start();
        assertThat(again.waitFor()).isZero();
        assertThat(Files.readString(folder.resolve("authority.crt"))).isEqualTo(before);
        assertThat(Files.readString(folder.resolve("names"))).contains("other.local");
    }
}
