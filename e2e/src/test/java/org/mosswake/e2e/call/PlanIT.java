package org.mosswake.e2e.call;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

/** From what is known of a day to a spread with reasons. */
class PlanIT extends Journey {
    private Locator why() {
        return page.getByTestId("why");
    }

    private Locator chip(String topic) {
        return page.locator("[data-topic=" + topic + "]");
    }

    private Locator band(String playbook) {
        return page.locator("[data-playbook=" + playbook + "]");
    }

    /** The plan of a boat on a day nobody has planned. */
    private void plan(String boat, String day) {
        page.getByLabel("Boat", new Page.GetByLabelOptions().setExact(true)).selectOption(boat);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Plan"))
                .click();
        page.getByLabel("Day", new Page.GetByLabelOptions().setExact(true)).fill(day);
        page.getByText("Nothing is known yet").waitFor();
        why().waitFor();
    }

    private void choose(String topic, String... answers) {
        chip(topic).click();
        for (String answer : answers) {
            page.getByRole(AriaRole.DIALOG)
                    .getByRole(
                            AriaRole.BUTTON,
                            new Locator.GetByRoleOptions().setName(Pattern.compile("^(then )?" + answer + "$")))
                    .click();
        }
        close();
    }

    private void close() {
        var done = button("Done");
        if (done.isVisible()) {
            done.click();
        }
    }

