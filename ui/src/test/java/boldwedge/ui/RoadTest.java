package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The road from a cut to a tool in the crib, in the real page. */
class RoadTest extends PageTest {
    @Test
    void fromACutToAToolInTheCrib() {
        // Who was never here begins at the start, with real jobs of the shop to look at; later where the last cut was.
        browser.open("/");
        assertThat(page.getByText("What do you want to cut?")).isVisible();
        page.getByLabel("Open one and look round")
                .getByRole(AriaRole.LINK)
                .first()
                .click();
        assertThat(page.locator("main figure[data-scene] svg path").first()).isAttached();
        browser.open("/");
        assertThat(page.locator("main figure[data-scene] svg path").first()).isAttached();
        browser.open("/cut/new/edge");
        assertThat(browser.field("backRake")).isVisible();
        // The lathe of a new cut is the shop's first; the material changes the angles.
        pick("Material", "Low-carbon steel");
        assertThat(browser.field("backRake")).hasValue("14°");
        pick("Material", "Free-cutting brass");
        assertThat(browser.field("backRake")).hasValue("0°");

        // A tolerance has no list to be picked from: it is typed in the sentence.
        browser.field("tolerance").fill("±0.1 mm");
        assertThat(browser.field("tolerance")).hasValue("±0.1 mm");

        // Type over an angle on the drawing: the ledger objects, and its button mends it.
        browser.field("sideRake").fill("20°");
        Locator finding = page.locator("[data-finding='angle-sideRake']");
        assertThat(finding).containsText("Side rake of 20° is above the handbook's");
        finding.locator("button.mend").first().click();
        assertThat(finding).hasCount(0);

        // A wrong text is told beside it, and the last good drawing stays.
        browser.field("sideRake").fill("3/0");
        assertThat(page.locator(".tip-wrong")).containsText("divides by nothing");
        assertThat(page.locator("main figure.plate-dimmed[data-scene='bit']")).isVisible();
        browser.field("sideRake").fill("1°");
        assertThat(page.locator(".tip-wrong")).hasCount(0);

        // The grinding card.
        station("Make");
        assertThat(page.locator(".step-lines").first()).containsText("Tilt the rest");
        page.locator(".tick").first().check();
        assertThat(page.locator(".step-open")).containsText("2. ");

        // Keep it, and find it again by words.
        station("Crib");
        String name = "Road brass " + System.nanoTime();
        page.getByPlaceholder("what you would call it").fill(name);
        page.getByPlaceholder("drawer or tray").fill("Tray Z9");
        button("Put it in the crib").click();
        assertThat(page.locator(".keep-tool [role=status]")).containsText("is in the crib");
        page.locator("[data-find]").fill("z9 road");
        assertThat(page.locator(".tool-row").first()).containsText(name);
        button("Which will do this cut?").click();
        assertThat(page.locator(".tool-row").first()).containsText("will do");

        // Name and save the cut, then record a trial on it.
        page.getByLabel("Name of the cut").fill("Road test ring");
        page.locator(".header .do").click();
        page.waitForURL(Pattern.compile(".*/cut/[0-9a-f-]{36}/crib"));
        browser.open("/cuts");
        assertThat(page.locator(".cuts")).containsText("Road test ring");
    }

