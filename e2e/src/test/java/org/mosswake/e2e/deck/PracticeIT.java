package org.mosswake.e2e.deck;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

/** An hour on the invented sea: lines set, a double, cleared, told, back over the place; and the real boat has none of it. */
class PracticeIT extends Journey {
    private static final int LONGEST_LOOKS = 150;
    private static final Pattern LABEL = Pattern.compile("\\b[CDPS]\\d\\b");
    private static final Pattern CLOCK = Pattern.compile("(\\d\\d):(\\d\\d)");

    @BeforeEach
    void practising() {
        page.keyboard().press("4");
        page.locator("[data-pad=S1]").waitFor();
        button("Practise on Tarrow Banks…").click();
        button("Begin before sunrise").click();
        assertThat(band()).containsText("nothing of it is kept with Quiet Ledger");
        page.locator("[data-pad=S1]").waitFor();
    }

    private Locator band() {
        return page.getByTestId("practice-band");
    }

    private Locator card() {
        return page.getByTestId("strike-card");
    }

    private void run(int times) {
        button("Time runs ×" + times).click();
    }

    private int minutes() {
        Matcher clock = CLOCK.matcher(page.locator("header").first().innerText());
        assertThat(clock.find()).isTrue();
        return 60 * Integer.parseInt(clock.group(1)) + Integer.parseInt(clock.group(2));
    }

    private void setAll() {
        button("Set").click();
        page.getByText("are out", new Page.GetByTextOptions().setExact(false))
                .first()
                .click();
        assertThat(page.locator("[data-now=OUT]")).hasCount(6);
    }

    /** Hurries on until lines tell something that matches, slowing for nothing else. */
    private String hurriedUntil(String told) {
        Locator signals = page.locator("[data-told=" + told + "]");
        for (int look = 0; look < LONGEST_LOOKS && signals.count() == 0; look++) {
            run(60);
            page.waitForTimeout(700);
            looksOver();
        }
        return signals.first().innerText();
    }

    /** A line that carries weed takes nothing. */
    private void looksOver() {
        Locator weed = page.locator("[data-told=WEEDY]");
        String told = weed.count() == 0 ? "" : weed.first().innerText();
        Matcher labels = LABEL.matcher(told);
        while (labels.find()) {
            button("Clean").click();
            page.locator("[data-pad=" + labels.group() + "]").click();
        }
        button("Strike").click();
    }

    @Test
    void anHourIsPractised() {
        String copy = page.url();
        setAll();
        int began = minutes();
        String line = hurriedUntil("GOES_OFF").split(" ")[0];
        // Time runs as it does once a rod goes off.
        assertThat(page.getByLabel("Practice helm")
                        .locator("[aria-pressed=true]")
                        .last())
                .containsText("×1");
        page.locator("[data-pad=" + line + "]").click();
        assertThat(card()).containsText(line);
        String other = line.equals("S2") ? "P2" : "S2";
        page.locator("[data-pad=" + other + "]").click();
        assertThat(page.locator("[data-now=FIGHTING]")).hasCount(2);
        Locator first = page.getByLabel("Clear, in this order")
                .getByRole(com.microsoft.playwright.options.AriaRole.BUTTON)
                .first();
        first.click();
        assertThat(page.locator("[data-now=IN]")).hasCount(1);
        // The one that nobody really had is lost, the other told as it ends.
        button("Lost it").click();
        button("Nobody knows").click();
        assertThat(card()).containsText(line);
        Locator ends = page.locator("[data-told=ALONGSIDE], [data-told=GONE]");
        for (int look = 0; look < LONGEST_LOOKS && ends.count() == 0; look++) {
            run(30);
            page.waitForTimeout(700);
        }
        if (ends.first().getAttribute("data-told").equals("ALONGSIDE")) {
            button("At the boat").click();
            button("mahi").click();
            button("Kept").click();
            assertThat(page.getByText("Kept: 1 mahi")).isVisible();
        } else {
            button("Lost it").click();
            button("Pulled hook").click();
        }
        assertThat(card()).hasCount(0);
        assertThat(ends).hasCount(0);
        backOverThePlace(line);
        aCueIsKept();
        for (int look = 0; look < LONGEST_LOOKS && minutes() - began < 60; look++) {
            run(60);
            page.waitForTimeout(1000);
        }
        assertThat(page.getByText("all sent")).isVisible();
        page.reload();
        assertThat(band()).isVisible();
        assertThat(minutes() - began).isBetween(60, 240);
        theRealBoatHasNoneOfIt(copy);
        assertThat(complaints).isEmpty();
    }

    /** Steered as it says, the lure comes over it: less is left to run each time one looks. */
    private void backOverThePlace(String line) {
        setAll();
        button("On the water").click();
        Locator back = page.getByLabel("Back over", new Page.GetByLabelOptions().setExact(true));
        // The lure that comes over it is named there too; the place to come over is the button.
        Locator place = back.getByRole(
                AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + line + ",")));
        place.click();
        assertThat(page.getByTestId("back-over")).containsText("steer");
        button("Steer the way back").click();
        Locator says = page.getByTestId("back-over");
        boolean over = false;
        for (int look = 0; look < LONGEST_LOOKS && !over; look++) {
            run(30);
            page.waitForTimeout(500);
            over = says.innerText().contains("over it in 0 min 0")
                    || says.innerText().contains("over it in 0 min 1");
        }
        assertThat(over).as(says.innerText()).isTrue();
        place.click();
        button("Up and down the Ledge").click();
    }

    private void aCueIsKept() {
        button("Pads").click();
        button("Cue").click();
        page.locator("[data-pad=D1]").click();
        page.getByText("tip beats too fast").first().click();
        page.keyboard().press("Escape");
    }

    private void theRealBoatHasNoneOfIt(String copy) {
        button("Back to Quiet Ledger").click();
        page.locator("[data-pad=S1]").waitFor();
        assertThat(band()).hasCount(0);
        assertThat(page.url()).isNotEqualTo(copy);
        assertThat(page.locator("[data-now=UNKNOWN]")).hasCount(6);
        assertThat(page.getByText("Nothing kept yet")).isVisible();
        button("Practise on Tarrow Banks…").click();
        assertThat(page.getByText(Pattern.compile("^Go on, "))).isVisible();
    }
}
