package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.server.testing.RunningShop;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Media;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Making many, in the real page: a job typed and from a route, what it comes to, ticked off by two, planned, pinned, printed. */
class JobsTest extends PageTest {
    private final List<String> made = new ArrayList<>();

    @AfterEach
    void putAway() {
        for (String id : made) {
            RunningShop shop = RunningShop.get();
            int version = shop.get("/api/jobs/" + id).json().path("version").asInt();
            shop.send("DELETE", "/api/jobs/" + id + "?version=" + version, Map.of());
        }
    }

    /** A job of one lot with two operations at the bench. */
    private String job(String name) {
        Map<String, Object> lot = Map.of(
                "id", "lot",
                "name", "thing",
                "wanted", "2",
                "operations",
                        List.of(
                                Map.of("id", "first", "name", "File it", "setUp", "5", "each", "10"),
                                Map.of("id", "second", "name", "Stone it", "setUp", "5", "each", "10")));
        JsonNode kept = RunningShop.get()
                .send(
                        "POST",
                        "/api/jobs",
                        Map.of(
                                "id",
                                UUID.randomUUID().toString(),
                                "version",
                                0,
                                "name",
                                name,
                                "units",
                                "METRIC",
                                "sheet",
                                Map.of("lots", List.of(lot))))
                .json();
        made.add(kept.path("id").asString());
        return made.getLast();
    }

    private Locator operation(int number, String field) {
        return page.locator("[data-operation]").nth(number).locator("[data-entry=" + field + "]");
    }

    @Test
    void aJobIsTypedWorkedOutAndNothingOfItIsLost() {
        browser.open("/jobs/new");
        page.locator("[data-entry=job]").fill("Six test bars");
        page.getByLabel("What is made").fill("test bar");
        page.getByLabel("How many").fill("6");
        page.getByLabel("Finished length").fill("94");
        page.getByLabel("Off both ends").fill("2");
        operation(0, "name").fill("Turn");
        operation(0, "setUp").fill("25");
        operation(0, "each").fill("8");
        button("Another operation").click();
        operation(1, "name").fill("Drill");
        operation(1, "setUp").fill("40");
        operation(1, "each").fill("soon");
        assertThat(page.locator("[data-operation=Drill] [role=alert]")).containsText("a time");
        operation(1, "each").fill("20");
        assertThat(page.locator("[data-operation=Drill] [role=alert]")).hasCount(0);
        assertThat(page.locator("[data-lot-sums='test bar']")).containsText("By set-up 3 h 53 min");
        page.getByLabel("the bar").fill("292 x 2");
        assertThat(page.locator("[data-saw]")).containsText("3 × 96 mm");
        browser.reload();
        assertThat(operation(1, "name")).hasValue("Drill");
        button("Save the job").dblclick();
        page.waitForURL(Pattern.compile(".*/jobs/[0-9a-f-]{36}$"));
        made.add(page.url().substring(page.url().lastIndexOf('/') + 1));
        browser.open("/jobs");
        assertThat(page.locator("[data-job='Six test bars']")).hasCount(1);
        assertThat(page.locator("[data-job='Six test bars']")).containsText("0 of 2 done");
    }

    @Test
    void theRouteOfACutBecomesALot() {
        browser.open("/jobs/new");
        pick("A lot from the route of a cut", "Furnace load");
        assertThat(page.locator("[data-lot^='Furnace load'] [data-operation='Quench']"))
                .isVisible();
        assertThat(page.locator("[data-lot^='Furnace load'] [data-operation='Quench']"))
                .containsText("at once");
        page.evaluate("() => localStorage.removeItem('bw.card.job.new')");
    }

    @Test
    void aCutIsMadeSeveralTimesFromItsRoute() {
        browser.open("/cut/" + cut("Shear-pin holes, reamed") + "/make");
        button("Make several: as a lot of a job").click();
        page.waitForURL("**/jobs/new");
        assertThat(page.locator("[data-operation='Turn the blank']").first()).isVisible();
        assertThat(page.locator("[data-entry=job]")).hasValue(Pattern.compile("Shear-pin holes, reamed.*"));
        page.evaluate("() => localStorage.removeItem('bw.card.job.new')");
    }

