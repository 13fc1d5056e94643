package org.mosswake.e2e.deck;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static java.nio.charset.StandardCharsets.US_ASCII;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.Geolocation;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

/** A day out: lines set, a double, cleared, landed, lost; without a link, and by thumb. */
class DeckIT extends Journey {
    /** A boat of its own for each: what happened on a day cannot be made undone. */
    @Override
    protected void prepare() {
        product.freshBoats();
    }

    @BeforeEach
    void underway() {
        page.keyboard().press("4");
        pad("S1").waitFor();
        // The last day out is long over: what is tapped now is kept today.
        assertThat(page.getByText("is kept at")).hasCount(0);
        assertThat(page.locator("[data-now=UNKNOWN]")).hasCount(6);
    }

    private Locator pad(String label) {
        return page.locator("[data-pad=" + label + "]");
    }

    private void setAll() {
        button("Set").click();
        Locator all = page.getByText("are out", new Page.GetByTextOptions().setExact(false));
        all.first().click();
        assertThat(page.locator("[data-now=OUT]")).hasCount(6);
    }

    private Locator card() {
        return page.getByTestId("strike-card");
    }

    @Test
    void aDoubleIsClearedInOrderLandedAndLost() {
        setAll();
        page.keyboard().press("e");
        assertThat(card()).containsText("S1");
        assertThat(page.getByTestId("hold")).isVisible();
        assertThat(pad("S1")).hasAttribute("data-now", "FIGHTING");
        page.keyboard().press("c");
        assertThat(page.getByLabel("Fish on", new Page.GetByLabelOptions().setExact(true))
                        .getByText("P1"))
                .isVisible();
        page.getByLabel("D1 is in").click();
        assertThat(pad("D1")).hasAttribute("data-now", "IN");
        button("Lost it").click();
        button("Pulled hook").click();
        assertThat(card()).containsText("S1");
        button("At the boat").click();
        button("mahi").click();
        button("Kept").click();
        assertThat(card()).hasCount(0);
        assertThat(page.getByText("Kept: 1 mahi")).isVisible();
        assertThat(page.getByLabel("Clocks")).isVisible();
        assertThat(page.getByText("all sent")).isVisible();
        page.reload();
        assertThat(page.getByText("Kept: 1 mahi")).isVisible();
        assertThat(complaints).isEmpty();
    }

    @Test
    void aStrikeWithoutALinkIsKeptAndSentAndCanBeUndone() {
        setAll();
        page.context().setOffline(true);
        pad("C1").click();
        assertThat(card()).containsText("C1");
        assertThat(page.getByText("kept here, not sent yet")).isVisible();
        page.context().setOffline(false);
        assertThat(page.getByText("all sent")).isVisible();
        Locator on = page.locator("[data-now=FIGHTING]");
        int before = on.count();
        page.keyboard().press("x");
        assertThat(on).hasCount(before + 1);
        page.getByText("Undo").click();
        assertThat(on).hasCount(before);
    }

    /** A day that is over can be looked at; a tap there is meant for there, and that is said. */
    @Test
    void anotherMomentIsSaidToBeOne() {
        String deck = page.url().replaceAll("\\?.*", "");
        follow(deck + "?day=2026-06-18&at=2026-06-18T10:33Z");
        pad("S1").waitFor();
        assertThat(page.getByText("is kept at Thursday 18 June 2026, 07:33, not now"))
                .isVisible();
        assertThat(page.locator("[data-now=OUT]")).hasCount(6);
        button("Go to now").click();
        assertThat(page.getByText("is kept at")).hasCount(0);
        assertThat(page.locator("[data-now=UNKNOWN]")).hasCount(6);
    }

    /** Two fish at once on a day that nobody began: one day out, with both. */
    @Test
    void twoQuickStrikesBeginOneDayOut() {
        page.keyboard().press("e");
        page.keyboard().press("c");
        assertThat(page.locator("[data-now=FIGHTING]")).hasCount(2);
        assertThat(page.getByText("all sent")).isVisible();
        page.keyboard().press("3");
        page.getByTestId("day-fold").click();
        assertThat(page.getByLabel("Day out").locator("option")).hasCount(3);
    }

