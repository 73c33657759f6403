package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.server.testing.RunningShop;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is typed stays: whatever keys are pressed, however slow the program is, in however many tabs. */
class NothingLostTest extends PageTest {
    private final List<String> unusable = new ArrayList<>();

    /** The program opens on the cut that was saved last: no other test may come upon one of these. */
    @AfterEach
    void forgetTheUnusable() {
        unusable.forEach(id -> RunningShop.get().delete("/api/cuts/" + id));
    }

    private static final Pattern PLAN = Pattern.compile(".*/api/plan");

    private void newCut(String station) {
        browser.open("/cut/new/" + station);
        assertThat(browser.field("diameter")).isVisible();
        assertThat(page.locator(".keys dd").first()).isVisible();
    }

    private void leaveField() {
        page.locator("body").click(new Locator.ClickOptions().setPosition(5, 790));
    }

    @ParameterizedTest
    @ValueSource(strings = {"Free-cut", "duc", "plas", "10", "?/"})
    void keysInsideAnOpenListStayThere(String typed) {
        newCut("cut");
        String shade = page.locator("html").getAttribute("data-shade");
        page.evaluate("() => { window.print = () => { window.printed = true; }; }");
        page.locator("[data-field-pick='Material']").click();
        assertThat(page.getByRole(AriaRole.LISTBOX)).isVisible();
        page.keyboard().type(typed);
        assertThat(page.getByRole(AriaRole.LISTBOX)).isVisible();
        page.keyboard().press("Escape");
        assertThat(page.getByLabel("Units: millimetres")).isVisible();
        assertThat(page.locator("html").getAttribute("data-shade")).isEqualTo(shade);
        assertThat(page.url()).endsWith("/cut/new/cut");
        assertThat(page.evaluate("window.printed === true")).isEqualTo(false);
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    }

