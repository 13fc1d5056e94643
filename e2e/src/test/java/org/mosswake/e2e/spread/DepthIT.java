package org.mosswake.e2e.spread;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

/** Deep lines of the small boat. */
class DepthIT extends Journey {
    @BeforeEach
    void goDeep() {
        page.getByLabel("Boat", new Page.GetByLabelOptions().setExact(true)).selectOption("Sprat");
        assertThat(page.getByLabel("Name of the spread")).hasValue("Deep in the sound");
        lure("D1").focus();
        assertThat(cable()).isVisible();
    }

    private com.microsoft.playwright.Locator cable() {
        return page.getByLabel("Cable", new Page.GetByLabelOptions().setExact(true));
    }

    private double depth() {
        page.locator("[data-testid=drawing][aria-busy=false]").waitFor();
        return Double.parseDouble(runsAt().innerText().replace(" m", ""));
    }

    /** Pulls the lure of a line down in the side view and lets go. */
    private void dragDown(String label, double px) {
        var box = settled(page.locator("[data-side-line=" + label + "] rect").first());
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        for (int i = 1; i <= 10; i++) {
            page.mouse().move(x, y + px * i / 10);
        }
        page.getByTestId("depth-sought").waitFor();
        page.mouse().up();
    }

    @Test
    void aDeepLineIsDraggedToADepthByItsCable() {
        String cableBefore = cable().inputValue();
        double before = depth();
        dragDown("D1", 40);
        assertThat(cable()).not().hasValue(cableBefore);
        assertThat(page.getByTestId("depth-sought")).hasCount(0);
        double after = depth();
        assertThat(after).isGreaterThan(before + 2);
        button("Undo").click();
        assertThat(cable()).hasValue(cableBefore);
        assertThat(depth()).isCloseTo(before, within(0.01));
        assertThat(complaints).isEmpty();
    }

    @Test
    void aDepthOutOfReachSaysWhatEndsItAndStopsThere() {
        lure("C1").focus();
        String before = runsAt().innerText();
        button("Depth…").click();
        var wanted = page.getByLabel("Depth wanted");
        wanted.fill("290 m");
        wanted.press("Enter");
        assertThat(page.getByTestId("way-letOut")).containsText("Can be had");
        wanted.fill("6 m");
        wanted.press("Enter");
        page.getByTestId("way-letOut")
                .getByRole(AriaRole.BUTTON)
                .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Use"))
                .click();
        page.keyboard().press("Escape");
        assertThat(runsAt()).not().hasText(before);
        assertThat(depth()).isCloseTo(6, within(0.11));
    }

    @Test
    void whatWasSeenChangesTheModelAndCanBeTakenBack() {
        double before = depth();
        button("Seen…").click();
        page.getByLabel("Seen at").fill(String.valueOf(Math.round(before + 1)));
        page.getByLabel("Seen at").press("Enter");
        page.getByLabel("Reason").fill("Echo under the boat");
        button("Fit it").click();
        assertThat(page.getByTestId("fit")).containsText("before");
        button("Keep it").click();
        assertThat(page.getByTestId("fits")).containsText("Echo under the boat");
        page.keyboard().press("Escape");
        assertThat(runsAt()).hasText(Pattern.compile("^" + Math.round(before + 1) + "\\.\\d m$"));
        button("Seen…").click();
        button("Take back").click();
        assertThat(page.getByTestId("fits")).containsText("taken back");
        page.keyboard().press("Escape");
        assertThat(runsAt()).hasText(before + " m");
    }

    @Test
    void bothLuresOfAThreeWayAreShownAndTheBottomWarns() {
        assertThat(page.getByTestId("side").getByText("P1 second")).isVisible();
        more("Water");
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Bottom"))
                .fill("18 m");
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Bottom"))
                .press("Enter");
        page.keyboard().press("Escape");
        assertThat(page.getByText("P1 is on the bottom")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Take P1 in to")))
                .click();
        assertThat(page.getByText("P1 is on the bottom")).hasCount(0);
    }

    @Test
    void aLineIsTiedAsAUsualChain() {
        lure("C1").focus();
        button("Tackle").click();
        page.getByLabel("Tie it as").selectOption("DIVING_PLANE");
        assertThat(page.getByLabel("Weight 2")).isVisible();
        page.keyboard().press("Escape");
        assertThat(button("Save")).isEnabled();
        assertThat(runsAt()).hasText(Pattern.compile("^\\d+(\\.\\d)? m$"));
    }
}
