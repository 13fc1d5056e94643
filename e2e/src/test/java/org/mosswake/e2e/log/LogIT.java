package org.mosswake.e2e.log;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

/** All days: narrowed, told apart, kept in the address. */
class LogIT extends Journey {
    private void log(String boat) {
        page.getByLabel("Boat", new Page.GetByLabelOptions().setExact(true)).selectOption(boat);
        assertThat(page.getByLabel("Boat", new Page.GetByLabelOptions().setExact(true)))
                .hasValue(Pattern.compile("."));
        page.locator("nav[aria-label=Stations] a").last().click();
        page.locator("[data-testid=log][aria-busy=false]").waitFor();
    }

    private int strikes() {
        page.locator("[data-testid=log][aria-busy=false]").waitFor();
        return Integer.parseInt(
                page.getByTestId("sum").textContent().split(" ")[0].replace(",", ""));
    }

    private static Pattern beginsWith(int count) {
        return Pattern.compile(String.format(Locale.ENGLISH, "^%,d ", count));
    }

    /** Twenty years are narrowed by what they are told apart by, and the address keeps it. */
    @Test
    void theYearsAreNarrowedAndKept() {
        log("Slow Almanac");
        int all = strikes();
        assertThat(all).isGreaterThan(1000);
        page.getByLabel("What takes more, by").selectOption("depth");
        Locator arm = page.getByTestId("arms").getByRole(AriaRole.BUTTON).first();
        arm.click();
        assertThat(page.getByTestId("conditions")).containsText("depth");
        int shallow = strikes();
        assertThat(shallow).isBetween(10, all - 1);
        button("Narrow it…").click();
        button("fish").click();
        button("king").click();
        page.keyboard().press("Escape");
        assertThat(page.getByTestId("conditions")).containsText("king");
        assertThat(page.getByTestId("sum")).not().containsText(beginsWith(shallow));
        int king = strikes();
        assertThat(king).isLessThan(shallow);
        page.reload();
        assertThat(page.getByTestId("sum")).containsText(beginsWith(king));
        button("Without fish").click();
        assertThat(page.getByTestId("sum")).containsText(beginsWith(shallow));
        assertThat(complaints).isEmpty();
    }

    /** Weeks are taken from the grid; a finding shows what it is about; strikes can be read in words. */
    @Test
    void weeksFindingsAndWords() {
        log("Slow Almanac");
        int all = strikes();
        var grid = page.getByTestId("year-grid").boundingBox();
        page.mouse().click(grid.x + grid.width * 0.5, grid.y + grid.height / 2);
        assertThat(page.getByTestId("conditions")).containsText("week");
        assertThat(strikes()).isLessThan(all);
        button("Set it beside another").click();
        assertThat(page.getByTestId("beside")).containsText("Nothing says yet which takes more");
        button("Without week").click();
        assertThat(page.getByTestId("beside")).containsText(Pattern.compile("week \\d+ to \\d+"));
        page.reload();
        assertThat(page.getByTestId("beside")).containsText(Pattern.compile("week \\d+ to \\d+"));
        button("Without it").click();
        page.getByTestId("findings").getByText("Show only these").first().click();
        assertThat(strikes()).isPositive();
        page.getByText(Pattern.compile("in words$")).click();
        assertThat(page.getByRole(AriaRole.COLUMNHEADER, new Page.GetByRoleOptions().setName("Fish")))
                .isVisible();
        assertThat(complaints).isEmpty();
    }

    /** What is reported on deck is in the log; of a line that nobody set no time is known, and that is said. */
    @Test
    void theDeckIsInTheLog() {
        log("Quiet Ledger");
        int before = strikes();
        page.keyboard().press("4");
        page.getByTestId("pads").waitFor();
        page.getByTestId("pads").locator("button").first().click();
        page.getByTestId("strike-card").first().waitFor();
        assertThat(page.getByText("all sent")).isVisible();
        page.keyboard().press("5");
        assertThat(page.getByTestId("sum")).containsText(Pattern.compile("^" + before + " .*1 without a time fished"));
    }

    /** Pictures of a slice, each with its table, and all of it on one sheet. */
    @Test
    void picturesAndTheSheetToPrint() {
        log("Slow Almanac");
        int all = strikes();
        page.getByText("in pictures").click();
        Locator depths = page.getByTestId("picture-DEPTH-HOUR");
        assertThat(depths.locator("svg rect").first()).isVisible();
        depths.getByText("As a table").click();
        int told = 0;
        for (String cell : depths.locator("tbody td").allTextContents()) {
            told += cell.startsWith("not") ? 0 : Integer.parseInt(cell.split(" ")[0].replace(",", ""));
        }
        assertThat(told).isEqualTo(all);
        assertThat(page.getByTestId("picture-POSITION").locator("svg circle")).hasCount(5);
        page.getByText("on one sheet, to print").click();
        assertThat(page.getByTestId("season")).containsText("Slow Almanac: the log on one sheet");
        assertThat(page.getByTestId("sum")).containsText(beginsWith(all));
        button("Back to the log").click();
        assertThat(page.getByTestId("picture-POSITION")).isVisible();
        assertThat(complaints).isEmpty();
    }

