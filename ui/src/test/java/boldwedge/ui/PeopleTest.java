package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import boldwedge.server.testing.RunningShop;
import boldwedge.server.testing.Telephone;
import boldwedge.server.testing.Visitor;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;

/** The shop open to its network: the owner at a desk, a reader and a tablet at other addresses. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class PeopleTest {
    private static final String WORDS = "seven blue files";
    /** What stands over the page on which everybody begins. */
    private static final String START = "What do you want to cut?";

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
    @Order(1)
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
            assertThat(desk.page.getByText(START)).isVisible();

            desk.page
                    .getByLabel("Open one and look round")
                    .getByRole(com.microsoft.playwright.options.AriaRole.LINK)
                    .first()
                    .click();
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
            assertThat(other.page.getByText(START)).isVisible();
            other.open("/cut/new/edge");
            other.field("sideRake").fill("17°");
            other.page.getByLabel("Name of the cut").fill("Only read");
            // A button that is of no use is not there; whoever presses the keys is told.
            assertThat(other.page.locator(".header .do")).hasCount(0);
            other.page.keyboard().press("Control+s");
            assertThat(other.page.locator(".said")).containsText("You may look at this but not change it");
            assertThat(other.field("sideRake")).hasValue("17°");

            // A tablet scans the code; a second scan finds it used up.
            desk.open("/people");
            button(desk.page, "Pair a tablet");
            assertThat(desk.page.locator(".pairing img")).isVisible();
            String address = desk.page.locator(".pairing-address").textContent();
            String way = address.substring(address.indexOf("/pair#"));
            tablet.open(way);
            assertThat(tablet.page.getByText(START)).isVisible();
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

    private static Browser at(String path, String name) {
        Browser browser = new Browser(shop.address());
        browser.open("/");
        fill(browser.page, Map.of("Your name", name, "Passphrase", WORDS));
        button(browser.page, "Sign in");
        assertThat(browser.page.getByText(START)).isVisible();
        browser.open(path);
        return browser;
    }

    private static void enter(String name, String role) {
        Visitor owner = new Visitor(shop.address()).signedIn("Orla", WORDS);
        owner.ask("POST", "/api/people", Map.of("name", name, "role", role, "passphrase", WORDS));
    }

    /** What one saves stands at the other's within seconds, beside what the other is typing; each sees that the other is there. */
    @Test
    @Order(2)
    void twoAtOneCutSeeEachOthersChanges() {
        enter("Sven", "MAKER");
        try (Browser one = at("/cut/new/reach", "Orla")) {
            one.field("overhang").fill("38 mm");
            one.page.getByLabel("Name of the cut").fill("Worked on by two");
            one.page.locator(".header .do").click();
            one.page.waitForURL(java.util.regex.Pattern.compile(".*/cut/[0-9a-f-]{36}/reach"));
            String path = one.page.url().replaceAll("^https?://[^/]*", "");
            try (Browser two = at(path, "Sven")) {
                assertThat(two.field("overhang")).hasValue("38 mm");
                assertThat(two.page.locator(".others")).containsText("Orla has this cut open too");
                assertThat(one.page.locator(".others")).containsText("Sven has this cut open too");
                // Two is typing the name while one saves another overhang.
                two.page.getByLabel("Name of the cut").fill("Named by Sven");
                one.field("overhang").fill("44 mm");
                one.page.locator(".header .do").click();
                assertThat(one.page.locator(".said")).hasText("Saved.");
                assertThat(two.field("overhang")).hasValue("44 mm");
                assertThat(two.page.locator(".said")).containsText("Orla saved this cut");
                assertThat(two.page.locator(".said")).containsText("38 mm → 44 mm");
                assertThat(two.page.getByLabel("Name of the cut")).hasValue("Named by Sven");
                two.page.locator(".header .do").click();
                assertThat(two.page.locator(".said")).hasText("Saved.");
                assertThat(one.page.getByLabel("Name of the cut")).hasValue("Named by Sven");
                // A machine that is changed is told of where a cut stands on it.
                two.open("/shop");
                two.page.locator("[data-entry='motor']").fill("2.9 kW");
                two.page.locator(".lathe button[type=submit]").click();
                assertThat(two.page.locator(".lathe [role=status]")).hasText("Saved.");
                assertThat(one.page.getByText("was changed by Sven")).isVisible();
                assertThat(one.page.getByText("Motor power: 550 W → 2.9 kW")).isVisible();
            }
        }
    }

    /** Somebody else signs in at the same browser: the drafts are the other's own, and nothing is saved under a name that does not stand there. */
    @Test
    @Order(3)
    void draftsBelongToThePerson() {
        enter("Tove", "MAKER");
        enter("Udo", "MAKER");
        try (Browser desk = at("/cut/new/edge", "Tove")) {
            desk.field("sideRake").fill("13.5°");
            Page second = desk.page.context().newPage();
            second.navigate(shop.address() + "/people");
            button(second, "Sign out");
            fill(second, Map.of("Your name", "Udo", "Passphrase", WORDS));
            button(second, "Sign in");
            assertThat(second.locator(".header nav")).containsText("Udo");
            // The first tab is no longer Tove's: within seconds it shows Udo's own.
            assertThat(desk.page.locator(".header nav")).containsText("Udo");
            assertThat(desk.field("sideRake")).not().hasValue("13.5°");
            second.navigate(shop.address() + "/people");
            button(second, "Sign out");
            fill(second, Map.of("Your name", "Tove", "Passphrase", WORDS));
            button(second, "Sign in");
            assertThat(second.locator(".header nav")).containsText("Tove");
            second.navigate(shop.address() + "/cut/new/edge");
            assertThat(second.locator("input[data-field='sideRake']").last()).hasValue("13.5°");
        }
    }

    /** One's devices, each ended by itself; a forgotten passphrase; and taking somebody out asks. */
    @Test
    @Order(4)
    void devicesCodesAndTakingOut() {
        enter("Vera", "READER");
        try (Browser own = at("/people", "Vera");
                Browser left = at("/people", "Vera");
                Browser owner = at("/people", "Orla")) {
            own.reload();
            assertThat(own.page.getByText("(this one)")).isVisible();
            own.page.locator("section[aria-label='Your devices'] button").click();
            assertThat(own.page.getByText("is signed out and no longer known here"))
                    .isVisible();
            left.reload();
            assertThat(left.page.getByLabel("Passphrase", EXACT)).isVisible();
            owner.page.getByLabel("A code for a new passphrase: Vera").click();
            String address = owner.page.locator(".reset-code b").textContent();
            left.open(address.replaceAll("^https?://[^/]*", ""));
            left.page.locator("input[type=password]").fill("password1234");
            button(left.page, "Take this passphrase");
            assertThat(left.page.locator(".reading-wrong em")).containsText("tried first");
            left.page.locator("input[type=password]").fill("eight dull drills");
            button(left.page, "Take this passphrase");
            assertThat(left.page.getByText(START)).isVisible();
            owner.page.getByLabel("Take out: Vera").click();
            assertThat(owner.page.getByRole(com.microsoft.playwright.options.AriaRole.ALERTDIALOG))
                    .containsText("signed out everywhere");
            button(owner.page, "Leave it as it is");
            assertThat(owner.page.locator("[data-person=Vera]")).isVisible();
            owner.page.getByLabel("Take out: Vera").click();
            button(owner.page, "Take Vera out");
            assertThat(owner.page.locator("[data-person=Vera]")).hasCount(0);
            button(owner.page, "Undo");
            assertThat(owner.page.locator("[data-person=Vera]")).isVisible();
        }
    }

    /** A second factor: taken in by its letters, asked for at the next way in, taken off. */
    @Test
    @Order(5)
    void aSecondFactorIsAskedForWhereOneWasTaken() {
        enter("Yoko", "MAKER");
        try (Browser own = at("/people", "Yoko");
                Browser later = new Browser(shop.address())) {
            Locator form = own.page.locator("form[aria-label='Second factor']");
            form.getByLabel("Passphrase now").fill("guess");
            button(own.page, "Take a telephone in");
            assertThat(form.locator(".reading-wrong em")).containsText("not your passphrase");
            form.getByLabel("Passphrase now").fill(WORDS);
            button(own.page, "Take a telephone in");
            assertThat(form.getByAltText("Code to scan with the telephone")).isVisible();
            Telephone telephone =
                    Telephone.typed(form.locator(".figures").first().textContent());
            form.getByLabel("Code that the telephone shows").fill(telephone.showsNever());
            button(own.page, "Ask for it from now on");
            assertThat(form.locator(".reading-wrong em")).containsText("not the code");
            form.getByLabel("Code that the telephone shows").fill(telephone.shows());
            button(own.page, "Ask for it from now on");
            assertThat(form).containsText("If the telephone is lost");

            later.open("/");
            fill(later.page, Map.of("Your name", "Yoko", "Passphrase", WORDS));
            assertThat(later.page.getByLabel("Code that your telephone shows")).hasCount(0);
            button(later.page, "Sign in");
            assertThat(later.page.getByLabel("Code that your telephone shows")).isVisible();
            // The one that was typed a moment ago is used up.
            fill(later.page, Map.of("Code that your telephone shows", telephone.showsNever()));
            button(later.page, "Sign in");
            assertThat(later.page.locator(".reading-wrong em")).containsText("not the code");
            assertThat(later.page.getByLabel("Your name", EXACT)).hasValue("Yoko");

            form.getByLabel("Passphrase now").fill(WORDS);
            button(own.page, "Take it off");
            assertThat(form).containsText("If you like");
            button(later.page, "Sign in");
            assertThat(later.page.getByText(START)).isVisible();
        }
    }
}
