package org.mosswake.e2e.deck;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

/** A flock that was seen twice is met with the lures: what to steer, when, and how far the hull keeps off. */
class MeetIT extends Journey {
    private void seen(double across, double up) {
        button("Seen…").click();
        var scope = page.getByTestId("scope").boundingBox();
        page.mouse().click(scope.x + across * scope.width, scope.y + up * scope.height);
        button("birds travelling").click();
    }

    @Test
    void aFlockIsMetAheadOfIt() {
        page.keyboard().press("4");
        page.getByTestId("pads").waitFor();
        button("Instruments").click();
        button("Try it with a simulated boat").click();
        page.keyboard().press("Escape");
        button("Set").click();
        page.getByText("are out", new Page.GetByTextOptions().setExact(false))
                .first()
                .click();
        assertThat(page.locator("[data-now=OUT]")).hasCount(6);
        button("North up").click();
        // Near her: on a slow machine she turns meanwhile, and far off that is another flock.
        seen(0.58, 0.42);
        Locator meet = page.getByLabel("Meet with the lures");
        meet.getByText("Birds travelling").click();
        Locator says = page.getByTestId("meet");
        assertThat(says).containsText("Seen once: nobody knows yet which way it goes");
        // Told by a place that was some seconds old, it would have flown too fast to be the same.
        page.waitForTimeout(6000);
        seen(0.575, 0.425);
        assertThat(says).containsText("een 2 times");
        assertThat(says)
                .containsText(Pattern.compile(
                        "steer \\d{3}°: the lures pass ahead of it in \\d+ min|cannot be met at this speed"));
        assertThat(page).hasURL(Pattern.compile("meet=BIRDS_TRAVELLING"));
        meet.getByText("Birds travelling").click();
        assertThat(says).hasCount(0);
        assertThat(complaints).isEmpty();
    }
}
