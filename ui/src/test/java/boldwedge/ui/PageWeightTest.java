package boldwedge.ui;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.server.testing.RunningShop;
import java.io.ByteArrayOutputStream;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;

/** What the first page makes a browser fetch. */
class PageWeightTest {
    private static final int MOST_PACKED_BYTES = 350_000;

    @Test
    void scriptsAndStylesOfTheFirstPageStayUnderTheLimit() throws Exception {
        String page = RunningShop.get().get("/").text();
        Matcher parts =
                Pattern.compile("(?:src|href)=\"(/[^\"]+\\.(?:js|css))\"").matcher(page);
        int packed = 0;
        int found = 0;
        while (parts.find()) {
            packed += packed(RunningShop.get().get(parts.group(1)).text());
            found++;
        }
        assertThat(found).as("scripts and styles named in the page").isGreaterThanOrEqualTo(2);
        System.out.printf("Scripts and styles of the first page: %d kB packed%n", packed / 1000);
        assertThat(packed).isBetween(50_000, MOST_PACKED_BYTES);
    }

    private static int packed(String text) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (GZIPOutputStream gzip = new GZIPOutputStream(out)) {
            gzip.write(text.getBytes(java.nio.charset.StandardCharsets.UTF_8));
        }
        return out.size();
    }
}
