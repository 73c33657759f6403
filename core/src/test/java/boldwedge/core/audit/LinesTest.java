package boldwedge.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.audit.Lines.Line;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What a line means is drawn first, then how it is said; it is read as it was meant. */
class LinesTest {
    private static final int LINES = 4000;
    private static final long SEED = 26;

    @Test
    void linesAreReadAsTheyAreMeant() {
        Lines lines = new Lines(SEED);
        assertThat(Stream.generate(lines::next).limit(LINES))
                .flatExtracting(
                        line -> line.misread().map(how -> line.text() + " [" + line.units() + "]: " + how).stream()
                                .toList())
                .isEmpty();
    }

    /** A line that means something else is told from one that means this. */
    @Test
    void aLineOfAnotherMeaningIsMisread() {
        Line line = new Lines(SEED).next();
        Map<String, String> other = new HashMap<>(line.meant());
        other.put("operation", "nothing of the kind");
        assertThat(new Line(line.text(), line.units(), other).misread()).isPresent();
        assertThat(line.misread()).isEmpty();
    }
}
