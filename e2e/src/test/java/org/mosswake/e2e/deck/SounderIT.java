package org.mosswake.e2e.deck;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

/** A trace on the sounder: what it can be and cannot, and when each lure is there. */
class SounderIT extends Journey {
    private void type(String label, String value) {
        page.getByLabel(label, new com.microsoft.playwright.Page.GetByLabelOptions().setExact(true))
                .fill(value);
        page.keyboard().press("Enter");
    }

    @Test
    void aMarkIsReadAndTheLuresThatReachItAreTold() {
        page.keyboard().press("4");
        page.getByTestId("pads").waitFor();
        button("What is that mark?").click();
        Locator says = page.getByTestId("sounder-says");
        assertThat(says).containsText("It can be one fish");
        type("Columns wide", "600");
        assertThat(says).containsText("Not one fish that stays where it is");
        type("Columns wide", "8");
        type("High", "5 m");
        assertThat(says).containsText("Too thick for one fish");
        Locator lures = page.getByTestId("sounder-lures").locator("tbody tr");
        assertThat(lures).hasCount(6);
        type("Top of the trace", "4 m");
        assertThat(lures.first()).containsText("5.5 m, through it");
        type("Cone, °", "200");
        assertThat(page.getByText("Type a number from 4 to 90.")).isVisible();
        assertThat(complaints).isEmpty();
    }
}
