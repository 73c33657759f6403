package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;

/** Boring in the real page: from the bar that does not do to one that does, its tests, its trial, its making. */
class BoringTest extends PageTest {
    @Test
    void theLongThinBarIsRejectedAndAnotherIsTaken() {
        String bush = cut("Pump bush");
        browser.open("/cut/" + bush + "/reach");
        Locator chatter = page.locator("[data-finding='chatter']");
        assertThat(chatter).containsText("Listen on the first pass");
        assertThat(page.locator("[data-finding='size']")).hasCount(0);
        unfold();
        assertThat(page.locator("[data-finding='size']")).containsText("small");
        station("Crib");
        button("Which will do this cut?").click();
        assertThat(page.locator(".tool-row").first()).containsText("Best at");
        page.locator(".tool-row").first().getByText("Take it").click();
        station("Reach");
        assertThat(browser.field("barOverhang")).not().hasValue("80 mm");
        assertThat(page.locator("figure[data-scene='bar']")).isVisible();
    }

    @Test
    void theStandInsMeasureAndTheirNumbersAreUsed() {
        browser.open("/cut/" + cut("Pump bush") + "/prove");
        button("Read the stand-ins").click();
        Locator pushed = page.locator(".test-answer").first();
        assertThat(pushed).containsText("N/µm at the point");
        assertThat(page.locator(".bar-tests")).containsText("no instrument was read");
        pushed.locator("button.mend").click();
        button("Tap the stand-in").click();
        assertThat(page.locator(".test-answer").last()).containsText("is damped by 3.");
        page.locator(".test-answer").last().locator("button.mend").click();
        // A wrong reading is told beside it.
        page.locator("[data-push='2.up']").fill("far");
        button("Work it out").click();
        assertThat(page.locator(".push em")).containsText("does not start with a number");
        station("Reach");
        assertThat(page.locator("[data-finding='stiffness']")).containsText("measured");
        assertThat(page.locator("[data-finding='chatter']")).isVisible();
    }

    @Test
    void aBoredTrialIsJudgedAndAsMadeSizesRunThroughTheRoute() throws Exception {
        browser.open("/cut/" + cut("Pump bush") + "/prove");
        page.locator("[data-reading='near']").fill("19.95");
        page.locator("[data-reading='far']").fill("19.948");
        assertThat(page.locator(".verdict")).containsText("Outside the tolerance");
        assertThat(page.locator(".causes > li").first()).isVisible();
        station("Make");
        page.locator(".step-title").first().click();
        assertThat(page.locator(".step-open")).containsText("Face both ends");
        browser.field("madeLength").fill("158 mm");
        assertThat(page.locator(".step-open")).containsText("came out 2 mm under");
        Download dxf = page.waitForDownload(() -> button("DXF").click());
        assertThat(Files.readString(dxf.path())).contains("POLYLINE");
    }
}
