package org.mosswake.bench.spread;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType.LaunchOptions;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Playwright.CreateOptions;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** From a pointer move on a lure to the next frame in which its line is drawn anew, at twelve lines, in the browser. */
public final class DragLatency {
    private static final int MOVES = 300;
    private static final int WARM_MOVES = 400;
    private static final int LINES = 12;

    /** Moves the pointer one pixel at a time and waits, for each move, until the drawn curve has changed. */
    private static final String MEASURE = """
            async ([moves]) => {
              const lure = document.querySelector('[data-testid=plan] [data-line=C1]')
              const curves = document.querySelector('[data-testid=side]')
              const box = lure.querySelector('rect').getBoundingClientRect()
              let x = box.x + box.width / 2
              const y = box.y + box.height / 2
              const fire = (type) => lure.dispatchEvent(new PointerEvent(type,
                {bubbles: true, cancelable: true, pointerId: 1, clientX: x, clientY: y, isPrimary: true, button: 0}))
              lure.setPointerCapture = () => {}
              fire('pointerdown')
              const times = []
              for (let i = 0; i < moves; i++) {
                x += (Math.floor(i / 20) % 2 === 0 ? -6 : 6)
                const started = performance.now()
                await new Promise((done) => {
                  const seen = new MutationObserver(() => {
                    seen.disconnect()
                    requestAnimationFrame(() => done())
                  })
                  seen.observe(curves, {subtree: true, attributes: true, attributeFilter: ['d']})
                  fire('pointermove')
                  setTimeout(() => { seen.disconnect(); done() }, 1000)
                })
                times.push(performance.now() - started)
              }
              fire('pointerup')
              return times
            }""";

    private DragLatency() {}

    public static void print(String url) {
        var options = new CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1"));
        try (Playwright playwright = Playwright.create(options)) {
            Browser browser = playwright
                    .chromium()
                    .launch(new LaunchOptions()
                            .setExecutablePath(Path.of("/usr/bin/chromium"))
                            .setArgs(List.of("--no-sandbox", "--disable-quic", "--disable-background-networking")));
            Page page = browser.newPage(new Browser.NewPageOptions().setViewportSize(1280, 800));
            page.navigate(url);
            page.locator("[data-testid=plan] [data-line=C1]").waitFor();
            fill(page);
            times(page, WARM_MOVES);
            double[] times = times(page, MOVES);
            System.out.printf(
                    "%nDrag to redrawn drawing, %d lines, in the browser on loopback, %d moves:%n  p50 %.0f ms  p95 %.0f ms  p99 %.0f ms%n",
                    LINES, MOVES, at(times, 0.5), at(times, 0.95), at(times, 0.99));
        }
    }

    private static void fill(Page page) {
        var add = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add a line"));
        var lines = page.locator("[data-testid=plan] [data-line]");
        for (int count = lines.count(); count < LINES; count++) {
            add.click();
            lines.nth(count).waitFor();
        }
    }

    private static double[] times(Page page, int moves) {
        var measured = (List<?>) page.evaluate(MEASURE, List.of(moves));
        return measured.stream()
                .mapToDouble(t -> ((Number) t).doubleValue())
                .sorted()
                .toArray();
    }

    private static double at(double[] sorted, double share) {
        return sorted[(int) Math.min(sorted.length - 1.0, share * sorted.length)];
    }
}
