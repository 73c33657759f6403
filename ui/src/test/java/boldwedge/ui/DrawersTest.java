package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import boldwedge.server.testing.RunningShop;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Drawers on the real page: something new, what became of it, taken back; one session for all that is dull. */
class DrawersTest extends PageTest {
    @AfterEach
    void takeOut() {
        for (JsonNode one : RunningShop.get().get("/api/stock").json()) {
            JsonNode line = one.path("line");
            if (line.path("name").asString().startsWith("Test ")) {
                RunningShop.get()
                        .send(
                                "DELETE",
                                "/api/stock/" + line.path("id").asString() + "?version="
                                        + line.path("version").asInt(),
                                Map.of());
            }
        }
    }

    private Locator row(String name) {
        return page.locator("[data-stock='" + name + "']");
    }

    private Locator named(Locator within, AriaRole role, String name) {
        return within.getByRole(role, new Locator.GetByRoleOptions().setName(name));
    }

    private void say(Locator row, String amount, String movement) {
        row.getByLabel("How many").fill(amount);
        named(row, AriaRole.COMBOBOX, "What became of it").click();
        page.getByRole(AriaRole.OPTION, new com.microsoft.playwright.Page.GetByRoleOptions().setName(movement))
                .first()
                .click();
        named(row, AriaRole.BUTTON, "Say so").click();
    }

    @Test
    void whatBecomesOfThingsIsSaidAndTakenBack() {
        browser.open("/crib");
        page.getByRole(AriaRole.LINK, new com.microsoft.playwright.Page.GetByRoleOptions().setName("Drawers"))
                .click();
        page.getByLabel("Something new in a drawer").fill("Test taps");
        page.getByLabel("Drawer", new com.microsoft.playwright.Page.GetByLabelOptions().setExact(true))
                .first()
                .fill("T1");
        button("Keep it").click();
        Locator taps = row("Test taps");
        assertThat(taps).containsText("0 ready");
        taps.getByRole(AriaRole.BUTTON).first().click();
        say(taps, "5", "bought");
        assertThat(taps).containsText("5 ready");
        say(taps, "7", "broken");
        assertThat(taps.getByRole(AriaRole.ALERT)).containsText("5 ready");
        say(taps, "2", "broken");
        assertThat(taps).containsText("3 ready");
        named(taps, AriaRole.BUTTON, "Take it back").click();
        assertThat(taps).containsText("5 ready");
        browser.reload();
        assertThat(row("Test taps")).containsText("5 ready");
    }

    @Test
    void everythingDullIsGroundInOneSession() {
        browser.open("/crib/drawers");
        Locator session = page.locator("section[aria-label='One session at the grinder']");
        assertThat(session).containsText("General steel bits: end flank");
        assertThat(session).containsText("in place of");
        assertThat(session).containsText("Glasses and face shield on");
    }

    /** A page that is opened when nobody answers says so, and what was typed stays; the pages fetched before are there. */
    @Test
    void pagesFetchedBeforeAreThereWithoutTheProgram() {
        browser.open("/cuts");
        // All others are fetched when there is time; then they open without the program.
        page.waitForFunction(
                "() => performance.getEntriesByType('resource').some((one) => one.name.includes('DrawersPage'))");
        page.waitForFunction(
                "() => performance.getEntriesByType('resource').some((one) => one.name.includes('ToolPage'))");
        page.context().setOffline(true);
        try {
            page.getByRole(
                            AriaRole.LINK,
                            new com.microsoft.playwright.Page.GetByRoleOptions()
                                    .setName("Jobs")
                                    .setExact(true))
                    .click();
            assertThat(page.getByRole(
                            AriaRole.NAVIGATION,
                            new com.microsoft.playwright.Page.GetByRoleOptions().setName("Making many")))
                    .isVisible();
        } finally {
            page.context().setOffline(false);
        }
    }
}