    @Test
    void twoAtOneJobSeeEachOthersTicks() {
        String id = job("Ticked by two");
        browser.open("/jobs/" + id);
        assertThat(page.locator("[data-task='lot/first'] input[type=checkbox]"))
                .not()
                .isChecked();
        try (Browser second = new Browser()) {
            second.open("/jobs/" + id);
            // Ticked when the page has it so: a slow machine paints it a moment after the click.
            Locator theirs = second.page.locator("[data-task='lot/first'] input[type=checkbox]");
            theirs.click();
            assertThat(theirs).isChecked();
            assertThat(page.locator("[data-task='lot/first'] input[type=checkbox]"))
                    .isChecked();
            // What is lost at a task is made up for by nothing here, and told.
            page.getByLabel("Pieces lost: Stone it").fill("1");
            page.getByLabel("Pieces lost: Stone it").press("Enter");
            assertThat(second.page.locator("[data-lot-sums=thing]")).containsText("1 left of the 2 wanted");
        }
    }

    /** Begun is not done; from begun to done is what the clock learns from. */
    @Test
    void aTaskIsBegunAndThenDone() {
        String id = job("Begun and done");
        browser.open("/jobs/" + id);
        Locator first = page.locator("[data-task='lot/first']");
        first.getByText("Begin").click();
        assertThat(first).containsText("begun");
        assertThat(first.locator("input[type=checkbox]")).not().isChecked();
        first.locator("input[type=checkbox]").click();
        assertThat(first.locator("input[type=checkbox]")).isChecked();
        assertThat(first).containsText("done");
        assertThat(first.getByText("Begin")).hasCount(0);
        JsonNode tick =
                RunningShop.get().get("/api/jobs/" + id + "/ticks").json().path(0);
        assertThat(tick.path("startedAt").asString()).isNotEmpty();
        assertThat(tick.path("doneAt").asString()).isNotEmpty();
        first.locator("input[type=checkbox]").uncheck();
        assertThat(first.getByText("Not begun")).isVisible();
    }

    @Test
    void somebodyElsesSaveIsToldAndNothingIsOverwritten() {
        String id = job("Saved by two");
        browser.open("/jobs/" + id);
        page.getByLabel("How many").fill("3");
        try (Browser second = new Browser()) {
            second.open("/jobs/" + id);
            second.page.getByLabel("How many").fill("9");
            second.page.locator("section[aria-label=Job] .do").click();
            assertThat(second.page.getByText("Saved.")).isVisible();
        }
        button("Save the job").click();
        assertThat(page.getByText("Somebody else has saved this job meanwhile."))
                .isVisible();
        assertThat(page.getByLabel("How many")).hasValue("3");
        button("Take theirs").click();
        assertThat(page.getByLabel("How many")).hasValue("9");
    }

