package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.server.testing.RunningShop;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.Media;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What the shop keeps, in the real page: cards, files, two people at once, a database that is away, a night between. */
class RecordsTest extends PageTest {
    private static String textOf(Download download) throws Exception {
        return Files.readString(download.path());
    }

    private static Map<String, Object> body(tools.jackson.databind.JsonNode record, String name, String note) {
        Map<String, Object> body = new HashMap<>();
        body.put("version", record.path("version").asInt());
        body.put("name", name);
        body.put("units", record.path("units").asString());
        body.put("fields", record.path("fields"));
        if (record.has("drawer")) {
            body.put("drawer", record.path("drawer").asString());
            body.put("note", note);
        }
        return body;
    }

    @Test
    void aToolsCardIsEditedAndKeepsItsLog() throws Exception {
        String id = tool("Stainless finisher");
        browser.open("/tools/" + id);
        assertThat(page.locator("figure[data-scene='bit']")).isVisible();
        assertThat(page.locator(".compared")).containsText("Side rake");
        page.getByLabel("Lives in").fill("Tray 7, front");
        page.locator(".header .do").click();
        assertThat(page.locator(".ledger [role=status]")).hasText("Saved.");
        browser.reload();
        assertThat(page.getByLabel("Lives in")).hasValue("Tray 7, front");
        Download card = page.waitForDownload(() -> button("Card as JSON").click());
        assertThat(textOf(card)).contains("\"format\" : \"bold-wedge-shop\"").contains("Tray 7, front");
        Download solid = page.waitForDownload(() -> button("Solid as STL").click());
        assertThat(textOf(solid)).startsWith("solid").contains("facet normal");
    }

    @Test
    void aGrindIsWrittenIntoTheLogFromTheCardAtTheWheel() {
        String id = tool("Stainless finisher");
        browser.open("/cut/" + cut("Guide-vane pin") + "/make");
        page.locator(".step-title").first().click();
        page.locator(".measured input").first().fill("9.5°");
        pick("Tool that was ground", "Stainless fi");
        button("Keep this grind").click();
        assertThat(page.locator(".keep [role=status]")).containsText("Written into the tool’s log");
        browser.open("/tools/" + id);
        assertThat(page.locator(".log li").first()).containsText("9.5°");
    }

    /** Somebody saves the card while it lies open here: told, not overwritten, and nothing typed is lost. */
    @Test
    void twoPeopleSaveOneToolAndTheSecondIsTold() {
        RunningShop shop = RunningShop.get();
        String id = tool("Brass");
        browser.open("/tools/" + id);
        page.getByLabel("Note").fill("mine, typed for long");
        var now = shop.get("/api/crib/tools/" + id).json();
        shop.send("PUT", "/api/crib/tools/" + id, body(now, now.path("name").asString(), "theirs"));
        page.locator(".header .do").click();
        assertThat(page.locator(".ledger [role=status]")).containsText("Somebody else saved this tool");
        assertThat(page.getByLabel("Note")).hasValue("mine, typed for long");
        assertThat(shop.get("/api/crib/tools/" + id).json().path("note").asString())
                .isEqualTo("theirs");
        page.locator(".header .do").click();
        assertThat(page.locator(".ledger [role=status]")).hasText("Saved.");
        assertThat(shop.get("/api/crib/tools/" + id).json().path("note").asString())
                .isEqualTo("mine, typed for long");
    }

    @Test
    void twoPeopleSaveOneCutAndEitherVersionCanBeHad() {
        RunningShop shop = RunningShop.get();
        browser.open("/cut/new/cut");
        assertThat(browser.field("diameter")).isVisible();
        page.getByLabel("Name of the cut").fill("Shared spindle");
        page.locator(".header .do").click();
        page.waitForURL(Pattern.compile(".*/cut/[0-9a-f-]{36}/cut"));
        String id = page.url().replaceAll(".*/cut/([0-9a-f-]{36})/.*", "$1");
        var now = shop.get("/api/cuts/" + id).json();
        shop.send("PUT", "/api/cuts/" + id, body(now, "Theirs", ""));
        page.getByLabel("Name of the cut").fill("Mine");
        page.keyboard().press("Control+s");
        assertThat(page.locator(".said")).containsText("Somebody else saved this cut");
        button("Look at theirs").click();
        assertThat(page.getByLabel("Name of the cut")).hasValue("Theirs");
        page.locator("body").click(new Locator.ClickOptions().setPosition(5, 790));
        page.keyboard().press("Control+z");
        assertThat(page.getByLabel("Name of the cut")).hasValue("Mine");
        page.keyboard().press("Control+s");
        assertThat(page.locator(".said")).hasText("Saved.");
        assertThat(shop.get("/api/cuts/" + id).json().path("name").asString()).isEqualTo("Mine");
    }

