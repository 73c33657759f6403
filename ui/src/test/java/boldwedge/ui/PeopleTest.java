package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import boldwedge.server.testing.RunningShop;
import com.microsoft.playwright.Page;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The shop open to its network: the owner at a desk, a reader and a tablet at other addresses. */
class PeopleTest {
    private static final String WORDS = "seven blue files";
    private static final Page.GetByLabelOptions EXACT = new Page.GetByLabelOptions().setExact(true);
    private static RunningShop shop;

    @BeforeAll
    static void open() {
        shop = RunningShop.another(
                Map.of("boldwedge.network", "true", "boldwedge.first-code", "a1b2c3", "boldwedge.demo", "true"));
    }

    @AfterAll
    static void close() {
        shop.close();
    }

    private static void fill(Page page, Map<String, String> entries) {
        entries.forEach((label, text) -> page.getByLabel(label, EXACT).fill(text));
    }

    private static void button(Page page, String name) {
        page.getByRole(
                        com.microsoft.playwright.options.AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }

    @Test
    void anOwnerAReaderAndATablet() {
        try (Browser desk = new Browser(shop.address());
                Browser other = new Browser(shop.address());
                Browser tablet = new Browser(shop.address())) {
            // Nobody is entered yet: the way in asks for the code, and says beside the entry what is wrong.
            desk.open("/");
            fill(desk.page, Map.of("Code", "wrong", "Your name", "Orla", "A passphrase", WORDS));
            button(desk.page, "Enter me as the owner");
            assertThat(desk.page.locator(".reading-wrong em")).containsText("window in which the program was started");
            fill(desk.page, Map.of("Code", "a1b2c3"));
            button(desk.page, "Enter me as the owner");
            assertThat(desk.page.locator(".sentence")).isVisible();

            // What an owner saves bears the owner's name.
            desk.page.locator(".header .do").click();
            assertThat(desk.page.locator(".said")).hasText("Saved.");
            desk.open("/cuts");
            assertThat(desk.page
                            .locator(".cuts li")
                            .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Orla")))
                    .hasCount(1);

            // A reader is entered, comes in elsewhere, plans, and cannot keep anything; what was typed stays.
            desk.open("/people");
            fill(desk.page, Map.of("Name", "Rhee", "A passphrase to begin with", WORDS));
            desk.page.getByLabel("What the new person may do").click();
            desk.page
                    .locator(".pick-item")
                    .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Reader"))
                    .click();
            button(desk.page, "Enter this person");
            assertThat(desk.page.locator("[data-person=Rhee]")).containsText("Reader");
            other.open("/");
            fill(other.page, Map.of("Your name", "Rhee", "Passphrase", "not these words"));
            button(other.page, "Sign in");
            assertThat(other.page.locator(".reading-wrong em")).containsText("not right");
            fill(other.page, Map.of("Passphrase", WORDS));
            button(other.page, "Sign in");
            assertThat(other.page.locator(".sentence")).isVisible();
            other.open("/cut/new/edge");
            other.field("sideRake").fill("17°");
            other.page.getByLabel("Name of the cut").fill("Only read");
            other.page.locator(".header .do").click();
            assertThat(other.page.locator(".said")).containsText("You may look at this but not change it");
            assertThat(other.field("sideRake")).hasValue("17°");

            // A tablet scans the code; a second scan finds it used up.
            desk.open("/people");
            button(desk.page, "Pair a tablet");
            assertThat(desk.page.locator(".pairing img")).isVisible();
            String address = desk.page.locator(".pairing-address").textContent();
            String way = address.substring(address.indexOf("/pair#"));
            tablet.open(way);
            assertThat(tablet.page.locator(".sentence")).isVisible();
            assertThat(tablet.page.locator(".header nav")).containsText("Orla");
            other.open(way);
            assertThat(other.page.locator(".way-in")).containsText("used already");

            // Signed out everywhere, the tablet has to sign in again, over what was typed on it.
            tablet.open("/cut/new/edge");
            tablet.field("sideRake").fill("16°");
            button(desk.page, "Sign out everywhere");
            assertThat(desk.page.getByLabel("Passphrase", EXACT)).isVisible();
            tablet.field("sideRake").fill("16.5°");
            assertThat(tablet.page.getByLabel("Passphrase", EXACT)).isVisible();
            fill(tablet.page, Map.of("Your name", "Orla", "Passphrase", WORDS));
            button(tablet.page, "Sign in");
            assertThat(tablet.field("sideRake")).hasValue("16.5°");
        }
    }
}
