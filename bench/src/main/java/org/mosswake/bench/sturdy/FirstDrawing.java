package org.mosswake.bench.sturdy;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType.LaunchOptions;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Playwright.CreateOptions;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.mosswake.bench.InBrowser;

/** How long until the first drawing stands in an empty browser, and how much script it took. */
public final class FirstDrawing {
    private static final int TIMES = 5;
    private static final double SLOW_LINK_BYTES_PER_S = 1.5e6 / 8;

    /** By the page's own clock: whoever asks a busy page whether it has drawn makes it wait for the asking. */
    private static final String TELLS = """
            const seen = new MutationObserver(() => {
              if (!document.querySelector('[data-testid=plan] [data-line=C1]')) return
              seen.disconnect()
              requestAnimationFrame(() => setTimeout(() => { window.drawnMs = performance.now() }))
            })
            seen.observe(document, { childList: true, subtree: true })
            """;

    private FirstDrawing() {}

    public static void print(String base) {
        var options = new CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1"));
        try (Playwright playwright = Playwright.create(options);
                Browser browser = playwright
                        .chromium()
                        .launch(new LaunchOptions()
                                .setExecutablePath(InBrowser.CHROMIUM)
                                .setArgs(List.of(
                                        "--no-sandbox", "--disable-quic", "--disable-background-networking")))) {
            System.out.printf("%nFirst drawing of a spread, browser empty:%n");
            print("on loopback", browser, base, false);
            print("a quarter of the CPU, 1.5 Mbit/s", browser, base, true);
        }
    }

    private static void print(String what, Browser browser, String base, boolean slow) {
        var times = new ArrayList<Double>();
        double script = 0;
        double all = 0;
        for (int i = 0; i < TIMES; i++) {
            try (BrowserContext context =
                    browser.newContext(new Browser.NewContextOptions().setViewportSize(1280, 800))) {
                Page page = context.newPage();
                if (slow) {
                    throttle(context.newCDPSession(page));
                }
                page.addInitScript(TELLS);
                page.navigate(base);
                page.waitForFunction("window.drawnMs");
                times.add(((Number) page.evaluate("window.drawnMs")).doubleValue());
                script = bytes(page, "r => r.initiatorType === 'script' || r.name.endsWith('.js')");
                all = bytes(page, "() => true");
            }
        }
        System.out.printf(
                "  %-34s p50 %.0f ms  slowest %.0f ms  script %.0f kB, all %.0f kB on the wire%n",
                what, Client.percentile(times, 0.5), Client.percentile(times, 1), script / 1000, all / 1000);
    }

    private static void throttle(CDPSession session) {
        var network = new JsonObject();
        network.addProperty("offline", false);
        network.addProperty("latency", 20);
        network.addProperty("downloadThroughput", SLOW_LINK_BYTES_PER_S);
        network.addProperty("uploadThroughput", SLOW_LINK_BYTES_PER_S);
        session.send("Network.emulateNetworkConditions", network);
        var cpu = new JsonObject();
        cpu.addProperty("rate", 4);
        session.send("Emulation.setCPUThrottlingRate", cpu);
    }

    private static double bytes(Page page, String which) {
        return ((Number) page.evaluate("performance.getEntriesByType('resource').filter(" + which
                        + ").reduce((sum, r) => sum + r.transferSize, 0)"))
                .doubleValue();
    }
}
