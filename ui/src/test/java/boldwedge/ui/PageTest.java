package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import boldwedge.server.testing.RunningShop;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;

/** A browser on the running shop, and what every test of the page does with it. */
abstract class PageTest {
    Browser browser;
    Page page;

    @BeforeEach
    void open() {
        RunningShop.get();
        browser = new Browser();
        page = browser.page;
    }

    @AfterEach
    void close() {
        browser.close();
    }

    /**
     * Makes requests whose address ends so wait before they are sent. The page itself waits: a request held back by the test would still
     * be held when the test ends, and end with an error of the browser's.
     */
    final void slow(String addressEnd, int ms) {
        page.evaluate("""
                ([end, ms]) => {
                  const sent = window.fetch;
                  window.fetch = async (asked, how) => {
                    if (String(asked.url ?? asked).endsWith(end)) await new Promise((go) => setTimeout(go, ms));
                    return sent(asked, how);
                  };
                }""", List.of(addressEnd, ms));
    }

    /** Opens what holds, which is folded to a line. */
    final void unfold() {
        page.locator(".holding").click();
    }

    final Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    /** Picks what has this in its name from a list of the sentence: found by typing in a long one, touched in a short one. */
    final void pick(String label, String option) {
        page.locator("[data-field-pick='" + label + "']").click();
        assertThat(page.getByRole(AriaRole.LISTBOX)).isVisible();
        Locator find = page.getByLabel("Find in " + label);
        if (find.count() > 0) {
            find.fill(option);
            assertThat(page.locator("[role=option][data-selected=true]")).containsText(option);
            find.press("Enter");
        } else {
            page.getByRole(AriaRole.OPTION)
                    .filter(new Locator.FilterOptions().setHasText(option))
                    .first()
                    .click();
        }
        assertThat(page.getByRole(AriaRole.LISTBOX)).hasCount(0);
    }

    private static final List<String> STATIONS = List.of("cut", "edge", "reach", "make", "prove", "crib");

    final void station(String name) {
        page.locator("nav.stations a", new Page.LocatorOptions().setHasText(name))
                .click();
    }

    /** Opens a cut and takes its stations one after the other, by their tabs; each rests before it is looked at. */
    final void eachStation(String cut, List<String> stations, Consumer<String> look) {
        browser.show("/cut/" + cut + "/" + stations.getFirst());
        for (String station : stations) {
            // By its number: some families have words of their own for it.
            station(1 + STATIONS.indexOf(station) + " ");
            page.waitForURL("**/" + station);
            browser.rested();
            look.accept(station);
        }
    }

    /** The id of the demo shop's cut whose name starts so. */
    final String cut(String name) {
        for (var cut : RunningShop.get().get("/api/cuts").json()) {
            if (cut.path("name").asString().startsWith(name)) {
                return cut.path("id").asString();
            }
        }
        throw new AssertionError("no cut " + name);
    }

    /** The id of the tool whose name starts so. */
    final String tool(String name) {
        for (var tool : RunningShop.get().get("/api/crib/tools").json().path("tools")) {
            if (tool.path("name").asString().startsWith(name)) {
                return tool.path("id").asString();
            }
        }
        throw new AssertionError("no tool " + name);
    }
}
