package org.mosswake.e2e.spread;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

class ConflictIT extends Journey {
    private void step(Page tab, String key) {
        tab.locator("[data-testid=plan] [data-line=S1]").focus();
        tab.keyboard().press(key);
        tab.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Save").setExact(true))
                .click();
    }

    @Test
    void twoTabsEditingGetBothSidesAndEitherCanBeKept() {
        Page other = newTab();
        other.navigate(page.url());
        other.locator("[data-testid=plan] [data-line=S1]").waitFor();
        step(other, "Shift+ArrowRight");
        other.getByText("Saved, revision 2").waitFor();

        step(page, "Shift+ArrowLeft");
        var dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("This spread was changed elsewhere");
        assertThat(dialog).containsText("74 m");
        assertThat(dialog).containsText("94 m");
        button("Decide later").click();
        assertThat(letOut("S1")).isEqualTo(74);

        button("Save").click();
        button("Save mine over it").click();
        page.getByText("Saved, revision 3").waitFor();
        assertThat(letOut("S1")).isEqualTo(74);

        step(other, "ArrowRight");
        other.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take the saved one"))
                .click();
        assertThat(other.locator("[data-testid=plan] [data-line=S1]")).hasAttribute("aria-valuenow", "74");
        assertThat(complaints).isEmpty();
    }

    @Test
    void whatWasNotSavedWhenThePageWentIsShownBesideWhatWasSavedMeanwhile() {
        lure("S1").focus();
        page.keyboard().press("Shift+ArrowLeft");
        double mine = letOut("S1");
        String address = page.url();
        page.close();

        Page other = elsewhere();
        other.navigate(address);
        other.locator("[data-testid=plan] [data-line=S1]").waitFor();
        step(other, "Shift+ArrowRight");
        other.getByText("Saved, revision").waitFor();

        page = newTab();
        page.navigate(address);
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("This spread was changed elsewhere");
        button("Save mine over it").click();
        page.getByText("Saved, revision").waitFor();
        assertThat(letOut("S1")).isEqualTo(mine);
    }

    @Test
    void aPlanKeptElsewhereIsShownOnBothSides() {
        page.keyboard().press("1");
        page.getByTestId("chips").waitFor();
        Page other = elsewhere();
        other.navigate(page.url());
        other.getByTestId("chips").waitFor();
        answerCrew(other, "2");
        other.waitForTimeout(800);
        answerCrew(page, "4");
        var both = page.getByTestId("plan-conflict");
        assertThat(both).containsText("crew");
        assertThat(both).containsText("4");
        button("Keep mine").click();
        assertThat(both).hasCount(0);
        page.reload();
        assertThat(page.locator("[data-topic=CREW]")).containsText("4");
    }

    private static void answerCrew(Page tab, String crew) {
        tab.locator("[data-topic=CREW]").click();
        var field = tab.getByRole(AriaRole.DIALOG).getByRole(AriaRole.TEXTBOX);
        field.fill(crew);
        field.press("Enter");
        tab.keyboard().press("Escape");
    }
}
