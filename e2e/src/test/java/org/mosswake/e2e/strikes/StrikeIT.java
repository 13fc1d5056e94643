package org.mosswake.e2e.strikes;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.mosswake.e2e.support.Journey;

class StrikeIT extends Journey {
    private Locator letOutField() {
        return page.getByLabel("Let-out", new Page.GetByLabelOptions().setExact(true));
    }

    /** The day's strikes, opened where they are folded away. */
    private Locator rows() {
        Locator fold = page.getByTestId("day-fold");
        fold.waitFor();
        Locator list = page.getByTestId("day-list");
        if (!list.isVisible()) {
            // A strike opens it by itself, a moment later.
            page.waitForTimeout(400);
        }
        if (!list.isVisible()) {
            fold.click();
        }
        return page.getByTestId("day-list").getByRole(AriaRole.LISTITEM);
    }

    private Locator row(String holds) {
        return rows().filter(new Locator.FilterOptions().setHasText(holds));
    }

    /** Two tabs of one device and another device; the server stumbles, is busy, and forgets who asks. */
    @Test
    void nothingIsLostOverTabsDevicesAndRefusals() {
        rows().first().waitFor();
        int before = rows().count();
        Page second = newTab();
        second.navigate(page.url());
        Page other = elsewhere();
        other.navigate(page.url());
        var status = new AtomicInteger(500);
        page.context().route("**/facts", route -> {
            if (status.get() == 200) {
                route.resume();
            } else {
                route.fulfill(new Route.FulfillOptions()
                        .setStatus(status.get())
                        .setContentType("application/problem+json")
                        .setBody("{}"));
            }
        });
        for (int next : new int[] {500, 429, 401}) {
            status.set(next);
            button("Strike on C1").click();
            second.getByLabel("Strike on S1").click();
            other.getByLabel("Strike on P1").click();
        }
        assertThat(page.getByText("kept on this device and will be sent again")).isVisible();
        assertThat(page.getByText("not sent yet")).hasCount(6);
        page.reload();
        assertThat(page.getByText("not sent yet")).hasCount(6);
        status.set(200);
        assertThat(page.getByText("not sent yet"))
                .hasCount(0, new LocatorAssertions.HasCountOptions().setTimeout(40_000));
        assertThat(second.getByText("not sent yet")).hasCount(0);
        page.reload();
        assertThat(rows()).hasCount(before + 9);
    }

    /** MOSS_KILLS times at random moments, then the database gone for MOSS_AWAY_S seconds: every strike once. */
    @Test
    void killedAtRandomMomentsItKeepsEveryStrikeOnce() {
        rows().first().waitFor();
        int before = rows().count();
        int kills = number("MOSS_KILLS", 1);
        var random = new Random(11);
        page.waitForResponse(
                r -> r.url().endsWith("/facts") && r.ok(),
                () -> button("Strike on P2").click());
        for (int i = 0; i < kills; i++) {
            button("Strike on C1").click();
            page.waitForTimeout(random.nextInt(60));
            product.kill();
            button("Strike on P1").click();
            assertThat(row("not sent yet").first()).isVisible();
            page.getByText("The server or its database is away").waitFor();
            product.start();
        }
        product.databaseAway();
        button("Strike on S1").click();
        page.waitForTimeout(1000.0 * number("MOSS_AWAY_S", 2));
        product.databaseBack();
        assertThat(page.getByText("not sent yet"))
                .hasCount(0, new LocatorAssertions.HasCountOptions().setTimeout(60_000));
        assertThat(page.getByText("The server or its database is away")).hasCount(0);
        page.reload();
        assertThat(rows()).hasCount(before + 2 + 2 * kills);
        assertThat(complaints).isEmpty();
    }

    private static int number(String name, int usual) {
        String text = System.getenv(name);
        return text == null ? usual : Integer.parseInt(text);
    }

    /** A fish is landed while nobody answers: this device folds it among what it knows. */
    @Test
    void aFishIsLandedWithoutALink() {
        rows().first().waitFor();
        page.context().route("**/facts", Route::abort);
        button("Strike on P2").click();
        Locator unsent = row("not sent yet");
        unsent.getByRole(AriaRole.BUTTON).first().click();
        page.getByLabel("Fish landed").fill("garfish");
        button("Landed").click();
        assertThat(unsent).containsText("garfish");
        page.context().unroute("**/facts");
        assertThat(page.getByText("not sent yet"))
                .hasCount(0, new LocatorAssertions.HasCountOptions().setTimeout(40_000));
        assertThat(row("garfish")).hasCount(1);
    }

