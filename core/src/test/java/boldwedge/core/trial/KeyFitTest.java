package boldwedge.core.trial;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A keyway of 6 mm, 5.985 to 6.015. */
class KeyFitTest {
    private static KeyFit read(double narrow, double wide) {
        return new KeyFit(true, narrow, wide, 5.985, 6.015);
    }

    private static List<String> named(KeyFit fit, boolean loose, boolean tight) {
        UnitFormat say = new UnitFormat(UnitSystem.METRIC);
        return CauseRule.ranked(
                        List.<CauseRule<KeyFit, String>>of((cut, seen, found) -> cut.name(found, loose, tight, say)),
                        fit,
                        "",
                        say)
                .causes()
                .stream()
                .map(Cause::id)
                .toList();
    }

    @Test
    void aKeyThatIsLooseInARightKeywayIsThin() {
        assertThat(named(read(6.0, 6.01), true, false)).containsExactly("key-thin");
        assertThat(read(6.0, 6.01).isWide(true)).isFalse();
    }

    @Test
    void aKeyThatIsTightInARightKeywayIsThickOrHasBurrs() {
        assertThat(named(read(5.99, 6.0), false, true)).containsExactly("key-thick");
        assertThat(read(5.99, 6.0).isNarrow(true)).isFalse();
    }

    @Test
    void aKeywayThatMeasuresWrongIsToBlame() {
        assertThat(read(6.0, 6.05).isWide(true)).isTrue();
        assertThat(read(5.95, 6.0).isNarrow(true)).isTrue();
        assertThat(named(read(6.0, 6.05), true, false)).isEmpty();
        assertThat(named(read(5.95, 6.0), false, true)).isEmpty();
    }

    /** Nothing was read: the key says it. */
    @Test
    void whatWasNotReadIsTakenFromTheKey() {
        KeyFit unread = new KeyFit(false, 6, 6, 5.985, 6.015);
        assertThat(unread.isWide(true)).isTrue();
        assertThat(unread.isNarrow(true)).isTrue();
        assertThat(unread.isWide(false)).isFalse();
        assertThat(named(unread, true, false)).isEmpty();
    }
}
