package boldwedge.core.families.forming;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.families.forming.entry.FormReader;
import boldwedge.core.families.forming.entry.ProfileText;
import boldwedge.core.families.forming.model.FormCut;
import boldwedge.core.families.forming.model.Profile;
import boldwedge.core.language.drawing.DxfOutline;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.mechanics.cutting.EdgePress;
import boldwedge.core.mechanics.cutting.PlungeCut;
import boldwedge.core.planning.TypedOutline;
import boldwedge.core.testing.Shop;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Forms by hand: profiles as typed and as drawn, their arcs, the force on a slanting edge. */
class FormByHandTest {
    private static Profile profile(String text) throws ProfileText.Unreadable {
        return ProfileText.read(text, UnitSystem.METRIC);
    }

    private static FormCut cut(String... fieldsAndTexts) {
        return FormReader.cut(Shop.request(fieldsAndTexts)).cut().orElseThrow();
    }

    /** A hollow of five from corner to corner six apart: its floor lies a millimetre under the corners. */
    @Test
    void aHollowGoesAsDeepAsItsArc() throws ProfileText.Unreadable {
        Profile hollow = profile("0 24; 2 20; 8 20 r-5; 10 24");
        assertThat(hollow.smallestMm()).isCloseTo(10 - (5 - 4), within(1e-9));
        assertThat(hollow.largestMm()).isCloseTo(12, within(1e-9));
        assertThat(hollow.widthMm()).isCloseTo(10, within(1e-12));
        double arc = 2 * 5 * Math.asin(3.0 / 5);
        assertThat(hollow.edgeMm()).isCloseTo(arc + 2 * Math.hypot(2, 2), within(0.003));
    }

    @Test
    void aBulgeStandsAsHighAsItsArc() throws ProfileText.Unreadable {
        Profile bulge = profile("0 20, 8 20 r5".replace(", ", "; "));
        assertThat(bulge.largestMm()).isCloseTo(10 + (5 - 3), within(1e-9));
        assertThat(bulge.smallestMm()).isCloseTo(10, within(1e-9));
    }

    /** Every point of an arc lies its radius from one centre. */
    @ParameterizedTest
    @CsvSource({"'0 20; 6 26 r6'", "'0 26; 6 20 r6'", "'0 20; 6 26 r-6'", "'0 30; 10 24 r-12'"})
    void arcsAreRound(String text) throws ProfileText.Unreadable {
        List<Profile.Piece> pieces = profile(text).pieces();
        Profile.Piece a = pieces.get(0);
        Profile.Piece b = pieces.get(15);
        Profile.Piece c = pieces.get(30);
        double ax = b.x0() - a.x0();
        double ay = b.r0() - a.r0();
        double bx = c.x0() - a.x0();
        double by = c.r0() - a.r0();
        double d = 2 * (ax * by - ay * bx);
        double cx = (by * (ax * ax + ay * ay) - ay * (bx * bx + by * by)) / d;
        double cy = (ax * (bx * bx + by * by) - bx * (ax * ax + ay * ay)) / d;
        double radius = Math.hypot(cx, cy);
        for (Profile.Piece piece : pieces) {
            assertThat(Math.hypot(piece.x1() - a.x0() - cx, piece.r1() - a.r0() - cy))
                    .isCloseTo(radius, within(1e-9));
        }
        assertThat(radius).isCloseTo(text.contains("12'") || text.endsWith("12") ? 12 : 6, within(1e-9));
    }

    @Test
    void unitsAndFractionsAreRead() throws ProfileText.Unreadable {
        Profile inch = ProfileText.read("0 1; 1/8 7/8; 3/8 7/8 r-1/4; 1/2 1", UnitSystem.INCH);
        assertThat(inch.widthMm()).isCloseTo(12.7, within(1e-9));
        assertThat(inch.corners().get(2).arcMm()).isCloseTo(-6.35, within(1e-9));
        assertThat(profile("0 mm 20 mm; 1/2 in 1 in").widthMm()).isCloseTo(12.7, within(1e-9));
    }

    @Test
    void whatIsWrongIsSaidOfItsCorner() {
        assertThatThrownBy(() -> profile("0 20; 5 16; 3 12"))
                .hasMessageContaining("Corner 3")
                .hasMessageContaining("turns back");
        assertThatThrownBy(() -> profile("0 20; 5")).hasMessageContaining("Corner 2");
        assertThatThrownBy(() -> profile("0 20; 5 x 9")).hasMessageContaining("Corner 2");
        assertThatThrownBy(() -> profile("0 20")).hasMessageContaining("two corners");
        assertThatThrownBy(() -> profile("")).hasMessageContaining("two corners");
        assertThatThrownBy(() -> profile("0 20; 0 20")).hasMessageContaining("lies on");
        assertThatThrownBy(() -> profile("0 2; 8 2 r-4.1")).hasMessageContaining("axis");
    }

