package boldwedge.core.mechanics.rigidity;

import java.util.ArrayList;
import java.util.List;

/**
 * A bar held at one end, from the clamp to the point at which the cutter pushes, as lengths of constant cross-section. The
 * clamp gives: it has a stiffness across the bar and a stiffness against tipping.
 *
 * @param sections from the clamp outward
 * @param clampNPerMm stiffness of holder and post across the bar, N/mm; infinite for a rigid clamp
 * @param clampNmmPerRad stiffness of the holder against tipping, N·mm per radian; infinite for a rigid clamp
 * @param tipGram mass carried at the end (cutter and its screw), g
 */
public record Bar(List<BarSection> sections, double clampNPerMm, double clampNmmPerRad, double tipGram) {

    public Bar {
        sections = List.copyOf(sections);
        if (sections.isEmpty()) {
            throw new IllegalArgumentException("A bar has at least one section.");
        }
    }

    /** A uniform bar in a rigid clamp. */
    public static Bar uniform(BarSection section) {
        return new Bar(List.of(section), Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, 0);
    }

    /** The same bar in a clamp that gives. */
    public Bar clamped(double nPerMm, double nmmPerRad) {
        return new Bar(sections, nPerMm, nmmPerRad, tipGram);
    }

    /** Free length, mm. */
    public double lengthMm() {
        double sum = 0;
        for (BarSection section : sections) {
            sum += section.lengthMm();
        }
        return sum;
    }

    /**
     * Deflection at the end per force there, mm/N, from the bar itself: for each section from a to b
     * ((L−a)³ − (L−b)³) / 3EI for bending and (b−a) / κGA for shear. Exact for lengths of constant section (unit-load
     * method; Gere &amp; Timoshenko, Mechanics of Materials).
     */
    public double barCompliance() {
        double left = lengthMm();
        double sum = 0;
        for (BarSection section : sections) {
            double after = left - section.lengthMm();
            sum += (left * left * left - after * after * after) / (3 * section.bendingStiffness())
                    + section.lengthMm() / section.shearStiffness();
            left = after;
        }
        return sum;
    }

    /** The same with the clamp's give: 1/k + L²/kφ more. */
    public double compliance() {
        double length = lengthMm();
        return barCompliance() + 1 / clampNPerMm + length * length / clampNmmPerRad;
    }

    /** The give of each section at the end, mm/N, from the clamp: they add up to {@link #barCompliance}. */
    public List<Double> gives() {
        List<Double> gives = new ArrayList<>();
        double left = lengthMm();
        for (BarSection section : sections) {
            double after = left - section.lengthMm();
            gives.add((left * left * left - after * after * after) / (3 * section.bendingStiffness())
                    + section.lengthMm() / section.shearStiffness());
            left = after;
        }
        return gives;
    }

    /**
     * Where a force at the end strains the bar most.
     *
     * @param leverMm from there to the end, mm
     * @param outerMm diameter there, mm
     * @param momentMm4 second moment of area there, mm⁴
     */
    public record Root(double leverMm, double outerMm, double momentMm4) {
        /** Stress there per newton, MPa/N: L · D / 2I. */
        public double stressPerN() {
            return leverMm * outerMm / 2 / momentMm4;
        }
    }

    /** Where it is strained most: where one of its sections begins. */
    public Root root() {
        double left = lengthMm();
        Root worst = new Root(0, 1, 1);
        for (BarSection section : sections) {
            Root here = new Root(left, section.outerMm(), section.secondMomentMm4());
            worst = here.stressPerN() > worst.stressPerN() ? here : worst;
            left -= section.lengthMm();
        }
        return worst;
    }

    /** Largest bending stress under a force at the end, MPa: F(L−x)·D / 2I at the start of each section. */
    public double stressMPa(double forceN) {
        return forceN * root().stressPerN();
    }
}
