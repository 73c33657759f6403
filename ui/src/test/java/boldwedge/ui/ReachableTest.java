package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

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

    private void show(String path) {
        browser.open(path);
        assertThat(page.locator("main")).isVisible();
        page.waitForLoadState(LoadState.NETWORKIDLE);
    }

    private static String axe() throws IOException {
        return Files.readString(Path.of("node_modules/axe-core/axe.min.js"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"light", "dim"})
    void axeFindsNothing(String shade) throws IOException {
        page.addInitScript("localStorage.setItem('bw.shade', '" + shade + "')");
        List<String> found = new ArrayList<>();
        for (String path : everyPage()) {
            show(path);
            page.evaluate(axe());
            @SuppressWarnings("unchecked")
            List<String> here = (List<String>) page.evaluate("""
                    async () => (await axe.run(document, { resultTypes: ['violations'] })).violations.flatMap((rule) =>
                      rule.nodes.map((node) => rule.id + ': ' + node.html.slice(0, 160)))""");
            here.forEach(line -> found.add(path + " " + line));
        }
        assertThat(found).isEmpty();
    }

    /**
     * Buttons, picks and values are as large as a thumb; a value on a plate counts with its caption, which is touched with it. A link
     * within a line of text is as high as its line.
     */
    @Test
    void targetsAreLargeEnough() {
        List<String> small = new ArrayList<>();
        for (String path : everyPage()) {
            show(path);
            @SuppressWarnings("unchecked")
            List<String> here = (List<String>) page.evaluate("""
                    (least) => [...document.querySelectorAll('button, input, textarea, nav a, .cuts a, [role=combobox]')]
                      .filter((at) => at.checkVisibility({ visibilityProperty: true }) && !at.closest('.print, .sr-only, .skip'))
                      .filter((at) => !at.matches('.skip'))
                      .map((at) => [at, (at.closest('label.value') ?? at).getBoundingClientRect()])
                      .filter(([, box]) => box.width > 0 && box.height < least)
                      .map(([at, box]) => `${Math.round(box.width)} x ${Math.round(box.height)} ${at.outerHTML.slice(0, 120)}`)""", LEAST_TARGET);
            here.forEach(line -> small.add(path + " " + line));
        }
        assertThat(small).isEmpty();
    }

    /** The first key goes past the head of the page to what is worked on. */
    @Test
    void theFirstKeyGoesPastTheHead() {
        show("/cut/" + cut("Guide-vane") + "/reach");
        page.keyboard().press("Tab");
        assertThat(page.getByText("Past the head of the page")).isFocused();
        page.keyboard().press("Enter");
        assertThat(page.locator("main")).isFocused();
        assertThat(page.locator("h1")).hasCount(1);
    }
}
