package org.mosswake.bench.call;

import org.mosswake.bench.InBrowser;

/** From an answer given on a chip to the next frame in which the bands are drawn anew, in the browser. */
public final class ChipLatency {
    private static final int CHANGES = 120;
    private static final int WARM_CHANGES = 60;

    /** Presses one answer and then another of the open chip, and waits for the bands each time. */
    private static final String MEASURE = """
            async ([changes]) => {
              const bands = () => document.querySelector('[data-testid=day-stage]')
              const choices = () => [...document.querySelectorAll('[role=dialog] [aria-pressed]')]
              const times = []
              for (let i = 0; i < changes; i++) {
                const button = choices()[1 + (i % 2)]
                const started = performance.now()
                await new Promise((done) => {
                  const seen = new MutationObserver(() => { seen.disconnect(); requestAnimationFrame(() => done()) })
                  seen.observe(bands(), {subtree: true, childList: true, attributes: true, characterData: true})
                  button.click()
                  setTimeout(() => { seen.disconnect(); done() }, 2000)
                })
                times.push(performance.now() - started)
                await new Promise((done) => setTimeout(done, 30))
              }
              return times
            }""";

    private ChipLatency() {}

    public static void print(String url) {
        double[] times = InBrowser.measure(url, page -> {
            page.keyboard().press("1");
            page.getByTestId("bands").waitFor();
            page.locator("[data-topic=BIRDS]").click();
            page.locator("[role=dialog] [aria-pressed]").nth(2).waitFor();
            InBrowser.times(page, MEASURE, WARM_CHANGES);
            return InBrowser.times(page, MEASURE, CHANGES);
        });
        InBrowser.print(
                "Answer on a chip to redrawn bands, in the browser on loopback, %d changes".formatted(CHANGES), times);
    }
}
