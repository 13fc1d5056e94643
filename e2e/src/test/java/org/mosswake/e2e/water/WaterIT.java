package org.mosswake.e2e.water;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

/** Where to begin: the sea of the demo, a place taken into the plan, a grid dropped and removed, and a sea of which nothing is known. */
class WaterIT extends Journey {
    private static final String MOMENT = "?day=2026-06-18&at=2026-06-18T08:00Z";

    private void water() {
        String boat = page.url().replaceFirst("(/boats/[^/]+).*", "$1");
        follow(boat + "/plan" + MOMENT);
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Water").setExact(true))
                .click();
        page.locator("[data-testid=water][aria-busy=false]").waitFor();
    }

    private Locator places() {
        return page.getByLabel("Places to begin");
    }

    /** What is on the picture at a share of its width and height. */
    private int shades() {
        return ((Number) page.evaluate("""
                () => {
                    const canvas = document.querySelector('[data-testid=chart] canvas')
                    const { data } = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height)
                    const seen = new Set()
                    for (let i = 0; i < data.length; i += 400) seen.add(data[i] + ',' + data[i + 1] + ',' + data[i + 2])
                    return seen.size
                }""")).intValue();
    }

    @Test
    void aPlaceIsChosenAndThePlanKnowsIt() {
        water();
        assertThat(places()).containsText("Edge over the ledge");
        assertThat(page.getByTestId("place-reasons")).containsText("the edge lies right over it");
        assertThat(places()).containsText(Pattern.compile("Leave at \\d\\d:\\d\\d to be there at first light"));
        assertThat(page.getByTestId("chart")).containsText("not for navigation");
        page.waitForFunction("document.querySelector('[data-testid=chart] canvas')?.width > 300");
        page.waitForTimeout(600);
        assertThat(shades()).as("tints, lines and figures").isGreaterThan(20);
        var box = page.getByTestId("chart").boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        assertThat(page.getByTestId("read"))
                .containsText(Pattern.compile("Surface temperature .* miles out on \\d{3}°"));
        page.getByLabel("Shown").selectOption("DEPTH");
        page.mouse().move(box.x + box.width / 2 + 40, box.y + box.height / 2);
        assertThat(page.getByTestId("read")).containsText(Pattern.compile("Depth [\\d.]+ m"));
        places().getByText("Edge of warm water").first().click();
        assertThat(page).hasURL(Pattern.compile("place=2"));
        button("Begin here").click();
        Locator step = page.locator("[data-topic=STEP]");
        assertThat(step).containsText(Pattern.compile("0\\.\\d °C"));
        assertThat(page.locator("[data-topic=CLARITY]")).containsText("blue meets green");
        assertThat(complaints).isEmpty();
    }