    @Test
    void theFirstStrikeStartsADayOut() {
        page.getByLabel("Boat", new Page.GetByLabelOptions().setExact(true)).selectOption("Sprat");
        page.getByText("The first strike starts a day out").waitFor();
        button("Strike on D1").click();
        assertThat(rows()).hasCount(1);
        assertThat(page.getByText("not sent yet")).hasCount(0);
        page.reload();
        assertThat(rows()).hasCount(1);
        assertThat(rows().first()).containsText("D1");
    }

    /** As the page before this one left it in its own queue. */
    @Test
    void whatTheLastPageStillHeldIsTakenUp() {
        rows().first().waitFor();
        int before = rows().count();
        page.evaluate("""
                async () => {
                  const [boat] = location.pathname.split('/').slice(2)
                  const trips = await (await fetch(`/api/boats/${boat}/trips`)).json()
                  const spread = location.pathname.split('/')[4]
                  const kept = await (await fetch(`/api/boats/${boat}/spreads/${spread}`)).json()
                  const event = { eventId: crypto.randomUUID(), kind: 'STRUCK', deviceId: crypto.randomUUID(),
                    happenedAt: '2026-06-18T11:00:00Z', deviceAt: '2026-06-18T11:00:00Z',
                    spreadId: spread, revision: kept.revision, lineId: kept.draft.lines[0].lineId }
                  localStorage.setItem('moss.outbox',
                    JSON.stringify([{ boat, trip: trips.find((one) => one.day === '2026-06-18').tripId, words: 'Strike', event }]))
                }""");
        page.reload();
        assertThat(rows()).hasCount(before + 1);
        assertThat(row("08:00")).hasCount(1);
        assertThat((Boolean) page.evaluate("localStorage.getItem('moss.outbox') === null"))
                .isTrue();
    }

    @Test
    void aStrikeIsLandedAndTakenBack() {
        rows().first().waitFor();
        int before = rows().count();
        int open =
                row("D1").filter(new Locator.FilterOptions().setHasText("open")).count();
        button("Strike on D1").click();
        assertThat(rows()).hasCount(before + 1);
        Locator struck = row("D1").filter(new Locator.FilterOptions().setHasText("open"));
        assertThat(struck).hasCount(open + 1);
        struck.first().getByRole(AriaRole.BUTTON).first().click();
        page.getByLabel("Fish landed").fill("bonito");
        button("Landed").click();
        assertThat(row("bonito")).hasCount(1);
        button("Correct").click();
        page.getByLabel("Length").fill("1.2 m");
        page.getByLabel("Length").press("Enter");
        assertThat(page.getByLabel("Length")).hasValue("1.2 m");
        page.getByLabel("Time of the strike").fill("06:01");
        page.getByLabel("Time of the strike").press("Enter");
        assertThat(page.getByText("Strike on D1, 06:01")).isVisible();
        button("Take the strike back").click();
        assertThat(page.getByText("Taken back: D1, 06:01")).isVisible();
        assertThat(row("bonito")).hasCount(0);
        page.getByTestId("day-list").getByText("Undo").click();
        assertThat(row("bonito")).hasCount(1);
        row("bonito").getByRole(AriaRole.BUTTON).first().click();
        button("Correct").click();
        assertThat(page.getByLabel("Length")).hasValue("1.2 m");
        button("Take the strike back").click();
        assertThat(row("bonito")).hasCount(0);
    }

    @Test
    void thePageSaysSoWhileTheDatabaseIsAwayAndRecovers() {
        product.databaseAway();
        page.getByText("The server or its database is away").waitFor();
        lure("S1").focus();
        page.keyboard().press("Shift+ArrowRight");
        assertThat(letOutField()).hasValue("94");
        product.databaseBack();
        assertThat(page.getByText("The server or its database is away")).hasCount(0);
        button("Save").click();
        // What nobody answered is sent again; a machine under load takes its time over the first connections.
        page.getByText("Saved, revision").waitFor(new Locator.WaitForOptions().setTimeout(60_000));
        assertThat(letOutField()).hasValue("94");
        assertThat(letOut("S1")).isEqualTo(94);
    }
}
