package boldwedge.core.families.counterboring.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.families.counterboring.entry.CounterboreReader;
import boldwedge.core.testing.Shop;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Heads are sunk as DIN 974-1, row 1, has it; what the standard does not have gets room by its size. */
class SunkHeadsTest {
    @ParameterizedTest
    @CsvSource({
        "M4 socket head, 8",
        "M5 socket head, 10",
        "M6 socket head, 11",
        "M8 socket head, 15",
        "M10 socket head, 18",
        "M12 socket head, 20",
        "M16 socket head, 26",
        "M8 cheese head, 15"
    })
    void theSeatOfAHead(String head, double across) {
        CounterboreCut cut = CounterboreReader.cut(Shop.request("operation", "counterbore", "seatFor", head))
                .cut()
                .orElseThrow();
        assertThat(cut.outsideMm()).isCloseTo(across, within(1e-9));
    }
}
