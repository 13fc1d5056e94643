package org.mosswake.e2e.support;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Browser.NewContextOptions;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType.LaunchOptions;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Playwright.CreateOptions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.TestInstance;

/** A browser on the started product; each class in a context of its own, each test on a device that knows nothing. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
public abstract class Journey {
    /** The shell alone draws in half the time; the whole browser will do. */
    private static final Path CHROMIUM = Stream.of("/usr/bin/chromium-headless-shell", "/usr/bin/chromium")
            .map(Path::of)
            .filter(Files::exists)
            .findFirst()
            .orElseThrow();

    /** A busy machine is slow, not wrong: with three journeys at once the log alone has taken over twenty seconds. */
    private static final double PATIENCE_MS = 45_000;

    private static final List<String> QUIET = List.of(
            "--no-sandbox",
            // The boat's authority is nobody's that this browser trusts.
            "--ignore-certificate-errors",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    /** One browser serves every class. */
    private static final Playwright PLAYWRIGHT =
            Playwright.create(new CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));

    private static final Browser BROWSER = PLAYWRIGHT
            .chromium()
            .launch(new LaunchOptions()
                    .setExecutablePath(CHROMIUM)
                    .setHeadless(true)
                    .setArgs(QUIET));

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
        Runtime.getRuntime().addShutdownHook(new Thread(PLAYWRIGHT::close));
    }

    private BrowserContext context;
    private final List<BrowserContext> others = new ArrayList<>();
    protected Product product;
    protected Page page;
    /** What the page complained of: script errors and refusals of the content policy. */
    protected final List<String> complaints = new ArrayList<>();

    @BeforeAll
    void launch() {
        product = Product.shared();
        product.startIfGone();
        product.databaseBack();
        product.freshBoats();
        // What a worker fetches for a day without a link would slow every journey.
        context = BROWSER.newContext(
                new NewContextOptions().setViewportSize(1280, 800).setServiceWorkers(ServiceWorkerPolicy.BLOCK));
        page = newTab();
        page.navigate(ofNothing());
    }

    @BeforeEach
    void open() {
        complaints.clear();
        prepare();
        page.navigate(product.url());
        solved();
    }

    /** What is to be so before the page is opened; its store can be written to. */
    protected void prepare() {}

    /** Of the product, and without any of its scripts. */
    private String ofNothing() {
        return product.url() + "/favicon.svg";
    }

    /** The tab stays, for its scripts are compiled; whatever a device keeps of a journey is gone before the next. */
    @AfterEach
    void forget() {
        others.forEach(BrowserContext::close);
        others.clear();
        context.pages().stream().filter(tab -> tab != page).forEach(Page::close);
        context.unrouteAll();
        context.setOffline(false);
        context.clearPermissions();
        page.setViewportSize(1280, 800);
        page.mouse().move(0, 0);
        product.startIfGone();
        // Nothing of ours runs on it that could write again.
        page.navigate(ofNothing());
        var storage = new JsonObject();
        storage.addProperty("origin", product.url());
        storage.addProperty("storageTypes", "all");
        CDPSession session = context.newCDPSession(page);
        session.send("Storage.clearDataForOrigin", storage);
        session.detach();
    }

    @AfterAll
    void shut() {
        context.close();
    }

    /** Another device: it shares nothing with this one but the server. */
    protected Page elsewhere() {
        BrowserContext other = BROWSER.newContext(new NewContextOptions().setViewportSize(1280, 800));
        others.add(other);
        Page tab = other.newPage();
        tab.setDefaultTimeout(PATIENCE_MS);
        return tab;
    }

    /** A phone on the boat's network, with all that a browser has. */
    protected Page phone() {
        BrowserContext other = BROWSER.newContext(
                new NewContextOptions().setViewportSize(390, 844).setIgnoreHTTPSErrors(true));
        others.add(other);
        Page tab = other.newPage();
        tab.setDefaultTimeout(PATIENCE_MS);
        return tab;
    }

    protected Page newTab() {
        Page tab = context.newPage();
        tab.setDefaultTimeout(PATIENCE_MS);
        tab.onPageError(complaints::add);
        tab.onConsoleMessage(message -> {
            if (message.text().contains("Content Security Policy")) {
                complaints.add(message.text());
            }
        });
        return tab;
    }

    /** The lure of a line on the plan, a slider of its let-out. */
    protected Locator lure(String label) {
        return page.locator("[data-testid=plan] [data-line=" + label + "]");
    }

    protected Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** Something of the menu of what is not needed every minute. */
    protected void more(String name) {
        button("More").click();
        page.getByRole(
                        AriaRole.MENUITEM,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }

    protected Locator runsAt() {
        return page.getByTestId("runs-at");
    }

    /** Another address of the page as by a link in it, which does not load it anew. */
    protected void follow(String to) {
        page.evaluate("(to) => { history.pushState(null, '', to); dispatchEvent(new PopStateEvent('popstate')) }", to);
    }

    /** Waits until the drawing stands. */
    protected void solved() {
        lure("C1").waitFor();
    }

    /** As drawn, once the drawing shows what was last edited. */
    protected double letOut(String label) {
        page.locator("[data-testid=drawing][aria-busy=false]").waitFor();
        return Double.parseDouble(lure(label).getAttribute("aria-valuenow"));
    }

    /** Where something is once it stays there: a strip that grows moves what is above it. */
    protected BoundingBox settled(Locator what) {
        BoundingBox box = what.boundingBox();
        for (int i = 0; i < 40; i++) {
            page.waitForTimeout(100);
            BoundingBox now = what.boundingBox();
            if (now.x == box.x && now.y == box.y && now.width == box.width) {
                return now;
            }
            box = now;
        }
        return box;
    }

    /** Drags a lure by so many pixels along its line. */
    protected void drag(String label, double dx, double dy) {
        var box = settled(lure(label).locator("rect").first());
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        for (int i = 1; i <= 10; i++) {
            page.mouse().move(x + dx * i / 10, y + dy * i / 10);
        }
        page.mouse().up();
    }
}
