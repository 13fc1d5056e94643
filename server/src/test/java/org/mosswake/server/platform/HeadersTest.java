package org.mosswake.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mosswake.server.support.Api;
import org.mosswake.server.support.RunningServer;

@ExtendWith(RunningServer.class)
class HeadersTest {
    private static HttpResponse<String> send(HttpRequest.Builder request, String path) {
        String port = RunningServer.context().getEnvironment().getProperty("local.server.port");
        try {
            return HttpClient.newHttpClient()
                    .send(
                            request.uri(URI.create("http://127.0.0.1:" + port + path))
                                    .build(),
                            BodyHandlers.ofString());
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private static String policy(HttpResponse<String> response) {
        return response.headers().firstValue("Content-Security-Policy").orElseThrow();
    }

    @Test
    void thePolicyAllowsNothingInlineButTheNoncedStyle() {
        var page = send(HttpRequest.newBuilder(), "/");
        assertThat(policy(page)).contains("default-src 'none'").doesNotContain("unsafe");
        Matcher nonce = Pattern.compile("'nonce-([^']+)'").matcher(policy(page));
        assertThat(nonce.find()).isTrue();
        assertThat(page.body()).contains("content=\"" + nonce.group(1) + "\"");
        assertThat(policy(send(HttpRequest.newBuilder(), "/"))).doesNotContain(nonce.group(1));
    }

    /** The station's script and its first questions come with the page, not after it has run. */
    @Test
    void thePageNamesWhatItAsksForFirst() {
        String boat = "00000000-0000-4000-8000-000000000001";
        String page = send(HttpRequest.newBuilder(), "/boats/" + boat + "/plan").body();
        assertThat(page)
                .containsPattern("rel=\"modulepreload\" crossorigin href=\"/assets/PlanPage-[^\"]+\\.js\"")
                .contains("as=\"fetch\" crossorigin href=\"/api/boats/" + boat + "/gear\"")
                .doesNotContain("SpreadPage");
        assertThat(send(HttpRequest.newBuilder(), "/boats/%22%3E%3Cb%3E/plan").body())
                .contains("href=\"/api/boats\"")
                .doesNotContain("<b>")
                .doesNotContain("%3Cb");
    }

    /** Where the address names nothing, what the page will come to stand on; over the boat's network nobody's data. */
    @Test
    void thePageThatOpensOnASpreadNamesItToWhoMayKnow(Api api) throws InterruptedException {
        String boat = api.get("/api/boats")
                .json()
                .valueStream()
                .filter(title -> !title.get("putAway").asBoolean())
                .findFirst()
                .orElseThrow()
                .get("boatId")
                .asString();
        UUID spread = UUID.randomUUID();
        String latest = "/api/boats/" + boat + "/spreads/" + spread;
        String body = """
                {"spreadId": "%s", "version": 0, "name": "Latest", "draft": {"speedThroughWaterMps": 3.5, "lines": []}}""";
        assertThat(api.put(latest, body.formatted(spread)).status()).isEqualTo(200);
        // For the page before it was looked up as it stood then.
        String page = "";
        for (int i = 0; i < 100 && !page.contains(latest); i++) {
            page = send(HttpRequest.newBuilder(), "/").body();
            Thread.sleep(100);
        }
        assertThat(page)
                .contains("href=\"" + latest + "\"")
                .contains("href=\"" + latest + "/solved\"")
                .contains("SpreadPage");
        String away = "/api/boats/" + boat + "/put-away/" + spread;
        assertThat(api.send("PUT", away, null).status()).isEqualTo(204);
        assertThat(api.send("DELETE", latest, null).status()).isEqualTo(204);
    }

    @Test
    void builtFilesComePacked() {
        Matcher script = Pattern.compile("src=\"(/assets/[^\"]+)\"")
                .matcher(send(HttpRequest.newBuilder(), "/").body());
        assertThat(script.find()).isTrue();
        for (String packing : new String[] {"br", "gzip"}) {
            assertThat(send(HttpRequest.newBuilder().header("Accept-Encoding", packing), script.group(1))
                            .headers()
                            .firstValue("Content-Encoding"))
                    .hasValue(packing);
        }
        assertThat(send(HttpRequest.newBuilder(), script.group(1)).headers().firstValue("Content-Encoding"))
                .isEmpty();
    }

    @Test
    void answersAreNotKeptByCachesAndAssetsAre() {
        assertThat(send(HttpRequest.newBuilder(), "/api/boats").headers().firstValue("Cache-Control"))
                .hasValue("private, no-cache");
        var page = send(HttpRequest.newBuilder(), "/");
        assertThat(page.headers().firstValue("Cache-Control")).hasValue("no-store");
        Matcher script = Pattern.compile("src=\"(/assets/[^\"]+)\"").matcher(page.body());
        assertThat(script.find()).isTrue();
        var asset = send(HttpRequest.newBuilder(), script.group(1));
        assertThat(asset.headers().firstValue("Cache-Control").orElseThrow()).contains("immutable");
        assertThat(asset.headers().firstValue("X-Content-Type-Options")).hasValue("nosniff");
    }

    @Test
    void aBodyOfUndeclaredLengthIsLimitedToo() {
        byte[] large = ("[\"" + "a".repeat(400_000) + "\"]").getBytes(StandardCharsets.UTF_8);
        var request = HttpRequest.newBuilder()
                .header("Content-Type", "application/json")
                .POST(BodyPublishers.ofInputStream(() -> new ByteArrayInputStream(large)));
        var answer = send(request, "/api/tow");
        assertThat(answer.statusCode()).isEqualTo(413);
        assertThat(answer.body()).contains("128 KiB");
    }

    @Test
    void onlyJsonIsTaken() {
        var form = HttpRequest.newBuilder()
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(BodyPublishers.ofString("a=b"));
        assertThat(send(form, "/api/tow").statusCode()).isEqualTo(415);
        var text = HttpRequest.newBuilder().header("Content-Type", "text/plain").POST(BodyPublishers.ofString("{}"));
        assertThat(send(text, "/api/tow").statusCode()).isEqualTo(415);
    }
}
