package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.nio.file.Files;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Threads and seats in the real page: a gland nut on the inch lathe, a stud picked up again, a seat milled a tenth too deep. */
class ThreadsTest extends PageTest {
    private void step(String title) {
        page.locator(".step-title", new Page.LocatorOptions().setHasText(title))
                .first()
                .click();
    }

    @Test
    void aGlandNutOnTheInchLathe() {
        browser.open("/cut/" + cut("Gland nut") + "/cut");
        assertThat(page.locator("figure[data-scene='thread-form']")).isVisible();
        assertThat(page.locator("[data-finding='thread-card']")).containsText("35.026 mm to 35.226 mm");
        browser.field("thread").fill("M36×1.4");
        assertThat(page.locator(".tip-wrong")).containsText("36 mm × 1.4 mm");
        browser.field("thread").fill("M36×1.5-6H");
        station("Reach");
        assertThat(page.locator("figure[data-scene='thread-bar']")).isVisible();
        unfold();
        assertThat(page.locator("[data-finding='thread-dial']")).containsText("never open the nut");
        assertThat(page.locator("[data-finding='thread-gears']")).containsText("exactly");
        // The bar that drags before it is down, found before cutting.
        browser.field("threadBar").first().fill("30 mm");
        browser.field("threadPoint").first().fill("16 mm");
        Locator bar = page.locator("[data-finding='thread-bar']");
        assertThat(bar).containsText("drags on the crests at");
        bar.locator("button.mend").first().click();
        assertThat(bar).containsText("passes with its point");
        station("Make");
        step("passes by the dial");
        Locator passes = page.locator(".step-open .step-rows");
        assertThat(passes).containsText("thou");
        assertThat(passes).containsText("Left on the pitch diameter");
        Locator first = passes.locator("input.tick").first();
        first.check();
        // What is ticked is ticked still when the step is opened again.
        step("spring pass");
        step("passes by the dial");
        assertThat(first).isChecked();
        station("Prove");
        pick("Nut, gauge or mate", "does not go on");
        assertThat(page.locator(".causes > li").first()).containsText("not down yet");
        pick("Nut, gauge or mate", "goes on, no shake");
        assertThat(page.locator(".verdict")).containsText("It serves");
    }

    @Test
    void aStudPickedUpBesideItsGroove() throws Exception {
        browser.open("/cut/" + cut("Gate stud") + "/reach");
        assertThat(page.locator("figure[data-scene='thread-passes']")).isVisible();
        button("Where the half nut may be closed").click();
        assertThat(page.locator("figure[data-scene='thread-dial']")).isVisible();
        unfold();
        Locator ways = page.locator("[data-finding='thread-ways']");
        ways.locator("button[aria-expanded='false']").first().click();
        assertThat(ways).containsText("Straight in");
        assertThat(ways).containsText("By turns on either flank");
        station("Edge");
        Download solid = page.waitForDownload(() -> button("Solid as STL").click());
        assertThat(Files.readString(solid.path())).startsWith("solid bit");
        station("Make");
        browser.field("threadWire").fill(".020");
        assertThat(page.locator("[data-finding='thread-wires']")).containsText("sink");
        page.locator("[data-finding='thread-wires'] button.mend").first().click();
        station("Prove");
        page.locator("[data-reading='overWires']").fill(".4509");
        assertThat(page.locator(".verdict")).containsText("on the compound");
        page.locator("[data-reading='overWires']").fill(".4397");
        page.locator("[data-reading='besideBy']").fill(".003");
        assertThat(page.locator(".verdict")).containsText("past its limits");
        assertThat(page.locator(".causes > li").first()).containsText("Picked up beside");
    }

    @Test
    void aSeatMilledATenthTooDeep() throws Exception {
        browser.open("/cut/" + cut("Bar for the gland") + "/cut");
        assertThat(page.locator("figure[data-scene='seat-body']")).isVisible();
        Download solid = page.waitForDownload(() -> button("Solid as STL").click());
        assertThat(Files.readString(solid.path())).startsWith("solid holder");
        station("Seat");
        assertThat(page.locator("figure[data-scene='seat-pocket']")).isVisible();
        station("Make");
        step("Rough the pocket");
        browser.field("seatMadeDepth").fill("16.57 mm");
        assertThat(page.locator(".step-open")).containsText("0.1 mm low");
        station("Prove");
        page.locator("[data-reading='floorDepth']").fill("16.57 mm");
        assertThat(page.locator(".verdict")).containsText("0.1 mm low");
        assertThat(page.locator("main")).containsText("A shim of 0.1 mm under the insert");
        browser.open("/cut/" + cut("Shank at 93") + "/edge");
        assertThat(page.locator("[data-finding='seat-old']")).containsText("87°");
    }

    @Test
    void threadsHaveNoSeriousAccessibilityFinding() {
        for (String name : List.of("Gland nut", "Gate stud", "Bar for the gland")) {
            eachStation(
                    cut(name),
                    List.of("cut", "edge", "reach", "make", "prove"),
                    station -> assertThat(browser.barriers())
                            .as(name + " " + station)
                            .isEmpty());
        }
    }
}
