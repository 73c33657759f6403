package boldwedge.core.mechanics.rigidity;

import java.util.ArrayList;
import java.util.List;

/**
 * Bending modes of a bar by finite elements: Timoshenko's beam (shear and rotary inertia) with cubic shape functions
 * (Przemieniecki, Theory of Matrix Structural Analysis, ch. 11), springs at the clamp, a mass at the end. The lowest modes
 * come from inverse iteration on the banded stiffness, later ones kept square to earlier ones through the mass.
 */
public final class BarModes {
    /** Elements along a bar; the first mode of a uniform bar is then right to a few parts in a million. */
    private static final int ELEMENTS = 8;

    private static final int BAND = 4;
    private static final double RIGID = 1e14;
    private static final int MOST_TURNS = 60;

    private BarModes() {}

    /**
     * A mode.
     *
     * @param hz frequency, Hz
     * @param stiffnessNPerMm modal stiffness at the end: (2π·hz)² · modal mass, the shape being 1 there, N/mm
     */
    public record Mode(double hz, double stiffnessNPerMm) {}

    /** The lowest mode. */
    public static Mode first(Bar bar) {
        return lowest(bar, 1, ELEMENTS).getFirst();
    }

    /** The lowest modes, ascending. */
    public static List<Mode> lowest(Bar bar, int count) {
        return lowest(bar, count, Math.max(ELEMENTS, 6 * count));
    }

    static List<Mode> lowest(Bar bar, int count, int elements) {
        Mesh mesh = new Mesh(bar, elements);
        int n = mesh.size;
        double[][] factor = mesh.factored();
        List<double[]> found = new ArrayList<>();
        List<Mode> modes = new ArrayList<>();
        for (int mode = 0; mode < count; mode++) {
            double[] x = new double[n];
            for (int i = 0; i < n; i += 2) {
                double at = (i + 2.0) / n;
                x[i] = Math.pow(at, 2) * Math.cos(mode * Math.PI * at) + 1e-3;
            }
            double lambda = 0;
            for (int turn = 0; turn < MOST_TURNS; turn++) {
                for (double[] earlier : found) {
                    double[] mx = mesh.timesMass(x);
                    double share = dot(earlier, mx);
                    for (int i = 0; i < n; i++) {
                        x[i] -= share * earlier[i];
                    }
                }
                double[] mx = mesh.timesMass(x);
                double[] y = solve(factor, mx);
                double[] my = mesh.timesMass(y);
                double before = lambda;
                // Rayleigh's quotient of the new shape: yᵀKy / yᵀMy, and Ky is the old Mx.
                lambda = dot(y, mx) / dot(y, my);
                double scale = 1 / Math.sqrt(dot(y, my));
                for (int i = 0; i < n; i++) {
                    x[i] = y[i] * scale;
                }
                if (Math.abs(lambda - before) < 1e-8 * lambda) {
                    break;
                }
            }
            found.add(x);
            double tip = x[n - 2];
            modes.add(new Mode(Math.sqrt(lambda) / (2 * Math.PI), lambda / (tip * tip)));
        }
        return modes;
    }

    private static double dot(double[] a, double[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += a[i] * b[i];
        }
        return sum;
    }

    /** Solves L D Lᵀ x = b for a banded factor. */
    private static double[] solve(double[][] factor, double[] b) {
        int n = b.length;
        double[] x = b.clone();
        for (int i = 0; i < n; i++) {
            for (int k = Math.max(0, i - BAND + 1); k < i; k++) {
                x[i] -= factor[i][i - k] * x[k];
            }
        }
        for (int i = 0; i < n; i++) {
            x[i] /= factor[i][0];
        }
        for (int i = n - 1; i >= 0; i--) {
            for (int k = i + 1; k < Math.min(n, i + BAND); k++) {
                x[i] -= factor[k][k - i] * x[k];
            }
        }
        return x;
    }

    /** Stiffness and mass as bands: entry [i][k] couples i with i − k. Two unknowns a node: deflection, slope. */
    private static final class Mesh {
        final int size;
        private final double[][] stiffness;
        private final double[][] mass;

