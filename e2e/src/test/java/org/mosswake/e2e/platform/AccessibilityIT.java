package org.mosswake.e2e.platform;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

/** No serious finding of axe on any view. */
class AccessibilityIT extends Journey {
    private static final Set<String> SERIOUS = Set.of("serious", "critical");

    /** What passes is counted, not told node by node: of twelve lines that is most of the work. */
    private static final AxeRunOptions FINDINGS_ALONE = findingsAlone();

    private static AxeRunOptions findingsAlone() {
        var options = new AxeRunOptions();
        options.setResultTypes(List.of("violations"));
        return options;
    }

    private static final String DIALOG = "[role=dialog]";
    private static final String TAB_PANEL = "[role=tabpanel]";

    private List<String> serious() {
        return serious("html");
    }

    /** What stands around it was looked at already: twelve lines of drawing take axe seconds. */
    private List<String> serious(String within) {
        return new AxeBuilder(page)
                        // One frame: the results need no page of their own to be put together in, which takes longer
                        // than looking.
                        .setLegacyMode(true)
                        .options(FINDINGS_ALONE)
                        .include(within)
                        .analyze()
                        .getViolations()
                        .stream()
                        .filter(rule -> SERIOUS.contains(rule.getImpact()))
                        .map(AccessibilityIT::words)
                        .toList();
    }

    private static String words(Rule rule) {
        return rule.getId() + " "
                + rule.getNodes().stream().map(node -> node.getHtml()).toList();
    }

    @Test
    void theDrawing() {
        assertThat(serious()).isEmpty();
    }

    @Test
    void theTurnedSpreadAndTheOrders() {
        page.getByLabel("Turn of the boat").press("Shift+ArrowUp");
        page.getByTestId("turned").waitFor();
        assertThat(serious()).isEmpty();
        page.keyboard().press("o");
        page.getByTestId("orders").waitFor();
        assertThat(serious()).isEmpty();
    }

    @Test
    void theTable() {
        page.keyboard().press("t");
        page.getByTestId("table").waitFor();
        assertThat(serious()).isEmpty();
    }

    @Test
    void theSheetsAndMenus() {
        for (String name : List.of("Units", "Keys", "Gear", "Water")) {
            if (name.endsWith("s")) {
                button(name).click();
            } else {
                more(name);
            }
            page.getByRole(AriaRole.DIALOG).waitFor();
            assertThat(serious(DIALOG)).as(name).isEmpty();
            page.keyboard().press("Escape");
        }
        for (String name : List.of("Tackle", "Depth…", "Seen…")) {
            button(name).click();
            assertThat(serious()).as(name).isEmpty();
            page.keyboard().press("Escape");
        }
        assertThat(complaints).isEmpty();
    }

    @Test
    void theDeckByDayAndByNight() {
        page.keyboard().press("4");
        page.getByTestId("pads").waitFor();
        assertThat(serious()).as("day").isEmpty();
        button("Night").click();
        assertThat(serious()).as("night").isEmpty();
        button("Instruments").click();
        page.getByRole(AriaRole.DIALOG).waitFor();
        assertThat(serious(DIALOG)).as("instruments").isEmpty();
    }

    @Test
    void planBoatAndBox() {
        page.keyboard().press("1");
        page.getByTestId("why").waitFor();
        assertThat(serious()).as("Plan").isEmpty();
        page.locator("[data-topic=BIRDS]").click();
        page.getByRole(AriaRole.DIALOG).waitFor();
        assertThat(serious(DIALOG)).as("chip").isEmpty();
        page.keyboard().press("Escape");
        for (String name : List.of("Steps of the day", "Your ways", "Seasons and rules", "See and set every number")) {
            button(name).click();
            page.getByRole(AriaRole.DIALOG).waitFor();
            assertThat(serious(DIALOG)).as(name).isEmpty();
            page.keyboard().press("Escape");
        }
        for (String name : List.of("Boat", "Box")) {
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName(name).setExact(true))
                    .click();
            page.getByRole(AriaRole.MAIN).waitFor();
            assertThat(serious()).as(name).isEmpty();
        }
        assertThat(complaints).isEmpty();
    }

    @Test
    void theLog() {
        page.getByLabel("Boat", new Page.GetByLabelOptions().setExact(true)).selectOption("Slow Almanac");
        page.locator("nav[aria-label=Stations] a").last().click();
        page.getByTestId("arms").waitFor();
        // A thousand weeks of dots are one picture; axe would look at each.
        for (String part : List.of("[data-testid=arms]", "[data-testid=conditions]", "aside", "header")) {
            assertThat(serious(part)).as(part).isEmpty();
        }
        button("Narrow it…").click();
        button("fish").click();
        assertThat(serious(DIALOG)).as("conditions").isEmpty();
    }

    @Test
    void everythingIsReachedByKeyboard() {
        for (int i = 0; i < 60; i++) {
            page.keyboard().press("Tab");
            Object role = page.evaluate("document.activeElement.getAttribute('data-line')");
            if ("S1".equals(role)) {
                page.keyboard().press("ArrowRight");
                assertThat(letOut("S1")).isEqualTo(85);
                return;
            }
        }
        throw new AssertionError("S1 was not reached by Tab");
    }

    @Test
    void theBench() {
        page.keyboard().press("2");
        page.getByTestId("chain").waitFor();
        assertThat(serious()).isEmpty();
        for (String tab : List.of("Tonight", "To buy", "Marks", "Strike and run", "Ways")) {
            page.getByRole(
                            AriaRole.TAB,
                            new Page.GetByRoleOptions().setName(tab).setExact(true))
                    .click();
            assertThat(serious(TAB_PANEL)).as(tab).isEmpty();
        }
        page.keyboard().press("t");
        page.getByTestId("chain-table").waitFor();
        assertThat(serious()).isEmpty();
        page.keyboard().press("p");
        page.locator("[data-testid=paper] article").first().waitFor();
        assertThat(serious()).isEmpty();
    }
}
