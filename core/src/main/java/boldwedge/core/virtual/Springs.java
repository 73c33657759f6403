package boldwedge.core.virtual;

import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;

/**
 * A slender bar on springs, by finite elements: plane beams of two nodes with a deflection and a slope each (Euler and Bernoulli; Bathe,
 * Finite Element Procedures, ch. 5). The first node stands on a spring across and a spring against turning, the last may rest on one across.
 */
final class Springs {
    private static final int ELEMENTS = 24;
    /** In place of a support that holds for good, N/mm and N·mm/rad. */
    private static final double RIGID = 1e13;

    private final double lengthMm;
    private final DecompositionSolver solver;

    /**
     * A bar.
     *
     * @param lengthMm between its ends
     * @param bendingNmm2 Young's modulus times second moment of area, N·mm²
     * @param firstNPerMm spring across at its first end
     * @param firstTurning spring against turning there, N·mm/rad; 0 where it may turn
     * @param lastNPerMm spring across at its other end; 0 where it is free
     */
    Springs(double lengthMm, double bendingNmm2, double firstNPerMm, double firstTurning, double lastNPerMm) {
        this.lengthMm = lengthMm;
        int size = 2 * (ELEMENTS + 1);
        RealMatrix k = new Array2DRowRealMatrix(size, size);
        double l = lengthMm / ELEMENTS;
        double a = bendingNmm2 / (l * l * l);
        double[][] element = {
            {12 * a, 6 * a * l, -12 * a, 6 * a * l},
            {6 * a * l, 4 * a * l * l, -6 * a * l, 2 * a * l * l},
            {-12 * a, -6 * a * l, 12 * a, -6 * a * l},
            {6 * a * l, 2 * a * l * l, -6 * a * l, 4 * a * l * l}
        };
        for (int e = 0; e < ELEMENTS; e++) {
            for (int i = 0; i < 4; i++) {
                for (int j = 0; j < 4; j++) {
                    k.addToEntry(2 * e + i, 2 * e + j, element[i][j]);
                }
            }
        }
        k.addToEntry(0, 0, Math.min(firstNPerMm, RIGID));
        k.addToEntry(1, 1, Math.min(firstTurning, RIGID));
        k.addToEntry(size - 2, size - 2, Math.min(lastNPerMm, RIGID));
        solver = new LUDecomposition(k, 0).getSolver();
    }

    /** How far it gives at a place under a newton there, mm/N; between two nodes in proportion. */
    double giveAt(double fromFirstMm) {
        double at = Math.clamp(fromFirstMm / lengthMm, 0, 1) * ELEMENTS;
        int node = (int) Math.min(ELEMENTS - 1, Math.floor(at));
        double share = at - node;
        return (1 - share) * atNode(node) + share * atNode(node + 1);
    }

    private double atNode(int node) {
        double[] push = new double[2 * (ELEMENTS + 1)];
        push[2 * node] = 1;
        return solver.solve(new ArrayRealVector(push)).getEntry(2 * node);
    }
}
