package org.mosswake.bench.spread;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.mosswake.bench.InBrowser;

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
        double[] times = InBrowser.measure(url, page -> {
            fill(page);
            InBrowser.times(page, MEASURE, WARM_MOVES);
            return InBrowser.times(page, MEASURE, MOVES);
        });
        InBrowser.print(
                "Drag to redrawn drawing, %d lines, in the browser on loopback, %d moves".formatted(LINES, MOVES),
                times);
    }

    private static void fill(Page page) {
        var add = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add a line"));
        var lines = page.locator("[data-testid=plan] [data-line]");
        for (int count = lines.count(); count < LINES; count++) {
            add.click();
            lines.nth(count).waitFor();
        }
    }
}
