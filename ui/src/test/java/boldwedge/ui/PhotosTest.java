package boldwedge.ui;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** Photos of tools and what they cut. */
class PhotosTest extends PageTest {
    /** A picture as large as a telephone takes them. */
    private static FilePayload picture() throws IOException {
        BufferedImage image = new BufferedImage(4000, 3000, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(Color.ORANGE);
        pen.fillRect(500, 500, 3000, 500);
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return new FilePayload("edge.png", "image/png", out.toByteArray());
    }

    /** Taken in it is scaled down, opens by a touch, and comes back after it was deleted. */
    @Test
    void aPhotoOfAToolIsScaledDownAndComesBack() throws IOException {
        browser.open("/tools/" + tool("Stainless finisher"));
        Locator photos = page.locator(".photos").first();
        photos.locator("input[type=file]").setInputFiles(picture());
        Locator small = photos.locator("img");
        assertThat(small).hasCount(1);
        page.waitForCondition(() -> (int) small.evaluate("(at) => at.naturalWidth") == 240);
        assertThat(small.evaluate("(at) => at.naturalHeight")).isEqualTo(180);
        browser.rested();
        assertThat(browser.barriers()).isEmpty();
        small.click();
        Locator large = page.getByRole(AriaRole.DIALOG);
        assertThat(large).containsText("Stainless finisher");
        Locator whole = large.locator("img");
        page.waitForCondition(() -> (int) whole.evaluate("(at) => at.naturalWidth") == 1600);
        large.getByText("Delete").click();
        assertThat(small).hasCount(0);
        page.getByText("Undo", new com.microsoft.playwright.Page.GetByTextOptions().setExact(true))
                .last()
                .click();
        assertThat(small).hasCount(1);
        browser.reload();
        assertThat(small).hasCount(1);
    }

    @Test
    void whatIsNoPictureIsToldAndNothingIsKept() {
        browser.open("/tools/" + tool("Roughing bit"));
        Locator photos = page.locator(".photos").first();
        photos.locator("input[type=file]")
                .setInputFiles(
                        new FilePayload("edge.png", "image/png", "not a picture".getBytes(StandardCharsets.US_ASCII)));
        assertThat(page.getByText("This file is no picture that the browser can read"))
                .isVisible();
        assertThat(photos.locator("img")).hasCount(0);
    }
}
