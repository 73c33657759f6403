package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.server.testing.RunningShop;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The ways about the shop: cuts found, typed, copied and deleted; the crib; the menu of commands; set-ups beside each other; the solid. */
class WaysAboutTest extends PageTest {
    private Locator row(String cut) {
        return page.locator("[data-cut='" + cut + "']");
    }

    private Locator field(String id) {
        return page.locator("[data-field='" + id + "']").first();
    }

    @Test
    void aCutTypedInOneLineOpensAndSaysWhatItDidNotUnderstand() {
        browser.open("/cuts");
        Locator line = page.getByLabel("A new cut in one line");
        line.fill("bore 20 H7 45 deep tin bronze Long Bed gently");
        assertThat(page.getByText("not understood: gently")).isVisible();
        assertThat(page.getByText("Depth of the hole 45")).isVisible();
        line.press("Enter");
        assertThat(field("boreDepth")).hasValue("45");
        assertThat(field("boreFinished")).hasValue("20");
        assertThat(page.locator("[data-field-pick='Machine']")).containsText("Long Bed");
        // What stood in the new cut before is one undo away.
        browser.open("/cuts");
        line.fill("turn 24 h6 from 25 mild steel");
        assertThat(page.getByText("Diameter to start 25")).isVisible();
        line.press("Enter");
        assertThat(field("finished")).hasValue("24");
        button("Undo").click();
        assertThat(field("boreDepth")).hasValue("45");
    }

    /** A finish that a shear tool would better opens that cut beside: what both ask goes with it, and the turned cut is one undo away. */
    @Test
    void aFinishOpensTheShearToolThatWouldBetterIt() {
        browser.open("/cuts");
        Locator line = page.getByLabel("A new cut in one line");
        line.fill("turn 29 h8 from 30, 60 long, mild steel, Long Bed, feed 0.14 mm/rev");
        line.press("Enter");
        assertThat(field("finished")).hasValue("29");
        field("finish").fill("Ra 0.8");
        station("Reach");
        Locator shave = page.locator("[data-finding='finish'] button.mend")
                .filter(new Locator.FilterOptions().setHasText("shear tool"));
        shave.click();
        assertThat(page.locator("[data-field-pick='Operation']")).containsText("shave");
        assertThat(field("finished")).hasValue("29");
        assertThat(page.locator("[data-field-pick='Material']")).containsText("Low-carbon steel");
        button("Undo").click();
        assertThat(page.locator("[data-field-pick='Operation']")).containsText("turn");
    }

    /** Only machines that can make a cut are offered for it, and a shaper's card asks for its strokes. */
    @Test
    void aFlatIsPlanedOnAShaper() {
        browser.open("/cuts");
        Locator line = page.getByLabel("A new cut in one line");
        line.fill("plane a flat 12 wide on a 25 shaft, 40 long, brass");
        line.press("Enter");
        assertThat(field("flatWidth")).hasValue("12");
        Locator machine = page.locator("[data-field-pick='Shaper']");
        assertThat(machine).containsText("Crank Shaper");
        machine.click();
        assertThat(page.getByRole(AriaRole.OPTION)).hasCount(1);
        page.keyboard().press("Escape");
        browser.open("/shop");
        button("Crank Shaper").click();
        assertThat(page.locator("[data-entry='strokes']")).hasValue("24, 38, 60, 96");
        assertThat(page.locator("[data-entry='speeds']")).hasCount(0);
    }

