package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.server.testing.RunningShop;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Whoever reads the page by ear, by keys or with a thumb: nothing that axe finds, and targets that a glove hits. */
class ReachableTest extends PageTest {
    /** Smaller targets are hit past, CSS pixels. */
    private static final int LEAST_TARGET = 40;

    /** On every page, in both shades. */
    @Test
    void axeFindsNothingAndTargetsAreLargeEnough() {
        List<String> found = new ArrayList<>();
        // With bars on the plan, and one of them done.
        RunningShop shop = RunningShop.get();
        String job = shop.get("/api/jobs").json().path(0).path("id").asString();
        shop.send("POST", "/api/schedule", Map.of("seconds", 0));
        String task = shop.get("/api/schedule")
                .json()
                .path("tasks")
                .path(0)
                .path("task")
                .asString();
        shop.send(
                "PUT",
                "/api/jobs/" + job + "/ticks",
                Map.of("task", task, "version", 0, "startedAt", "2026-01-05T08:00", "doneAt", "2026-01-05T09:00"));
        for (String path : List.of(
                "/start",
                "/cuts",
                "/crib",
                "/shop",
                "/jobs",
                "/jobs/new",
                "/jobs/plan",
                "/jobs/hours",
                "/tools/" + tool("Brass"))) {
            browser.show(path);
            lookAt(path, found);
        }
        for (String name : List.of("Guide-vane", "Pump bush", "Bush blanks")) {
            eachStation(
                    cut(name),
                    List.of("cut", "edge", "reach", "make", "prove", "crib"),
                    station -> lookAt(name + " " + station, found));
        }
        assertThat(found).isEmpty();
    }

    private void lookAt(String where, List<String> found) {
        tooSmall().forEach(line -> found.add(where + " " + line));
        shade("light");
        browser.barriers().forEach(line -> found.add(where + " light " + line));
        shade("dim");
        // Nothing else than the colours is another in this shade.
        browser.barriers("color-contrast", "link-in-text-block").forEach(line -> found.add(where + " dim " + line));
    }

    private void shade(String shade) {
        page.evaluate("(shade) => { document.documentElement.dataset.shade = shade; }", shade);
    }

    /**
     * Buttons, picks and values are as large as a thumb; a value on a plate counts with its caption, which is touched with it. A link
     * within a line of text is as high as its line.
     */
    @SuppressWarnings("unchecked")
    private List<String> tooSmall() {
        return (List<String>) page.evaluate("""
                (least) => [...document.querySelectorAll('button, input, textarea, nav a, .cuts a, [role=combobox]')]
                  .filter((at) => at.checkVisibility({ visibilityProperty: true }) && !at.closest('.print, .sr-only, .skip'))
                  .map((at) => [at, [at, at.closest('label.value') ?? at].map((one) => one.getBoundingClientRect().height)])
                  .filter(([at, heights]) => at.getBoundingClientRect().width > 0 && Math.max(...heights) < least)
                  .map(([at, heights]) => `${Math.max(...heights)} high: ${at.outerHTML.slice(0, 120)}`)""", LEAST_TARGET);
    }

    /** The first key goes past the head of the page to what is worked on. */
    @Test
    void theFirstKeyGoesPastTheHead() {
        browser.show("/cut/" + cut("Guide-vane") + "/reach");
        page.keyboard().press("Tab");
        assertThat(page.getByText("Past the head of the page")).isFocused();
        page.keyboard().press("Enter");
        assertThat(page.locator("main")).isFocused();
        assertThat(page.locator("main h1")).hasCount(1);
    }
}
