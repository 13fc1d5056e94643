package org.mosswake.e2e.deck;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

/** The day suggests a change of the spread that is solved, and one tap makes it. */
class MoveIT extends Journey {
    @Test
    void oneTapMakesTheChange() {
        page.keyboard().press("4");
        page.getByTestId("pads").waitFor();
        page.navigate(page.url().replaceFirst("([?].*)?$", "?day=2026-06-18&at=2026-06-18T10:10Z"));
        // Its place stays; its letter was that of a diver.
        Locator pad = page.getByTestId("pads").locator("button").first();
        assertThat(pad).containsText("Lipped plug");
        Locator suggested = page.getByTestId("suggested");
        assertThat(suggested).containsText("It is a try: nothing is proved yet.");
        assertThat(suggested).containsText("Change D1 to Bullet skirt");
        assertThat(suggested).containsText(Pattern.compile("Solved: it runs at .* m, all lures keep clear"));
        button("Change the spread so").click();
        assertThat(pad).containsText("Bullet skirt");
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
}
