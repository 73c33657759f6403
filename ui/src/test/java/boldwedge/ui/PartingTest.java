package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Parting in the real page: what breaks first, the holder that is built for it, its making, its trial, its height. */
class PartingTest extends PageTest {
    private String rings() {
        return cut("Spacer rings, parted");
    }

    @Test
    void theOldHolderBreaksFirstAndTheBuiltOneBearsMore() {
        browser.open("/cut/" + rings() + "/reach");
        Locator first = page.locator("[data-finding='breaks-first']");
        assertThat(first).containsText("digs in first, at 0.");
        first.locator("button.mend").first().click();
        assertThat(first).containsText(Pattern.compile("first, at [1-9]"));
        assertThat(page.locator("figure[data-scene='part-stand']")).isVisible();
        assertThat(page.getByLabel("Held in")).containsText("split block");
        // The doubled block stands behind: it does not dig in.
        page.getByLabel("Held in").click();
        page.getByRole(AriaRole.OPTION)
                .filter(new Locator.FilterOptions().setHasText("doubled"))
                .click();
        unfold();
        assertThat(page.locator("[data-finding='digs-in']")).containsText("does not dig in");
    }

    @Test
    void aHolderIsRoutedAndAHeightOffIsCured() throws Exception {
        browser.open("/cut/" + cut("Bush blanks") + "/make");
        assertThat(page.locator(".step-title").first()).containsText("Cut list");
        assertThat(page.locator("figure[data-scene='holder-drawing']")).isVisible();
        page.locator(".step-title", new com.microsoft.playwright.Page.LocatorOptions().setHasText("slot's floor"))
                .click();
        browser.field("madeTab").fill("71.93 mm");
        assertThat(page.locator(".step-open")).containsText("0.07 mm below");
        assertThat(page.locator("[data-finding='stack']")).containsText("Put 0.07 mm under it");
        Download dxf = page.waitForDownload(() -> button("DXF").click());
        assertThat(Files.readString(dxf.path())).contains("POLYLINE");
        Download svg = page.waitForDownload(() -> button("Drawing as SVG").click());
        assertThat(Files.readString(svg.path())).contains("<svg");
    }

    @Test
    void aBrokenBladeIsJudgedAndAHeightIsWorkedOut() {
        browser.open("/cut/" + rings() + "/prove");
        page.locator("[data-reading='broke']").fill("40 mm");
        assertThat(page.locator(".reading-wrong [role=alert]")).containsText("The work is 30 mm");
        page.locator("[data-reading='broke']").fill("19 mm");
        assertThat(page.locator(".verdict")).containsText("broke at 19 mm");
        assertThat(page.locator(".causes > li").first()).isVisible();
        station("Reach");
        button("Height from what you measured").click();
        page.locator("[data-height='measured']").fill("0.3 mm");
        button("Work it out").click();
        button("Put -0.15 mm in").click();
        assertThat(page.locator("[data-finding='height-cure']")).containsText("0.15 mm low");
    }

    /** The same way to a height serves a turning bit and a boring bar. */
    @Test
    void theHeightToolServesEveryTool() {
        for (String[] one : new String[][] {{"Guide-vane pin", "height"}, {"Pump bush", "boreHeight"}}) {
            browser.open("/cut/" + cut(one[0]) + "/reach");
            button("Height from what you measured").click();
            page.locator("[data-height='measured']").fill("0.2 mm");
            button("Work it out").click();
            button("Put -0.1 mm in").click();
            assertThat(browser.field(one[1])).hasValue("-0.1 mm");
        }
    }

    @Test
    void bladeAndHolderGoIntoTheCrib() {
        browser.open("/cut/" + cut("Bush blanks") + "/crib");
        String name = "Block " + System.nanoTime();
        page.getByPlaceholder("what you would call it").fill(name);
        button("Keep the holder").click();
        assertThat(page.locator(".keep-tool [role=status]")).containsText("is in the crib");
        page.locator("[data-find]").fill(name);
        assertThat(page.locator(".tool-row").first()).containsText(name);
        page.locator(".tool-row a").first().click();
        assertThat(page.locator(".card-entries")).containsText("Long Bed");
        assertThat(page.locator("figure[data-scene='holder-drawing']")).isVisible();
        browser.open("/cut/" + rings() + "/crib");
        button("Which will do this cut?").click();
        assertThat(page.locator(".tool-row").first()).containsText("blade");
    }
}