    @Test
    void aTrialIsJudgedKeptAndStillThereAfterAReload() {
        browser.open("/cut/" + cut("Guide-vane pin") + "/prove");
        page.locator("[data-reading='near']").fill("13.395");
        page.locator("[data-reading='far']").fill("abc");
        assertThat(page.locator(".reading-wrong [role=alert]")).containsText("does not start with a number");
        page.locator("[data-reading='far']").fill("13.425");
        page.locator("[data-reading='apart']").fill("70");
        page.locator("[data-reading='finish']").fill("Ra 1.2");
        assertThat(page.locator(".compared").first()).containsText("Taper");
        // The demo shop's two trials of this pin, one before and one after the centre came up, stand as one experiment.
        assertThat(page.locator("[data-experiment]").first()).containsText("Work held");
        assertThat(page.locator(".verdict")).containsText("Outside the tolerance");
        assertThat(page.locator(".causes > li").first()).isVisible();
        page.screenshot(new Page.ScreenshotOptions().setPath(java.nio.file.Path.of("target/prove.png")));
        page.getByLabel("Note on the trial").fill("<b>road</b> trial");
        assertThat(page.locator(".lessons li").first()).containsText("trials");
        button("Keep this trial").click();
        assertThat(page.locator(".log")).containsText("<b>road</b> trial");
        // What it taught is taken back, and counts again by Undo.
        Locator kept = page.locator(".log > li").filter(new Locator.FilterOptions().setHasText("road"));
        kept.getByText("Set aside", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(kept.locator(".aside")).containsText("it teaches nothing");
        page.locator(".said")
                .filter(new Locator.FilterOptions().setHasText("is set aside"))
                .getByText("Undo")
                .click();
        assertThat(kept.locator(".aside")).hasCount(0);
        assertThat(page.locator(".said").filter(new Locator.FilterOptions().setHasText("counts again")))
                .isVisible();
        browser.reload();
        assertThat(page.locator("[data-reading='far']")).hasValue("13.425");
        assertThat(page.locator(".log")).containsText("<b>road</b> trial");
    }

    /** What was told is done: the next piece is read from nothing, and what was moved stands where it can be seen; Undo brings the last piece back. */
    @Test
    void aChangeThatIsDoneIsRememberedForTheNextPiece() {
        browser.open("/cut/" + cut("Guide-vane pin") + "/prove");
        Locator dialled = page.locator("[data-reading='dialled']");
        assertThat(page.locator("[data-reading='near']")).isVisible();
        assertThat(dialled).hasCount(0);
        page.locator("[data-reading='near']").fill("13.43");
        page.locator("[data-reading='far']").fill("13.432");
        page.locator("[data-reading='apart']").fill("70");
        assertThat(page.getByText(Pattern.compile("^Dial in .* on the diameter$")))
                .isVisible();
        button("Done: measure again").click();
        assertThat(page.locator("[data-reading='near']")).hasValue("");
        assertThat(page.locator("[data-reading='near']")).isFocused();
        assertThat(page.locator("[data-reading='apart']")).hasValue("70");
        assertThat(dialled).hasValue(Pattern.compile("^-0\\.0.* mm$"));
        assertThat(page.locator(".verdict")).containsText("Type both diameters");
        button("Undo").click();
        assertThat(page.locator("[data-reading='near']")).hasValue("13.43");
        assertThat(dialled).hasCount(0);
    }

    @Test
    void keysUndoFlipTickAndFind() {
        browser.open("/cut/new/cut");
        assertThat(browser.field("diameter")).isVisible();
        page.keyboard().press("2");
        assertThat(page.locator("main figure[data-scene='bit']")).isVisible();
        browser.field("noseRadius").focus();
        page.keyboard().type("0.5mm");
        page.keyboard().press("Enter");
        assertThat(browser.field("noseRadius")).hasValue("0.5mm");
        page.keyboard().press("Control+z");
        assertThat(browser.field("noseRadius")).not().hasValue("0.5mm");
        page.keyboard().press("Control+Shift+z");
        assertThat(browser.field("noseRadius")).hasValue("0.5mm");
        // Units flip without loss: what was typed with its unit stays as typed.
        page.keyboard().press("u");
        assertThat(page.getByLabel("Units: inches")).isVisible();
        assertThat(browser.field("noseRadius")).hasValue("0.5mm");
        page.keyboard().press("u");
        page.keyboard().press("4");
        assertThat(page.locator(".steps")).isVisible();
        page.locator(".tick").first().focus();
        page.keyboard().press("Space");
        assertThat(page.locator(".tick").first()).isChecked();
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Keys");
        page.keyboard().press("Escape");
        page.keyboard().press("/");
        assertThat(page.locator("[data-find]")).isFocused();
        page.keyboard().type("stainless");
        assertThat(page.locator(".tool-row").first()).containsText("Stainless finisher");
    }

    @Test
    void aLatheIsEditedAndAWrongEntryIsToldBesideIt() {
        browser.open("/shop");
        button("A new machine").click();
        page.locator("[data-entry='name']").fill("Road lathe");
        page.locator("[data-entry='swing']").fill("wide");
        button("Save the machine").click();
        assertThat(page.locator("label:has([data-entry='swing'])")).containsText("does not start with a number");
        assertThat(page.locator("[data-entry='name']")).hasValue("Road lathe");
    }

    /** Set-ups are searched where the reach stands, and the best is taken over with one touch. */
    @Test
    void setUpsAreSearchedAndTheBestIsTaken() {
        browser.open("/cut/" + cut("Guide-vane pin") + "/reach");
        button("Search set-ups").click();
        Locator found = page.getByLabel("Set-ups found");
        assertThat(found).containsText("set-ups hold all that is asked");
        found.getByText("Take it").first().click();
        assertThat(page.locator(".stale")).hasCount(0);
        assertThat(button("Undo")).isEnabled();
    }
}
