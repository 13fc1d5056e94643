package org.mosswake.bench.water;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;
import org.mosswake.bench.InBrowser;

/** The picture of the water with a grid of 2,000 × 2,000 cells: how long it takes to draw, and frames while it is moved. */
public final class ChartFrames {
    private static final int SIDE = 2000;
    private static final int SECONDS = 4;
    private static final String DAY = "2026-06-18";

    /** The longest time without a frame from the moment the cells are here: turning them into a picture, and drawing it. */
    private static final String DRAWN = """
            async () => {
              const here = () => performance.getEntriesByType('resource').filter((e) => e.name.endsWith('/cells')
                && e.decodedBodySize >= 16000000)
              let last = performance.now(), longest = 0, since = null
              for (;;) {
                const now = await new Promise(requestAnimationFrame)
                if (here().length > 0) {
                  since ??= now
                  longest = Math.max(longest, now - last)
                  if (now - since > 4000) return [longest]
                }
                last = now
              }
            }""";

    /** Each time between two frames while it is drawn about and zoomed, as by a hand (ms). */
    private static final String MOVED = """
            async ([seconds]) => {
              const chart = document.querySelector('[data-testid=chart] [role=application]')
              const box = chart.getBoundingClientRect()
              const at = (type, x, y) => (type === 'pointerdown' ? chart.querySelector('canvas') ?? chart : document)
                .dispatchEvent(new PointerEvent(type, {bubbles: true, cancelable: true, pointerId: 1, isPrimary: true,
                  button: type === 'pointermove' ? -1 : 0, buttons: 1, clientX: box.x + x, clientY: box.y + y}))
              const times = []
              const began = performance.now()
              let last = began
              at('pointerdown', 400, 300)
              while (performance.now() - began < 1000 * seconds) {
                const now = await new Promise(requestAnimationFrame)
                times.push(now - last)
                last = now
                const t = (now - began) / 300
                if (now - began < 500 * seconds) at('pointermove', 400 + 150 * Math.sin(t), 300 + 100 * Math.cos(t))
                else {
                  if (times.ended === undefined) { at('pointerup', 400, 300); times.ended = true }
                  (chart.querySelector('canvas') ?? chart).dispatchEvent(new WheelEvent('wheel', {bubbles: true, cancelable: true,
                    clientX: box.x + 400, clientY: box.y + 300, deltaY: 40 * Math.sin(2 * t)}))
                }
              }
              return times.slice(2)
            }""";

    private ChartFrames() {}

    public static void print(String url) {
        double[][] found = new double[2][];
        InBrowser.measure(url, page -> {
            String boat = page.url().replaceAll(".*/boats/([0-9a-f-]+).*", "$1");
            drop(url + "/api/boats/" + boat + "/water?kind=TEMPERATURE&name=large&at=" + DAY + "T04:00:00Z");
            page.navigate(url + "/boats/" + boat + "/plan/water?day=" + DAY + "&at=" + DAY + "T10:33Z");
            found[0] = InBrowser.times(page, DRAWN, 1);
            // The picture is laid out anew when the places are known.
            page.locator("[data-testid=water][aria-busy=false]").waitFor();
            page.waitForTimeout(1500);
            InBrowser.times(page, MOVED, 1);
            found[1] = InBrowser.times(page, MOVED, SECONDS);
            return found[1];
        });
        double[] frames = found[1];
        double second = Arrays.stream(frames).sum() / 1000;
        System.out.printf(
                "%nThe picture of the water, %d × %d cells, in the browser: longest gap as it is drawn %.0f ms (bound 200 ms)%n",
                SIDE, SIDE, found[0][0]);
        System.out.printf(
                "  moved and zoomed by a hand: %.0f frames a second (bound 50), 95 %% within %.0f ms%n",
                frames.length / second, frames[(int) (0.95 * (frames.length - 1))]);
    }

    /** A warm tongue between two colder seas, with a gap of cloud. */
    private static void drop(String to) {
        var text = new StringBuilder(24 * SIDE * SIDE / 4)
                .append(String.format(
                        Locale.ROOT,
                        "ncols %d%nnrows %d%nxllcenter -47.9%nyllcenter 27.0%ncellsize 0.0006%nNODATA_value -99%n",
                        SIDE,
                        SIDE));
        for (int row = 0; row < SIDE; row++) {
            for (int column = 0; column < SIDE; column++) {
                boolean cloud = Math.hypot(row - 600, column - 1300) < 250;
                int tenths = (int) Math.round(250 + 25 * Math.sin(row / 310.0) * Math.cos(column / 270.0));
                text.append(cloud ? "-99" : tenths / 10 + "." + tenths % 10).append(' ');
            }
            text.append('\n');
        }
        var request = HttpRequest.newBuilder(URI.create(to))
                .header("Content-Type", "application/octet-stream")
                .POST(BodyPublishers.ofString(text.toString(), StandardCharsets.US_ASCII))
                .build();
        try {
            var answer = HttpClient.newHttpClient().send(request, BodyHandlers.ofString());
            if (answer.statusCode() != 200) {
                throw new IllegalStateException(answer.body());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
