package org.mosswake.e2e.spread;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

class SpreadIT extends Journey {
    @Test
    void aLureIsDraggedItsDepthChangesAndAllIsThereAfterARestart() {
        lure("D1").focus();
        assertThat(runsAt()).hasText("5.5 m");
        drag("D1", 60, 0);
        assertThat(runsAt()).not().hasText("5.5 m");
        double dragged = letOut("D1");
        assertThat(dragged).isBetween(38.0, 50.0);
        String depth = runsAt().innerText();
        button("Save").click();
        page.getByText(Pattern.compile("Saved, revision [2-9]")).waitFor();

        product.kill();
        product.start();
        page.reload();
        solved();
        lure("D1").focus();
        assertThat(letOut("D1")).isEqualTo(dragged);
        assertThat(runsAt()).hasText(depth);
        assertThat(complaints).isEmpty();
    }

    @Test
    void keysStepALineAndUndoTakesItBack() {
        lure("S1").focus();
        double before = letOut("S1");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Shift+ArrowRight");
        assertThat(lure("S1")).hasAttribute("aria-valuenow", String.valueOf((int) before + 11));
        page.keyboard().press("Control+z");
        assertThat(lure("S1")).hasAttribute("aria-valuenow", String.valueOf((int) before + 1));
        page.keyboard().press("Control+z");
        page.keyboard().press("Control+Shift+z");
        assertThat(lure("S1")).hasAttribute("aria-valuenow", String.valueOf((int) before + 1));
        page.keyboard().press("BracketRight");
        assertThat(page.getByLabel("Speed", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("7.6");
    }

    @Test
    void draggedSidewaysALineTakesTheNearestFreeHolder() {
        lure("S2").focus();
        assertThat(page.getByLabel("Holder")).hasValue(Pattern.compile(".+"));
        String before = page.getByLabel("Holder").inputValue();
        drag("S2", 0, 18);
        assertThat(page.getByLabel("Holder").inputValue()).isNotEqualTo(before);
    }

    @Test
    void aDragIsOneStepOfUndo() {
        double before = letOut("S1");
        drag("S1", 50, 0);
        assertThat(letOut("S1")).isGreaterThan(before + 5);
        button("Undo").click();
        assertThat(lure("S1")).hasAttribute("aria-valuenow", String.valueOf((int) before));
    }

    @Test
    void acceptingAMendMakesTheWarningGo() {
        var speed = page.getByLabel("Speed", new Page.GetByLabelOptions().setExact(true));
        speed.fill("10 kn");
        speed.press("Enter");
        page.getByText("not work at this speed").waitFor();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Slow to 9.0 kn"))
                .click();
        assertThat(page.getByText("not work at this speed")).hasCount(0);
        button("Undo").click();
        page.getByText("not work at this speed").waitFor();
    }

    @Test
    void aSpreadOnAPaperCardIsEnteredFromNothing() {
        page.getByLabel("Boat", new Page.GetByLabelOptions().setExact(true)).selectOption("Sprat");
        more("New, from nothing");
        button("Add the first line").click();
        page.getByLabel("Let-out", new Page.GetByLabelOptions().setExact(true)).fill("60 yd");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Let-out", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("55");
        button("Tackle").click();
        page.getByLabel("Lure", new Page.GetByLabelOptions().setExact(true)).selectOption("Hair jig, white");
        page.getByLabel("Main line").selectOption("Braid 50 lb");
        button("Tie a leader in above").click();
        page.getByLabel("Weight 2").selectOption("Ball lead, small, 0.45 kg");
        button("Close").click();
        page.getByLabel("Speed", new Page.GetByLabelOptions().setExact(true)).fill("3 kn");
        page.keyboard().press("Enter");
        assertThat(runsAt()).hasText(Pattern.compile("^\\d+(\\.\\d)? m$"));
        button("Add a line").click();
        assertThat(page.locator("[data-testid=plan] [data-line]")).hasCount(2);
        page.getByLabel("Name of the spread").fill("Paper card");
        page.keyboard().press("Enter");
        button("Save").click();
        page.getByText("Saved, revision 2").waitFor();
        page.reload();
        assertThat(page.getByLabel("Name of the spread")).hasValue("Paper card");
        assertThat(page.locator("[data-testid=plan] [data-line]")).hasCount(2);
        assertThat(complaints).isEmpty();
    }

    @Test
    void badInputSaysWhatIsWrongAndKeepsWhatWasTyped() {
        var letOut = page.getByLabel("Let-out", new Page.GetByLabelOptions().setExact(true));
        letOut.fill("far");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Type a number and a unit");
        assertThat(letOut).hasValue("far");
        letOut.fill("900 m");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("400 m");
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
    }

    @Test
    void unitsAreTheReadersChoice() {
        button("Units").click();
        page.getByLabel("Let-out and depth").selectOption("ft");
        page.getByRole(AriaRole.DIALOG).getByLabel("Speed").selectOption("mph");
        page.keyboard().press("Escape");
        lure("S1").focus();
        assertThat(runsAt()).hasText("2.8 ft");
        page.reload();
        solved();
        lure("S1").focus();
        assertThat(runsAt()).hasText("2.8 ft");
    }

    @Test
    void unsavedWorkSurvivesAReload() {
        lure("S1").focus();
        page.keyboard().press("Shift+ArrowRight");
        double moved = letOut("S1");
        page.reload();
        solved();
        assertThat(letOut("S1")).isEqualTo(moved);
        page.getByText("Unsaved work from before").waitFor();
        more("Back to saved");
        assertThat(button("Save")).isDisabled();
    }

    @Test
    void theTableTwinShowsAndChangesTheSame() {
        page.keyboard().press("t");
        var letOut = page.getByLabel("Let-out of S1");
        letOut.fill("90 m");
        page.keyboard().press("Enter");
        assertThat(page.getByTestId("table").getByRole(AriaRole.ROW)).hasCount(7);
        more("Drawing");
        assertThat(lure("S1")).hasAttribute("aria-valuenow", "90");
    }

    @Test
    void whatIsTypedIsDoneAndWhatIsNotUnderstoodStays() {
        page.keyboard().press("/");
        var command = page.getByLabel("Command");
        command.fill("let C9 out to 120 yd");
        command.press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("No line is called C9");
        assertThat(command).hasValue("let C9 out to 120 yd");
        command.fill("let C1 out to 120 yd");
        command.press("Enter");
        assertThat(lure("C1")).hasAttribute("aria-valuenow", "110");
        page.keyboard().press("/");
        page.getByLabel("Command").fill("units feet");
        page.keyboard().press("Enter");
        assertThat(lure("C1")).hasAttribute("aria-valuenow", "360");
    }

    /** A mend that is pointed at is drawn before it is done, and nothing is changed by looking. */
    @Test
    void aMendIsShownBeforeItIsDone() {
        var mend = page.getByTestId("turn-note")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^(Let|Take) ")));
        mend.hover();
        assertThat(page.getByTestId("after-plan").locator("circle")).not().hasCount(0);
        assertThat(button("Undo")).isDisabled();
        page.mouse().move(400, 300);
        assertThat(page.getByTestId("after-plan").locator("circle")).hasCount(0);
    }
}