    /** A form's corner is dragged on the paper, and taken back by one undo. */
    @Test
    void aProfileIsDrawnByHand() {
        browser.open("/cut/" + cut("Handle neck") + "/cut");
        Locator profile = field("formProfile");
        String before = profile.inputValue();
        Locator corner = page.getByRole(AriaRole.SLIDER).nth(1);
        String lay = corner.getAttribute("aria-label");
        corner.scrollIntoViewIfNeeded();
        BoundingBox box = corner.boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2 - 40, new Mouse.MoveOptions().setSteps(4));
        page.mouse().up();
        assertThat(page.getByLabel(lay)).hasCount(0);
        assertThat(profile).not().hasValue(before);
        button("Undo").click();
        assertThat(profile).hasValue(before);
        assertThat(page.getByLabel(lay)).isVisible();
    }

    @Test
    void cutsAreFoundCopiedDeletedAndTakenBack() {
        browser.open("/cuts");
        page.getByLabel("Find a cut by words").fill("bush bore");
        assertThat(row("Pump bush, bore to H7")).isVisible();
        assertThat(row("Guide-vane pin, finish turn")).hasCount(0);
        button("Copy Pump bush, bore to H7").click();
        assertThat(page.getByLabel("Name of the cut")).hasValue("Pump bush, bore to H7, copy");
        assertThat(field("boreFinished")).hasValue("20 mm");
        browser.open("/cuts");
        button("Delete Pump bush, bore to H7, copy").click();
        assertThat(row("Pump bush, bore to H7, copy")).hasCount(0);
        button("Undo").click();
        assertThat(row("Pump bush, bore to H7, copy")).isVisible();
        button("Delete Pump bush, bore to H7, copy").click();
        assertThat(row("Pump bush, bore to H7, copy")).hasCount(0);
        pick("Operation", "part off");
        assertThat(row("Bush blanks, parted")).isVisible();
        assertThat(row("Guide-vane pin, finish turn")).hasCount(0);
    }

    @Test
    void aToolGoesWithItsLogAndComesBackWithIt() {
        String id = RunningShop.get()
                .send(
                        "POST",
                        "/api/crib/tools",
                        Map.of(
                                "version",
                                0,
                                "name",
                                "Passing bit",
                                "units",
                                "METRIC",
                                "fields",
                                Map.of("blank", "hss-10mm", "sideRake", "12°")))
                .json()
                .path("id")
                .asString();
        RunningShop.get()
                .send(
                        "POST",
                        "/api/crib/tools/" + id + "/grinds",
                        Map.of("onDay", "2026-02-03", "units", "METRIC", "measured", Map.of("sideRake", "11°")));
        browser.open("/tools/" + id);
        assertThat(page.locator(".log")).containsText("2026-02-03");
        button("Delete").click();
        assertThat(page).hasURL(Pattern.compile("/crib$"));
        assertThat(page.getByText("is out of the crib, with its log")).isVisible();
        button("Undo").click();
        page.getByLabel("Find a tool by words").fill("passing");
        assertThat(page.locator("[data-tool='Passing bit']")).containsText("last used 2026-02-03");
        page.locator("[data-tool='Passing bit'] a").click();
        assertThat(page.locator(".log")).containsText("2026-02-03");
        button("Delete").click();
        assertThat(page).hasURL(Pattern.compile("/crib$"));
    }

    @Test
    void theCribShowsEveryToolAndWhichWillDoTheOpenCut() {
        browser.open("/cut/" + cut("Guide-vane") + "/cut");
        assertThat(field("finished")).isVisible();
        browser.open("/crib");
        assertThat(page.locator("[data-tool='Brass and bronze bit'] .plate svg path")
                        .first())
                .isAttached();
        pick("Kind", "boring bar");
        assertThat(page.locator("[data-tool='Brass and bronze bit']")).hasCount(0);
        assertThat(page.locator("[data-tool='Heavy-metal bar']")).isVisible();
        button("Which will do").click();
        assertThat(page.locator("[data-tool]").first()).containsText(Pattern.compile("will do|with care|will not do"));
    }

    @Test
    void theMenuGoesToAValueAFindingACutAndDoes() {
        browser.open("/cut/" + cut("Guide-vane") + "/cut");
        assertThat(field("finished")).isVisible();
        Locator menu = page.getByPlaceholder(Pattern.compile("^Go to, do"));
        page.keyboard().press("Control+k");
        // It lies over the page, where one is looking.
        BoundingBox lies = page.getByRole(AriaRole.DIALOG).boundingBox();
        assertThat(lies.y).isBetween(0.0, 200.0);
        assertThat(lies.y + lies.height).isLessThan(800);
        menu.fill("nose radius");
        page.keyboard().press("Enter");
        assertThat(field("noseRadius")).isFocused();
        page.keyboard().press("Control+k");
        menu.fill("machines");
        page.keyboard().press("Enter");
        assertThat(page).hasURL(Pattern.compile("/shop$"));
        assertThat(page.locator("main h1")).hasText("Machines");
        page.keyboard().press("Control+k");
        menu.fill("pump bush");
        page.keyboard().press("Enter");
        assertThat(field("boreFinished")).hasValue("20 mm");
        page.keyboard().press("Control+k");
        menu.fill("turn 24 h6 from 25 mild steel");
        assertThat(page.getByText("Open it as a new cut")).isVisible();
        page.keyboard().press("Escape");
        assertThat(menu).hasCount(0);
        // The letters typed there were not the page's keys.
        assertThat(button("Units: millimetres")).isVisible();
    }

    /** Words of the trade, jobs, machines and what works on every page are found there too. */
    @Test
    void theMenuFindsWordsJobsAndMachines() {
        browser.open("/cuts");
        Locator menu = page.getByPlaceholder(Pattern.compile("^Go to, do"));
        page.keyboard().press("Control+k");
        menu.fill("hollow grind");
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("hollow grind"))
                .click();
        assertThat(page).hasURL(Pattern.compile("/words#"));
        assertThat(page.getByText("only edge and heel touch the stone")).isInViewport();
        page.keyboard().press("Control+k");
        menu.fill("headstock cap");
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Headstock cap, bored and bushed"))
                .first()
                .click();
        assertThat(page).hasURL(Pattern.compile("/jobs/"));
        assertThat(page.locator("main h1")).hasText("Headstock cap, bored and bushed");
        page.keyboard().press("Control+k");
        menu.fill("knee mill");
        page.getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName("Knee Mill").setExact(true))
                .click();
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Knee Mill")))
                .hasAttribute("aria-pressed", "true");
        // A machine's page can be opened again as it stands.
        page.reload();
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Knee Mill")))
                .hasAttribute("aria-pressed", "true");
        String shade = (String) page.evaluate("document.documentElement.dataset.shade");
        page.keyboard().press("Control+k");
        menu.fill("dark");
        page.keyboard().press("Enter");
        assertThat(page.locator("html")).not().hasAttribute("data-shade", shade);
        page.keyboard().press("Control+k");
        menu.fill("the keys");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Flip between millimetres and inches");
    }

    /** What would mend a finding is done from the menu too. */
    @Test
    void theMenuMends() {
        browser.open("/cut/" + cut("Guide-vane") + "/reach");
        field("overhang").fill("60 mm");
        field("overhang").press("Enter");
        assertThat(page.locator("[data-finding=overhang]")).containsText("Stand out 15 mm");
        page.keyboard().press("Control+k");
        page.getByPlaceholder(Pattern.compile("^Go to, do")).fill("stand out 15 mm");
        assertThat(page.locator("[cmdk-item][data-selected=true]")).containsText("mends:");
        page.keyboard().press("Enter");
        assertThat(field("overhang")).hasValue("15 mm");
    }

    @Test
    void twoSetUpsStandBesideEachOther() {
        browser.open("/cut/" + cut("Guide-vane") + "/reach");
        button("Compare").click();
        assertThat(page.getByText("This set-up is kept.")).isVisible();
        field("overhang").fill("40 mm");
        field("overhang").press("Enter");
        assertThat(page.locator("[data-finding=overhang]")).containsText("40 mm");
        // What the change has changed is lit for a moment.
        assertThat(page.locator("[data-finding=overhang] .lit")).isVisible();
        button("Compare").click();
        Locator line = page.locator("[data-apart=overhang]");
        assertThat(line).containsText("15 mm");
        assertThat(line).containsText("40 mm");
        assertThat(page.locator("[data-apart=toolDrop]")).isVisible();
        assertThat(page.getByText("Standing out 40 mm")).isVisible();
        assertThat(page.locator(".plate")).hasCount(2);
        button("Take the kept one").click();
        station("Reach");
        assertThat(field("overhang")).hasValue("15 mm");
        button("Undo").click();
        assertThat(field("overhang")).hasValue("40 mm");
        button("Redo").click();
    }

    /** The solid is drawn, turns by the keys, comes nearer, and is cut open; in a browser that draws in three dimensions by software. */
    @Test
    void theSolidIsTurnedInTheHand() {
        try (Browser deep = new Browser(
                RunningShop.get().address(), List.of("--use-angle=swiftshader", "--enable-unsafe-swiftshader"))) {
            deep.open("/cut/" + cut("Guide-vane") + "/edge");
            Page there = deep.page;
            there.getByText("Turn it in the hand").click();
            Locator solid = there.locator("canvas.solid");
            assertThat(solid).hasAttribute("data-drawn", Pattern.compile(".+"));
            String drawn = solid.getAttribute("data-drawn");
            for (String key : List.of("ArrowLeft", "ArrowUp", "+")) {
                solid.press(key);
                assertThat(solid).not().hasAttribute("data-drawn", drawn);
                drawn = solid.getAttribute("data-drawn");
            }
            there.getByLabel("Cut open").fill("0.5");
            assertThat(solid).not().hasAttribute("data-drawn", drawn);
            there.keyboard().press("Escape");
            assertThat(solid).hasCount(0);
        }
    }

    /** Without three dimensions it is said so, and the plate stays. */
    @Test
    void withoutThreeDimensionsThePlateStays() {
        try (Browser flat = new Browser(RunningShop.get().address(), List.of("--disable-gpu", "--disable-3d-apis"))) {
            flat.open("/cut/" + cut("Guide-vane") + "/edge");
            flat.page.getByText("Turn it in the hand").click();
            assertThat(flat.page.getByRole(AriaRole.DIALOG)).containsText("does not draw in three dimensions");
            flat.page.keyboard().press("Escape");
            assertThat(flat.page.locator(".plate").first()).isVisible();
        }
    }
}
