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
        // Two files in one folder are told apart by the tool's name.
        Download other = page.waitForDownload(() -> button("3MF").click());
        assertThat(other.suggestedFilename())
                .endsWith(".3mf")
                .startsWith(solid.suggestedFilename().replace(".stl", ""));
        assertThat(solid.suggestedFilename()).matches("[a-z0-9-]{12,}[.]stl");
    }

    @Test
    void anEdgesWearIsReckonedOnItsCard() {
        browser.open("/tools/" + tool("Stainless finisher"));
        page.locator("[data-wear] summary").click();
        page.locator("[data-entry=wearLand]").fill("0.3 mm");
        page.locator("[data-entry=wornClearance]").fill("8°");
        assertThat(page.locator("[data-wear]")).containsText("Grind it now");
        assertThat(page.locator("[data-wear]")).containsText("0.042 mm");
        page.locator("[data-entry=breakages]").fill("many");
        assertThat(page.locator("[data-wear] [role=alert]")).isVisible();
        browser.reload();
        assertThat(page.locator("[data-entry=wearLand]")).hasValue("0.3 mm");
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

    private Locator clash(String field, String theirs) {
        Locator clash = page.locator("[data-clash='" + field + "']");
        assertThat(clash).containsText(theirs);
        return clash;
    }

    /** Somebody saves the card while it lies open here: what only one has changed is put together, and where both have one is asked. */
    @Test
    void twoPeopleAtOneToolLoseNothingOfEither() {
        RunningShop shop = RunningShop.get();
        String id = tool("Brass");
        browser.open("/tools/" + id);
        page.getByLabel("Note").fill("mine, typed for long");
        var now = shop.get("/api/crib/tools/" + id).json();
        Map<String, Object> theirs =
                body(now, now.path("name").asString(), now.path("note").asString());
        theirs.put("drawer", "C7");
        assertThat(shop.send("PUT", "/api/crib/tools/" + id, theirs).status()).isEqualTo(200);
        page.locator(".header .do").click();
        assertThat(page.locator(".ledger [role=status]")).containsText("Somebody else saved this tool");
        assertThat(page.getByLabel("Note")).hasValue("mine, typed for long");
        assertThat(page.getByLabel("Lives in")).hasValue("C7");
        // Now both change the same.
        now = shop.get("/api/crib/tools/" + id).json();
        shop.send("PUT", "/api/crib/tools/" + id, body(now, now.path("name").asString(), "theirs"));
        page.locator(".header .do").click();
        assertThat(page.locator(".header .do")).isDisabled();
        clash("note", "theirs").getByText("Yours: mine, typed for long").click();
        page.locator(".header .do").click();
        assertThat(page.locator(".ledger [role=status]")).hasText("Saved.");
        var kept = shop.get("/api/crib/tools/" + id).json();
        assertThat(kept.path("note").asString()).isEqualTo("mine, typed for long");
        assertThat(kept.path("drawer").asString()).isEqualTo("C7");
    }

    @Test
    void twoPeopleAtOneMachineLoseNothingOfEither() {
        RunningShop shop = RunningShop.get();
        browser.open("/shop");
        Locator power = page.locator("[data-entry='motor']");
        assertThat(power).not().hasValue("");
        String name = page.locator("[data-entry='name']").inputValue();
        power.fill("2.2 kW");
        for (var lathe : shop.get("/api/shop/lathes").json()) {
            if (lathe.path("card").path("name").asString().equals(name)) {
                Map<String, Object> card = new HashMap<>();
                lathe.path("card")
                        .properties()
                        .forEach(entry ->
                                card.put(entry.getKey(), entry.getValue().asString()));
                card.put("largestShank", "25 mm");
                assertThat(shop.send(
                                        "PUT",
                                        "/api/shop/lathes/" + lathe.path("id").asString(),
                                        Map.of(
                                                "version", lathe.path("version").asInt(),
                                                "units", lathe.path("units").asString(),
                                                "card", card))
                                .status())
                        .isEqualTo(200);
            }
        }
        button("Save the machine •").click();
        assertThat(page.locator("[data-entry='largestShank']")).hasValue("25 mm");
        assertThat(power).hasValue("2.2 kW");
        button("Save the machine •").click();
        assertThat(page.locator(".lathe [role=status]")).hasText("Saved.");
    }

    @Test
    void twoPeopleAtOneCutLoseNothingOfEither() {
        RunningShop shop = RunningShop.get();
        browser.open("/cut/new/cut");
        assertThat(browser.field("diameter")).isVisible();
        browser.field("diameter").fill("30 mm");
        page.getByLabel("Name of the cut").fill("Shared spindle");
        page.locator(".header .do").click();
        page.waitForURL(Pattern.compile(".*/cut/[0-9a-f-]{36}/cut"));
        String id = page.url().replaceAll(".*/cut/([0-9a-f-]{36})/.*", "$1");
        // They name it otherwise and turn it from another size; here only the name is changed.
        Map<String, Object> theirs = body(shop.get("/api/cuts/" + id).json(), "Theirs", "");
        Map<String, Object> fields = new HashMap<>();
        ((tools.jackson.databind.JsonNode) theirs.get("fields"))
                .properties()
                .forEach(entry -> fields.put(entry.getKey(), entry.getValue().asString()));
        fields.put("diameter", "34 mm");
        theirs.put("fields", fields);
        assertThat(shop.send("PUT", "/api/cuts/" + id, theirs).status()).isEqualTo(200);
        page.getByLabel("Name of the cut").fill("Mine");
        page.keyboard().press("Control+s");
        Locator name = clash("name", "Theirs");
        assertThat(browser.field("diameter")).hasValue("34 mm");
        assertThat(page.getByLabel("Name of the cut")).hasValue("Mine");
        page.keyboard().press("Control+s");
        assertThat(page.locator(".said")).containsText("Choose first");
        name.getByText("Yours: Mine").click();
        assertThat(page.locator(".clashes")).hasCount(0);
        page.locator(".header .do").click();
        assertThat(page.locator(".said")).hasText("Saved.");
        var kept = shop.get("/api/cuts/" + id).json();
        assertThat(kept.path("name").asString()).isEqualTo("Mine");
        assertThat(kept.path("fields").path("diameter").asString()).isEqualTo("34 mm");
        // Deleted elsewhere, it is kept as a new one.
        assertThat(shop.delete("/api/cuts/" + id).status()).isEqualTo(200);
        page.getByLabel("Name of the cut").fill("Saved after all");
        page.keyboard().press("Control+s");
        button("Save as new").click();
        page.waitForURL(address -> !address.contains(id));
        assertThat(page.getByLabel("Name of the cut")).hasValue("Saved after all");
        assertThat(shop.get("/api/cuts").text()).contains("Saved after all");
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
