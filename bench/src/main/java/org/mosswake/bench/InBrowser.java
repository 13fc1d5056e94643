package org.mosswake.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType.LaunchOptions;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Playwright.CreateOptions;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;

/** Times of the real page in a headless browser. */
public final class InBrowser {
    /** The shell alone, as the journeys have it; else the whole browser. */
    public static final Path CHROMIUM = Stream.of("/usr/bin/chromium-headless-shell", "/usr/bin/chromium")
            .map(Path::of)
            .filter(Files::exists)
            .findFirst()
            .orElse(Path.of("/usr/bin/chromium"));

    private InBrowser() {}

    /**
     * @param url   of a spread with a line C1
     * @param times measures on that page once it is drawn (ms)
     */
    public static double[] measure(String url, Function<Page, double[]> times) {
        var options = new CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1"));
        try (Playwright playwright = Playwright.create(options)) {
            Browser browser = playwright
                    .chromium()
                    .launch(new LaunchOptions()
                            .setExecutablePath(CHROMIUM)
                            .setArgs(List.of("--no-sandbox", "--disable-quic", "--disable-background-networking")));
            Page page = browser.newPage(new Browser.NewPageOptions().setViewportSize(1280, 800));
            page.navigate(url);
            page.locator("[data-testid=plan] [data-line=C1]").waitFor();
            return times.apply(page);
        }
    }

    /** What a script measures, told how many times; sorted (ms). */
    public static double[] times(Page page, String script, int count) {
        var measured = (List<?>) page.evaluate(script, List.of(count));
        return measured.stream()
                .mapToDouble(t -> ((Number) t).doubleValue())
                .sorted()
                .toArray();
    }

    /** Prints the usual quantiles of sorted times. */
    public static void print(String what, double[] sorted) {
        System.out.printf(
                "%n%s:%n  p50 %.0f ms  p95 %.0f ms  p99 %.0f ms%n",
                what, at(sorted, 0.5), at(sorted, 0.95), at(sorted, 0.99));
    }

    private static double at(double[] sorted, double share) {
        return sorted[(int) Math.min(sorted.length - 1.0, share * sorted.length)];
    }
}
