package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import org.junit.jupiter.api.Test;

/** A family that the page does not know by name goes its whole road on it: from the sentence to the print. */
class ScribingTest extends PageTest {
    @Test
    void aFamilyOfTheTestsGoesTheWholeRoad() {
        browser.open("/cut/new/cut");
        pick("Operation", "scribe");
        assertThat(page.locator("section.sentence")).containsText("with a line");
        assertThat(page.locator(".keys")).containsText("Pressed with");
        browser.field("lineWidth").fill("0.2 mm");
        station("Edge");
        assertThat(page.locator("figure[data-scene='scriber']")).isVisible();
        browser.field("scriberPoint").fill("40°");
        assertThat(page.locator(".keys")).containsText("Depth of the line");
        station("Reach");
        unfold();
        page.locator("[data-finding='press'] .finding-line").click();
        assertThat(page.locator("[data-finding='press'] .working")).containsText("H · π · w² / 8");
        station("Make");
        assertThat(page.locator(".step-title").first()).containsText("Grind the point");
        assertThat(browser.field("scriberLength")).isVisible();
        station("Prove");
        page.locator("[data-reading='width']").fill("0.21 mm");
        assertThat(page.locator(".verdict")).containsText("As wide as wanted.");
        station("Crib");
        page.getByPlaceholder("what you would call it").fill("Scriber of the road");
        button("Keep the scriber").click();
        assertThat(page.getByRole(AriaRole.STATUS)
                        .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("is in the crib")))
                .isVisible();
        button("Which will do this cut?").click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Scriber of the road"))
                .first()
                .click();
        assertThat(page.locator(".card-entries")).containsText("40°");
        assertThat(page.locator("figure[data-scene='scriber']")).isVisible();
        page.goBack();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        page.evaluate("window.dispatchEvent(new Event('beforeprint'))");
        assertThat(page.locator(".print")).containsText("Scribe Free-cutting brass");
    }
}