    private void plan(String day) {
        follow(page.url().replaceFirst("/log.*", "/plan?day=" + day));
    }

    /** What the days teach is shown beside the shipped weights, off until it is switched on, and taken back. */
    @Test
    void theDaysCorrectTheCall() {
        log("Slow Almanac");
        button("What your days say of the call…").click();
        assertThat(page.getByTestId("taught")).containsText(Pattern.compile("From 1\\d\\d days out"));
        assertThat(page.getByText("Not in use")).isVisible();
        assertThat(page.getByTestId("moved-weights").locator("tbody tr").first())
                .containsText(Pattern.compile(", for .*±"));
        button("Use these in the call").click();
        assertThat(page.getByText(Pattern.compile("In use since .*, from 1\\d\\d days")))
                .isVisible();
        plan("2026-06-17");
        assertThat(page.getByText(Pattern.compile("Weights follow 1\\d\\d of your days")))
                .isVisible();
        button("What your days say").click();
        button("Back to the shipped weights").click();
        assertThat(page.getByText("Not in use")).isVisible();
        plan("2026-06-17");
        assertThat(page.getByText("Weights are estimates")).isVisible();
        assertThat(complaints).isEmpty();
    }

    @Test
    void anEmptyLogSaysHowItFills() {
        log("Sprat");
        assertThat(page.getByText("Nothing in the log yet")).isVisible();
        assertThat(complaints).isEmpty();
    }

    /** A notebook on an empty log: looked at, a bad row mended, taken in, asked, and taken back. */
    @Test
    void aNotebookIsTakenInAndBack() {
        log("Sprat");
        button("Take in a notebook…").click();
        page.locator("textarea").fill("""
                when;ground;fish;depth (ft)
                June 2011;The Knuckle;king;40
                18.6.2012;Outer ledge;king;
                Junuary;Outer ledge;mahi;?
                """);
        button("Look at it").click();
        Locator book = page.getByTestId("notebook");
        assertThat(book).containsText("3 of 3 rows");
        page.getByLabel("when holds").selectOption("day");
        assertThat(book).containsText("2 of 3 rows can be taken in, 1 cannot");
        assertThat(book).containsText("Line 4, when: “Junuary”");
        button("Take in 2 rows").click();
        assertThat(page.getByText("2 rows taken in.")).isVisible();
        Locator mend = page.getByLabel("Mend them here");
        mend.fill(mend.inputValue().replace("Junuary", "January"));
        button("Look at the mended rows").click();
        assertThat(book).containsText("1 of 1 row can be taken in");
        button("Take in 1 row").click();
        assertThat(page.getByText("1 row taken in.")).isVisible();
        page.keyboard().press("Escape");
        assertThat(page.getByTestId("sum")).containsText("3 without a time fished");
        page.getByText(Pattern.compile("strikes in words$")).click();
        assertThat(page.getByText("no year")).isVisible();
        button("Take in a notebook…").click();
        for (int left = 2; left > 0; left--) {
            button("Take it back").first().click();
            assertThat(button("Take it back")).hasCount(left - 1);
        }
        page.keyboard().press("Escape");
        assertThat(page.getByText("Nothing in the log yet")).isVisible();
        assertThat(complaints).isEmpty();
    }

    /** A day from paper: looked at, a row mended, kept, and it stands as if the deck had told it. */
    @Test
    void aPaperDayIsTypedIn() {
        log("Quiet Ledger");
        button("Type in a day…").click();
        page.getByLabel("Day", new Page.GetByLabelOptions().setExact(true)).fill("2025-08-02");
        page.getByLabel("Spread that was fished").selectOption("Mixed surface");
        page.getByLabel("What happened").fill("""
                05:10 set
                05:48 C1 wahoo 1.4 m
                06:40 P1 lost, cut off
                seven birds diving
                09:30 up
                """);
        button("Look at it").click();
        Locator paper = page.getByTestId("paper");
        assertThat(paper).containsText("4 rows read, 1 not");
        assertThat(paper).containsText("Line 4: “seven birds diving”");
        assertThat(paper).containsText("strike on C1: wahoo, 1.4 m");
        page.getByLabel("What happened")
                .fill(page.getByLabel("What happened").inputValue().replace("seven", "07:00"));
        button("Look at it").click();
        assertThat(paper).containsText("5 rows read.");
        button("Keep this day").click();
        assertThat(page.locator("#day-out option:checked")).containsText("2 August 2025, From paper");
        assertThat(page.getByTestId("story").locator("path")).hasCount(2);
        assertThat(page.getByTestId("after-day")).containsText("Tie a new bite leader on P1");
        assertThat(page.getByText("Log of 2025 to 2026")).isVisible();
        whatWasToldIsPutRight();
        assertThat(complaints).isEmpty();
    }

