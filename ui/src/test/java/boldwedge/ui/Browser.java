package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import boldwedge.server.testing.RunningShop;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;

/** Debian's Chromium, headless, on the running shop; one page at 1280 by 800. */
final class Browser implements AutoCloseable {
    private static final List<String> ARGUMENTS = List.of(
            "--no-sandbox",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            // A renderer kept ready for the next page would be started anew for each: half of what opening one takes.
            "--disable-features=SpareRendererForSitePerProcess");

    /** Milliseconds that anything is waited for: long beside a page's own times, for a machine that has other work. */
    private static final int PATIENCE_MS = 45_000;

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    }

    private static final String AXE = axe();

    private static String axe() {
        try (var script = Objects.requireNonNull(Browser.class.getResourceAsStream("/axe.min.js"))) {
            return new String(script.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** One Chromium for each set of arguments, for all tests: what tests must not share (cookies, drafts) lives in a context. */
    private static final Map<List<String>, com.microsoft.playwright.Browser> LAUNCHED = new HashMap<>();

    private final BrowserContext context;
    final Page page;

    private final String address;

    Browser() {
        this(RunningShop.get().address());
    }

    /** A browser on the program at this address, with cookies and drafts of its own. */
    Browser(String address) {
        this(address, List.of());
    }

    /** The same with more arguments for Chromium. */
    Browser(String address, List<String> more) {
        this(address, more, new com.microsoft.playwright.Browser.NewContextOptions().setViewportSize(1280, 800));
    }

    /** A tablet held upright, touched and without a mouse. */
    static Browser tablet(String address) {
        return new Browser(
                address,
                List.of(),
                new com.microsoft.playwright.Browser.NewContextOptions()
                        .setViewportSize(820, 1180)
                        .setHasTouch(true)
                        .setIsMobile(true));
    }

    /** A telephone with the page put up on it as an app: what keeps the page for when the network is away works there, as it does in no other test. */
    static Browser installed(String address) {
        return new Browser(
                address,
                List.of(),
                new com.microsoft.playwright.Browser.NewContextOptions()
                        .setViewportSize(390, 844)
                        .setHasTouch(true)
                        .setIsMobile(true)
                        .setServiceWorkers(ServiceWorkerPolicy.ALLOW));
    }

    private Browser(String address, List<String> more, com.microsoft.playwright.Browser.NewContextOptions options) {
        this.address = address;
        if (options.serviceWorkers == null) {
            // It fetches the whole page a second time, and what it answers no test can hold back.
            options.setServiceWorkers(ServiceWorkerPolicy.BLOCK);
        }
        context = chromium(more)
                .newContext(options.setReducedMotion(com.microsoft.playwright.options.ReducedMotion.REDUCE));
        page = context.newPage();
        page.setDefaultTimeout(PATIENCE_MS);
    }

    private static com.microsoft.playwright.Browser chromium(List<String> more) {
        LAUNCHED.computeIfPresent(more, (arguments, chromium) -> chromium.isConnected() ? chromium : null);
        return LAUNCHED.computeIfAbsent(more, Browser::launched);
    }

    private static com.microsoft.playwright.Browser launched(List<String> more) {
        Map<String, String> env = new HashMap<>(System.getenv());
        env.put("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1");
        Path found = Stream.of("/usr/bin/chromium-headless-shell", "/usr/bin/chromium", "/usr/bin/chromium-browser")
                .map(Path::of)
                .filter(Files::isExecutable)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("Chromium is missing: apt-get install chromium"));
        return Playwright.create(new Playwright.CreateOptions().setEnv(env))
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(found)
                        .setArgs(
                                Stream.concat(ARGUMENTS.stream(), more.stream()).toList()));
    }

    /**
     * Opens it and waits until the page's own script has put it up: what is pressed earlier nobody hears, and what is not there would be
     * found on a blank sheet.
     */
    void open(String path) {
        page.navigate(address + path);
        isUp(page);
    }

    /** Loads the page anew, as the browser's own button does. */
    void reload() {
        page.reload();
        isUp(page);
    }

    /** Waits until the page has its title: keys are heard from then on; and its letters, before which a button may still move. */
    private static void isUp(Page page) {
        assertThat(page.locator("h1").first()).isAttached();
        page.evaluate("() => document.fonts.ready.then(() => true)");
    }

    /** Opens it and waits until it rests, for what is counted or looked at as a whole. */
    void show(String path) {
        open(path);
        rested();
    }

    /**
     * Waits until the page is there and has its answers. That nothing is on the way is not enough: on a slow machine that is so before
     * the page's own script has put anything up.
     */
    void rested() {
        isUp(page);
        assertThat(page.locator("main[aria-busy=true]")).hasCount(0);
        page.waitForLoadState(LoadState.NETWORKIDLE);
        // What an answer has changed is lit and fades: until then colours are not what they stay.
        page.waitForFunction("() => !document.querySelector('.lit') && document.getAnimations().length === 0");
    }

    /**
     * What axe finds on the page as it stands, in words; empty when it finds nothing.
     *
     * @param rules by their names; all rules, best practices too, when none is named
     */
    @SuppressWarnings("unchecked")
    List<String> barriers(String... rules) {
        // Handed over once for all pages to come: that takes longer than what it does on one.
        if (!(Boolean) page.evaluate("() => 'axe' in window")) {
            context.addInitScript(AXE);
            page.evaluate(AXE);
        }
        return (List<String>) page.evaluate("""
                async (rules) => (await axe.run(document, {
                  resultTypes: ['violations'],
                  ...(rules.length ? { runOnly: rules } : {}),
                })).violations.flatMap((rule) => rule.nodes.map((node) => `${rule.id}: ${node.html}`))""", List.of(rules));
    }

    /** A value on the plate or in the sentence, by its field. */
    Locator field(String id) {
        return page.locator("input[data-field='" + id + "']").last();
    }

    /** The text of a value. */
    String value(String id) {
        return field(id).inputValue();
    }

    @Override
    public void close() {
        context.close();
    }
}