    @Test
    void aGridIsDroppedAskedOfAndRemoved() {
        water();
        var grid = new StringBuilder("ncols 30\nnrows 30\nxllcorner -47.6\nyllcorner 27.4\ncellsize 0.02\n");
        for (int cell = 0; cell < 900; cell++) {
            grid.append(cell / 30 < 15 ? "21.0 " : "25.0 ");
        }
        button("21 grids…").click();
        choose("unknown.asc", grid);
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("says what it is of");
        page.getByLabel("It is of").selectOption("TEMPERATURE");
        choose("unknown.asc", grid);
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("says when it was so");
        page.getByLabel("At, UTC").fill("2026-06-18T06:00");
        choose("unknown.asc", grid);
        assertThat(page.getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText("Taken in")))
                .containsText("Surface temperature, Thursday 18 June 2026, 03:00");
        Locator row = page.getByRole(AriaRole.DIALOG)
                .locator("li")
                .filter(new Locator.FilterOptions().setHasText("unknown.asc"));
        assertThat(row).containsText("30 × 30 cells");
        row.getByText("Remove").click();
        assertThat(row).hasCount(0);
        page.keyboard().press("Escape");
        assertThat(button("21 grids…")).isVisible();
        assertThat(complaints).isEmpty();
    }

    @Test
    void marksComeInAreNamedAndGoOut() {
        water();
        button("2 marks…").click();
        Locator sheet = page.getByRole(AriaRole.DIALOG);
        page.getByLabel("Waypoints, GPX")
                .setInputFiles(new FilePayload("old.gpx", "application/gpx+xml", """
                        <gpx version="1.1" creator="x"><wpt lat="27.62" lon="-47.31"><name>Far rip</name></wpt>
                        <wpt lat="97" lon="0"/></gpx>""".getBytes(StandardCharsets.UTF_8)));
        assertThat(sheet).containsText("1 taken in; 1 left out, at no place on earth.");
        page.getByLabel("New mark").fill("Third hump");
        page.getByLabel("Latitude and longitude").fill("27 33 N, 47 20 W");
        page.keyboard().press("Enter");
        button("Keep it").click();
        assertThat(page.getByLabel("Name of Third hump")).isVisible();
        page.getByLabel("Name of Far rip").fill("The rip");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Name of The rip")).isVisible();
        String file = page.request()
                .get(product.url() + sheet.getByText("All as GPX").getAttribute("href"))
                .text();
        assertThat(file).contains("Third hump", "The rip").doesNotContain("Far rip");
        sheet.locator("li").first().getByText("Remove").click();
        assertThat(sheet.locator("li")).hasCount(3);
        page.keyboard().press("Escape");
        assertThat(button("3 marks…")).isVisible();
        assertThat(complaints).isEmpty();
    }

    /** Simulated, for nothing else is heard here: drawn with her way, found by one tap, and said to be no real one. */
    @Test
    void theBoatIsOnThePictureAndSaysWhatItBurns() {
        String boat = page.url().replaceFirst(".*/boats/([^/]+).*", "$1");
        page.evaluate("""
                (boat) => fetch(`/api/boats/${boat}/instruments/${crypto.randomUUID()}`, {
                    method: 'PUT',
                    headers: { 'Content-Type': 'application/json' },
                    body: JSON.stringify({ version: 0, name: 'Simulated', way: 'SIMULATED', priority: 1 }),
                })""", boat);
        water();
        assertThat(page.getByTestId("here"))
                .containsText(Pattern.compile("Boat, simulated: [\\d.]+ kn over ground on \\d{3}°"));
        String wide = page.getByTestId("scale").textContent();
        button("To the boat").click();
        assertThat(page.getByTestId("scale")).not().hasText(wide);
        button("Night").click();
        assertThat(page.locator(".night [data-picture]")).isVisible();
        button("Day").click();
        assertThat(page.getByTestId("fuel")).containsText("not told");
        tell("Burns then", "44 L");
        assertThat(page.getByTestId("fuel")).hasText(Pattern.compile("Out and home take \\d+ L\\."));
        tell("Trolling", "3 gal");
        tell("Tank", "300");
        assertThat(page.getByTestId("fuel")).containsText(Pattern.compile("the rest trolls for [\\d.]+ h"));
        tell("Tank", "40");
        assertThat(page.getByTestId("fuel")).containsText("Too far on it");
        tell("Tank", "a lot");
        assertThat(page.getByText("Type from 1.0 L to")).isVisible();
        page.keyboard().press("Escape");
        page.getByLabel("Forget: Tank").click();
        assertThat(page.getByTestId("fuel")).hasText(Pattern.compile("Out and home take \\d+ L\\."));
        assertThat(complaints).isEmpty();
    }

    private void tell(String what, String typed) {
        Locator field = page.getByLabel(what, new Page.GetByLabelOptions().setExact(true));
        field.fill(typed);
        field.press("Enter");
    }

    private void choose(String name, StringBuilder text) {
        page.getByLabel("A grid: .nc, .asc, .tif or .csv")
                .setInputFiles(
                        new FilePayload(name, "text/plain", text.toString().getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    void aSeaOfWhichNothingIsKnownSaysSo() {
        page.getByLabel("Boat", new Page.GetByLabelOptions().setExact(true)).selectOption("Add a boat…");
        page.getByLabel("Or latitude and longitude").fill("43 24 S, 172 50 E");
        page.keyboard().press("Enter");
        button("Draw her").click();
        page.getByTestId("boat-drawing").waitFor();
        water();
        assertThat(places()).containsText("Nothing speaks for one place more than for another yet");
        assertThat(places()).containsText("No temperature is here");
        assertThat(page.getByTestId("chart")).isVisible();
        // No depth, no edge, no tide, no spread: ground can be covered all the same.
        button("Course").click();
        page.getByText(Pattern.compile("From 43°.*|From .*")).last().click();
        Locator course = page.getByTestId("course");
        assertThat(course).containsText("Lanes over new ground");
        assertThat(page.getByLabel("Course", new Page.GetByLabelOptions().setExact(true)))
                .containsText("No stream is known there");
        page.getByLabel("She goes").selectOption("SPIRAL");
        assertThat(course).containsText("Round and wider");
        page.getByLabel("She goes").selectOption("AROUND");
        assertThat(page.getByLabel("Course", new Page.GetByLabelOptions().setExact(true)))
                .containsText("Say over which depths about the top the lures are wanted");
        assertThat(course).hasCount(0);
        assertThat(complaints).isEmpty();
    }

    /** Somewhere on the green of her way. */
    private double[] onTheWay() {
        var found = (java.util.List<?>) page.evaluate("""
                () => {
                    const found = []
                    for (const canvas of document.querySelectorAll('[data-testid=chart] canvas')) {
                        const box = canvas.getBoundingClientRect()
                        const scale = canvas.width / box.width
                        const { data } = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height)
                        for (let i = 0; i < data.length / 4; i++) {
                            const near = [77, 107, 60].every((ink, k) => Math.abs(data[4 * i + k] - ink) < 3)
                            if (near) found.push([box.x + (i % canvas.width) / scale, box.y + Math.floor(i / canvas.width) / scale])
                        }
                    }
                    return found.sort((a, b) => a[1] - b[1])[Math.floor(found.length / 2)]
                }""");
        return found.stream().mapToDouble(one -> ((Number) one).doubleValue()).toArray();
    }

    @Test
    void aCourseIsLaidDraggedTakenAlongAndGoesOutAsARoute() {
        water();
        button("Course from here").click();
        Locator course = page.getByTestId("course");
        assertThat(course).containsText("Lures in the band");
        assertThat(course).containsText(Pattern.compile("best straight line \\d+ %"));
        Locator lures = page.getByTestId("course-lures");
        assertThat(lures).containsText("No lines meet on the way.");
        assertThat(lures.locator("li")).hasCount(6);
        assertThat(lures.locator("li").last()).containsText("5.5 m deep");
        page.waitForTimeout(500);
        String before = course.innerText();
        double[] at = onTheWay();
        page.mouse().move(at[0], at[1]);
        page.mouse().down();
        for (int i = 1; i <= 6; i++) {
            page.mouse().move(at[0] - 12 * i, at[1]);
        }
        page.mouse().up();
        assertThat(button("Let it go freely")).isVisible();
        assertThat(course).not().hasText(before);
        button("Let it go freely").click();
        assertThat(button("Let it go freely")).hasCount(0);
        page.getByLabel("Lures are wanted").selectOption("DEPTH");
        page.getByLabel("To a depth of").fill("20 m");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Type a depth from");
        page.keyboard().press("Escape");
        page.locator("[data-testid=course][aria-busy=false]").waitFor();
        button("Take it along").click();
        assertThat(button("Taken along")).isDisabled();
        String route = page.request()
                .get(product.url() + course.getByText("As GPX").getAttribute("href"))
                .text();
        assertThat(route).contains("<rte>").contains("<rtept lat=\"27.");
        page.reload();
        assertThat(button("Taken along")).isDisabled();
        assertThat(complaints).isEmpty();
    }
}
