package boldwedge.core.language.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class PlateTest {
    @Test
    void aScaleIsPutIntoWordsWhereItsSizeIsKnown() {
        assertThat(Plate.scale(1.77049)).isEqualTo("{1.77}");
        assertThat(Plate.inWords("side " + Plate.scale(1.77049))).isEqualTo("side drawn 1.8 times");
        assertThat(Plate.inWords("one scale, " + Plate.scale(0.4))).isEqualTo("one scale, drawn 1 : 2.5");
        assertThat(Plate.inWords("angles true")).isEqualTo("angles true");
    }

    /** In a drawing that is exported a millimetre of the plate is one: the words hold there. */
    @Test
    void anExportedDrawingIsAsLargeAsItSays() {
        Scene scene = new SceneBuilder("a", "A line")
                .place(0, 0, 2)
                .line(Role.EDGE, 0, 0, 10, 0)
                .build(0, 0, 100, 74, Plate.scale(2));
        assertThat(SceneSvg.write(scene)).contains("width=\"100.00mm\"", "<desc>drawn 2 times</desc>", "M0 74L20 74");
    }
}
