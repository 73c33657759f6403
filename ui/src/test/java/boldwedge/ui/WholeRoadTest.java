package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import boldwedge.server.testing.RunningShop;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** From a cut typed in a line to a tool's card, by touch alone and by keys alone, in a shop of its own: what is kept here teaches its machines. */
class WholeRoadTest {
    private static final int MOST_TABS = 120;
    private static RunningShop own;

    @BeforeAll
    static void open() {
        own = RunningShop.another(Map.of("boldwedge.demo", "true"));
    }

    @AfterAll
    static void close() {
        own.close();
    }

    /** On a tablet held upright: no mouse, no key but those of what is typed. */
    @Test
    void theWholeRoadByTouchAlone() {
        try (Browser tablet = Browser.tablet(own.address())) {
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

    /** At a desk: no mouse, and nothing has the focus that was not reached by a key. */
    @Test
    void theWholeRoadByKeysAlone() {
        try (Browser desk = new Browser(own.address())) {
            Page shop = desk.page;
            desk.open("/cuts");
            type(shop.getByLabel("A new cut in one line"), "turn 24 h7 from 25, 60 long, mild steel, Long Bed");
            assertThat(shop.locator("[data-field=diameter]").first()).hasValue("25");
            tabTo(shop.getByLabel("Name of the cut"));
            shop.keyboard().type("By keys");
            tabTo(shop.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Work held")));
            shop.keyboard().press("Enter");
            assertThat(shop.getByRole(AriaRole.LISTBOX)).isVisible();
            shop.keyboard().press("ArrowDown");
            assertThat(shop.locator("[role=option][data-highlighted]")).containsText("with the centre up");
            shop.keyboard().press("Enter");
            shop.keyboard().press("Control+s");
            assertThat(shop.locator(".said")).hasText("Saved.");

            shop.keyboard().press("Alt+2");
            type(shop.locator("main [data-field=sideRake]"), "30°");
            assertThat(shop.locator("[data-finding]").first()).isVisible();
            shop.keyboard().press("Alt+3");
            type(shop.locator("main [data-field=overhang]"), "30 mm");
            assertThat(shop.locator("main [data-field=overhang]")).hasValue("30 mm");

            shop.keyboard().press("Alt+4");
            tabTo(shop.locator(".tick").first());
            shop.keyboard().press("Space");
            assertThat(shop.locator(".tick").first()).isChecked();

            shop.keyboard().press("Alt+5");
            type(shop.locator("[data-reading=near]"), "23.99 mm");
            type(shop.locator("[data-reading=far]"), "23.992 mm");
            type(shop.locator("[data-reading=apart]"), "50 mm");
            assertThat(shop.locator(".verdict")).not().containsText("Type both");
            tabTo(shop.getByText("Keep this trial"));
            shop.keyboard().press("Enter");
            assertThat(shop.locator(".log")).containsText("Within");

            shop.keyboard().press("Alt+6");
            type(shop.getByPlaceholder("what you would call it"), "Ground by keys");
            assertThat(shop.locator(".keep-tool [role=status]")).containsText("is in the crib");
            shop.keyboard().press("Alt+6");
            tabTo(shop.getByLabel("Find a tool by words"));
            shop.keyboard().type("Ground by keys");
            Locator kept = shop.locator(".tool-row").filter(new Locator.FilterOptions().setHasText("Ground by keys"));
            assertThat(kept).hasCount(1);
            tabTo(kept.getByRole(AriaRole.LINK));
            shop.keyboard().press("Enter");
            assertThat(shop).hasURL(Pattern.compile("/tools/"));
            assertThat(shop.locator("main figure svg path").first()).isAttached();
        }
    }

    /** Goes on from one to the next until it is reached. */
    private static void tabTo(Locator wanted) {
        assertThat(wanted).isVisible();
        for (int i = 0; i < MOST_TABS; i++) {
            if ((boolean) wanted.evaluate("(at) => at === document.activeElement")) {
                return;
            }
            wanted.page().keyboard().press("Tab");
        }
        throw new AssertionError("not reached by " + MOST_TABS + " tabs: " + wanted);
    }

    private static void type(Locator box, String text) {
        tabTo(box);
        box.page().keyboard().press("Control+a");
        box.page().keyboard().type(text);
        box.page().keyboard().press("Enter");
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
