package org.mosswake.e2e.devices;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

/** A phone over the boat's network: refused, paired, without a link in the middle of a fight, shut out. */
class DevicesIT extends Journey {
    private static Locator button(Page tab, String name) {
        return tab.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private String code() {
        button("Devices").click();
        button("Show a code for a new device").click();
        String code = page.getByTestId("pairing-code").innerText();
        assertThat(page.getByLabel("The address with the code")).isVisible();
        button("Close").click();
        return code;
    }

    private Page paired(String name) {
        Page phone = phone();
        phone.navigate(product.lanUrl());
        assertThat(phone.getByText("Pair this device")).isVisible();
        assertThat(phone.getByText("Quiet Ledger")).hasCount(0);
        phone.getByLabel("Code", new Page.GetByLabelOptions().setExact(true)).fill("AAAAAAAA");
        button(phone, "Pair").click();
        assertThat(phone.getByText("each pairs one device")).isVisible();
        phone.getByLabel("Code", new Page.GetByLabelOptions().setExact(true)).fill(code());
        phone.getByLabel("Name of this device").fill(name);
        button(phone, "Pair").click();
        phone.waitForURL("**/spread/*");
        phone.navigate(phone.url().replace("/spread/", "/deck/"));
        return phone;
    }

    @Test
    void aPhoneGoesOnWithoutALinkInTheMiddleOfAFight() {
        Page phone = paired("Phone of the mate");
        phone.locator("[data-pad=S1]").waitFor();
        // Until the worker holds the page, and what was worked out.
        phone.waitForFunction("() => navigator.serviceWorker.controller !== null");
        phone.reload();
        phone.locator("[data-pad=S1]").waitFor();
        phone.locator("[data-pad=S1]").click();
        assertThat(phone.getByTestId("strike-card")).containsText("S1");
        // What was never worked out nobody can know without a link.
        Locator clear = phone.getByLabel("Clear, in this order")
                .getByRole(AriaRole.BUTTON)
                .first();
        assertThat(clear).isVisible();
        phone.waitForFunction("() => caches.open('answers').then((all) => all.keys())"
                + ".then((keys) => ['solve', 'turns'].every((one) => keys.some(({ url }) => url.includes(one))))");
        phone.context().setOffline(true);
        phone.reload();
        assertThat(phone.getByTestId("strike-card")).containsText("S1");
        assertThat(phone.getByText("The server or its database is away").first())
                .isVisible();
        // Which lines come in, in order, is known without a link.
        assertThat(clear).isVisible();
        button(phone, "Lost it").click();
        button(phone, "Pulled hook").click();
        assertThat(phone.getByTestId("strike-card")).hasCount(0);
        phone.context().setOffline(false);
        phone.locator("[data-pad=S1]").waitFor();
        phone.reload();
        assertThat(phone.getByTestId("strike-card")).hasCount(0);
        // At the computer the same day is known.
        page.keyboard().press("4");
        String now = phone.locator("[data-pad=S1]").getAttribute("data-now");
        assertThat(now).isNotEqualTo("UNKNOWN");
        assertThat(page.locator("[data-pad=S1]")).hasAttribute("data-now", now);
    }

    @Test
    void whoIsShutOutSeesNothingMoreAndKeepsWhatItHasNotSent() {
        Page phone = paired("Lost phone");
        phone.locator("[data-pad=C1]").waitFor();
        button("Devices").click();
        button("Shut out Lost phone").click();
        assertThat(page.getByText("shut out").first()).isVisible();
        assertThat(phone.getByText("Pair this device")).isVisible();
        assertThat(phone.locator("[data-pad=C1]")).not().isVisible();
        phone.reload();
        assertThat(phone.getByText("Pair this device")).isVisible();
        assertThat(phone.content()).doesNotContain("Quiet Ledger");
    }
}
