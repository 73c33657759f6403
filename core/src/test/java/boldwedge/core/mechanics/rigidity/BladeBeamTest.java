package boldwedge.core.mechanics.rigidity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.mechanics.rigidity.BladeBeam.Section;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;

/** A parting blade as a beam on its rest, against quadrature and step-by-step integration. */
class BladeBeamTest {
    private static final double E = 210_000;

    /** Width of a profile at a height above its bottom, for quadrature. */
    private static double width(BladeProfile profile, double y) {
        double below = 0;
        for (BladeProfile.Strip strip : profile.strips()) {
            if (y <= below + strip.heightMm()) {
                return strip.bottomMm() + (strip.topMm() - strip.bottomMm()) * (y - below) / strip.heightMm();
            }
            below += strip.heightMm();
        }
        return 0;
    }

    private static double sum(BladeProfile profile, DoubleUnaryOperator value) {
        int n = 200_000;
        double dy = profile.heightMm() / n;
        double sum = 0;
        for (int i = 0; i < n; i++) {
            sum += value.applyAsDouble((i + 0.5) * dy) * dy;
        }
        return sum;
    }

    private static final List<BladeProfile> PROFILES = List.of(
            BladeProfile.rectangle(2, 12),
            BladeProfile.tapered(3.175, 2.0663, 15.875),
            BladeProfile.tee(3, 4.5, 2.2, 16));

    @Test
    void areasAndSecondMomentsAgreeWithQuadrature() {
        for (BladeProfile p : PROFILES) {
            double centroid = sum(p, y -> y * width(p, y)) / p.areaMm2();
            assertThat(p.areaMm2()).isCloseTo(sum(p, y -> width(p, y)), within(1e-4));
            assertThat(p.centroidMm()).isCloseTo(centroid, within(1e-4));
            assertThat(p.levelMm4())
                    .isCloseTo(sum(p, y -> (y - centroid) * (y - centroid) * width(p, y)), within(1e-2));
            assertThat(p.uprightMm4()).isCloseTo(sum(p, y -> Math.pow(width(p, y), 3) / 12), within(1e-4));
        }
    }

    /** The T by hand, as two rectangles with their parallel-axis parts: exact. */
    @Test
    void theTeeIsExactByHand() {
        BladeProfile tee = BladeProfile.tee(3, 4, 2, 16);
        double area = 2 * 12 + 3 * 4;
        double centroid = (24 * 6 + 12 * 14) / area;
        double level = 2 * Math.pow(12, 3) / 12
                + 24 * Math.pow(centroid - 6, 2)
                + 3 * Math.pow(4, 3) / 12
                + 12 * Math.pow(14 - centroid, 2);
        assertThat(tee.levelMm4()).isCloseTo(level, within(1e-9));
        assertThat(tee.uprightMm4()).isCloseTo(12 * 8 / 12.0 + 4 * 27 / 12.0, within(1e-9));
        // A T whose stem is as wide as its head is a rectangle.
        assertThat(BladeProfile.tee(2, 4, 2, 16).levelMm4()).isCloseTo(2 * Math.pow(16, 3) / 12, within(1e-9));
    }

    /** Stepped blades at random, bent down and aside, against step-by-step integration: within 0.1 %. */
    @Test
    void deflectionAgreesWithNumericIntegration() {
        Random random = new Random(8);
        for (int i = 0; i < 40; i++) {
            List<Section> sections = new ArrayList<>();
            for (int p = 0; p <= random.nextInt(3); p++) {
                sections.add(new Section(3 + 20 * random.nextDouble(), PROFILES.get(random.nextInt(3))));
            }
            BladeBeam beam = new BladeBeam(sections, E);
            assertThat(beam.downMmPerN() / integrated(beam, true)).isCloseTo(1, within(1e-3));
            assertThat(beam.asideMmPerN() / integrated(beam, false)).isCloseTo(1, within(1e-3));
        }
    }

    private static double integrated(BladeBeam beam, boolean down) {
        double y = 0;
        double slope = 0;
        double left = beam.lengthMm();
        for (Section section : beam.sections()) {
            BladeProfile p = section.profile();
            double ei = E * (down ? p.levelMm4() : p.uprightMm4());
            int n = 2000;
            double dx = section.lengthMm() / n;
            for (int i = 0; i < n; i++) {
                double curvature = (left - dx / 2) / ei;
                y += slope * dx + curvature * dx * dx / 2 + dx / (5.0 / 6 * E / 2.6 * p.areaMm2());
                slope += curvature * dx;
                left -= dx;
            }
        }
        return y;
    }

    /**
     * Turning over, by shooting: β″ + P² (L − x)² / (E I C) β = 0 with β = 0 at the clamp and β′ = 0 at the end has its first
     * solution at the load that the closed form gives for a load at the centroid.
     */
    @Test
    void aThinBladeTurnsOverAtTheTextbookLoad() {
        double length = 40;
        double low = 0.5;
        double high = 10;
        for (int i = 0; i < 60; i++) {
            double mid = (low + high) / 2;
            if (endSlope(mid / (length * length), length) > 0) {
                low = mid;
            } else {
                high = mid;
            }
        }
        assertThat(low).isCloseTo(4.013, within(2e-3));
        // Far out, where the load's height above the centroid counts little, the first-order correction is exact
        // enough.
        BladeProfile thin = BladeProfile.rectangle(1, 30);
        double far = 900;
        BladeBeam beam = new BladeBeam(List.of(new Section(far, thin)), E);
        double aside = E * thin.uprightMm4();
        double twist = E / 2.6 * thin.torsionMm4();
        double atCentroid = low * Math.sqrt(aside * twist) / (far * far);
        assertThat(beam.turnsOverAtN() / atCentroid).isCloseTo(1 - 15 / far * Math.sqrt(aside / twist), within(1e-3));
    }

    /** Slope of the twist at the free end for a twist that starts at the clamp, by small steps; p is P / √(E I C). */
    private static double endSlope(double p, double length) {
        int n = 20_000;
        double dx = length / n;
        double twist = 0;
        double slope = 1;
        for (int i = 0; i < n; i++) {
            double arm = length - (i + 0.5) * dx;
            double half = twist + slope * dx / 2;
            slope -= p * p * arm * arm * half * dx;
            twist += slope * dx;
        }
        return slope;
    }

    @Test
    void aBladeTwiceAsLongBearsHalfInBendingAndAQuarterSideways() {
        BladeProfile p = BladeProfile.rectangle(2, 12);
        BladeBeam brief = new BladeBeam(List.of(new Section(200, p)), E);
        BladeBeam lengthy = new BladeBeam(List.of(new Section(400, p)), E);
        assertThat(lengthy.stressPerN() / brief.stressPerN()).isCloseTo(2, within(1e-9));
        assertThat(brief.bucklesAtN() / lengthy.bucklesAtN()).isCloseTo(4, within(1e-9));
        assertThat(lengthy.tiltPerN() / brief.tiltPerN()).isCloseTo(4, within(1e-9));
        assertThat(brief.stressPerN()).isCloseTo(200 * 6 / (2.0 * 144), within(1e-9));
    }
}
