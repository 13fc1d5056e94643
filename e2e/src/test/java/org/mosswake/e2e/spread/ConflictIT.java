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
}
