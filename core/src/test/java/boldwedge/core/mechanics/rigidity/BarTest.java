package boldwedge.core.mechanics.rigidity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.stock.BarMaterial;
import boldwedge.core.language.stock.StockCatalogue;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;

/** Sections and bending of bars, cross-holes too, against quadrature. */
class BarTest {
    private static final BarMaterial STEEL =
            StockCatalogue.shipped().barMaterial("steel").orElseThrow();
    private static final BarMaterial CARBIDE =
            StockCatalogue.shipped().barMaterial("carbide").orElseThrow();

    /** Integrates shear, moment, slope and deflection along the bar step by step: nothing in common with the closed form. */
    private static double integrated(Bar bar) {
        double[] state = {0, 0};
        double length = bar.lengthMm();
        double at = 0;
        for (BarSection section : bar.sections()) {
            double from = at;
            double to = at + section.lengthMm();
            int steps = 400;
            double dx = (to - from) / steps;
            for (int i = 0; i < steps; i++) {
                double x = from + i * dx;
                // Runge and Kutta's fourth order; the slope's own slope does not depend on the state.
                double k1 = bend(section, length - x);
                double k2 = bend(section, length - x - dx / 2);
                double k4 = bend(section, length - x - dx);
                state[0] += dx * (state[1] + 1 / section.shearStiffness()) + dx * dx / 6 * (k1 + 2 * k2);
                state[1] += dx / 6 * (k1 + 4 * k2 + k4);
            }
            at = to;
        }
        return state[0];
    }

    private static double bend(BarSection section, double arm) {
        return arm / section.bendingStiffness();
    }

    @Test
    void aUniformBarIsTheTextbookCantileverWithShear() {
        BarSection section = BarSection.plain(100, 10, 0, STEEL);
        double bending = Beam.cantilever(100, 207_000 * Beam.round(10));
        double shear = 100 / (0.8863 * 207_000 / 2.6 * Math.PI * 25);
        assertThat(Bar.uniform(section).barCompliance()).isCloseTo(bending + shear, within(1e-4 * bending));
        assertThat(shear / bending).isLessThan(0.01);
    }

    /** Stepped, bored and cross-drilled bars, drawn at random, against the step-by-step integration: within 0.1 %. */
    @Test
    void steppedAndDrilledBarsAgreeWithNumericIntegration() {
        Random random = new Random(4);
        for (int i = 0; i < 60; i++) {
            List<BarSection> sections = new ArrayList<>();
            int parts = 1 + random.nextInt(5);
            for (int p = 0; p < parts; p++) {
                double outer = 5 + 25 * random.nextDouble();
                sections.add(new BarSection(
                        2 + 60 * random.nextDouble(),
                        outer,
                        random.nextBoolean() ? 0.6 * outer * random.nextDouble() : 0,
                        random.nextInt(3) == 0 ? 0.5 * outer : 0,
                        random.nextBoolean() ? STEEL : CARBIDE));
            }
            Bar bar = new Bar(sections, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, 0);
            assertThat(bar.barCompliance() / integrated(bar)).isCloseTo(1, within(1e-3));
        }
    }

    /** The strip that a cross-hole takes away, in closed form and by quadrature. */
    @Test
    void crossDrilledSectionsAgreeWithQuadrature() {
        for (double hole : new double[] {0.5, 3, 6, 9.5}) {
            for (double bore : new double[] {0, 2, 5}) {
                BarSection section = new BarSection(10, 10, bore, hole, STEEL);
                double i = quadrature(y -> y * y * (width(y, 5, hole) - width(y, bore / 2, hole)));
                double a = quadrature(y -> width(y, 5, hole) - width(y, bore / 2, hole));
                assertThat(section.secondMomentMm4()).isCloseTo(i, within(2e-3 * (i + 1)));
                assertThat(section.areaMm2()).isCloseTo(a, within(2e-3 * (a + 1)));
            }
        }
    }

    /** Breadth at height y of a circle with a strip of the hole's width taken out of it. */
    private static double width(double y, double radius, double hole) {
        double half = Math.sqrt(Math.max(0, radius * radius - y * y));
        return 2 * Math.max(0, half - Math.min(half, hole / 2));
    }

    private static double quadrature(DoubleUnaryOperator f) {
        double sum = 0;
        int n = 200_000;
        for (int i = 0; i < n; i++) {
            sum += f.applyAsDouble(-5 + 10 * (i + 0.5) / n) * 10 / n;
        }
        return sum;
    }

    @Test
    void aTubeShearsAsCowperTables() {
        assertThat(BarSection.plain(1, 10, 0, STEEL).shearCoefficient()).isCloseTo(0.886, within(1e-3));
        // A thin tube at ν = 0.3: 2(1+ν)/(4+3ν) = 0.5306.
        assertThat(BarSection.plain(1, 10, 9.999, STEEL).shearCoefficient()).isCloseTo(0.5306, within(1e-3));
    }

