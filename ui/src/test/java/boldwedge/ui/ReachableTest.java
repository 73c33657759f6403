package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Whoever reads the page by ear, by keys or with a thumb: nothing that axe finds, and targets that a glove hits. */
class ReachableTest extends PageTest {
    /** Smaller targets are hit past, CSS pixels. */
    private static final int LEAST_TARGET = 40;

    private List<String> everyPage() {
        List<String> pages = new ArrayList<>(List.of("/cuts", "/crib", "/shop", "/tools/" + tool("Brass")));
        for (String name : List.of("Guide-vane", "Pump bush", "Bush blanks")) {
            Stream.of("cut", "edge", "reach", "make", "prove", "crib")
                    .map(station -> "/cut/" + cut(name) + "/" + station)
                    .forEach(pages::add);
        }
        return pages;
    }

    /** On every page, in both shades. */
    @Test
    void axeFindsNothingAndTargetsAreLargeEnough() {
        List<String> found = new ArrayList<>();
        for (String path : everyPage()) {
            browser.show(path);
            tooSmall().forEach(line -> found.add(path + " " + line));
            for (String shade : List.of("light", "dim")) {
                page.evaluate("(shade) => { document.documentElement.dataset.shade = shade; }", shade);
                browser.barriers().forEach(line -> found.add(path + " " + shade + " " + line));
            }
        }
        assertThat(found).isEmpty();
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