    @Test
    void byThumbAtNight() {
        page.setViewportSize(390, 844);
        button("Night").click();
        // Whoever had gone down the page sees what to do all the same.
        page.evaluate("window.scrollTo(0, 150)");
        pad("P1").click();
        assertThat(card()).containsText("P1");
        page.waitForFunction("document.querySelector('[data-testid=strike-card]').getBoundingClientRect().top >= 0");
        Object small = page.evaluate("""
                () => [...document.querySelectorAll('main button')]
                    .map((e) => [e.textContent, e.getBoundingClientRect()])
                    .filter(([, r]) => r.width > 0 && Math.min(r.width, r.height) < 63.5)
                    .map(([words]) => words)""");
        assertThat((List<?>) small).isEmpty();
        assertThat((String) page.evaluate("getComputedStyle(document.querySelector('main')).backgroundColor"))
                .isEqualTo("rgb(20, 17, 11)");
        page.reload();
        assertThat(card()).containsText("P1");
    }

    @Test
    void aSimulatedBoatIsHeardSaidToBeOneAndTakenOff() {
        button("Instruments").click();
        button("Try it with a simulated boat").click();
        assertThat(page.locator("[data-source=SIMULATED]")).containsText("lines heard");
        page.keyboard().press("Escape");
        assertThat(page.getByText("Simulated instruments")).isVisible();
        assertThat(page.locator("[data-gauge=DEPTH]")).containsText("m");
        assertThat(page.getByTestId("hold-on-receiver")).containsText("stream");
        button("Instruments").click();
        button("Take off Simulated boat").click();
        assertThat(page.locator("[data-source]")).hasCount(0);
        page.keyboard().press("Escape");
        assertThat(page.getByTestId("gauges")).hasCount(0);
    }

    /** The lines led along the way she sails: from above, from the side, in words; a strike is one tap there too. */
    @Test
    void onTheWaterEveryLineIsSeenWhereItIs() {
        assertThat(button("On the water")).hasCount(0);
        button("Instruments").click();
        button("Try it with a simulated boat").click();
        assertThat(page.locator("[data-source=SIMULATED]")).containsText("lines heard");
        page.keyboard().press("Escape");
        button("On the water").click();
        assertThat(page.getByTestId("live-says")).containsText("No line is out");
        setAll();
        assertThat(page.locator("[data-live-line]")).hasCount(6);
        assertThat(page.getByTestId("live-says")).containsText("to run");
        assertThat(page.getByTestId("live-side")).containsText("Bottom at");
        Locator row = page.locator("table tr", new Page.LocatorOptions().setHasText("D1"));
        assertThat(row).containsText("m");
        // Without a link nothing is drawn as if it were so now.
        page.context().setOffline(true);
        assertThat(page.locator("[data-live-line]")).hasCount(0);
        assertThat(page.getByText("Nothing tells where she goes")).isVisible();
        page.context().setOffline(false);
        assertThat(page.locator("[data-live-line]")).hasCount(6);
        button("North up").click();
        assertThat(page.getByTestId("live-side")).hasCount(0);
        page.reload();
        assertThat(page.locator("[data-live-line]")).hasCount(6);
        pad("S2").click();
        assertThat(card()).containsText("S2");
        assertThat(page.locator("[data-live-line]")).hasCount(5);
        // Where an invented boat was is shown to practise with, and is no fact.
        assertThat(card()).containsText("own speed");
        page.reload();
        assertThat(card()).containsText("S2");
        assertThat(card()).not().containsText("own speed");
        assertThat(complaints).isEmpty();
    }

    @Test
    void thisDeviceKnowsWhereAStrikeWas() {
        page.context().grantPermissions(List.of("geolocation"));
        page.context().setGeolocation(new Geolocation(27.61, -47.31).setAccuracy(5));
        button("Instruments").click();
        page.getByText("Use it").click();
        assertThat(page.getByText("27°36.60′ N, 47°18.60′ W")).isVisible();
        page.keyboard().press("Escape");
        assertThat(page.getByTestId("own-position")).isVisible();
        page.keyboard().press("a");
        assertThat(card()).containsText("D1");
        page.waitForFunction("""
                async () => {
                    const boat = location.pathname.split('/')[2]
                    const to = new Date(Date.now() + 60000).toISOString()
                    const from = new Date(Date.now() - 600000).toISOString()
                    const reply = await fetch(`/api/boats/${boat}/fixes?from=${from}&to=${to}`)
                    return (await reply.json()).some((fix) => fix.latitudeDeg === 27.61)
                }""");
    }

    @Test
    void cuesAndSightingsAreOneTap() {
        setAll();
        button("Cue").click();
        pad("S2").click();
        button("the tip is still").click();
        assertThat(page.getByText("Wind it in")).isVisible();
        button("Right").click();
        button("Seen…").click();
        button("birds diving").click();
        button("Clean").click();
        pad("S2").click();
        assertThat(page.getByText("all sent")).isVisible();
        assertThat(complaints).isEmpty();
    }

