package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.server.testing.RunningShop;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What helps whoever is new or has gloves on: words explained, a first job walked through, labels, machines measured, touch. */
class HelpTest extends PageTest {
    private Locator link(String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
    }

    @Test
    void aWordOpensItsMeaningWhereItStands() {
        browser.open("/cut/" + cut("Guide-vane") + "/edge");
        page.locator("dl.keys").getByRole(AriaRole.BUTTON).first().click();
        assertThat(page.getByText("The angle of metal between face and flank")).isVisible();
        page.keyboard().press("Escape");
        assertThat(page.getByText("The angle of metal between face and flank")).hasCount(0);
        browser.open("/words");
        assertThat(page.locator("main li")).not().hasCount(0);
        assertThat(page.getByText("How far the flank under the edge falls away"))
                .isVisible();
        browser.rested();
        assertThat(browser.barriers()).isEmpty();
    }

    /** Five steps, each at its station; left and called again it begins anew, and once walked it is not offered any more. */
    @Test
    void aFirstJobIsWalkedThrough() {
        browser.open("/cuts");
        button("Walk through a first job").click();
        Locator strip = page.getByLabel("First job");
        Locator.GetByTextOptions exactly = new Locator.GetByTextOptions().setExact(true);
        for (String title :
                List.of("1 of 5: Say the cut", "2 of 5: See the edge", "3 of 5", "4 of 5: Make it", "5 of 5")) {
            assertThat(strip).containsText(title);
            strip.getByText(title.startsWith("5") ? "That is all" : "Next", exactly)
                    .click();
        }
        assertThat(strip).hasCount(0);
        assertThat(page).hasURL(java.util.regex.Pattern.compile(".*/cut/[^/]+/prove"));
        browser.open("/cuts");
        assertThat(page.getByText("New here?")).hasCount(0);
        page.keyboard().press("Control+k");
        Locator menu = page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Commands"));
        menu.fill("walk through");
        assertThat(page.locator("[cmdk-item][data-selected=true]")).containsText("Walk through a first job");
        menu.press("Enter");
        assertThat(strip).containsText("1 of 5");
        strip.getByText("Leave", exactly).click();
        assertThat(strip).hasCount(0);
    }

    @Test
    void aSheetOfLabelsBearsCodes() {
        browser.open("/crib");
        page.getByLabel("Find a tool by words").fill("brass");
        link("Labels").click();
        Locator labels = page.getByLabel("Labels of tools").locator("li");
        assertThat(labels).not().hasCount(0);
        assertThat(labels.first()).containsText("Brass");
        assertThat((Boolean)
                        labels.first().locator("img").evaluate("(at) => at.decode().then(() => at.naturalWidth > 0)"))
                .isTrue();
        browser.open("/tools/" + tool("Brass"));
        link("Label").click();
        assertThat(labels).hasCount(1);
    }

    /** Pushed by the stand-ins, judged, and put on the card, which is then saved. */
    @Test
    void aMachineIsMeasuredOntoItsCard() {
        browser.open("/shop");
        button("Measure it: push and tap").click();
        button("Tap the stand-in").click();
        assertThat(page.getByText("It rings at 163 Hz")).isVisible();
        button("Put it on the card").click();
        assertThat(page.locator("[data-entry=postRing]")).hasValue("163 Hz");
        button("Chuck").click();
        button("Read the stand-ins").click();
        assertThat(page.getByText("no instrument was read")).isVisible();
        assertThat(page.locator("[data-push='far.4.up']")).not().hasValue("");
        button("Work it out").click();
        button("Put it on the card").click();
        assertThat(page.locator("[data-entry=chuckStiffness]")).hasValue(java.util.regex.Pattern.compile(".*N/µm"));
        assertThat(page.locator("[data-entry=chuckTilt]")).not().hasValue("");
        // What was read stays when the page is left, and what cannot be read is said beside it.
        page.locator("[data-push='far.4.up']").fill("a bit");
        browser.reload();
        button("Measure it: push and tap").click();
        button("Chuck").click();
        assertThat(page.locator("[data-push='far.4.up']")).hasValue("a bit");
        button("Work it out").click();
        assertThat(page.locator("td:has([data-push='far.4.up']) em")).isVisible();
        button("Back to what is kept").click();
    }

