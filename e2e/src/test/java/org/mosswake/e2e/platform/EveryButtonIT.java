package org.mosswake.e2e.platform;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Page.WaitForFunctionOptions;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

/** A boat of length and beam alone, nothing in the box, no line out: no button is a dead end. */
class EveryButtonIT extends Journey {
    private static final List<String> STATIONS = List.of("plan", "spread", "rig", "deck", "log", "boat", "box");
    /** What an off button may be called that needs no reason: there is nothing to undo or keep. */
    private static final List<String> PLAIN = List.of("Undo", "Redo", "Save", "Keep the boat", "Remove");

    /** Whatever a press can change, without the clock; the focus is part of it. */
    private static final String SEEN = """
            location.href + document.body.outerHTML.replace(/\\d+:\\d\\d(:\\d\\d)?/g, '')
                + (document.activeElement?.outerHTML ?? '').slice(0, 200)""";

    private static final String BUTTONS = """
            [...document.querySelectorAll('button')]
                .filter((one) => one.getBoundingClientRect().width > 0)
                .map((one) => ({ name: (one.getAttribute('aria-label') ?? one.textContent).trim(),
                                 off: one.disabled, why: one.title }))""";

    private boolean tookFile;

    private String bareBoat() {
        page.getByLabel("Boat", new Page.GetByLabelOptions().setExact(true)).selectOption("Add a boat…");
        page.getByLabel("Or latitude and longitude").fill("43 24 S, 172 50 E");
        page.keyboard().press("Enter");
        button("Draw her").click();
        page.getByTestId("boat-drawing").waitFor();
        return page.url().replaceAll("/boat(\\?.*)?$", "");
    }

    @SuppressWarnings("unchecked")
    private List<Map<String, Object>> buttons() {
        return (List<Map<String, Object>>) page.evaluate(BUTTONS);
    }

    private void show(String url) {
        page.navigate(url);
        page.locator("main").first().waitFor();
        page.waitForTimeout(400);
    }

    /** The station as it opens, without the page being loaded anew: by way of another. */
    private void again(String url) {
        String away = url.replaceFirst("[^/]*$", url.endsWith("/box") ? "boat" : "box");
        for (String to : List.of(away, url)) {
            follow(to);
            page.waitForTimeout(50);
        }
        page.locator("main").first().waitFor();
        page.waitForTimeout(300);
    }

    @Test
    void onABareBoatEachDoesSomethingOrSaysWhyNot() {
        page.context().addInitScript("window.print = () => { document.body.dataset.printed = 'yes' }");
        page.onDownload(file -> tookFile = true);
        page.onFileChooser(file -> tookFile = true);
        String boat = bareBoat();
        var dead = new ArrayList<String>();
        int pressed = 0;
        for (String station : STATIONS) {
            show(boat + "/" + station);
            var names = new LinkedHashSet<String>();
            for (Map<String, Object> one : buttons()) {
                String name = (String) one.get("name");
                if (!(boolean) one.get("off")) {
                    names.add(name);
                } else if (!PLAIN.contains(name) && ((String) one.get("why")).isEmpty()) {
                    dead.add(station + ": " + name + " is off and does not say why");
                }
            }
            for (String name : names) {
                again(boat + "/" + station);
                Locator button = page.getByRole(
                                AriaRole.BUTTON,
                                new Page.GetByRoleOptions().setName(name).setExact(true))
                        .first();
                // What was pressed before may have changed what there is to press.
                if (button.count() > 0 && button.isEnabled()) {
                    pressed++;
                    if (!does(button)) {
                        dead.add(station + ": " + name);
                    }
                }
            }
        }
        assertThat(dead).isEmpty();
        assertThat(pressed).isGreaterThan(40);
        assertThat(complaints).isEmpty();
    }

    private boolean does(Locator button) {
        tookFile = false;
        String before = (String) page.evaluate(SEEN);
        try {
            button.click(new Locator.ClickOptions().setTimeout(5000));
        } catch (TimeoutError gone) {
            // What the one before had set going took it away meanwhile.
            return button.count() == 0;
        }
        try {
            // The whole document at every frame would keep the machine from drawing them.
            page.waitForFunction(
                    "(before) => (" + SEEN + ") !== before",
                    before,
                    new WaitForFunctionOptions().setTimeout(2500).setPollingInterval(50));
            return true;
        } catch (TimeoutError nothing) {
            return tookFile;
        }
    }
}