    /** A wrong time, a thing that never was, one that was forgotten: each by one more fact, and as kept on the next page. */
    private void whatWasToldIsPutRight() {
        Locator told = page.getByTestId("told");
        told.locator("summary").click();
        told.getByText("Strike on Centre").click();
        page.getByLabel("Time of: Strike on Centre").fill("05:52");
        page.getByLabel("Time of: Strike on Centre").press("Enter");
        page.getByLabel("Note on: Strike on Centre").fill("came from below");
        page.getByLabel("Note on: Strike on Centre").press("Enter");
        told.getByText("Seen: birds diving").click();
        button("Take it back").click();
        assertThat(told).containsText("Taken back: Seen: birds diving");
        page.getByText("Tell something else that happened here").click();
        assertThat(page.getByText("What you tap is kept at")).isVisible();
        button("Seen…").click();
        button("weed").click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Log"))
                .first()
                .click();
        page.locator("#day-out")
                .selectOption(page.locator("#day-out option")
                        .filter(new Locator.FilterOptions().setHasText("From paper"))
                        .getAttribute("value"));
        told.locator("summary").click();
        assertThat(told).containsText("05:52Strike on Centre");
        assertThat(told).containsText("came from below");
        assertThat(told).containsText("Seen: weed");
        button("Restore").click();
        assertThat(told.getByText("Seen: birds diving")).isVisible();
        assertThat(told.getByText("Taken back")).hasCount(0);
    }

    /** A way another instrument kept comes into the day, is drawn, and every point is accounted for. */
    @Test
    void aTrackIsTakenIn() {
        log("Quiet Ledger");
        Locator morning = page.locator("#day-out option")
                .filter(new Locator.FilterOptions().setHasText("First light on the ledge"));
        page.locator("#day-out").selectOption(morning.getAttribute("value"));
        assertThat(page.getByTestId("moment")).isVisible();
        page.getByText("The spread as it ran then").click();
        assertThat(page.getByTestId("as-it-ran").locator("tbody tr")).hasCount(6);
        assertThat(page.getByTestId("as-it-ran")).containsText("Lipped plug");
        var points = new StringBuilder();
        for (int i = 0; i < 40; i++) {
            points.append(String.format(
                    Locale.ROOT,
                    "<trkpt lat='%f' lon='%f'><time>2026-06-18T09:%02d:00Z</time></trkpt>",
                    27.60 + i / 2e3,
                    -47.30 + i / 3e3,
                    i));
        }
        String gpx = "<gpx><trk><trkseg>" + points + "<trkpt lat='1' lon='2'/></trkseg></trk></gpx>";
        page.getByLabel("Track of this day, GPX or GeoJSON")
                .setInputFiles(
                        new FilePayload("morning.gpx", "application/gpx+xml", gpx.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("40 of 41 points taken in; 1 left out, without a time."))
                .isVisible();
        assertThat(page.getByTestId("day-map").locator("svg path").first()).isVisible();
        page.getByLabel("Track of this day, GPX or GeoJSON")
                .setInputFiles(new FilePayload("x.gpx", "application/gpx+xml", "no".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("The track cannot be taken in");
        complaints.removeIf(one -> one.contains("400"));
        assertThat(complaints).isEmpty();
    }

    /** The demo's morning as it ran: a moment of it says what was out and what was kept. */
    @Test
    void aDayIsScrubbed() {
        log("Quiet Ledger");
        Locator morning = page.locator("#day-out option")
                .filter(new Locator.FilterOptions().setHasText("First light on the ledge"));
        page.locator("#day-out").selectOption(morning.getAttribute("value"));
        Locator slider = page.getByLabel("Moment of the day");
        slider.focus();
        slider.press("Home");
        assertThat(page.getByTestId("moment")).containsText("No line is out");
        slider.press("End");
        assertThat(page.getByTestId("moment")).containsText("Kept so far: ");
        assertThat(page.getByTestId("story")).containsText("rigger");
        assertThat(complaints).isEmpty();
    }
}
