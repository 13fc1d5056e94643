package org.mosswake.e2e.spread;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.Arrays;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

class BoatAndBoxIT extends Journey {
    private void go(String station) {
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName(station).setExact(true))
                .click();
    }

    @Test
    void aHolderIsDraggedIntoPlaceAndKept() {
        go("Boat");
        var tip = page.locator("[data-handle='plan Port gunwale tip']");
        tip.waitFor();
        String before = tip.getAttribute("aria-valuetext");
        // Hovering waits until the drawing has its size.
        tip.hover();
        var box = tip.boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        for (int i = 1; i <= 5; i++) {
            page.mouse().move(x + 4 * i, y - 6 * i);
        }
        page.mouse().up();
        assertThat(tip).not().hasAttribute("aria-valuetext", before);
        button("Undo").click();
        assertThat(tip).hasAttribute("aria-valuetext", before);
        tip.focus();
        tip.press("Shift+ArrowUp");
        assertThat(tip).not().hasAttribute("aria-valuetext", before);
        String moved = tip.getAttribute("aria-valuetext");
        button("Keep the boat").click();
        assertThat(button("Keep the boat")).isDisabled();
        page.reload();
        assertThat(page.locator("[data-handle='plan Port gunwale tip']")).hasAttribute("aria-valuetext", moved);
        assertThat(complaints).isEmpty();
    }

    /** All of a boat is taken away in a file, she is forgotten, and the file brings her back. */
    @Test
    void herFileBringsHerBack() throws IOException {
        page.getByLabel("Boat", new Page.GetByLabelOptions().setExact(true)).selectOption("Sprat");
        solved();
        go("Boat");
        button("All of her…").click();
        var file = page.waitForDownload(() -> button("Take the file").click()).path();
        page.getByLabel("Type Sprat to forget her").fill("Sprat");
        button("Forget Sprat").click();
        solved();
        Locator boats = page.getByLabel("Boat", new Page.GetByLabelOptions().setExact(true));
        assertThat(boats.locator("option").getByText("Sprat", new Locator.GetByTextOptions().setExact(true)))
                .hasCount(0);
        boats.selectOption("new");
        byte[] whole = Files.readAllBytes(file);
        Locator chosen = page.getByLabel("File of a boat to bring back");
        chosen.setInputFiles(new FilePayload("cut.json", "application/json", Arrays.copyOf(whole, whole.length / 2)));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("cannot be taken in: it breaks off");
        chosen.setInputFiles(new FilePayload("sprat.json", "application/json", whole));
        assertThat(page.getByTestId("boat-drawing")).isVisible();
        assertThat(boats.locator("option:checked")).hasText("Sprat");
        page.keyboard().press("3");
        solved();
        complaints.removeIf(one -> one.contains("400"));
        assertThat(complaints).isEmpty();
    }

    @Test
    void aHolderIsAddedMirroredAndTakenOffAndOneInUseIsNot() {
        go("Boat");
        page.getByTestId("boat-drawing").waitFor();
        button("Add a holder").click();
        var name = page.getByLabel("Name of the holder");
        assertThat(name).hasValue("New holder");
        button("Mirror it").click();
        assertThat(name).hasValue("New holder, other side");
        button("Take it off").click();
        button("Keep the boat").click();
        assertThat(button("Keep the boat")).isDisabled();
        page.locator("[data-handle='plan Centre rigger tip']").focus();
        button("Take it off").click();
        button("Keep the boat").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("which a spread uses");
    }

    @Test
    void whatIsInTheBoxIsFoundCountedAndAdded() {
        go("Box");
        page.getByLabel("Find in the box").fill("pink popping");
        var rows = page.getByLabel("What is aboard").locator("tbody tr");
        assertThat(rows).hasCount(1);
        page.getByLabel("One Popping head more").click();
        assertThat(rows.first()).containsText("3");
        page.getByLabel("Find in the box").fill("");
        page.getByLabel("Add to the box").selectOption("hair jig");
        var item = page.getByLabel("Item", new Page.GetByLabelOptions().setExact(true));
        item.getByLabel("Name").fill("Hair jig, orange");
        item.getByLabel("Colour", new Locator.GetByLabelOptions().setExact(true))
                .fill("orange");
        button("Keep it").click();
        page.getByLabel("Find in the box").fill("hair jig, orange");
        assertThat(rows).hasCount(1);
    }

    @Test
    void whatIsPutAwayIsNotOfferedAndComesBack() {
        go("Box");
        page.getByLabel("Find in the box").fill("feather small silver");
        var row = button("Feather, small");
        row.first().click();
        button("Put away").click();
        assertThat(row).hasCount(0);
        button("Undo").click();
        assertThat(row).hasCount(1);
        row.first().click();
        button("Put away").click();
        page.getByLabel("Shelf").selectOption("Put away");
        row.first().click();
        assertThat(page.getByText("It stays put away")).hasCount(0);
        button("Remove for good").click();
        assertThat(page.getByText("Nothing here by these words")).hasCount(0);
        assertThat(page.getByText("Nothing is put away.")).isVisible();
        button("Undo").click();
        assertThat(row).hasCount(1);
        button("Undo").click();
        page.getByLabel("Shelf").selectOption("Everything");
        assertThat(row).hasCount(1);
    }

    @Test
    void aSpreadIsPutAwayAndTakenOut() {
        more("Put away, take out");
        button("Put away Fast ladder").click();
        assertThat(page.getByText("Fast ladder, put away")).isVisible();
        page.keyboard().press("Escape");
        button("More").click();
        assertThat(page.getByRole(AriaRole.MENUITEM).filter(hasText("Fast ladder")))
                .hasCount(0);
        page.keyboard().press("Escape");
        more("Put away, take out");
        button("Take out Fast ladder").click();
        assertThat(button("Put away Fast ladder")).isVisible();
    }

    /** It can go for good, and is asked about first; one that was fished cannot. */
    @Test
    void aSpreadThatNobodyFishedIsRemoved() {
        more("New, from this one");
        assertThat(page.getByLabel("Name of the spread")).hasValue("Mixed surface, copy");
        button("More").click();
        page.getByRole(AriaRole.MENUITEM)
                .filter(hasText("Mixed surface").setHasNotText("copy"))
                .first()
                .click();
        assertThat(page.getByLabel("Name of the spread")).hasValue("Mixed surface");
        more("Put away, take out");
        button("Put away Mixed surface, copy").click();
        button("Remove for good Mixed surface, copy").click();
        button("Keep it").click();
        button("Remove for good Mixed surface, copy").click();
        button("Remove it").click();
        assertThat(page.getByText("Mixed surface, copy")).hasCount(0);
        assertThat(button("Put away Mixed surface")).isVisible();
    }

    private static Locator.FilterOptions hasText(String text) {
        return new Locator.FilterOptions().setHasText(text);
    }

    @Test
    void theTableGoesOutAndComesIn() throws IOException {
        go("Box");
        var file = page.waitForDownload(() -> page.getByText("Table out").click());
        String table = Files.readString(file.path());
        assertThat(table).startsWith("what,id,name,kind");
        String columns = table.lines().findFirst().orElseThrow();
        int wanted = columns.split(",", -1).length;
        String row = "lure,,Tinsel,SQUID,5,pink" + ",".repeat(wanted - 6);
        take("box.csv", table + row + "\r\n");
        assertThat(page.getByRole(AriaRole.STATUS).first()).containsText(Pattern.compile("1 new, \\d+ changed"));
        page.getByLabel("Find in the box").fill("tinsel");
        assertThat(page.getByLabel("What is aboard").locator("tbody tr")).hasCount(1);
        take("bad.csv", "what,name,kind\nlure,Odd,kraken\n");
        assertThat(page.getByRole(AriaRole.STATUS).first()).containsText("Row 2, kind");
    }

    private void take(String name, String text) {
        page.getByLabel("Table to take in")
                .setInputFiles(new FilePayload(name, "text/csv", text.getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    void aLockedLineStaysWhenTheRestIsCalled() {
        lure("S1").focus();
        button("Lock").click();
        double kept = letOut("S1");
        more("Call the rest");
        assertThat(page.getByText("One locked line stays as it is.")).isVisible();
        button("Take it").click();
        assertThat(page.getByText("Calling the lines that are not locked.")).hasCount(0);
        assertThat(button("Undo")).isEnabled();
        // Two fish are kept by then: the bag has room for five.
        assertThat(page.locator("[data-testid=plan] [data-line]")).hasCount(5);
        // Lines come one by one, and labels settle with the last.
        assertThat(lure("S1")).hasAttribute("aria-valuenow", Integer.toString((int) kept));
        button("Undo").click();
        assertThat(button("Locked")).isVisible();
        assertThat(page.getByTestId("origin")).hasCount(0);

        // Taken again and saved, the lines keep why they were called so.
        page.keyboard().press("Control+Shift+z");
        page.keyboard().press("Control+s");
        assertThat(page.getByText("Saved, revision 2")).isVisible();
        Locator called = page.locator("[data-testid=plan] [data-line]:not([data-line=S1])")
                .first();
        String name = called.getAttribute("data-line");
        called.focus();
        assertThat(page.getByTestId("origin")).containsText(name + ", by ");
        page.reload();
        lure(name).focus();
        assertThat(page.getByTestId("origin")).containsText(name + ", by ");
    }
}
