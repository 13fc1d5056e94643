package org.mosswake.e2e.spread;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

class TurnIT extends Journey {
    private Locator ring() {
        return page.getByLabel("Turn of the boat");
    }

    private Locator note() {
        return page.getByTestId("turn-note");
    }

    private void pull(double up) {
        var box = ring().boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        for (int i = 1; i <= 8; i++) {
            page.mouse().move(x, y - up * i / 8);
        }
    }

    @Test
    void theRingIsPulledToTheLimitAndTheNamedPairLightsUp() {
        assertThat(note()).containsText(Pattern.compile("you have \\d+°"));
        pull(20);
        assertThat(page.getByTestId("turned-says")).containsText("Clear to");
        assertThat(page.locator("[data-fouling]")).hasCount(0);
        page.mouse().up();
        pull(75);
        page.mouse().up();
        assertThat(page.locator("[data-fouling]")).hasCount(2);
        String said = page.getByTestId("turned-says").textContent();
        assertThat(said).matches("[CSPD]\\d meets [CSPD]\\d.*astern\\.");
        assertThat(note()).containsText(said.substring(0, 2));
        button("Straight again").click();
        assertThat(page.getByTestId("side")).isVisible();
        assertThat(complaints).isEmpty();
    }

    @Test
    void keysTurnHerToEitherSide() {
        ring().press("PageDown");
        assertThat(ring()).hasAttribute("aria-valuetext", "10° to port");
        ring().press("Shift+ArrowUp");
        ring().press("ArrowUp");
        assertThat(ring()).hasAttribute("aria-valuetext", "1° to starboard");
        ring().press("Home");
        assertThat(ring()).hasAttribute("aria-valuetext", "straight");
    }

    private Locator limit() {
        return page.getByTestId("turn-limit");
    }

    @Test
    void theFirstAnswerIsTheWayRightRound() {
        assertThat(note().getByRole(AriaRole.HEADING)).containsText(Pattern.compile("^Right round.* \\d+ m"));
        assertThat(note()).containsText(Pattern.compile("Tighter to (port|starboard), [CSPD]\\d meets [CSPD]\\d"));
        assertThat(limit()).containsText(Pattern.compile("may turn again after \\d+ m: \\d+ s, \\d+ boat lengths"));
    }

    @Test
    void acceptingTheMendWidensTheTurnAndUndoTakesItBack() {
        assertThat(limit()).containsText("you have");
        String before = limit().textContent();
        note().getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(Pattern.compile("^(Let|Take) [CSPD]\\d")))
                .click();
        assertThat(limit()).not().hasText(before);
        assertThat(limit()).containsText(Pattern.compile("you have (9|1)\\d"));
        button("Undo").click();
        assertThat(limit()).hasText(before);
    }

    @Test
    void ordersNumberTheLines() {
        note().waitFor();
        page.keyboard().press("o");
        var orders = page.getByTestId("orders");
        assertThat(orders).containsText("Setting the lines");
        assertThat(orders.getByRole(AriaRole.LISTITEM)).hasCount(6);
        assertThat(orders.getByRole(AriaRole.LISTITEM).first()).containsText("C1");
        assertThat(lure("C1")).containsText("1.");
        lure("S1").focus();
        page.keyboard().press("c");
        assertThat(orders).containsText("A fish on S1");
        assertThat(lure("S1")).containsText("fish");
        page.keyboard().press("c");
        assertThat(orders).hasCount(0);
    }

    @Test
    void anotherRadiusIsAnotherAnswer() {
        String before = limit().textContent();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^At \\d+ m")))
                .click();
        var radius = page.getByLabel("Radius of the turn", new Page.GetByLabelOptions().setExact(true));
        radius.fill("150 m");
        radius.press("Enter");
        assertThat(limit()).not().hasText(before);
    }

    /** A weave is steered, and a way drawn by buttons and by touching the water; she is taken along it by hand. */
    @Test
    void sheIsSteeredAWeaveAndADrawnWay() {
        more("Weave or draw a way");
        assertThat(page.getByTestId("helm-says")).containsText(Pattern.compile("fouls on this way|meet"));
        assertThat(page.getByTestId("helm-way")).isVisible();
        Locator along = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Along the way"));
        along.focus();
        along.press("End");
        assertThat(along).hasAttribute("aria-valuetext", Pattern.compile("[1-9]\\d* s"));

        Locator helm = page.getByTestId("helm");
        helm.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Draw a way"))
                .click();
        assertThat(helm).containsText("Touch the water where she shall go");
        helm.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Ahead"))
                .click();
        helm.getByRole(AriaRole.GROUP, new Locator.GetByRoleOptions().setName("Spread along the way she is steered"))
                .click(new Locator.ClickOptions().setPosition(300, 200));
        assertThat(helm.locator("[data-mark]")).hasCount(2);
        assertThat(page.getByTestId("helm-says")).isVisible();
        button("Straight again").click();
        assertThat(page.getByTestId("side")).isVisible();
        assertThat(complaints).isEmpty();
    }
}
