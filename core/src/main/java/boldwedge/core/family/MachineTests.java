package boldwedge.core.family;

import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.family.ToolTests.Answer;
import boldwedge.core.family.ToolTests.Line;
import boldwedge.core.language.finding.Step;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.words.Worded;
import boldwedge.core.mechanics.rigidity.Beam;
import boldwedge.core.planning.LatheField;
import boldwedge.core.trial.PushTest;
import boldwedge.core.trial.Ring;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;

/**
 * A lathe pushed with a scale and read with an indicator, so that its card holds what it is rather than what its size lets assume. The
 * chuck takes two tests, with a stout bar in it, at two distances from the jaws: how it gives across and how it tilts cannot be
 * told apart from one.
 */
public final class MachineTests {
    /** The bar that is pushed is taken to be steel, MPa. */
    static final double STEEL_MPA = 207_000;

    private static final Limits DISTANCE = new Limits(Quantity.LENGTH, 1, 2000);
    private static final Limits BAR = new Limits(Quantity.LENGTH, 3, 500);

    private MachineTests() {}

    /** What is pushed. */
    public enum Part implements Worded {
        POST(LatheField.POST_STIFFNESS),
        CHUCK(LatheField.CHUCK_STIFFNESS),
        TAILSTOCK(LatheField.TAILSTOCK_STIFFNESS);

        private final LatheField entry;

        Part(LatheField entry) {
            this.entry = entry;
        }
    }

    /**
     * A test as typed.
     *
     * @param part what is pushed
     * @param lines pulls and readings; of the chuck those near the jaws
     * @param far the same far from the jaws; of the chuck only
     * @param rodMm diameter of the bar in the chuck, as text
     * @param nearMm where the near pull is, from the jaws, as text
     * @param farMm where the far pull is, as text
     */
    public record Test(Part part, List<Line> lines, List<Line> far, String rodMm, String nearMm, String farMm) {}

    /** Judges a test: stiffness by least squares, and of the chuck both its springs. */
    public static Answer judge(Test test, UnitSystem units) {
        Map<String, String> errors = new TreeMap<>();
        List<PushTest.Reading> near = PushLines.read(test.lines(), units, errors, "");
        UnitFormat say = new UnitFormat(units);
        try {
            if (test.part() != Part.CHUCK) {
                return errors.isEmpty() ? across(test.part(), PushTest.of(near), say) : refused(errors);
            }
            List<PushTest.Reading> far = PushLines.read(test.far(), units, errors, "far.");
            OptionalDouble bar = PushLines.value(errors, "rod", test.rodMm(), BAR, units);
            OptionalDouble at = PushLines.value(errors, "near", test.nearMm(), DISTANCE, units);
            OptionalDouble out = PushLines.value(errors, "out", test.farMm(), DISTANCE, units);
            if (!errors.isEmpty() || bar.isEmpty() || at.isEmpty() || out.isEmpty()) {
                return refused(errors);
            }
            if (out.getAsDouble() < 1.5 * at.getAsDouble()) {
                errors.put("out", "Pull half as far out again at least, or the two tests tell the same.");
                return refused(errors);
            }
            return chuck(
                    PushTest.of(near), PushTest.of(far), bar.getAsDouble(), at.getAsDouble(), out.getAsDouble(), say);
        } catch (PushTest.Unusable unusable) {
            return new Answer(false, errors, unusable.sentence(), List.of(), Map.of());
        }
    }

    /**
     * Judges a tap on the post: how post and saddle rock on the slide, which decides how wide an edge a plunge takes quietly.
     *
     * @param samples full scale is 1
     * @param rate samples a second
     */
    public static Answer ring(double[] samples, double rate, UnitSystem units) {
        try {
            Ring ring = Ring.of(samples, rate);
            return new Answer(
                    true,
                    Map.of(),
                    RingLines.sentence(ring),
                    RingLines.working(ring, new UnitFormat(units)),
                    Map.of("postRing", RingLines.frequency(ring), "postDamping", RingLines.damping(ring)));
        } catch (Ring.Unusable unusable) {
            return new Answer(false, Map.of(), unusable.sentence(), List.of(), Map.of());
        }
    }

