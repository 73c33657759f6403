package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.server.testing.RunningShop;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** At the lathe, where the network does not reach: what was opened lately is there, and what is written goes to the shop later, once. */
class OfflineTest extends PageTest {
    private static final String KEPT_PLANS =
            "async () => { const names = await caches.keys(); for (const name of names) {"
                    + " const keys = await (await caches.open(name)).keys();"
                    + " if (keys.some((one) => one.url.includes('/api/plan/'))) return true; } return false; }";

    private String cut = "";

    @BeforeEach
    void putUp() {
        browser.close();
        browser = Browser.installed(RunningShop.get().address());
        page = browser.page;
        cut = cut("Guide-vane pin");
    }

    @AfterEach
    void networkIsBack() {
        page.context().setOffline(false);
    }

    /** Opened once with the network there, until it has rested: then the page and its plan are kept. */
    private void openedOnce() {
        browser.show("/cut/" + cut + "/cut");
        page.waitForFunction(
                "() => navigator.serviceWorker.ready.then(() => navigator.serviceWorker.controller !== null)");
        page.waitForFunction(KEPT_PLANS);
    }

    private Locator offline() {
        return page.locator("[data-offline]");
    }

    private void read(String reading, String text) {
        page.locator("input[data-reading=" + reading + "]").fill(text);
    }

    private int trials() {
        return RunningShop.get().get("/api/proof/trials?cut=" + cut).json().size();
    }

    @Test
    void aRouteIsReadWithoutTheNetwork() {
        openedOnce();
        page.context().setOffline(true);

        browser.open("/cut/" + cut + "/make");

        assertThat(offline()).containsText("as it was read at");
        assertThat(page.locator("main")).containsText("Check:");
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);

        page.context().setOffline(false);
        assertThat(offline()).hasCount(0);
    }

    @Test
    void readingsTypedWithoutTheNetworkAreKeptOnceWhenItIsBack() {
        openedOnce();
        int before = trials();
        page.context().setOffline(true);
        browser.open("/cut/" + cut + "/prove");
        read("near", "13.41");
        read("far", "13.40");
        read("apart", "60");
        button("Keep the readings, to be judged later").click();
        assertThat(page.getByText("Kept on this device")).isVisible();
        // The same again is the same trial.
        button("Keep the readings, to be judged later").click();
        assertThat(offline()).containsText("Waiting on this device to be sent: the trial of “Guide-vane pin");
        // What is pretended here of the network does not hold over a reload; that the note outlives one is seen below.
        assertThat(trials()).isEqualTo(before);

        page.context().setOffline(false);

        assertThat(page.locator(".said")).containsText("Sent: the trial of “Guide-vane pin");
        assertThat(offline()).hasCount(0);
        assertThat(trials()).isEqualTo(before + 1);
    }

    /** What the shop does not take stays, with the reason, until it is thrown away. */
    @Test
    void whatIsNotTakenSaysWhy() {
        openedOnce();
        page.context().setOffline(true);
        browser.open("/cut/" + cut + "/prove");
        read("near", "13.41");
        button("Keep the readings, to be judged later").click();
        assertThat(offline()).containsText("Waiting on this device");

        page.context().setOffline(false);

        assertThat(offline()).containsText("was not taken: Type both diameters");
        browser.reload();
        assertThat(offline()).containsText("was not taken: Type both diameters");
        button("Throw it away").click();
        assertThat(offline()).hasCount(0);
    }
}