    /** To another spread: what comes in and goes out is told, and its lines are what is out from then on. */
    @Test
    void theSpreadIsChangedForAnother() {
        setAll();
        button("Change the spread…").click();
        var sheet = page.getByRole(AriaRole.DIALOG);
        sheet.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("Fast ladder").setExact(true))
                .click();
        var told = page.getByTestId("change-over");
        assertThat(told).containsText(Pattern.compile("About \\d+ minutes"));
        assertThat(told).containsText("Comes in, the nearest first");
        assertThat(told).containsText("Goes out");
        String before = page.url();
        button("All of it is done").click();
        assertThat(page).not().hasURL(before);
        assertThat(page.locator("[data-now=OUT]")).hasCount(3);
        assertThat(page.getByText("all sent")).isVisible();
        assertThat(page.getByText("Out since")).isVisible();
        page.reload();
        assertThat(page.locator("[data-now=OUT]")).hasCount(3);
    }

    /** Plan B of that morning, called from what is aboard and kept. */
    @Test
    void planBIsCalledAnew() {
        follow(page.url().split("\\?")[0] + "?day=2026-06-18&at=2026-06-18T10:33Z");
        String before = page.url();
        button("Change the spread…").click();
        var sheet = page.getByRole(AriaRole.DIALOG);
        Locator planB = sheet.getByText(Pattern.compile(", plan B$"));
        String name = planB.textContent().replace(", plan B", "");
        planB.click();
        assertThat(page.getByTestId("change-over")).containsText("Goes out");
        assertThat(sheet.getByText(Pattern.compile(name + ", \\d\\d:\\d\\d"))).isVisible();
        button("Lines are in: set the others").click();
        assertThat(page.getByTestId("tap-means")).isVisible();
        assertThat(page).not().hasURL(before);
        assertThat(complaints).isEmpty();
    }

    /** Spray does not log, open or leave anything; a strike is still one touch. */
    @Test
    void lockedOnlyTheLinesHearATouch() {
        button("Set").click();
        button("Lock").click();
        assertThat(page.getByText("Tap the line that has it")).isVisible();
        for (String stray : List.of("Seen…", "Set", "Keys")) {
            var box = page.getByText(stray, new Page.GetByTextOptions().setExact(true))
                    .boundingBox();
            page.mouse().click(box.x + box.width / 2, box.y + box.height / 2);
        }
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        assertThat(page.getByText("Tap the line that has it")).isVisible();
        pad("P1").click();
        assertThat(card()).containsText("P1");
        button("Unlock").click();
        button("And here: unlock").click();
        button("Seen…").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
    }

    /** What is seen lies where it was tapped, bow up, and is drawn there. */
    @Test
    void whatIsSeenIsPlacedByOneTap() {
        button("Instruments").click();
        button("Try it with a simulated boat").click();
        page.keyboard().press("Escape");
        button("North up").click();
        button("Seen…").click();
        var scope = page.getByTestId("scope").boundingBox();
        page.mouse().click(scope.x + 0.75 * scope.width, scope.y + 0.25 * scope.height);
        assertThat(page.getByText(Pattern.compile("^45° starboard, .* off$"))).isVisible();
        button("birds diving").click();
        assertThat(page.locator("[data-seen^='birds diving']")).hasCount(1);
    }

    /** What was recorded another day is heard as it was, and said to be a recording. */
    @Test
    void aRecordedFileIsPlayed() {
        button("Instruments").click();
        page.getByLabel("Recorded file to play")
                .setInputFiles(new FilePayload("letter.txt", "text/plain", "no sentence\n".getBytes(US_ASCII)));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("no sentence of NMEA 0183 that is used");
        page.getByLabel("Recorded file to play")
                .setInputFiles(new FilePayload(
                        "saturday.nmea", "text/plain", recording().getBytes(US_ASCII)));
        assertThat(page.locator("[data-source=RECORDED]")).containsText("saturday.nmea");
        page.keyboard().press("Escape");
        assertThat(page.getByTestId("gauges")).containsText("A recording");
        assertThat(page.getByTestId("gauges")).containsText(Pattern.compile("Depth6[01]"));
        button("Instruments").click();
        button("Take off saturday.nmea").click();
        assertThat(page.locator("[data-source=RECORDED]")).hasCount(0);
    }

    /** A minute on a course, a second apart, over a bottom of sixty metres. */
    private static String recording() {
        var lines = new StringBuilder();
        for (int second = 0; second < 60; second++) {
            lines.append("$GPRMC,0818%02d,A,2736.%03d,N,04718.200,W,007.5,000.0,130626,,%n"
                    .formatted(second, 500 + 2 * second));
            lines.append("$SDDPT,%.1f,0.8%n".formatted(60 + second / 60.0));
        }
        return lines.toString();
    }
}