    /** By touch the signs that a glass keyboard hides stand under the value, and write where the caret is. */
    @Test
    void theSignsOfTheShopAreAtHandByTouch() {
        try (Browser tablet = Browser.tablet(RunningShop.get().address())) {
            tablet.open("/cut/" + cut("Guide-vane") + "/cut");
            Locator value = tablet.page.locator("[data-field=diameter]").first();
            value.tap();
            value.fill("58");
            value.evaluate("(at) => at.setSelectionRange(1, 1)");
            tablet.page.getByLabel("Signs").getByText("/").tap();
            assertThat(value).hasValue("5/8");
            assertThat(value).isFocused();
        }
        // With a mouse they are not in the way.
        browser.open("/cut/" + cut("Guide-vane") + "/cut");
        page.locator("[data-field=diameter]").first().click();
        assertThat(page.getByLabel("Signs")).isHidden();
    }

    /** At the bench by touch: one step at a time, ticked off on the cut, begun again where one was; no wider than a telephone, and for all. */
    @Test
    void theRouteIsFollowedAtTheBench() {
        String gland = cut("Gland nut");
        try (Browser hand = Browser.tablet(RunningShop.get().address())) {
            hand.page.setViewportSize(390, 844);
            hand.open("/cut/" + gland + "/make");
            hand.page.getByText("At the bench, a step at a time").tap();
            Locator where = hand.page.locator("[data-where]");
            Locator done = hand.page.getByText("Done", new Page.GetByTextOptions().setExact(true));
            assertThat(where).hasText(java.util.regex.Pattern.compile("1 of \\d+"));
            done.tap();
            assertThat(where).hasText(java.util.regex.Pattern.compile("2 of \\d+"));
            assertThat(hand.page.getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText("1 of ")))
                    .isVisible();
            hand.rested();
            assertThat(hand.barriers()).isEmpty();
            assertThat((Boolean) hand.page.evaluate(
                            "() => document.scrollingElement.scrollWidth <= document.documentElement.clientWidth"))
                    .isTrue();
            BoundingBox box = done.boundingBox();
            assertThat(box.height).isGreaterThanOrEqualTo(70);
            hand.page
                    .getByText("Leave", new Page.GetByTextOptions().setExact(true))
                    .tap();
            assertThat(hand.page.locator(".steps .tick").first()).isChecked();
            hand.reload();
            hand.page.getByText("At the bench, a step at a time").tap();
            assertThat(where).hasText(java.util.regex.Pattern.compile("2 of \\d+"));
        }
    }

    /** Two fingers magnify the plate about what is between them; one touch gives the whole back. */
    @Test
    void twoFingersMagnifyThePlate() {
        try (Browser tablet = Browser.tablet(RunningShop.get().address())) {
            tablet.open("/cut/" + cut("Guide-vane") + "/edge");
            Locator plate = tablet.page.locator("main figure.plate");
            Locator caption = plate.getByText("from above");
            BoundingBox before = caption.boundingBox();
            BoundingBox frame = plate.boundingBox();
            CDPSession hands = tablet.page.context().newCDPSession(tablet.page);
            double y = before.y + before.height / 2;
            double x = before.x + before.width / 2;
            touch(hands, "touchStart", x - 40, y, x + 40, y);
            touch(hands, "touchMove", x - 60, y, x + 60, y);
            touch(hands, "touchMove", x - 80, y, x + 80, y);
            touch(hands, "touchEnd");
            assertThat(tablet.page.getByText("Whole plate")).isVisible();
            // The fingers are followed, not waited for.
            tablet.page.waitForCondition(() -> Math.abs(caption.boundingBox().width / before.width - 2) < 0.2);
            assertThat(plate.boundingBox().width).isEqualTo(frame.width);
            tablet.page.getByText("Whole plate").tap();
            assertThat(tablet.page.getByText("Whole plate")).hasCount(0);
            assertThat(caption.boundingBox().width).isEqualTo(before.width);
        }
    }

    private static void touch(CDPSession hands, String type, double... xy) {
        String points = Stream.iterate(0, i -> i < xy.length, i -> i + 2)
                .map(i -> "{\"x\":" + xy[i] + ",\"y\":" + xy[i + 1] + ",\"id\":" + i / 2 + "}")
                .collect(Collectors.joining(","));
        hands.send(
                "Input.dispatchTouchEvent",
                new com.google.gson.Gson()
                        .fromJson("{\"type\":\"" + type + "\",\"touchPoints\":[" + points + "]}", JsonObject.class));
    }
}