    /** A long list keeps what is typed for as long as one likes: hands that are dirty type slowly. */
    @Test
    void whatIsTypedInALongListIsNotForgotten() {
        page.clock().install();
        newCut("cut");
        page.locator("[data-field-pick='Material']").click();
        Locator find = page.getByLabel("Find in Material");
        assertThat(find).isFocused();
        page.keyboard().type("steel");
        page.clock().fastForward(5000);
        page.keyboard().type(" low");
        assertThat(find).hasValue("steel low");
        Locator fitting = page.getByRole(AriaRole.OPTION);
        assertThat(fitting).hasCount(1);
        assertThat(fitting).containsText("Low-carbon steel");
        page.keyboard().type("er still");
        assertThat(page.getByText("Nothing here is called that.")).isVisible();
        page.keyboard().press("Enter");
        assertThat(find).isVisible();
        find.fill("brass");
        page.keyboard().press("Enter");
        assertThat(find).hasCount(0);
        assertThat(page.locator("[data-field-pick='Material']")).containsText("brass");
        assertThat(page.locator("[data-field-pick='Material']")).isFocused();
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 400})
    void unitsFlipWhereTheTextIsRead(int slowerMs) {
        newCut("cut");
        slow("/api/plan", slowerMs);
        browser.field("diameter").fill("75");
        page.keyboard().press("Alt+u");
        assertThat(page.getByLabel("Units: inches")).isVisible();
        assertThat(browser.field("diameter")).hasValue("75 mm");
        page.keyboard().press("End");
        page.keyboard().type(" ");
        assertThat(browser.field("diameter")).hasValue("75 mm ");
    }

    @Test
    void unitsStayWhenNobodyReadsWhatIsTyped() {
        newCut("cut");
        page.route(PLAN, Route::abort);
        browser.field("diameter").fill("75");
        page.keyboard().press("Alt+u");
        assertThat(page.locator(".said")).isVisible();
        assertThat(page.getByLabel("Units: millimetres")).isVisible();
        assertThat(browser.field("diameter")).hasValue("75");
    }

    @Test
    void whatIsTypedWhileASaveIsUnderWayStaysUnsavedAndIsThereAfterAReload() {
        newCut("cut");
        page.getByLabel("Name of the cut").fill("Slow save");
        slow("/api/cuts", 500);
        button("Save •").click();
        browser.field("diameter").fill("31.5");
        page.waitForURL(Pattern.compile(".*/cut/[0-9a-f-]{36}/cut"));
        assertThat(button("Save •")).isVisible();
        browser.reload();
        assertThat(browser.field("diameter")).hasValue("31.5");
        assertThat(button("Save •")).isVisible();
    }

    /** The page is left in the very moment in which the kept cut is given its address, before anything of it is painted. */
    @Test
    void whatIsTypedWhileASaveIsUnderWayOutlivesAPageThatIsLeftAtOnce() {
        newCut("cut");
        page.getByLabel("Name of the cut").fill("Slow save");
        slow("/api/cuts", 300);
        page.evaluate("""
                () => {
                  const renamed = history.replaceState;
                  history.replaceState = function (...to) {
                    renamed.apply(history, to);
                    if (/cut.[0-9a-f-]{36}/.test(String(to[2]))) location.reload();
                  };
                }""");
        button("Save •").click();
        browser.field("diameter").fill("31.5");
        page.waitForURL(Pattern.compile(".*/cut/[0-9a-f-]{36}/cut"));
        assertThat(browser.field("diameter")).hasValue("31.5");
        assertThat(button("Save •")).isVisible();
    }

    @Test
    void aDoubleClickSavesOnce() {
        newCut("cut");
        String name = "Twice " + UUID.randomUUID();
        page.getByLabel("Name of the cut").fill(name);
        button("Save •").dblclick();
        page.waitForURL(Pattern.compile(".*/cut/[0-9a-f-]{36}/cut"));
        assertThat(RunningShop.get().get("/api/cuts").text().split(name, -1)).hasSize(2);
    }

    @Test
    void twoTabsWithOneCutTellEachOther() {
        newCut("cut");
        Page second = page.context().newPage();
        second.navigate(page.url());
        assertThat(second.locator(".said")).containsText("open in another tab too");
        assertThat(page.locator(".said")).containsText("open in another tab too");
        browser.field("diameter").fill("41");
        assertThat(second.locator(".said")).containsText("changed in another tab");
        Locator there = second.locator("input[data-field='diameter']").last();
        there.fill("42");
        assertThat(page.locator(".said")).containsText("changed in another tab");
        assertThat(browser.field("diameter")).hasValue("41");
        button("Show what was typed there").click();
        assertThat(browser.field("diameter")).hasValue("42");
        button("Undo").click();
        assertThat(browser.field("diameter")).hasValue("41");
        second.close();
    }

    @Test
    void undoInsideAValueIsTheDraftsAndSurvivesAReload() {
        newCut("cut");
        String before = browser.value("diameter");
        browser.field("diameter").fill("33");
        page.keyboard().press("Control+z");
        assertThat(browser.field("diameter")).hasValue(before);
        button("Redo").click();
        assertThat(browser.field("diameter")).hasValue("33");
        browser.field("finished").fill("32");
        browser.open("/cuts");
        newCut("cut");
        button("Undo").click();
        button("Undo").click();
        assertThat(browser.field("diameter")).hasValue(before);
        browser.reload();
        button("Redo").click();
        assertThat(browser.field("diameter")).hasValue("33");
    }

    @Test
    void cardsBeingWrittenOutliveTheWayToAnotherPage() {
        browser.open("/tools/" + tool("Stainless finisher"));
        page.getByLabel("Note").fill("written for long");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Machines and files"))
                .click();
        button("A new machine").click();
        page.locator("[data-entry='name']").fill("Half a machine");
        page.goBack();
        assertThat(page.getByLabel("Note")).hasValue("written for long");
        button("Back to what is kept").click();
        assertThat(page.getByLabel("Note")).not().hasValue("written for long");
        browser.open("/shop");
        button("A new machine").click();
        assertThat(page.locator("[data-entry='name']")).hasValue("Half a machine");
        button("Back to what is kept").click();
    }

    @Test
    void underASlowProgramWhatIsShownIsMarkedAndTheNewestComes() {
        newCut("cut");
        slow("/api/plan", 700);
        for (int i = 1; i <= 12; i++) {
            // Each can be cut from 25 mm: else what cannot be is said instead.
            browser.field("finished").fill("2" + i % 5 + ".5");
            page.waitForTimeout(60);
        }
        assertThat(page.locator("main")).hasAttribute("aria-busy", "true");
        assertThat(page.locator(".stale")).containsText("still the numbers of before");
        assertThat(page.locator("main")).hasAttribute("aria-busy", "false");
        assertThat(browser.field("finished")).hasValue("22.5");
    }

    @Test
    void whenTheProgramIsBackThePageGoesOnByItself() {
        newCut("cut");
        AtomicBoolean there = new AtomicBoolean();
        page.route(PLAN, route -> {
            if (there.get()) {
                route.resume();
            } else {
                route.fulfill(new Route.FulfillOptions()
                        .setStatus(200)
                        .setContentType("text/html")
                        .setBody("<html>"));
            }
        });
        browser.field("finished").fill("22.2");
        assertThat(page.locator(".said")).containsText("Something else than Bold Wedge answered");
        there.set(true);
        assertThat(page.locator(".said")).hasCount(0);
        assertThat(page.locator(".stale")).hasCount(0);
    }

    @Test
    void anEscapeWithoutTypingChangesNothing() {
        browser.open("/cut/" + cut("Guide-vane pin") + "/cut");
        browser.field("diameter").focus();
        page.keyboard().press("Escape");
        leaveField();
        assertThat(page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Save").setExact(true)))
                .isVisible();
    }

    @Test
    void everyCutOfTheListSaysWhatItIs() {
        browser.open("/cuts");
        assertThat(page.locator(".cuts")).containsText("Bore ");
        for (String says : page.locator(".cut-says").allInnerTexts()) {
            assertThat(says).isNotBlank().doesNotContain("undefined").doesNotContain("→ ,");
        }
    }

    @Test
    void aCutThatIsGoneIsSaidAndTheProgramOpensElsewhere() {
        browser.open("/cut/" + UUID.randomUUID() + "/cut");
        assertThat(page.locator("main")).containsText("not kept here");
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("All cuts")))
                .isVisible();
        // What is gone was no beginning: who has no cut of his own begins at the start.
        browser.open("/");
        assertThat(page.getByText("What do you want to cut?")).isVisible();
    }

    @Test
    void aCutOpensWithoutAStationAndTitlesTheWindow() {
        String id = cut("Guide-vane pin");
        browser.open("/cut/" + id);
        page.waitForURL("**/cut/" + id + "/cut");
        assertThat(page).hasTitle(Pattern.compile("Guide-vane pin.* · Cut · Bold Wedge"));
    }

    @Test
    void anUnusableCutSaysWhatStandsInTheWay() {
        String id = unusable(Map.of("diameter", "12 potatoes"));
        for (String station : List.of("cut", "edge", "reach", "make", "prove", "crib")) {
            browser.open("/cut/" + id + "/" + station);
            assertThat(page.locator(".ledger")).containsText("cannot be worked out until these are put right");
            assertThat(page.locator(".unusable")).containsText("12 potatoes");
        }
    }

    /** What would be typed on the drawing is put right beside it, for there is no drawing yet. */
    @Test
    void anUnusableCutIsPutRightWhereItSaysSo() {
        browser.open("/cut/" + unusable(Map.of("overhang", "12 potatoes")) + "/make");
        Locator wrong = page.locator(".unusable input[data-field='overhang']");
        assertThat(wrong).hasValue("12 potatoes");
        // The figures are an answer already; their unit, typed after them, is not cut off by it.
        wrong.fill("25");
        assertThat(page.locator(".steps li")).not().hasCount(0);
        wrong.pressSequentially(" mm");
        assertThat(wrong).hasValue("25 mm");
        wrong.press("Tab");
        assertThat(page.locator(".unusable")).hasCount(0);
    }

    private String unusable(Map<String, String> fields) {
        String id = UUID.randomUUID().toString();
        unusable.add(id);
        RunningShop.get()
                .send(
                        "POST",
                        "/api/cuts",
                        Map.of("id", id, "version", 0, "name", "Unusable", "units", "METRIC", "fields", fields));
        return id;
    }

    @Test
    void aMachineSaysThatItIsSavedAndAFailedDownloadIsTold() {
        browser.open("/shop");
        page.locator("[data-entry='shims']").fill("0.05, 0.1, 0.2, 0.5, 1 mm");
        page.locator(".lathe button[type=submit]").click();
        assertThat(page.locator(".lathe [role=status]")).hasText("Saved.");
        page.route("**/api/exchange/crib.csv", Route::abort);
        button("Crib as CSV").click();
        assertThat(page.locator(".said")).containsText("crib.csv could not be had");
    }

    @ParameterizedTest
    @ValueSource(strings = {"/cuts", "/shop"})
    void keysOfTheProgramWorkOnEveryPage(String path) {
        browser.open(path);
        assertThat(page.locator("h1").first()).isVisible();
        String shade = page.locator("html").getAttribute("data-shade");
        page.keyboard().press("d");
        assertThat(page.locator("html")).not().hasAttribute("data-shade", shade);
        page.keyboard().press("d");
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Keys");
    }

    @ParameterizedTest
    @ValueSource(strings = {"/cut/new/reach", "/cuts", "/shop", "tool"})
    void theBrowsersOwnPrintIsNotABlankSheet(String path) {
        browser.open(path.equals("tool") ? "/tools/" + tool("Stainless finisher") : path);
        browser.rested();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        byte[] pdf = page.pdf(new Page.PdfOptions().setFormat("A4"));
        assertThat(new String(pdf, StandardCharsets.ISO_8859_1)).contains("/Type /Page");
        String shown = page.locator("body").innerText();
        assertThat(shown).contains("printed 20");
        assertThat(shown.length()).as(shown).isGreaterThan(150);
    }
}