        Mesh(Bar bar, int elements) {
            double length = bar.lengthMm();
            int total = 0;
            int[] parts = new int[bar.sections().size()];
            for (int s = 0; s < parts.length; s++) {
                parts[s] = (int)
                        Math.max(1, Math.round(elements * bar.sections().get(s).lengthMm() / length));
                total += parts[s];
            }
            size = 2 * (total + 1);
            stiffness = new double[size][BAND];
            mass = new double[size][BAND];
            int node = 0;
            for (int s = 0; s < parts.length; s++) {
                BarSection section = bar.sections().get(s);
                double l = section.lengthMm() / parts[s];
                double[][] k = stiffness(section, l);
                double[][] m = mass(section, l);
                for (int e = 0; e < parts[s]; e++) {
                    add(stiffness, k, 2 * node);
                    add(mass, m, 2 * node);
                    node++;
                }
            }
            stiffness[0][0] += Double.isInfinite(bar.clampNPerMm()) ? RIGID : bar.clampNPerMm();
            stiffness[1][0] += Double.isInfinite(bar.clampNmmPerRad()) ? RIGID : bar.clampNmmPerRad();
            mass[size - 2][0] += bar.tipGram() * 1e-6;
        }

        private static void add(double[][] band, double[][] element, int at) {
            for (int i = 0; i < 4; i++) {
                for (int j = 0; j <= i; j++) {
                    band[at + i][i - j] += element[i][j];
                }
            }
        }

        private static double[][] stiffness(BarSection section, double l) {
            double ei = section.bendingStiffness();
            double phi = 12 * ei / (section.shearStiffness() * l * l);
            double c = ei / (l * l * l * (1 + phi));
            return new double[][] {
                {12 * c},
                {6 * l * c, (4 + phi) * l * l * c},
                {-12 * c, -6 * l * c, 12 * c},
                {6 * l * c, (2 - phi) * l * l * c, -6 * l * c, (4 + phi) * l * l * c}
            };
        }

        private static double[][] mass(BarSection section, double l) {
            double phi = 12 * section.bendingStiffness() / (section.shearStiffness() * l * l);
            double m = section.massPerMm() * l / ((1 + phi) * (1 + phi));
            double p2 = phi * phi;
            double a = m * (13.0 / 35 + 7.0 / 10 * phi + p2 / 3);
            double b = m * l * (11.0 / 210 + 11.0 / 120 * phi + p2 / 24);
            double c = m * (9.0 / 70 + 3.0 / 10 * phi + p2 / 6);
            double d = m * l * (13.0 / 420 + 3.0 / 40 * phi + p2 / 24);
            double e = m * l * l * (1.0 / 105 + phi / 60 + p2 / 120);
            double f = m * l * l * (1.0 / 140 + phi / 60 + p2 / 120);
            // Rotary inertia: ρI in place of ρA.
            double r = section.material().densityGramPerCm3()
                    * 1e-9
                    * section.secondMomentMm4()
                    / (l * (1 + phi) * (1 + phi));
            double ra = r * 6.0 / 5;
            double rb = r * l * (1.0 / 10 - phi / 2);
            double re = r * l * l * (2.0 / 15 + phi / 6 + p2 / 3);
            double rf = r * l * l * (-1.0 / 30 - phi / 6 + p2 / 6);
            return new double[][] {
                {a + ra}, {b + rb, e + re}, {c - ra, d - rb, a + ra}, {-d + rb, -f + rf, -b - rb, e + re}
            };
        }

        double[] timesMass(double[] x) {
            double[] y = new double[size];
            for (int i = 0; i < size; i++) {
                y[i] += mass[i][0] * x[i];
                for (int k = 1; k < BAND && i - k >= 0; k++) {
                    y[i] += mass[i][k] * x[i - k];
                    y[i - k] += mass[i][k] * x[i];
                }
            }
            return y;
        }

        /** L D Lᵀ of the stiffness, D in column 0. */
        double[][] factored() {
            double[][] f = new double[size][BAND];
            for (int i = 0; i < size; i++) {
                for (int j = Math.max(0, i - BAND + 1); j <= i; j++) {
                    double sum = stiffness[i][i - j];
                    for (int k = Math.max(0, i - BAND + 1); k < j; k++) {
                        if (j - k < BAND) {
                            sum -= f[i][i - k] * f[j][j - k] * f[k][0];
                        }
                    }
                    f[i][i - j] = i == j ? sum : sum / f[j][0];
                }
            }
            return f;
        }
    }
}