    private static Answer refused(Map<String, String> errors) {
        return new Answer(false, errors, "Some readings cannot be read.", List.of(), Map.of());
    }

    private static Answer across(Part part, PushTest test, UnitFormat say) {
        return new Answer(
                true,
                Map.of(),
                part.words() + ": " + say.stiffness(test.stiffnessNPerMm()) + "." + play(test, say),
                List.of(PushLines.slope("Stiffness", test, say)),
                Map.of(part.entry.id(), Written.full(Quantity.STIFFNESS, test.stiffnessNPerMm(), say.units())));
    }

    private static String play(PushTest test, UnitFormat say) {
        return Math.abs(test.leftMm()) > 0.004
                ? " " + say.length(Math.abs(test.leftMm())) + " are left when the pull is gone: something is loose."
                : "";
    }

    /** c(z) = 1/k + z²/kt + z³/3EI at two places: the bar's own bending away, the other two follow. */
    private static Answer chuck(PushTest near, PushTest far, double bar, double z1, double z2, UnitFormat say) {
        double ei = STEEL_MPA * Beam.round(bar);
        double g1 = 1 / near.stiffnessNPerMm() - Beam.cantilever(z1, ei);
        double g2 = 1 / far.stiffnessNPerMm() - Beam.cantilever(z2, ei);
        if (g2 <= g1) {
            return new Answer(
                    false,
                    Map.of(),
                    "The bar alone accounts for all that the far pull gave more: take a stouter bar, or pull closer to the jaws.",
                    List.of(),
                    Map.of());
        }
        double tilt = (z2 * z2 - z1 * z1) / (g2 - g1);
        double across = g1 - z1 * z1 / tilt;
        if (across <= 0) {
            return new Answer(
                    false,
                    Map.of(),
                    "By these readings the chuck would only tilt and give nothing across: pull the near one closer to the jaws, and see that the indicator's foot stands on the bed.",
                    List.of(),
                    Map.of());
        }
        List<Step> working = new ArrayList<>();
        working.add(PushLines.slope("Near the jaws", near, say));
        working.add(PushLines.slope("Far from them", far, say));
        working.add(Working.of("Bar's own bending, near", "z^3 / (3 · E · I)", mmPerNewton(Beam.cantilever(z1, ei)))
                .with("z", mm(z1).typed())
                .with("E", "steel", mpa(STEEL_MPA).assumed())
                .with("I", "of the bar", mm4(Beam.round(bar)))
                .told(say));
        working.add(Working.of("Against turning", "(z2² − z1²) / (g2 − g1)", newtonMmPerRad(tilt))
                .with("z1", mm(z1).typed())
                .with("z2", mm(z2).typed())
                .with("g1", "give near, the bar's taken away", mmPerNewton(g1))
                .with("g2", "give far, the bar's taken away", mmPerNewton(g2))
                .told(say));
        working.add(Working.of("Across", "1 / (g1 − z1² / kt)", newtonsPerMm(1 / across))
                .with("g1", "give near, the bar's taken away", mmPerNewton(g1))
                .with("z1", mm(z1).typed())
                .with("kt", "against turning", newtonMmPerRad(tilt))
                .told(say));
        return new Answer(
                true,
                Map.of(),
                "Chuck: " + say.stiffness(1 / across) + " across and "
                        + Written.full(Quantity.TILT_STIFFNESS, tilt, say.units()) + " against turning."
                        + play(far, say),
                working,
                Map.of(
                        LatheField.CHUCK_STIFFNESS.id(),
                        Written.full(Quantity.STIFFNESS, 1 / across, say.units()),
                        LatheField.CHUCK_TILT.id(),
                        Written.full(Quantity.TILT_STIFFNESS, tilt, say.units())));
    }
}
