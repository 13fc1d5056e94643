package org.mosswake.e2e.deck;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.RequestOptions;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

/** What a day suggests and what it used up: one tap makes the change, one takes it off the box. */
class MoveIT extends Journey {
    @Test
    void oneTapMakesTheChange() {
        page.keyboard().press("4");
        page.getByTestId("pads").waitFor();
        follow(page.url().replaceFirst("([?].*)?$", "?day=2026-06-18&at=2026-06-18T10:10Z"));
        // Its place stays; its letter was that of a diver.
        Locator pad = page.getByTestId("pads").locator("button").first();
        assertThat(pad).containsText("Lipped plug");
        Locator suggested = page.getByTestId("suggested");
        assertThat(suggested).containsText("It is a try: nothing is proved yet.");
        assertThat(suggested).containsText("Change D1 to Bullet skirt");
        assertThat(suggested).containsText(Pattern.compile("Solved: it runs at .* m, all lures keep clear"));
        button("Change the spread so").click();
        assertThat(pad).containsText("Bullet skirt");
        assertThat(page.getByText("all sent")).isVisible();
        page.reload();
        assertThat(pad).containsText("Bullet skirt");
        assertThat(page.getByTestId("day-says")).containsText("Starboard rigger, outer clip");
        assertThat(suggested).not().containsText("in the place of Lipped plug");
        page.keyboard().press("3");
        solved();
        page.reload();
        solved();
        assertThat(page.getByText("Unsaved")).hasCount(0);
        page.keyboard().press("5");
        page.locator("[data-testid=log][aria-busy=false]").waitFor();
        page.getByLabel("What takes more, by").selectOption("lure");
        assertThat(page.getByTestId("arms")).containsText("Bullet skirt");
        assertThat(complaints).isEmpty();
    }

    /** What a day used up comes off the box by one tap, once; what is to be done stands beside it. */
    @Test
    void aDayIsPutAway() {
        page.keyboard().press("5");
        page.locator("[data-testid=log][aria-busy=false]").waitFor();
        Locator morning = page.locator("#day-out option")
                .filter(new Locator.FilterOptions().setHasText("First light on the ledge"));
        page.locator("#day-out").selectOption(morning.getAttribute("value"));
        Locator after = page.getByTestId("after-day");
        assertThat(after).containsText("Cut back and retie what fought:");
        assertThat(after).containsText("rinse reels, rods, clips and swivels");
        String trip = morning.getAttribute("value");
        String boat = page.url().replaceFirst(".*/boats/([^/]+)/.*", "$1");
        String strike = UUID.randomUUID().toString();
        String body = """
                {"facts":[%s,%s]}""".formatted(
                fact(trip, strike, "STRUCK", "2026-06-18T10:24:00Z", "{\"lineId\":\"%s\"}".formatted(lineOf(boat))),
                fact(
                        trip,
                        UUID.randomUUID().toString(),
                        "LOST",
                        "2026-06-18T10:26:00Z",
                        "{\"strikeId\":\"%s\",\"how\":\"CUT_OFF\"}".formatted(strike)));
        var sent = page.request()
                .post(
                        product.url() + "/api/boats/" + boat + "/facts",
                        RequestOptions.create()
                                .setHeader("Content-Type", "application/json")
                                .setData(body));
        assertThat(sent.status()).as(sent.text()).isEqualTo(200);
        page.reload();
        assertThat(after).containsText("Tie a new bite leader on");
        assertThat(after).containsText(" lost");
        assertThat(after).containsText("Went with it: ");
        button("Take it off the evening’s count").click();
        assertThat(after).not().containsText("Went with it");
        button("Take 1 off the box").click();
        assertThat(after).containsText("taken off the box: ");
        assertThat(button("Take 1 off the box")).hasCount(0);
        page.reload();
        assertThat(after).containsText("Tie a new bite leader on");
        assertThat(button("Take 1 off the box")).hasCount(0);
        assertThat(complaints).isEmpty();
    }

    private String lineOf(String boat) {
        String all = page.request()
                .get(product.url() + "/api/boats/" + boat + "/trips")
                .text();
        String trip = all.replaceFirst("(?s).*?\"tripId\":\"([^\"]+)\".*", "$1");
        return page.request()
                .get(product.url() + "/api/boats/" + boat + "/trips/" + trip + "/lines")
                .text()
                .replaceFirst("(?s).*?\"lineId\":\"([^\"]+)\".*", "$1");
    }

    private static String fact(String trip, String id, String kind, String at, String payload) {
        return """
                {"factId":"%s","tripId":"%s","kind":"%s","edition":2,"deviceId":"%s","happenedAt":"%s","deviceAt":"%s",
                 "payload":%s}""".formatted(id, trip, kind, UUID.randomUUID(), at, at, payload);
    }
}
