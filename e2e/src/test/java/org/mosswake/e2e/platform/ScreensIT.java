package org.mosswake.e2e.platform;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

/** Every screen at three sizes, in feet: no words on each other, no target under a finger, no metre left. */
class ScreensIT extends Journey {
    private static final int[][] SIZES = {{1280, 800}, {820, 1180}, {390, 844}};
    private static final String FEET = """
            localStorage.setItem('moss.units', JSON.stringify({distance: 'FOOT', small: 'INCH', speed: 'KNOT',
                mass: 'POUND', pull: 'POUND_FORCE', temperature: 'FAHRENHEIT'}))""";

    private String measure;

    @Override
    protected void prepare() {
        page.evaluate(FEET);
    }

    @BeforeEach
    void readTheMeasure() throws IOException {
        try (var script = getClass().getResourceAsStream("/screens/measure.js")) {
            measure = new String(Objects.requireNonNull(script).readAllBytes(), StandardCharsets.UTF_8);
        }
        // The comment before the function is none of what a page evaluates.
        measure = measure.substring(measure.indexOf("() =>"));
    }

    private List<String> wrong() {
        var wrong = new LinkedHashSet<String>();
        for (int[] size : SIZES) {
            page.setViewportSize(size[0], size[1]);
            page.waitForTimeout(400);
            ((List<?>) page.evaluate(measure)).forEach(one -> wrong.add(size[0] + " " + one));
        }
        page.setViewportSize(1280, 800);
        return new ArrayList<>(wrong);
    }

    @Test
    void everySpreadOfTheDemo() {
        for (String boat : List.of("Quiet Ledger", "Sprat")) {
            page.getByLabel("Boat", new Page.GetByLabelOptions().setExact(true)).selectOption(boat);
            page.getByTestId("stage").waitFor();
            for (String spread : spreads()) {
                more(spread);
                page.locator("[data-testid=drawing][aria-busy=false]").waitFor();
                page.getByTestId("turn-note").waitFor();
                assertThat(wrong()).as(spread).isEmpty();
            }
        }
    }

    /** Names in the menu, each with how many lines it has. */
    private List<String> spreads() {
        button("More").click();
        List<String> names = page
                .getByRole(AriaRole.MENUITEM)
                .filter(new com.microsoft.playwright.Locator.FilterOptions()
                        .setHasText(java.util.regex.Pattern.compile("\\d lines$|one line$")))
                .allInnerTexts()
                .stream()
                .map(text -> text.replace("\n", " ").trim())
                .toList();
        page.keyboard().press("Escape");
        return names;
    }

    @Test
    void theOtherStations() {
        for (String key : List.of("1", "2")) {
            page.keyboard().press(key);
            page.getByTestId(key.equals("1") ? "why" : "drag-window").first().waitFor();
            page.waitForTimeout(600);
            assertThat(wrong()).as("station " + key).isEmpty();
        }
        for (String place : List.of("Boat", "Box")) {
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions().setName(place).setExact(true))
                    .click();
            page.getByText(place.equals("Boat") ? "Keep the boat" : "Table out").waitFor();
            assertThat(wrong()).as(place).isEmpty();
        }
    }
}
