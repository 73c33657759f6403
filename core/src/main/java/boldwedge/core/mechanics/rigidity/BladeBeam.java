package boldwedge.core.mechanics.rigidity;

import java.util.List;

/**
 * A blade that stands out of its clamp and is loaded at its end: bent down by the cut, aside by what pushes it aside, and
 * free to turn over sideways when it is thin and high.
 *
 * @param sections from the clamp to the end
 * @param modulusMPa Young's modulus, MPa
 */
public record BladeBeam(List<Section> sections, double modulusMPa) {
    private static final double POISSON = 0.3;
    private static final double SHEAR_SHARE = 5.0 / 6;

    /** A piece of one profile. */
    public record Section(double lengthMm, BladeProfile profile) {}

    public BladeBeam {
        sections = List.copyOf(sections);
    }

    /** Length from the clamp to the end, mm. */
    public double lengthMm() {
        double length = 0;
        for (Section section : sections) {
            length += section.lengthMm();
        }
        return length;
    }

    /** How far the end goes down per newton, mm/N: Σ [(L − a)³ − (L − b)³] / 3EI + (b − a) / κGA, κ = 5/6. */
    public double downMmPerN() {
        return give(true);
    }

    /** How far the end goes aside per newton, mm/N; the same sum with the upright axis. */
    public double asideMmPerN() {
        return give(false);
    }

    private double give(boolean down) {
        double shear = modulusMPa / (2 * (1 + POISSON));
        double left = lengthMm();
        double sum = 0;
        for (Section section : sections) {
            double to = left - section.lengthMm();
            double i = down ? section.profile().levelMm4() : section.profile().uprightMm4();
            sum += (cube(left) - cube(to)) / (3 * modulusMPa * i)
                    + section.lengthMm()
                            / (SHEAR_SHARE * shear * section.profile().areaMm2());
            left = to;
        }
        return sum;
    }

    /** How much the end tilts down per newton, rad/N: Σ [(L − a)² − (L − b)²] / 2EI. */
    public double tiltPerN() {
        double left = lengthMm();
        double sum = 0;
        for (Section section : sections) {
            double to = left - section.lengthMm();
            sum += (left * left - to * to) / (2 * modulusMPa * section.profile().levelMm4());
            left = to;
        }
        return sum;
    }

    /**
     * Where bending is worst.
     *
     * @param leverMm from there to the end, mm
     * @param outermostMm from the middle of the profile to its farthest fibre, mm
     * @param levelMm4 second moment of the profile there, mm⁴
     */
    public record Root(double leverMm, double outermostMm, double levelMm4) {
        /** Stress there per newton down at the end, MPa/N: L c / I. */
        public double stressPerN() {
            return leverMm * outermostMm / levelMm4;
        }
    }

    /** Where a load down at the end bends the blade worst: at the clamp, or where a thinner profile begins. */
    public Root root() {
        double left = lengthMm();
        Root worst = root(left, sections.getFirst().profile());
        for (Section section : sections) {
            Root here = root(left, section.profile());
            worst = here.stressPerN() > worst.stressPerN() ? here : worst;
            left -= section.lengthMm();
        }
        return worst;
    }

    private static Root root(double lever, BladeProfile profile) {
        return new Root(lever, profile.outermostMm(), profile.levelMm4());
    }

    /** Largest bending stress per newton down at the end, MPa/N: F L c / I where it is worst. */
    public double stressPerN() {
        return root().stressPerN();
    }

    /**
     * Load down at the end at which a thin blade turns over sideways, N: 4.013 √(E I C) / L² / (1 + (e/L) √(E I / C)) with
     * the load e above the centroid, for the weakest profile over the whole length (Timoshenko &amp; Gere, Theory of Elastic
     * Stability, ch. 6, who give 1 − (e/L) √(E I / C): the same to first order, but it fails on short blades).
     */
    public double turnsOverAtN() {
        BladeProfile weakest = weakest();
        double length = lengthMm();
        double aside = modulusMPa * weakest.uprightMm4();
        double twist = modulusMPa / (2 * (1 + POISSON)) * weakest.torsionMm4();
        double above = weakest.heightMm() - weakest.centroidMm();
        double lowered = 1 / (1 + above / length * Math.sqrt(aside / twist));
        return 4.013 * Math.sqrt(aside * twist) / (length * length) * lowered;
    }

    /** Load along the blade at which it buckles as a column held at one end, N: π² E I / 4L². */
    public double bucklesAtN() {
        return Math.PI * Math.PI * modulusMPa * weakest().uprightMm4() / (4 * lengthMm() * lengthMm());
    }

    private BladeProfile weakest() {
        BladeProfile weakest = sections.getFirst().profile();
        for (Section section : sections) {
            weakest = section.profile().uprightMm4() < weakest.uprightMm4() ? section.profile() : weakest;
        }
        return weakest;
    }

    private static double cube(double x) {
        return x * x * x;
    }
}