    /** A straight profile along the axis is a plunge; a slanting one takes f · cos ψ over its length. */
    @Test
    void theForceOfASlantingEdge() {
        FormCut flat = cut(
                "operation",
                "form",
                "material",
                "steel-low-carbon",
                "formProfile",
                "0 20; 8 20",
                "formRake",
                "6°",
                "formFeed",
                "0.03 mm/rev");
        PlungeCut plunge = PlungeCut.of(
                flat.job().work(), EdgePress.of(flat.job().tool(), flat.job().work()), Math.toRadians(6), 8, 0.03, 0);
        assertThat(flat.force().cuttingN()).isCloseTo(plunge.cuttingN(), within(1e-9));
        assertThat(flat.force().thrustN()).isCloseTo(plunge.thrustN(), within(1e-9));
        assertThat(flat.force().directionalNPerMm()).isCloseTo(plunge.directionalNPerMm(), within(1e-9));
        FormCut cone = cut(
                "operation",
                "form",
                "material",
                "steel-low-carbon",
                "formProfile",
                "0 20; 6 32",
                "formRake",
                "6°",
                "formFeed",
                "0.03 mm/rev");
        double edge = 6 * Math.sqrt(2);
        double chips = 1780 * Math.pow(0.03 / Math.sqrt(2), 0.83) * edge;
        assertThat(cone.force().cuttingN()).isCloseTo(chips + 1780.0 / 1800 * 7 * edge, within(1e-6));
        assertThat(cone.force().thrustN())
                .isCloseTo(
                        (chips * Math.tan(Math.toRadians(28)) + 1780.0 / 1800 * 10 * edge) / Math.sqrt(2),
                        within(1e-6));
    }

    private static final String HEAD = "0\nSECTION\n2\nENTITIES\n";
    private static final String END = "0\nENDSEC\n0\nEOF\n";

    private static String line(double x0, double y0, double x1, double y1) {
        return "0\nLINE\n8\n0\n10\n" + x0 + "\n20\n" + y0 + "\n11\n" + x1 + "\n21\n" + y1 + "\n";
    }

    private static String arc(double x, double y, double r, double from, double to) {
        return "0\nARC\n8\n0\n10\n" + x + "\n20\n" + y + "\n40\n" + r + "\n50\n" + from + "\n51\n" + to + "\n";
    }

    /** A neck of twenty with a hollow five, drawn out of order and the wrong way round, comes out as it would be typed. */
    @Test
    void aDrawingIsReadAsItWouldBeTyped() throws DxfOutline.Unreadable, ProfileText.Unreadable {
        double half = Math.toDegrees(Math.asin(0.6));
        String dxf = HEAD + line(10, 12, 8, 10) + arc(5, 14, 5, 270 - half, 270 + half) + line(0, 12, 2, 10)
                + "0\nTEXT\n1\nA note\n10\n0\n20\n0\n" + END;
        String text = TypedOutline.of(DxfOutline.read(dxf));
        assertThat(text).isEqualTo("0 mm 24 mm; 2 mm 20 mm; 8 mm 20 mm r-5 mm; 10 mm 24 mm");
        assertThat(profile(text).smallestMm()).isCloseTo(9, within(1e-6));
    }

    /** The same as a polyline with bulges: b = tan of a quarter of the arc, below 0 clockwise. */
    @Test
    void aPolylineWithBulges() throws DxfOutline.Unreadable {
        double bulge = Math.tan(2 * Math.asin(0.6) / 4);
        String dxf = HEAD + "0\nLWPOLYLINE\n90\n4\n70\n0\n10\n0\n20\n12\n10\n2\n20\n10\n42\n" + bulge
                + "\n10\n8\n20\n10\n10\n10\n20\n12\n" + END;
        assertThat(TypedOutline.of(DxfOutline.read(dxf)))
                .isEqualTo("0 mm 24 mm; 2 mm 20 mm; 8 mm 20 mm r-5 mm; 10 mm 24 mm");
    }

    @Test
    void aDrawingInInchesIsTurnedIntoMillimetres() throws DxfOutline.Unreadable {
        String dxf = "0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n1\n0\nENDSEC\n" + HEAD + line(0, 0.5, 1, 0.25) + END;
        assertThat(TypedOutline.of(DxfOutline.read(dxf))).isEqualTo("0 mm 25.4 mm; 25.4 mm 12.7 mm");
    }

    @Test
    void filesThatAreNoDrawingSaySo() {
        assertThatThrownBy(() -> DxfOutline.read("hello\nworld\n")).hasMessageContaining("no DXF file");
        assertThatThrownBy(() -> DxfOutline.read("")).hasMessageContaining("no section");
        assertThatThrownBy(() -> DxfOutline.read(HEAD + END)).hasMessageContaining("no line");
        assertThatThrownBy(() -> DxfOutline.read(HEAD + line(0, 1, 1, 1) + line(5, 1, 6, 1) + END))
                .hasMessageContaining("do not join");
        assertThatThrownBy(() -> DxfOutline.read(HEAD + line(0, 1, 1, 1) + line(1, 1, 1, 2) + line(1, 2, 0, 1) + END))
                .hasMessageContaining("closed");
        assertThatThrownBy(() -> DxfOutline.read(HEAD + "0\nLINE\n10\nNaN\n20\n0\n" + END))
                .hasMessageContaining("number");
    }
}