    @Test
    void theClampAddsItsGive() {
        Bar rigid = Bar.uniform(BarSection.plain(80, 16, 0, STEEL));
        Bar soft = rigid.clamped(20_000, 5e7);
        assertThat(soft.compliance() - rigid.compliance()).isCloseTo(1 / 20_000.0 + 6400 / 5e7, within(1e-12));
    }

    @Test
    void hardnessDoesNotStiffen() {
        BarMaterial hard =
                StockCatalogue.shipped().barMaterial("drill-rod-hard").orElseThrow();
        assertThat(Bar.uniform(BarSection.plain(80, 12, 0, hard)).compliance())
                .isEqualTo(Bar.uniform(BarSection.plain(80, 12, 0, STEEL)).compliance());
        assertThat(Bar.uniform(BarSection.plain(80, 12, 0, STEEL)).compliance()
                        / Bar.uniform(BarSection.plain(80, 12, 0, CARBIDE)).compliance())
                .isCloseTo(600 / 207.0, within(1e-9));
    }

    @Test
    void stressIsLargestWhereTheTextbookSaysItIs() {
        Bar plain = Bar.uniform(BarSection.plain(100, 10, 0, STEEL));
        assertThat(plain.stressMPa(50)).isCloseTo(32 * 50 * 100 / (Math.PI * 1000), within(1e-9));
        Bar necked = new Bar(
                List.of(BarSection.plain(60, 20, 0, STEEL), BarSection.plain(40, 8, 0, STEEL)),
                Double.POSITIVE_INFINITY,
                Double.POSITIVE_INFINITY,
                0);
        assertThat(necked.stressMPa(50)).isCloseTo(32 * 50 * 40 / (Math.PI * 512), within(1e-9));
    }

    /** f1 = (1.8751² / 2π) √(EI / ρAL⁴); a slender bar, for which shear and rotary inertia vanish. */
    @Test
    void theFirstModesOfASlenderUniformBarAreTheClosedForms() {
        BarSection section = BarSection.plain(1500, 10, 0, STEEL);
        double unit = Math.sqrt(section.bendingStiffness() / section.massPerMm() / Math.pow(1500, 4)) / (2 * Math.PI);
        List<BarModes.Mode> modes = BarModes.lowest(Bar.uniform(section), 3);
        assertThat(modes.get(0).hz() / (1.87510407 * 1.87510407 * unit)).isCloseTo(1, within(1e-3));
        assertThat(modes.get(1).hz() / (4.69409113 * 4.69409113 * unit)).isCloseTo(1, within(2e-3));
        assertThat(modes.get(2).hz() / (7.85475744 * 7.85475744 * unit)).isCloseTo(1, within(4e-3));
        assertThat(BarModes.first(Bar.uniform(section)).hz() / (1.87510407 * 1.87510407 * unit))
                .isCloseTo(1, within(1e-3));
        // The modal mass at the tip of a uniform cantilever is a quarter of its mass: k = ω² m / 4.
        double mass = section.massPerMm() * 1500;
        double omega = 2 * Math.PI * modes.getFirst().hz();
        assertThat(modes.getFirst().stiffnessNPerMm() / (omega * omega * mass / 4))
                .isCloseTo(1, within(2e-3));
    }

    /** A heavy weight on a light bar is a mass on a spring: √(k/m). */
    @Test
    void aWeightAtTheEndIsAMassOnASpring() {
        Bar bar = new Bar(List.of(BarSection.plain(200, 8, 0, STEEL)), Double.POSITIVE_INFINITY, 1e18, 50_000);
        double expected = Math.sqrt(1 / bar.compliance() / 0.05) / (2 * Math.PI);
        // Rayleigh: a third of a percent of the bar's own mass goes along.
        assertThat(BarModes.first(bar).hz() / expected).isCloseTo(1, within(1e-3));
    }

    /** The elements are exact at their nodes: many modes together give the static compliance back. */
    @Test
    void theModesAddUpToTheStaticCompliance() {
        Bar bar = new Bar(
                List.of(BarSection.plain(40, 16, 0, STEEL), BarSection.plain(50, 10, 4, STEEL)), 30_000, 4e7, 3);
        double sum = BarModes.lowest(bar, 5).stream()
                .mapToDouble(m -> 1 / m.stiffnessNPerMm())
                .sum();
        assertThat(sum / bar.compliance()).isCloseTo(1, within(0.02));
        assertThat(1 / BarModes.first(bar).stiffnessNPerMm()).isBetween(0.9 * bar.compliance(), bar.compliance());
    }

    /** Finer elements change the first mode of a stepped bar by less than a thousandth. */
    @Test
    void theMeshIsFineEnough() {
        Bar bar = new Bar(
                List.of(
                        BarSection.plain(30, 20, 0, STEEL),
                        BarSection.plain(40, 12, 5, CARBIDE),
                        new BarSection(6, 12, 0, 5, STEEL)),
                50_000,
                6e7,
                2);
        double coarse = BarModes.first(bar).hz();
        double fine = BarModes.lowest(bar, 1, 80).getFirst().hz();
        assertThat(coarse / fine).isCloseTo(1, within(1e-3));
    }
}
