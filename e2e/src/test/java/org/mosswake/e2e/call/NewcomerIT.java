package org.mosswake.e2e.call;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Hand;
import org.mosswake.e2e.support.Journey;

/** A skipper with nothing here yet: from a boat to a card on paper, in feet and pounds. */
class NewcomerIT extends Journey {
    private Hand hand;
    private boolean phone;

    @BeforeEach
    void byHand() {
        hand = new Hand(false);
        phone = false;
    }

    private Locator role(AriaRole role, String name) {
        return page.getByRole(role, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    private void go(String place) {
        // A phone has the stations in its row, and the rest in a menu.
        if (phone && !place.equals("Plan")) {
            hand.press(button("Go to"));
            hand.press(role(AriaRole.MENUITEM, place));
        } else {
            hand.press(page.getByRole(
                    AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^(\\d )?" + place + "$"))));
        }
    }

    private void feet() {
        if (phone) {
            hand.press(button("Go to"));
            hand.press(role(AriaRole.MENUITEM, "Units"));
        } else {
            hand.press(button("Units"));
        }
        hand.press(button("Feet and pounds"));
        page.keyboard().press("Escape");
    }

    private void addABoat() {
        if (phone) {
            hand.press(button("More"));
            hand.press(role(AriaRole.MENUITEM, "Add a boat…"));
        } else {
            hand.choose(field("Boat"), "Add a boat…");
        }
        button("Draw her").click();
        assertThat(page.getByText("Say where she lies first")).isVisible();
        hand.type(page.getByLabel("Or latitude and longitude"), "27 36.5 N, 47 18.2 W");
        hand.press(button("Draw her"));
        page.getByTestId("boat-drawing").waitFor();
        assertThat(page.getByLabel("Latitude and longitude")).hasValue("27°36.50′ N, 47°18.20′ W");
    }

    private void plan() {
        go("Plan");
        page.getByTestId("why").waitFor();
        hand.press(page.locator("[data-topic=TARGET]"));
        hand.press(page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^mahi$"))));
        page.keyboard().press("Escape");
        hand.press(page.locator("[data-topic=CREW]"));
        hand.type(
                page.getByRole(AriaRole.DIALOG)
                        .getByRole(AriaRole.TEXTBOX, new Locator.GetByRoleOptions().setName("crew")),
                "2");
        page.keyboard().press("Escape");
        hand.press(button("Build the spread"));
        page.waitForURL(Pattern.compile("/spread/"));
        page.locator("[data-testid=plan] [data-line]").first().waitFor();
    }

    private void card() {
        page.keyboard().press("Escape");
        if (phone) {
            hand.press(button("More"));
            hand.press(role(AriaRole.MENUITEM, "Rig"));
        } else {
            go("Rig");
        }
        hand.press(button(phone ? "More" : "Paper"));
        hand.press(role(AriaRole.MENUITEM, "Spread card"));
        var card = page.locator("article.sheet");
        card.waitFor();
        assertThat(card).containsText(Pattern.compile("\\d+ ft"));
        assertThat(card).not().containsText(Pattern.compile("\\d (m|cm|kg|g|°C)\\b"));
        assertThat(complaints).isEmpty();
    }

    private void withTheUsualBox() {
        addABoat();
        feet();
        go("Box");
        hand.press(button("Usual box, warm water"));
        assertThat(page.getByText("Bullet skirt, dark")).isVisible();
        plan();
        card();
        assertThat(hand.actions()).as("actions").isLessThanOrEqualTo(20);
    }

    @Test
    void drawsABoatFillsTheBoxAndHasACard() {
        withTheUsualBox();
    }

    @Test
    void doesTheSameWithoutAMouse() {
        hand = new Hand(true);
        withTheUsualBox();
    }

    @Test
    void doesTheSameOnAPhone() {
        phone = true;
        page.setViewportSize(390, 844);
        withTheUsualBox();
    }

    private void item(String kind, String name, String... more) {
        hand.choose(page.getByLabel("Add to the box"), kind);
        var form = page.getByLabel("Item", new Page.GetByLabelOptions().setExact(true));
        hand.type(form.getByLabel("Name"), name);
        // Enter in a form keeps it: what else there is to say is said by opening it again.
        form.waitFor(
                new Locator.WaitForOptions().setState(com.microsoft.playwright.options.WaitForSelectorState.HIDDEN));
        for (int i = 0; i < more.length; i += 2) {
            hand.press(role(AriaRole.BUTTON, name));
            hand.type(form.getByLabel(more[i]), more[i + 1]);
            form.waitFor(new Locator.WaitForOptions()
                    .setState(com.microsoft.playwright.options.WaitForSelectorState.HIDDEN));
        }
    }

    @Test
    void fillsABoxOfHerOwn() {
        addABoat();
        feet();
        go("Box");
        item("mono", "Main line", "Rated strength", "50 lb");
        item("fluorocarbon", "Leader");
        item("feather", "Pink feather", "Aboard", "4");
        item("bullet skirt", "Skirt", "Aboard", "2");
        item("a rod with its reel", "Rod", "Rods with it", "5");
        plan();
        assertThat(page.locator("[data-testid=plan] [data-line]").first()).isVisible();
        card();
        assertThat(hand.actions()).as("actions").isLessThanOrEqualTo(45);
    }
}
