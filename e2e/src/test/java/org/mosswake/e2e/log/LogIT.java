package org.mosswake.e2e.log;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

/** All days: narrowed, told apart, kept in the address. */
class LogIT extends Journey {
    private void log(String boat) {
        page.getByLabel("Boat", new Page.GetByLabelOptions().setExact(true)).selectOption(boat);
        assertThat(page.getByLabel("Boat", new Page.GetByLabelOptions().setExact(true)))
                .hasValue(Pattern.compile("."));
        page.locator("nav[aria-label=Stations] a").last().click();
        page.locator("[data-testid=log][aria-busy=false]").waitFor();
    }

    private int strikes() {
        page.locator("[data-testid=log][aria-busy=false]").waitFor();
        return Integer.parseInt(page.getByTestId("sum").textContent().split(" ")[0]);
    }

    /** Twenty years are narrowed by what they are told apart by, and the address keeps it. */
    @Test
    void theYearsAreNarrowedAndKept() {
        log("Slow Almanac");
        int all = strikes();
        assertThat(all).isGreaterThan(1000);
        page.getByLabel("What takes more, by").selectOption("depth");
        Locator arm = page.getByTestId("arms").getByRole(AriaRole.BUTTON).first();
        arm.click();
        assertThat(page.getByTestId("conditions")).containsText("depth");
        int shallow = strikes();
        assertThat(shallow).isBetween(10, all - 1);
        button("Narrow it…").click();
        button("fish").click();
        button("king").click();
        page.keyboard().press("Escape");
        assertThat(page.getByTestId("conditions")).containsText("king");
        assertThat(page.getByTestId("sum")).not().containsText(Pattern.compile("^" + shallow + " "));
        int king = strikes();
        assertThat(king).isLessThan(shallow);
        page.reload();
        assertThat(page.getByTestId("sum")).containsText(Pattern.compile("^" + king + " "));
        button("Without fish").click();
        assertThat(page.getByTestId("sum")).containsText(Pattern.compile("^" + shallow + " "));
        assertThat(complaints).isEmpty();
    }

    /** Weeks are taken from the grid; a finding shows what it is about; strikes can be read in words. */
    @Test
    void weeksFindingsAndWords() {
        log("Slow Almanac");
        int all = strikes();
        var grid = page.getByTestId("year-grid").boundingBox();
        page.mouse().click(grid.x + grid.width * 0.5, grid.y + grid.height / 2);
        assertThat(page.getByTestId("conditions")).containsText("week");
        assertThat(strikes()).isLessThan(all);
        page.getByTestId("findings").getByText("Show only these").first().click();
        assertThat(strikes()).isPositive();
        page.getByText(Pattern.compile("in words$")).click();
        assertThat(page.getByRole(AriaRole.COLUMNHEADER, new Page.GetByRoleOptions().setName("Fish")))
                .isVisible();
        assertThat(complaints).isEmpty();
    }

    /** What is reported on deck is in the log; of a line that nobody set no time is known, and that is said. */
    @Test
    void theDeckIsInTheLog() {
        log("Quiet Ledger");
        int before = strikes();
        page.keyboard().press("4");
        page.getByTestId("pads").waitFor();
        page.getByTestId("pads").locator("button").first().click();
        assertThat(page.getByText("all sent")).isVisible();
        page.keyboard().press("5");
        assertThat(page.getByTestId("sum")).containsText(Pattern.compile("^" + before + " .*1 without a time fished"));
    }

    @Test
    void anEmptyLogSaysHowItFills() {
        log("Sprat");
        assertThat(page.getByText("Nothing in the log yet")).isVisible();
        assertThat(complaints).isEmpty();
    }
}