    @Test
    void filesGoOutAndComeInAndABrokenOneIsTold() throws Exception {
        browser.open("/shop");
        Download whole = page.waitForDownload(() -> button("Whole shop as JSON").click());
        String json = textOf(whole);
        Locator json0 = page.locator("input[type=file]").first();
        json0.setInputFiles(file("shop.json", "application/json", json));
        assertThat(page.locator(".files [role=status]")).containsText("shop.json: Added 0");
        json0.setInputFiles(file("half.json", "application/json", json.substring(0, json.length() / 2)));
        assertThat(page.locator(".files [role=status]")).containsText("half.json: ");
        assertThat(page.locator(".files [role=status]")).not().containsText("Added");
        page.locator("input[type=file]")
                .last()
                .setInputFiles(file("crib.csv", "text/csv", "name,units,blank,colour\nA,METRIC,hss-8mm,red\n"));
        assertThat(page.locator(".files [role=status]")).containsText("a column “colour” that I do not know");
    }

    private static FilePayload file(String name, String type, String text) {
        return new FilePayload(name, type, text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void aLatheIsKeptAndOfferedInTheSentence() {
        browser.open("/shop");
        button("A new machine").click();
        Map.of(
                        "name", "Watch bench",
                        "swing", "90 mm",
                        "centreHeight", "10 mm",
                        "largestShank", "8 mm",
                        "speeds", "200 to 3000 rpm",
                        "motor", "0.25 kW",
                        "efficiency", "70 %")
                .forEach((entry, text) ->
                        page.locator("[data-entry='" + entry + "']").fill(text));
        button("Save the machine").click();
        assertThat(page.locator(".views")).containsText("Watch bench");
        browser.open("/cut/new/cut");
        pick("Lathe", "Watch bench");
        assertThat(page.locator("[data-field-pick='Lathe']")).containsText("Watch bench");
    }

    @Test
    void theDatabaseIsAwayWhileACardIsSavedAndNothingIsLost() {
        RunningShop shop = RunningShop.get();
        browser.open("/cut/new/crib");
        page.getByPlaceholder("what you would call it").fill("Saved in the dark");
        page.getByPlaceholder("drawer or tray").fill("Z1");
        shop.stopDatabase();
        try {
            button("Put it in the crib").click();
            assertThat(page.locator(".keep-tool [role=status]")).containsText("What you typed is kept");
            assertThat(page.getByPlaceholder("what you would call it")).hasValue("Saved in the dark");
            // Planning does not need it.
            station("Edge");
            browser.field("sideRake").fill("13°");
            assertThat(page.locator("main figure[data-scene='bit']:not(.plate-dimmed)"))
                    .isVisible();
            station("Crib");
        } finally {
            shop.startDatabase();
        }
        // What was being written on the card stood by while another station was open.
        assertThat(page.getByPlaceholder("what you would call it")).hasValue("Saved in the dark");
        int status = 0;
        for (int tries = 0; tries < 3 && status != 200; tries++) {
            status = page.waitForResponse(
                            "**/api/crib/tools",
                            () -> button("Put it in the crib").click())
                    .status();
        }
        assertThat(page.locator(".keep-tool [role=status]")).containsText("“Saved in the dark” is in the crib");
    }

    @Test
    void aDraftOutlivesAReloadAndAStopAndStartOfTheProgram() {
        browser.open("/cut/new/edge");
        browser.field("sideRake").fill("17.5°");
        page.getByLabel("Name of the cut").fill("Half-typed");
        assertThat(page.locator("main figure[data-scene='bit'] input[data-field='sideRake']"))
                .hasValue("17.5°");
        RunningShop.get().restart();
        browser.reload();
        assertThat(browser.field("sideRake")).hasValue("17.5°");
        assertThat(page.getByLabel("Name of the cut")).hasValue("Half-typed");
        page.locator(".header .do").click();
        assertThat(page.locator(".said")).hasText("Saved.");
    }

    /** The card for the shop floor: made when it is printed, one page, with boxes to tick and the angles to measure. */
    @Test
    void theGrindingPrintsAsOneCard() throws Exception {
        browser.open("/cut/" + cut("Guide-vane pin") + "/make");
        assertThat(page.locator(".steps")).isVisible();
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        byte[] pdf = page.pdf(new Page.PdfOptions().setFormat("A4"));
        Files.write(java.nio.file.Path.of("target/card.pdf"), pdf);
        String raw = new String(pdf, StandardCharsets.ISO_8859_1);
        assertThat(Pattern.compile("/Type\\s*/Page[^s]").matcher(raw).results().count())
                .isEqualTo(1);
        page.evaluate("window.dispatchEvent(new Event('beforeprint'))");
        Locator card = page.locator("article.print");
        assertThat(card).containsText("☐");
        assertThat(card).containsText("Check:");
        assertThat(card).containsText("Side rake");
        assertThat(card.locator("figure svg path").first()).isAttached();
    }

    @Test
    void theShopCanBeDimmedAndStaysDim() {
        browser.open("/cuts");
        String bright = shade();
        page.keyboard().press("?");
        page.keyboard().press("Escape");
        browser.open("/cut/new/cut");
        assertThat(browser.field("diameter")).isVisible();
        page.locator("body").click(new Locator.ClickOptions().setPosition(5, 790));
        page.keyboard().press("d");
        String dim = shade();
        assertThat(dim).isNotEqualTo(bright);
        browser.reload();
        assertThat(browser.field("diameter")).isVisible();
        assertThat(shade()).isEqualTo(dim);
    }

    private String shade() {
        return page.evaluate("getComputedStyle(document.documentElement).backgroundColor")
                .toString();
    }
}
