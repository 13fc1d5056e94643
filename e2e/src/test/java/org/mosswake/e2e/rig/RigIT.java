package org.mosswake.e2e.rig;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

/** The bench as its user goes through it: ladder, live bait, attractor, wire, and the list of the evening. */
class RigIT extends Journey {
    private Locator part(String sort) {
        return page.locator("[data-part=" + sort + "]").first();
    }

    private Locator says() {
        return page.getByLabel("What the bench says");
    }

    private Locator tab(String name) {
        return page.getByRole(
                AriaRole.TAB, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private Locator line(String label) {
        return page.getByRole(
                        AriaRole.GROUP,
                        new Page.GetByRoleOptions().setName("Line").setExact(true))
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText(label));
    }

    private void sprat() {
        page.getByLabel("Boat", new Page.GetByLabelOptions().setExact(true)).selectOption("Sprat");
        assertThat(page.getByLabel("Name of the spread")).hasValue(Pattern.compile("Deep in the sound|Live baits"));
    }

    /** To the bench by its key, and to the spread by its name. */
    private void bench(String spread) {
        page.keyboard().press("2");
        page.getByTestId("chain").waitFor();
        page.getByLabel("Spread", new Page.GetByLabelOptions().setExact(true)).selectOption(spread);
        assertThat(page.getByLabel("Spread", new Page.GetByLabelOptions().setExact(true))
                        .locator("option:checked"))
                .hasText(spread);
        page.getByTestId("chain").waitFor();
    }

    private Locator drag() {
        return page.getByTestId("drag-window").getByRole(AriaRole.SLIDER);
    }

    @Test
    void aFastLadderTiedTooThinIsMended() {
        bench("Fast ladder");
        assertThat(part("JOIN")).hasAttribute("aria-label", Pattern.compile(".*passed twice.*weakest.*"));
        assertThat(says()).containsText("Drag from");
        assertThat(says()).containsText("Nobody stands in line with it.");
        part("WIND_ON").click();
        page.getByLabel("Line of the wind-on").selectOption("Mono 20 lb");
        assertThat(says()).containsText("No strike drag works here");
        assertThat(line("C1")).containsText("no strike drag works");
        assertThat(drag()).hasAttribute("aria-valuetext", Pattern.compile(".*no drag works"));
        var offers = says().getByRole(AriaRole.BUTTON);
        assertThat(offers.count()).isGreaterThanOrEqualTo(2);
        offers.filter(new Locator.FilterOptions().setHasText("from the box")).click();
        assertThat(says()).containsText("Drag from");
        assertThat(drag()).hasAttribute("aria-valuetext", Pattern.compile(".*, from .* to .*"));
        button("Undo").click();
        assertThat(says()).containsText("No strike drag works here");
        says().getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("Slow to"))
                .click();
        assertThat(says()).containsText("Drag from");
        assertThat(complaints).isEmpty();
    }

