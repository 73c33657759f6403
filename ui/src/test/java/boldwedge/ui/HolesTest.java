package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import java.nio.file.Files;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Holes and heat in the real page: drills measured over a year, a reamer of a size nobody sells, a stone that is refused, a load that came out soft. */
class HolesTest extends PageTest {
    @Test
    void fromAHoleToAReamerAndItsBellMouth() throws Exception {
        String pins = cut("Shear-pin holes, reamed");
        browser.open("/cut/" + pins + "/cut");
        assertThat(page.locator("[data-finding='standard-size']")).containsText("a size that nobody keeps");
        assertThat(page.locator("figure[data-scene='ream-sizes']")).isVisible();
        station("Edge");
        assertThat(page.locator("figure[data-scene='reamer-end']")).isVisible();
        browser.field("reamerUneven").fill("0°");
        Locator teeth = page.locator("[data-finding='uneven-teeth']");
        assertThat(teeth).containsText("sings");
        teeth.locator("button.mend").first().click();
        station("Make");
        assertThat(page.locator(".step-title").first()).containsText("Turn the blank");
        page.locator(".step-title", new com.microsoft.playwright.Page.LocatorOptions().setHasText("Temper at once"))
                .click();
        assertThat(page.locator(".step-open")).containsText("HRC left");
        page.locator(".step-title").first().click();
        Download solid = page.waitForDownload(() -> button("Solid as STL").click());
        assertThat(Files.readString(solid.path())).startsWith("solid reamer");
        page.locator(".step-title", new com.microsoft.playwright.Page.LocatorOptions().setHasText("Hone the lands"))
                .click();
        browser.field("madeReamer").fill("7.151 mm");
        assertThat(page.locator(".step-open")).containsText("too small");
        station("Prove");
        page.locator("[data-reading='near']").fill("7.168 mm");
        page.locator("[data-reading='far']").fill("7.153 mm");
        assertThat(page.locator(".verdict")).containsText("bell-mouthed by 0.015 mm");
        assertThat(page.locator(".causes > li").first()).containsText("tailstock");
        assertThat(page.locator(".causes > li").first()).containsText("0.008");
        button("Floating holder").click();
        station("Reach");
        unfold();
        assertThat(page.locator("[data-finding='bell-mouth']")).containsText("floating holder");
    }

    @Test
    void theShopsOwnHolesNarrowWhatADrillMakes() {
        browser.open("/cut/" + cut("Shear-pin holes, drilled") + "/cut");
        unfold();
        Locator made = page.locator("[data-finding='hole-made']");
        made.locator("button[aria-expanded='false']").first().click();
        assertThat(made).containsText("8 holes measured in the shop are in this");
        assertThat(made).containsText("Before them it said");
        // The reamer's plan uses them.
        browser.open("/cut/" + cut("Shear-pin holes, reamed") + "/cut");
        unfold();
        Locator before = page.locator("[data-finding='hole-before']");
        before.locator("button[aria-expanded='false']").first().click();
        assertThat(before).containsText("8 of the shop's drilled holes are in this");
    }

    @Test
    void theStoneIsRefusedBeforeAnythingElse() {
        browser.open("/cut/" + cut("Flange screws") + "/cut");
        assertThat(page.locator("figure[data-scene='seat']")).isVisible();
        browser.field("stoneRated").fill("4000 rpm");
        Locator told = page.locator(".ledger .stale");
        assertThat(told).containsText("DO NOT RUN THIS STONE");
        assertThat(page.locator(".ledger h2")
                        .filter(new Locator.FilterOptions().setHasText("Nothing stands in the way")))
                .isHidden();
        browser.field("stoneRated").fill("6400 rpm");
        assertThat(told).isHidden();
        station("Edge");
        browser.field("pilot").fill("6.2 mm");
        Locator play = page.locator("[data-finding='pilot-play']");
        assertThat(play).containsText("off its hole");
        play.locator("button.mend").first().click();
        assertThat(browser.field("pilot")).hasValue("6.52 mm");
        station("Prove");
        page.locator("[data-reading='depth']").fill("5.9 mm");
        assertThat(page.locator(".verdict")).containsText("Too shallow by 0.5 mm");
    }

    @Test
    void aLoadComesOutSoft() {
        browser.open("/cut/" + cut("Furnace load") + "/edge");
        assertThat(page.locator("figure[data-scene='heat-timeline']")).isVisible();
        station("Quench");
        assertThat(page.locator(".keys")).containsText("The bath warms by");
        browser.field("bathVolume").fill("0.4 l");
        unfold();
        assertThat(page.locator("[data-finding='bath']")).containsText("can take fire");
        browser.field("bathVolume").fill("15 l");
        station("Prove");
        page.locator("[data-reading='hardness']").fill("54 HRC");
        assertThat(page.locator(".verdict")).containsText("Soft by 7 HRC");
        assertThat(page.locator(".causes")).containsText("tempered too hot");
        station("Crib");
        button("Keep how it was hardened").isVisible();
    }

    @Test
    void holesHaveNoSeriousAccessibilityFinding() {
        for (String name :
                List.of("Shear-pin holes, drilled", "Shear-pin holes, reamed", "Flange screws", "Furnace load")) {
            eachStation(
                    cut(name),
                    List.of("cut", "edge", "reach", "make", "prove"),
                    station -> assertThat(browser.barriers())
                            .as(name + " " + station)
                            .isEmpty());
        }
    }
}