    private void type(String topic, String label, String text) {
        chip(topic).click();
        var field = page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.TEXTBOX, new Locator.GetByRoleOptions().setName(label));
        field.fill(text);
        field.press("Enter");
        close();
    }

    private double margin() {
        String said = why().locator("h1 + p").textContent();
        return Double.parseDouble(said.replaceAll(".*by (\\d+\\.\\d).*", "$1"));
    }

    /** What a table of weights says, the sum apart. */
    private static double sum(List<String> weights) {
        return weights.stream()
                .mapToDouble(
                        weight -> Double.parseDouble(weight.replace("−", "-").replace("+", "")))
                .sum();
    }

    private void addsUp(String table) {
        var cells = page.getByTestId(table).locator("td:first-child").allTextContents();
        double total = sum(cells.subList(cells.size() - 1, cells.size()));
        assertThat(sum(cells.subList(0, cells.size() - 1))).isCloseTo(total, org.assertj.core.data.Offset.offset(1e-6));
    }

    @Test
    void aWarmDayFromNothingToASpread() {
        plan("Quiet Ledger", "2026-07-04");
        choose("TARGET", "mahi", "small tuna");
        type("SURFACE", "surface", "25");
        type("CREW", "crew", "3");
        choose("FLOATING", "a line of it");
        assertThat(why()).containsText("Mixed surface");
        assertThat(why()).containsText("a line of floating things holds mahi");
        addsUp("reasons");
        button("against Ahead of birds")
                .or(page.getByText(Pattern.compile("^against ")))
                .first()
                .click();
        var cells = page.getByTestId("differences").locator("td:first-child").allTextContents();
        assertThat(sum(cells.subList(cells.size() - 1, cells.size()))).isEqualTo(margin());
        addsUp("differences");
        button("Build the spread").click();
        lure("C1").waitFor();
        assertThat(page.getByLabel("Name of the spread")).hasValue("Mixed surface, 4 July");
        assertThat(page.locator("[data-testid=plan] [data-line]")).hasCount(6);
        assertThat(page.getByTestId("origin")).containsText("by Mixed surface");
        assertThat(page.getByTestId("turn-note")).containsText(Pattern.compile("you have \\d+°"));
        assertThat(complaints).isEmpty();
    }

    @Test
    void aColdDayFromNothingToASpreadThatBracketsTheBait() {
        plan("Sprat", "2026-07-05");
        choose("TARGET", "coho");
        type("SURFACE", "surface", "12");
        type("DEPTH", "depth", "48 m");
        chip("BAIT").click();
        page.getByRole(AriaRole.DIALOG)
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("marked").setExact(true))
                .click();
        var top = page.getByLabel("Top of the layer");
        top.fill("17");
        top.press("Enter");
        var bottom = page.getByLabel("Bottom of the layer");
        bottom.fill("22");
        bottom.press("Enter");
        close();
        type("CREW", "crew", "2");
        assertThat(why()).containsText("Flash and squid");
        button("Build the spread").click();
        page.getByTestId("origin").waitFor();
        assertThat(page.getByTestId("origin"))
                .containsText(Pattern.compile("just (under|over) the bait at 17.0 m to 22 m"));
        assertThat(page.locator("[data-testid=plan] [data-line]")).hasCount(2);
        assertThat(complaints).isEmpty();
    }

    @Test
    void aBuildGoesOnWhileAnotherStationIsLookedAt() {
        plan("Sprat", "2026-07-09");
        choose("TARGET", "coho");
        type("CREW", "crew", "2");
        assertThat(why()).containsText("Flash and squid");
        button("Build the spread").click();
        page.keyboard().press("2");
        assertThat(page.getByText("The spread of your plan is built.")).isVisible();
        assertThat(page).hasURL(Pattern.compile("/rig/"));
        button("Open it").click();
        assertThat(page.getByTestId("origin")).containsText("Flash and squid");
        assertThat(page.getByText("The spread of your plan is built.")).hasCount(0);
    }

    @Test
    void aloneWithRoomForTwoTheReasonIsSaid() {
        plan("Sprat", "2026-07-06");
        choose("TARGET", "coho");
        type("CREW", "crew", "1");
        type("BAG", "bag room", "2");
        var lines = page.getByTestId("lines");
        assertThat(lines).containsText(Pattern.compile("^[12] lines? at"));
        assertThat(lines).containsText(Pattern.compile("pair of hands|in the bag|fishes 2 lines"));
        assertThat(why()).containsText("kill cord");
    }

    @Test
    void aChipChangesTheOrderAndUndoTakesItBack() {
        plan("Quiet Ledger", "2026-07-07");
        choose("TARGET", "mahi", "small tuna");
        var first = page.locator("[data-playbook]").first();
        assertThat(first).hasAttribute("data-playbook", "MIXED");
        choose("BIRDS", "moving one way");
        assertThat(first).hasAttribute("data-playbook", "BIRDS");
        assertThat(why()).containsText("Ahead of birds");
        button("Undo").click();
        assertThat(first).hasAttribute("data-playbook", "MIXED");
        assertThat(chip("BIRDS")).containsText("not seen yet");
        page.reload();
        assertThat(chip("TARGET")).containsText("mahi, then small tuna");
        assertThat(page.locator("[data-playbook]").first()).hasAttribute("data-playbook", "MIXED");
    }

    @Test
    void anotherBandIsTakenAndSaysWhatItCosts() {
        plan("Quiet Ledger", "2026-07-08");
        choose("TARGET", "wahoo");
        band("TOOTHY").click();
        assertThat(why().locator("h1")).containsText("Steady toothy");
        assertThat(why()).containsText("your choice");
        button("Back to Fast ladder").click();
        assertThat(why().locator("h1")).containsText("Fast ladder");
        assertThat(why()).containsText("comes back at the boat");
    }

    @Test
    void aWayTakenIsRememberedAndTheTableHasItsSay() {
        plan("Quiet Ledger", "2026-07-09");
        choose("TARGET", "wahoo");
        assertThat(why().locator("h1")).containsText("Fast ladder");
        page.keyboard().press("w");
        page.getByText("moderate, with plugs and baits").click();
        button("Close").click();
        assertThat(why().locator("h1")).containsText("Steady toothy");
        button("Seasons and rules").click();
        page.getByLabel("Add a species").selectOption("wahoo");
        var lines = page.getByLabel("wahoo: lines at most");
        lines.fill("2");
        lines.press("Enter");
        assertThat(page.getByLabel("wahoo: lines at most")).hasValue("2");
        button("Close").click();
        assertThat(page.getByTestId("lines")).containsText("Your table allows 2 lines");
        page.reload();
        assertThat(why().locator("h1")).containsText("Steady toothy");
        page.keyboard().press("w");
        page.getByText("fast, with weights and tight drag").click();
        button("Close").click();
        assertThat(why().locator("h1")).containsText("Fast ladder");
    }

    @Test
    void theDayIsAListAndACalendar() {
        plan("Quiet Ledger", "2026-07-10");
        choose("TARGET", "king");
        type("CREW", "crew", "3");
        page.keyboard().press("d");
        var steps = page.getByTestId("steps").getByRole(AriaRole.LISTITEM);
        assertThat(steps.filter(new Locator.FilterOptions().setHasText(Pattern.compile("leave"))))
                .hasCount(1);
        var run = page.getByLabel("Run out, minutes");
        String before = page.getByTestId("steps").textContent();
        run.fill("120");
        run.press("Enter");
        assertThat(page.getByTestId("steps")).containsText("2 h of run");
        assertThat(page.getByTestId("steps").textContent()).isNotEqualTo(before);
        var file = page.waitForDownload(() -> button("Calendar file").click());
        assertThat(file.suggestedFilename()).isEqualTo("moss-wake-2026-07-10.ics");
    }

    @Test
    void aNumberSetMovesTheWeight() {
        plan("Quiet Ledger", "2026-07-11");
        choose("TARGET", "sailfish");
        assertThat(page.getByTestId("reasons")).containsText("+3.0");
        page.getByText("See and set every number").click();
        page.getByLabel("Find a number").fill("first target light jig");
        var field = page.getByLabel("takes your first target, for Light jig, yours");
        field.fill("4.5");
        field.press("Enter");
        assertThat(page.getByText("only those you set (1)")).isVisible();
        button("Default").click();
        assertThat(page.getByText("only those you set (0)")).isVisible();
    }
}
