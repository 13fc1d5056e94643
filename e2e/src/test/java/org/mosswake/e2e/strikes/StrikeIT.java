package org.mosswake.e2e.strikes;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

class StrikeIT extends Journey {
    private Locator letOutField() {
        return page.getByLabel("Let-out", new Page.GetByLabelOptions().setExact(true));
    }

    private Locator rows() {
        return page.getByTestId("day-list").getByRole(AriaRole.LISTITEM);
    }

    @Test
    void aStrikeAcknowledgedSurvivesAKill() {
        assertThat(rows()).hasCount(5);
        page.waitForResponse(
                r -> r.url().endsWith("/events") && r.ok(),
                () -> button("Strike on P2").click());
        product.kill();
        product.start();
        page.reload();
        solved();
        assertThat(rows()).hasCount(6);
        assertThat(rows().first()).containsText("P2");
        assertThat(complaints).isEmpty();
    }

    @Test
    void aStrikeWhileTheServerIsGoneIsKeptAndSentOnce() {
        rows().first().waitFor();
        int before = rows().count();
        product.kill();
        button("Strike on C1").click();
        assertThat(rows().first()).containsText("not sent yet");
        page.getByText("The server or its database is away").waitFor();
        product.start();
        assertThat(page.getByText("not sent yet")).hasCount(0);
        assertThat(rows()).hasCount(before + 1);
        assertThat(page.getByText("The server or its database is away")).hasCount(0);
        page.reload();
        solved();
        assertThat(rows()).hasCount(before + 1);
    }

    @Test
    void aStrikeIsLandedAndTakenBack() {
        rows().first().waitFor();
        int before = rows().count();
        button("Strike on D1").click();
        assertThat(rows()).hasCount(before + 1);
        rows().first().getByRole(AriaRole.BUTTON).first().click();
        page.getByLabel("Fish landed").fill("king");
        button("Landed").click();
        assertThat(rows().first()).containsText("king");
        button("Take back").click();
        assertThat(rows()).hasCount(before);
    }

    @Test
    void thePageSaysSoWhileTheDatabaseIsAwayAndRecovers() {
        product.databaseAway();
        page.getByText("The server or its database is away").waitFor();
        lure("S1").focus();
        page.keyboard().press("Shift+ArrowRight");
        assertThat(letOutField()).hasValue("94");
        product.databaseBack();
        assertThat(page.getByText("The server or its database is away")).hasCount(0);
        button("Save").click();
        page.getByText("Saved, revision").waitFor();
        assertThat(letOutField()).hasValue("94");
        assertThat(letOut("S1")).isEqualTo(94);
    }
}