    @Test
    void thePlanIsMadePinnedByKeysAndPrinted() throws Exception {
        String id = job("Planned");
        browser.open("/jobs/plan");
        button("Plan from now").click();
        Locator bar = page.locator("[data-bar='lot/first']").first();
        assertThat(bar).isVisible();
        keepTheBest();
        bar.focus();
        assertThat(page.locator("[data-picked='lot/first']")).containsText("File it");
        bar.press("ArrowRight");
        assertThat(page.locator("[data-picked='lot/first']")).containsText("Let it go where it fits");
        button("Let it go where it fits").click();
        assertThat(page.locator("[data-picked='lot/first']")).containsText("Pin it here");
        Download calendar = page.waitForDownload(() -> button("For a calendar").click());
        assertThat(Files.readString(calendar.path())).contains("SUMMARY:File it");
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertThat(page.locator("[data-day]").first()).isVisible();
        assertThat(page.locator("section[aria-label='Bars over time']")).isHidden();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));
        Locator tick = page.locator("[data-day] li", new Page.LocatorOptions().setHasText("File it"))
                // Other jobs of the shop have such a step too.
                .filter(new Locator.FilterOptions().setHasText("Planned"))
                .first()
                .locator("input");
        // The box is ticked before the program has heard of it.
        page.waitForResponse(
                answer -> answer.url().endsWith("/api/jobs/" + id + "/ticks")
                        && answer.request().method().equals("PUT"),
                tick::check);
        assertThat(RunningShop.get().get("/api/jobs/" + id + "/ticks").text()).contains("lot/first");
    }

    @Test
    void hoursThatCannotBeReadAreToldBesideTheDay() {
        browser.open("/jobs/hours");
        Locator monday = page.locator("[data-person]").first().getByLabel("Monday");
        String before = monday.inputValue();
        monday.fill("from seven");
        button("Save the week").click();
        assertThat(page.locator("[data-person] [role=alert]").first()).containsText("Write the hours in order");
        browser.reload();
        assertThat(page.locator("[data-person]").first().getByLabel("Monday")).hasValue("from seven");
        button("Back to what is kept").click();
        assertThat(page.locator("[data-person]").first().getByLabel("Monday")).hasValue(before);
    }

    /** The cuts of one piece, named in any order, become a route; a length that is no length is told beside it; the route a lot. */
    @Test
    void thePieceIsCutInOneChucking() {
        browser.open("/jobs/new");
        page.locator("[data-entry=job]").fill("A pump cup");
        Locator section = page.locator("section[aria-label='In one chucking']");
        for (String cut : List.of("Pump cup, parted", "Pump cup, outside to 34", "Pump cup, drilled 18.5")) {
            section.getByRole(AriaRole.COMBOBOX).click();
            page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(cut))
                    .first()
                    .click();
            assertThat(section.getByRole(
                            AriaRole.LINK,
                            new Locator.GetByRoleOptions().setName(cut).setExact(true)))
                    .isVisible();
        }
        Locator steps = section.locator("ol[aria-label='The route of the piece'] > li");
        assertThat(steps).hasCount(6);
        assertThat(steps.nth(0)).containsText("Face the end");
        assertThat(steps.nth(5)).containsText("Part off at 48 mm");
        Locator out = section.getByLabel("Stands out of the chuck");
        out.fill("far");
        assertThat(section.getByRole(AriaRole.ALERT)).isVisible();
        assertThat(steps).hasCount(6);
        out.fill("30");
        assertThat(section.locator("ul[aria-label='What does not fit']")).containsText("meets the jaws");
        out.fill("");
        section.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take out: Pump cup, parted"))
                .click();
        assertThat(steps).hasCount(5);
        button("Make it a lot of this job").click();
        assertThat(operation(1, "name")).hasValue("all of it in one chucking");
        browser.reload();
        assertThat(steps).hasCount(5);
    }

    /** Ends the search, and waits until it has ended: while it goes on bars come and go under whoever touches them. */
    private void keepTheBest() {
        page.waitForFunction("""
                () => {
                  const stop = [...document.querySelectorAll('button')].find((one) => one.textContent === 'Keep the best so far');
                  stop?.click();
                  window.quiet = stop ? 0 : (window.quiet ?? 0) + 1;
                  return window.quiet >= 8;
                }""", null, new Page.WaitForFunctionOptions().setPollingInterval(100));
    }

    /** A bar that is dragged stays where it was let go; what was only touched does not move. */
    @Test
    void aBarIsDraggedAndPinned() {
        String id = job("Dragged job");
        browser.open("/jobs/plan");
        button("Plan from now").click();
        Locator bar = page.locator("[data-bar='lot/second']").first();
        assertThat(bar).isVisible();
        keepTheBest();
        bar.scrollIntoViewIfNeeded();
        var box = bar.boundingBox();
        double x = box.x + Math.min(8, box.width / 2);
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().up();
        assertThat(page.locator("[data-picked='lot/second']")).containsText("Pin it here");
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + 40, y, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(8));
        page.mouse().move(x + 120, y, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(8));
        page.mouse().up();
        assertThat(page.locator("[data-picked='lot/second']")).containsText("Let it go where it fits");
        assertThat(RunningShop.get().get("/api/jobs/" + id + "/ticks").text()).contains("\"pinnedAt\":\"2");
        button("Let it go where it fits").click();
    }
}
