package boldwedge.core.families.flycutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.families.flycutting.entry.FlyReader;
import boldwedge.core.families.flycutting.model.FlyCut;
import boldwedge.core.testing.Shop;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Fly cutters by hand: the heel, the hollow, the throw, the seat by vectors. */
class FlyByHandTest {
    private static FlyCut cut(String... fieldsAndTexts) {
        return FlyReader.cut(Shop.request(fieldsAndTexts)).cut().orElseThrow();
    }

    /** A bit twelve thick at forty-five: asin(12 / 90) = 7.66°; ground nine, 1.34° are left. */
    @Test
    void theHeel() {
        FlyCut cut = cut(
                "operation",
                "fly-cut",
                "flyWidth",
                "70 mm",
                "flySwept",
                "90 mm",
                "flyBit",
                "hss-12mm",
                "flyRelief",
                "9°");
        assertThat(Math.toDegrees(cut.heelRad())).isCloseTo(7.66, within(5e-3));
        assertThat(Math.toDegrees(cut.leftRad())).isCloseTo(1.3, within(0.05));
    }

    /** The foot of the heel, w behind the point on a chord, put against the circle by Pythagoras: at asin(w / D) it just lies on it. */
    @ParameterizedTest
    @CsvSource({"12,90", "6,40", "16,200"})
    void theHeelLiesOnTheCircle(double w, double d) {
        double angle = Math.asin(w / d);
        double x = d / 2 - w * Math.sin(angle);
        double y = w * Math.cos(angle);
        assertThat(Math.hypot(x, y)).isCloseTo(d / 2, within(1e-9));
    }

    @Test
    void theHollow() {
        assertThat(FlyCut.hollowMm(80, 50, Math.toRadians(0.05)) * 1000).isCloseTo(7.66, within(5e-3));
        assertThat(FlyCut.hollowMm(80, 50, 0)).isZero();
    }

    /** A circle tilted about the axis across the feed, walked round: its lowest point over each place across is the surface. */
    @ParameterizedTest
    @CsvSource({"80,50,0.05", "120,100,0.2", "60,30,-0.1"})
    void theHollowByWalkingRound(double d, double b, double leanDeg) {
        Rotation lean = new Rotation(Vector3D.PLUS_J, Math.toRadians(leanDeg), RotationConvention.VECTOR_OPERATOR);
        double middle = Double.POSITIVE_INFINITY;
        double edge = Double.POSITIVE_INFINITY;
        for (int i = 0; i < 720_000; i++) {
            double at = 2 * Math.PI * i / 720_000;
            Vector3D point = lean.applyTo(new Vector3D(d / 2 * Math.cos(at), d / 2 * Math.sin(at), 0));
            if (Math.abs(point.getY()) < 1e-3) {
                middle = Math.min(middle, point.getZ());
            }
            if (Math.abs(point.getY() - b / 2) < 1e-3) {
                edge = Math.min(edge, point.getZ());
            }
        }
        assertThat(edge - middle).isCloseTo(FlyCut.hollowMm(d, b, Math.toRadians(leanDeg)), within(2e-5));
    }

    @Test
    void theThrow() {
        assertThat(FlyCut.throwN(20, 45, 900)).isCloseTo(8, within(0.01));
    }

    /** The seat's lean by vectors: face and flank turned about the radius give rake and take clearance. */
    @ParameterizedTest
    @CsvSource({"9,5,10", "25,0,15", "12,8,-5"})
    void theSeatsLeanByVectors(double reliefDeg, double rakeDeg, double seatDeg) {
        FlyCut cut = cut(
                "operation",
                "fly-cut",
                "flyRelief",
                reliefDeg + "°",
                "flyRake",
                rakeDeg + "°",
                "flySeat",
                seatDeg + "°");
        // x against the way of the edge, z away from the work; the bit is turned about the radius, y.
        Rotation lean = new Rotation(Vector3D.PLUS_J, Math.toRadians(seatDeg), RotationConvention.VECTOR_OPERATOR);
        Vector3D flank =
                lean.applyTo(new Vector3D(Math.cos(Math.toRadians(reliefDeg)), 0, Math.sin(Math.toRadians(reliefDeg))));
        Vector3D face =
                lean.applyTo(new Vector3D(Math.sin(Math.toRadians(rakeDeg)), 0, Math.cos(Math.toRadians(rakeDeg))));
        assertThat(Math.atan2(flank.getZ(), flank.getX())).isCloseTo(cut.clearanceRad(), within(1e-9));
        assertThat(Math.atan2(face.getX(), face.getZ())).isCloseTo(cut.rakeRad(), within(1e-9));
    }

    /** In the work for twice the angle of half the width; twice so wide a surface is two laps. */
    @Test
    void shareOfATurn() {
        FlyCut cut = cut("operation", "fly-cut", "flyWidth", "40 mm", "flySwept", "80 mm");
        assertThat(cut.inTheWork()).isCloseTo(1.0 / 6, within(1e-9));
        assertThat(cut.meanWatt()).isCloseTo(cut.cutting().powerWatt() / 6, within(1e-9));
        assertThat(cut("operation", "fly-cut", "flyWidth", "120 mm", "flySwept", "80 mm")
                        .laps())
                .isEqualTo(2);
    }
}
