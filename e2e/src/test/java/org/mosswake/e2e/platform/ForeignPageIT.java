package org.mosswake.e2e.platform;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

/** A page served from elsewhere, in a browser on the same machine, can neither read nor write. */
class ForeignPageIT extends Journey {
    private static final String ATTACK = """
            async ([base, path]) => {
              const tried = {};
              const note = async (name, act) => {
                try { tried[name] = await act() } catch (e) { tried[name] = 'blocked' }
              };
              await note('read', async () => (await fetch(base + '/api/boats')).text());
              await note('opaque', async () => (await (await fetch(base + '/api/boats', {mode: 'no-cors'})).text()));
              await note('write', async () => (await fetch(base + path,
                {method: 'PUT', headers: {'Content-Type': 'application/json'}, body: '{}'})).status);
              await note('simple write', async () => (await (await fetch(base + path.replace('/spreads', '/solve'),
                {method: 'POST', mode: 'no-cors', body: '{}'})).text()));
              await note('script', () => new Promise((ok, no) => {
                const s = document.createElement('script');
                s.onload = () => ok('ran'); s.onerror = no; s.src = base + '/api/boats'; document.body.append(s);
              }));
              await note('frame', () => new Promise((ok) => {
                const f = document.createElement('iframe');
                f.onload = () => { try { ok(f.contentDocument ? 'read ' + f.contentDocument.body.innerText : 'blocked') }
                  catch (e) { ok('blocked') } };
                f.src = base + '/'; document.body.append(f);
              }));
              return JSON.stringify(tried);
            }""";

    @Test
    void cannotReadOrWrite() throws IOException {
        HttpServer elsewhere = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        elsewhere.createContext("/", exchange -> {
            byte[] html = "<!doctype html><body>elsewhere</body>".getBytes(StandardCharsets.UTF_8);
            exchange.getResponseHeaders().add("Content-Type", "text/html");
            exchange.sendResponseHeaders(200, html.length);
            exchange.getResponseBody().write(html);
            exchange.close();
        });
        elsewhere.start();
        try {
            String before = spreads();
            Page foreign = newTab();
            foreign.navigate("http://localhost:" + elsewhere.getAddress().getPort());
            String path = spreadsPath();
            String tried = (String) foreign.evaluate(ATTACK, new String[] {product.url(), path});
            assertThat(tried)
                    .doesNotContain("Quiet Ledger")
                    .doesNotContain("boatId")
                    .doesNotContain("ran");
            assertThat(tried)
                    .contains("\"read\":\"blocked\"")
                    .contains("\"write\":\"blocked\"")
                    .contains("\"script\":\"blocked\"");
            assertThat(spreads()).isEqualTo(before);
        } finally {
            elsewhere.stop(0);
        }
    }

    private String spreadsPath() {
        String boat = page.url().replaceAll(".*/boats/([0-9a-f-]+)/.*", "$1");
        return "/api/boats/" + boat + "/spreads";
    }

    private String spreads() {
        return (String) page.evaluate("path => fetch(path).then(r => r.text())", spreadsPath());
    }
}
