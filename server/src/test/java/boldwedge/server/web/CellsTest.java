package boldwedge.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;

/** Cells that a spreadsheet would run: harmless whichever mark parts the cells there, and read back as they were. */
class CellsTest {
    private static final String SIGNS = "a1=+-@';|\t ＝";

    @Test
    void noCellRunsAndEachComesBack() {
        Random random = new Random(7);
        for (int i = 0; i < 20_000; i++) {
            StringBuilder drawn = new StringBuilder();
            for (int length = random.nextInt(9); length > 0; length--) {
                drawn.append(SIGNS.charAt(random.nextInt(SIGNS.length())));
            }
            String text = drawn.toString().strip();
            String cell = Cells.harmless(text);
            assertThat(Cells.asItWas(cell)).as(text).isEqualTo(text);
            for (String part : cell.split("[;|\t]")) {
                assertThat(part.strip()).as("a part of " + cell).doesNotMatch("^[=+@＝-].*");
            }
        }
        assertThat(Cells.harmless("a;=1+1")).isEqualTo("a;'=1+1");
        assertThat(Cells.harmless("8-32 UNC")).isEqualTo("8-32 UNC");
    }
}
