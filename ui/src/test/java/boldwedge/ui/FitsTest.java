package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every station fits the window, from a telephone to a wide screen: nothing is looked for by scrolling sideways. */
class FitsTest extends PageTest {
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
        for (String other : List.of("/cuts", "/shop")) {
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