    @Test
    void aLeaderIsStretchedByHandAndByKey() {
        bench("Fast ladder");
        Locator shock = part("SHOCK_LEADER");
        assertThat(shock).hasAttribute("aria-valuenow", "8");
        var box = settled(shock);
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + 60, y);
        page.mouse().move(x + 120, y);
        page.mouse().up();
        assertThat(shock).hasAttribute("aria-valuenow", "16");
        shock.press("ArrowLeft");
        assertThat(shock).hasAttribute("aria-valuenow", "15.9");
        button("Undo").click();
        button("Undo").click();
        assertThat(shock).hasAttribute("aria-valuenow", "8");
    }

    @Test
    void partsAreTiedInSwappedAndTakenOut() {
        bench("Fast ladder");
        part("WIND_ON").click();
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Tie in"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Leader"))
                .dragTo(page.locator("[data-part=SHOCK_LEADER]").first());
        assertThat(page.locator("[data-part=SHOCK_LEADER]")).hasCount(2);
        button("Undo").click();
        assertThat(page.locator("[data-part=SHOCK_LEADER]")).hasCount(1);
        part("JOIN").click();
        page.getByLabel("Tied with").selectOption("WRAPPED_JOIN");
        assertThat(part("JOIN")).hasAttribute("aria-label", Pattern.compile("wrapped join, leaves 85.*"));
        button("As usual").click();
        assertThat(part("JOIN")).hasAttribute("aria-label", Pattern.compile("loop to loop.*"));
        page.keyboard().press("t");
        assertThat(page.getByTestId("chain-table")).containsText("snap swivel");
    }

    @Test
    void aLiveBaitShowsWhereItsHooksSit() {
        sprat();
        bench("Live baits");
        tab("Bait and hooks").click();
        Locator bait = page.getByTestId("bait");
        assertThat(bait).containsText("through the nose");
        assertThat(bait).not().containsText("third hook");
        page.getByLabel("Length of the bait").fill("40 cm");
        page.getByLabel("Length of the bait").press("Enter");
        assertThat(bait).containsText("takes a third hook");
        assertThat(bait).containsText("+ 14.0 cm");
        bait.getByLabel("Bait", new Locator.GetByLabelOptions().setExact(true)).selectOption("DOUBLE_LIVE");
        assertThat(bait).containsText("behind the tail of the first");
        assertThat(says()).containsText("a loose take");
        says().getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("for the take"))
                .click();
        assertThat(says()).containsText("clicker on; after the first run");
        button("Save").click();
        assertThat(page.getByText("Saved, revision")).isVisible();
        page.reload();
        tab("Bait and hooks").click();
        assertThat(page.getByLabel("Length of the bait")).hasValue("40 cm");
    }

    @Test
    void anAttractorLeaderIsCutToLengthAndTheSpreadKnows() {
        sprat();
        bench("Deep in the sound");
        assertThat(says()).containsText("Leader too long for the attractor");
        says().getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("Cut it to"))
                .click();
        assertThat(says()).containsText("The leader suits the attractor");
        button("Save").click();
        assertThat(page.getByText("Saved, revision")).isVisible();
        page.keyboard().press("3");
        lure("D1").focus();
        button("Tackle").click();
        assertThat(page.getByRole(AriaRole.DIALOG).getByLabel("Length").first()).hasValue(Pattern.compile("0\\.8.*"));
    }

    @Test
    void aWireRigIsMarkedWarnedAndRunsDeeperOnAThinnerLeader() {
        sprat();
        bench("Deep in the sound");
        line("C1").click();
        assertThat(says()).containsText("Stainless wire on an aluminium spool");
        tab("Marks").click();
        assertThat(page.getByTestId("marks")).containsText("10.0 m past mark 2");
        assertThat(page.getByTestId("marks")).containsText("pulls counted");
        Locator depth = page.getByTestId("chain").getByText(Pattern.compile("the lure runs at"));
        String before = depth.textContent();
        part("LEADER").click();
        page.getByLabel("Line of the leader").selectOption("Mono 200 lb");
        assertThat(depth).not().hasText(before);
        String after = depth.textContent().replace("the lure runs at ", "");
        button("Save").click();
        assertThat(page.getByText("Saved, revision")).isVisible();
        page.keyboard().press("3");
        lure("C1").focus();
        assertThat(runsAt()).hasText(after);
    }

    @Test
    void theEveningsListIsTickedOnThePhoneAndStaysTicked() {
        bench("Fast ladder");
        page.setViewportSize(390, 844);
        Locator first = page.getByTestId("tonight").getByRole(AriaRole.CHECKBOX).first();
        var kept = page.waitForResponse("**/ticks", first::check);
        assertThat(kept.ok()).isTrue();
        assertThat(page.getByTestId("tonight")).containsText("1 of");
        page.reload();
        assertThat(page.getByTestId("tonight").getByRole(AriaRole.CHECKBOX).first())
                .isChecked();
        assertThat(page.getByTestId("whole-chain")).isVisible();
        double wide = ((Number) page.evaluate("document.documentElement.scrollWidth")).doubleValue();
        assertThat(wide).isLessThanOrEqualTo(390);
        page.waitForResponse(
                "**/ticks",
                () -> page.getByTestId("tonight")
                        .getByRole(AriaRole.CHECKBOX)
                        .first()
                        .uncheck());
    }

    @Test
    void whatIsAboardComesOffTheShoppingList() {
        bench("Fast ladder");
        tab("To buy").click();
        Locator goods = page.getByTestId("goods");
        Locator tethers =
                goods.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("rod tethers"));
        assertThat(tethers).containsText("buy 3");
        Locator aboard = page.getByLabel("Aboard of rod tethers of webbing");
        aboard.fill("-2");
        aboard.press("Enter");
        assertThat(goods.getByRole(AriaRole.ALERT)).containsText("0 or more");
        aboard.fill("3");
        aboard.press("Enter");
        assertThat(tethers).containsText("enough");
        aboard.fill("");
        aboard.press("Enter");
        assertThat(tethers).containsText("buy 3");
    }

    @Test
    void aSideOfADisagreementIsTakenWithItsFigures() {
        bench("Fast ladder");
        tab("Ways").click();
        Locator ways = page.getByTestId("ways");
        assertThat(ways).containsText("of toothy bites wear one out");
        assertThat(part("HOOKS")).hasAttribute("aria-label", Pattern.compile(".*two in line.*"));
        ways.getByLabel(Pattern.compile("^singles")).check();
        assertThat(part("HOOKS")).hasAttribute("aria-label", Pattern.compile(".*wide single.*"));
        ways.getByLabel(Pattern.compile("^two in line")).check();
        assertThat(part("HOOKS")).hasAttribute("aria-label", Pattern.compile(".*two in line.*"));
    }

    @Test
    void aNumberOfTheBenchIsTheSkippersOwn() {
        bench("Fast ladder");
        button("Numbers").click();
        page.getByLabel("Find a number").fill("loop to loop");
        Locator own = page.getByLabel("loop to loop, passed twice, yours");
        own.fill("60");
        own.press("Enter");
        assertThat(own).hasValue("60 %");
        page.keyboard().press("Escape");
        assertThat(part("JOIN")).hasAttribute("aria-label", Pattern.compile(".*leaves 60 %.*"));
        button("Numbers").click();
        page.getByLabel("Find a number").fill("loop to loop");
        button("Default").click();
        page.keyboard().press("Escape");
        assertThat(part("JOIN")).hasAttribute("aria-label", Pattern.compile(".*leaves 95 %.*"));
    }
}
