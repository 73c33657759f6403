package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ForcedColors;
import com.microsoft.playwright.options.Media;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every station fits the window, from a telephone to a wide screen: nothing is looked for by scrolling sideways. */
class FitsTest extends PageTest {
    /** Of the bit that the demo shop turns its pin with. */
    private static final double SHANK_MM = 10;

    private static final int[] WIDTHS = {360, 390, 820, 1024, 1280, 1920};

    /** Opened on a telephone, then in wider and wider windows: a page is turned and dragged. */
    @Test
    void noPageScrollsSideways() {
        String bush = cut("Pump bush");
        for (String station : List.of("cut", "edge", "reach", "make", "prove", "crib")) {
            at(WIDTHS[0]);
            browser.open("/cut/" + bush + "/" + station);
            assertThat(page.locator(".stations")).isVisible();
            fits(station);
        }
        for (String other : List.of("/start", "/cuts", "/shop", "/jobs", "/jobs/new", "/jobs/plan", "/jobs/hours")) {
            at(WIDTHS[0]);
            browser.open(other);
            assertThat(page.locator("h1").first()).isVisible();
            fits(other);
        }
    }

    /** Opened in a wide window too: what a page reckons once from its width is then another. */
    @Test
    void noPageOpenedWideScrollsSideways() {
        String bush = cut("Pump bush");
        for (String path : List.of("/cut/" + bush + "/reach", "/cut/" + bush + "/make", "/shop")) {
            at(1920);
            browser.open(path);
            assertThat(page.locator("h1").first()).isVisible();
            fits(path + " opened wide");
        }
    }

    /** With the reader's own colours in force the open station, what saves and the drawing are still told from what is round them. */
    @Test
    void theReadersOwnColoursKeepWhatIsChosen() {
        at(1280);
        page.emulateMedia(new Page.EmulateMediaOptions().setForcedColors(ForcedColors.ACTIVE));
        browser.open("/cut/" + cut("Pump bush") + "/reach");
        assertThat(page.locator(".plate svg").first()).isVisible();
        Locator open = page.locator(".stations [aria-current]");
        assertThat(open).hasCount(1);
        assertThat(colour(open, "background-color"))
                .isNotEqualTo(
                        colour(page.locator(".stations a:not([aria-current])").first(), "background-color"))
                .isNotEqualTo(colour(open, "color"));
        Locator save = page.locator(".header .do");
        assertThat(colour(save, "background-color"))
                .isNotEqualTo(colour(page.locator("body"), "background-color"))
                .isNotEqualTo(colour(save, "color"));
        // White lines on white paper would be nothing: the sheet keeps its own colour.
        assertThat(colour(page.locator(".plate").first(), "background-color"))
                .isNotEqualTo(colour(page.locator("body"), "background-color"));
        page.emulateMedia(new Page.EmulateMediaOptions().setForcedColors(ForcedColors.NONE));
    }

    private static String colour(Locator of, String property) {
        return of.evaluate("(element, name) => getComputedStyle(element).getPropertyValue(name)", property)
                .toString();
    }

    private void at(int width) {
        page.setViewportSize(width, width < 900 ? 1180 : 800);
    }

    /** In a low window too the plate keeps its shape: an input stands where its dimension is drawn. */
    @ParameterizedTest
    @ValueSource(ints = {800, 560})
    void thePlateKeepsItsShape(int height) {
        page.setViewportSize(1280, height);
        browser.open("/cut/" + cut("Pump bush") + "/reach");
        assertThat(page.locator("main figure.plate").first()).isVisible();
        Object shape = page.locator("main figure.plate")
                .first()
                .evaluate("plate => plate.clientWidth / plate.clientHeight / (100 / 74)");
        assertThat(((Number) shape).doubleValue()).isBetween(0.99, 1.01);
    }

    /** What the plate says of its size follows the window: the shank of 10 mm, measured on the screen, is so much larger. */
    @ParameterizedTest
    @ValueSource(ints = {1280, 820, 390})
    void thePlateSaysHowLargeItIsDrawn(int width) {
        at(width);
        browser.open("/cut/" + cut("Guide-vane pin") + "/edge");
        Locator plate = page.locator("main figure.plate").first();
        assertThat(plate.locator(".scale-screen")).hasText(Pattern.compile("drawn about [\\d.]+ times on this screen"));
        Matcher said = Pattern.compile("about ([\\d.]+) times")
                .matcher(plate.locator(".scale-screen").innerText());
        assertThat(said.find()).isTrue();
        // From the work the shank is seen end on: it alone is as high as it is wide.
        Object pixels = plate.evaluate("""
                plate => [...plate.querySelectorAll('path.s-tool.s-closed')]
                  .map(path => path.getBoundingClientRect())
                  .find(box => Math.abs(box.width - box.height) < 0.02 * box.width).width""");
        double measured = ((Number) pixels).doubleValue() / 96 * 25.4 / SHANK_MM;
        assertThat(measured).isCloseTo(Double.parseDouble(said.group(1)), within(0.06 * measured));
    }

    /** On paper it is as large as it says, and a bar beside it checks the printer. */
    @Test
    void onPaperThePlateIsTrueToSize() {
        at(1280);
        browser.open("/cut/" + cut("Guide-vane pin") + "/edge");
        assertThat(page.locator("main figure.plate").first()).isVisible();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        Locator bar = page.locator("article.print .scale-paper i");
        assertThat(bar).hasText("this bar is 50 mm");
        assertThat(wide(bar)).isCloseTo(50, within(0.1));
        assertThat(wide(page.locator("article.print figure.plate"))).isCloseTo(100, within(0.1));
    }

    private static double wide(Locator what) {
        return ((Number) what.evaluate("one => one.getBoundingClientRect().width")).doubleValue() / 96 * 25.4;
    }

    private void fits(String where) {
        for (int width : WIDTHS) {
            at(width);
            Object beyond = page.evaluate("""
                    () => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(() =>
                      done(document.documentElement.scrollWidth - window.innerWidth))))""");
            assertThat(((Number) beyond).intValue()).as(where + " at " + width).isLessThanOrEqualTo(0);
        }
    }
}
