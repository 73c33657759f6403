package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The card of a machine as its picture: entries where they stand, one after the other where it is narrow, what an empty one would make better. */
class MachinesTest extends PageTest {
    private Locator entry(String field) {
        return page.locator("[data-entry='" + field + "']");
    }

    private void open(String machine) {
        browser.open("/shop");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(machine))
                .click();
        assertThat(entry("name")).hasValue(machine);
    }

    @Test
    void entriesStandOnThePictureAndNoneOverAnother() {
        open("Long Bed");
        assertThat(page.locator("[data-scene='machine-front'] [data-entry='swing']"))
                .hasValue("340 mm");
        assertThat(page.locator("[data-scene='machine-end'] [data-entry='slotThroat']"))
                .hasValue("14 mm");
        assertThat(page.locator("[data-scene='machine-gears'] [data-entry='leadScrew']"))
                .hasValue("6 mm");
        for (String scene : List.of("machine-front", "machine-end", "machine-gears")) {
            List<BoundingBox> boxes = new ArrayList<>();
            for (Locator one :
                    page.locator("[data-scene='" + scene + "'] label").all()) {
                boxes.add(one.boundingBox());
            }
            assertThat(boxes).hasSizeGreaterThan(5);
            for (int i = 0; i < boxes.size(); i++) {
                for (int k = 0; k < i; k++) {
                    assertThat(overlap(boxes.get(i), boxes.get(k)))
                            .as("%s: %s and %s", scene, i, k)
                            .isFalse();
                }
            }
        }
        open("Crank Shaper");
        assertThat(page.locator("[data-scene='machine-shaper'] [data-entry='longestStroke']"))
                .hasValue("330 mm");
        assertThat(page.locator("[data-scene='machine-front']")).hasCount(0);
        open("Knee Mill");
        assertThat(page.locator("[data-scene='machine-mill'] [data-entry='tailHandle']"))
                .hasValue("2.5 mm");
    }

    private static boolean overlap(BoundingBox a, BoundingBox b) {
        return a.x < b.x + b.width - 1
                && b.x < a.x + a.width - 1
                && a.y < b.y + b.height - 1
                && b.y < a.y + a.height - 1;
    }

    /** Where it is narrow they stand one after the other, and what was typed goes from the one to the other. */
    @Test
    void whereItIsNarrowTheyStandInAList() {
        open("Long Bed");
        entry("motor").fill("2.4 kW");
        page.setViewportSize(390, 844);
        assertThat(page.locator("[data-scene='machine-front']")).hasCount(0);
        assertThat(entry("motor")).hasValue("2.4 kW");
        assertThat(entry("slotThroat")).hasValue("14 mm");
        page.setViewportSize(1280, 800);
        assertThat(page.locator("[data-scene='machine-front'] [data-entry='motor']"))
                .hasValue("2.4 kW");
        button("Back to what is kept").click();
        assertThat(entry("motor")).hasValue("2.2 kW");
    }

    @Test
    void anEmptyEntrySaysWhatItWouldMakeBetterAndATouchGoesThere() {
        open("Bench Pocket");
        page.getByText("What they would make better").click();
        Locator list = page.locator("ul[aria-label='What the empty entries would make better']");
        assertThat(list).containsText("Four are assumed where a whole piece is laid out");
        list.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Tools that its post holds ready"))
                .click();
        assertThat(entry("postPlaces")).isFocused();
        entry("postPlaces").fill("many");
        button("Save the machine").click();
        assertThat(page.locator("label:has([data-entry='postPlaces'])").getByRole(AriaRole.ALERT))
                .isVisible();
        button("Back to what is kept").click();
    }
}
