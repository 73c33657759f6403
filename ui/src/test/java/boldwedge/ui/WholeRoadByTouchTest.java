package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The whole road on a tablet held upright, by touch alone: no mouse, no key but those of what is typed. */
class WholeRoadByTouchTest extends PageTest {
    @Test
    void theWholeRoadByTouchAlone() {
        try (Browser tablet = Browser.tablet()) {
            Page shop = tablet.page;
            tablet.open("/cuts");
            shop.getByLabel("A new cut in one line").tap();
            shop.getByLabel("A new cut in one line").fill("turn 24 h7 from 25, 60 long, mild steel, Long Bed");
            tap(shop, "Open it");
            Locator diameter = shop.locator("[data-field=diameter]").first();
            assertThat(diameter).hasValue("25");
            shop.getByLabel("Name of the cut").tap();
            shop.getByLabel("Name of the cut").fill("By touch");
            // What is picked in the sentence is picked by touch.
            shop.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Work held"))
                    .tap();
            shop.getByRole(
                            AriaRole.OPTION,
                            new Page.GetByRoleOptions().setName(Pattern.compile("^in the chuck, with the centre up")))
                    .tap();
            shop.locator(".header .do").tap();
            assertThat(shop.locator(".said")).hasText("Saved.");

            station(shop, "Edge");
            Locator rake = shop.locator("main [data-field=sideRake]");
            rake.tap();
            rake.fill("30°");
            rake.press("Enter");
            assertThat(shop.locator("[data-finding]").first()).isVisible();

            station(shop, "Reach");
            Locator overhang = shop.locator("main [data-field=overhang]");
            overhang.tap();
            overhang.fill("30 mm");
            overhang.press("Enter");
            assertThat(overhang).hasValue("30 mm");
            assertThat(shop.locator("[data-finding]").first()).isVisible();

            station(shop, "Make");
            shop.locator(".tick").first().tap();
            assertThat(shop.locator(".tick").first()).isChecked();

            station(shop, "Prove");
            reading(shop, "near", "23.99 mm");
            reading(shop, "far", "23.992 mm");
            reading(shop, "apart", "50 mm");
            assertThat(shop.locator(".verdict")).not().containsText("Type both");
            tap(shop, "Keep this trial");
            assertThat(shop.locator(".log")).containsText("Within");

            station(shop, "Crib");
            shop.getByPlaceholder("what you would call it").tap();
            shop.getByPlaceholder("what you would call it").fill("Ground by touch");
            tap(shop, "Put it in the crib");
            shop.getByLabel("Find a tool by words").fill("Ground by touch");
            Locator kept = shop.locator(".tool-row").filter(new Locator.FilterOptions().setHasText("Ground by touch"));
            kept.getByRole(AriaRole.LINK).tap();
            assertThat(shop).hasURL(Pattern.compile("/tools/"));
            assertThat(shop.locator("main figure svg path").first()).isAttached();
        }
    }

    private static void tap(Page page, String button) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(button).setExact(true))
                .tap();
    }

    private static void station(Page page, String name) {
        page.getByLabel("Stations").getByText(name).tap();
        assertThat(page.locator("main[aria-busy=false]")).isVisible();
    }

    private static void reading(Page page, String id, String text) {
        Locator box = page.locator("[data-reading='" + id + "']");
        box.tap();
        box.fill(text);
    }
}
