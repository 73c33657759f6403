package boldwedge.core.families.boring.report;

import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.number;

import boldwedge.core.families.boring.entry.BoreField;
import boldwedge.core.families.boring.model.BarEnd;
import boldwedge.core.families.boring.model.BarHeld;
import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.families.boring.model.Making;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.finding.Step;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.ToolSteel;
import boldwedge.core.mechanics.heat.HeatTreatment;
import boldwedge.core.mechanics.rigidity.StressRaiser;
import boldwedge.core.planning.MakeStep;
import boldwedge.core.rule.HeatSteps;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;

/**
 * The making of a bar, from stock to finished, in an order that keeps each step possible: what must be drilled is drilled
 * while the bar is stout. Dimensions come from the design; what was made takes their place as it is typed.
 */
final class BarRoute {
    private static final double FACING_MM = 1.5;
    private static final double PARTING_MM = 3;
    /** What toughened bars are commonly made of, and how hard. */
    private static final String COMMON_STEEL = "4140";

    /** Silver steel is its own, whoever sells it. */
    private static final String SILVER_STEEL = "silver-steel";

    private static final double TOUGHENED_HRC = 45;

    private final BoreJob job;
    private final Making making;
    private final UnitFormat say;
    private final Scene drawing;
    private final AsMade asMade;
    private final SeatSteps seat;

    BarRoute(BoreCut cut, UnitFormat say, Scene drawing) {
        this.job = cut.job();
        this.making = job.making();
        this.say = say;
        this.drawing = drawing;
        this.asMade = new AsMade(cut, say);
        this.seat = new SeatSteps(cut, say, drawing);
    }

    List<MakeStep> steps() {
        return job.held() == BarHeld.CENTRES ? betweenCentres() : heldAtOneEnd();
    }

    private List<MakeStep> heldAtOneEnd() {
        boolean rod = job.rodHoleMm() > 0;
        boolean set = making.set() > 1;
        List<MakeStep> steps = new ArrayList<>();
        steps.add(ends());
        if (job.headMm() > 0) {
            steps.add(braze());
        }
        if (job.insert().isPresent()) {
            steps.add(seat.pocket(job.insert().get()));
        } else {
            steps.add(seat.crossHole());
        }
        // The screw of a push rod and its hole come in from the far end, which parting makes.
        if (set && rod) {
            steps.add(part());
        }
        if (job.insert().isEmpty()) {
            steps.add(seat.lockScrew());
        }
        if (rod) {
            steps.add(seat.rodHole());
        }
        if (job.necked()) {
            steps.add(neck());
        }
        if (set && !rod) {
            steps.add(part());
        }
        if (rod) {
            steps.add(seat.rod());
        }
        steps.addAll(hardening());
        steps.add(job.insert().map(seat::setInsert).orElseGet(seat::grindBit));
        return steps;
    }

    /** A bar between centres: both centres first, since every other surface is judged by them. */
    private List<MakeStep> betweenCentres() {
        List<MakeStep> steps = new ArrayList<>(List.of(centres(), seat.crossHole(), seat.lockScrew()));
        steps.addAll(hardening());
        steps.add(seat.grindBit());
        return steps;
    }

    private String material() {
        // It is sawn and drilled before it is hard.
        return job.barMaterial().name().split(", ")[0].toLowerCase(Locale.ROOT);
    }

    private MakeStep ends() {
        double length = making.drawnLengthMm();
        // Two bars to a length, nose outward; an odd one is cut alone.
        double pair = 2 * length + 4 * FACING_MM + PARTING_MM;
        List<String> lines = new ArrayList<>();
        String stock = " of " + say.length(making.drawnBarMm()) + " " + material() + ".";
        if (making.set() > 1) {
            int pairs = making.set() / 2;
            lines.add("For " + making.set() + " bars saw off " + pairs + " × " + say.length(pair)
                    + (making.set() % 2 == 1 ? " and " + say.length(length + 2 * FACING_MM) : "") + stock);
            lines.add("Each length is two bars, nose outward: face its two ends, no more yet.");
        } else {
            lines.add("Saw off " + say.length(length + 2 * FACING_MM) + stock);
            lines.add("Face to " + say.length(length) + ".");
        }
        lines.add("Chamfer the nose end " + say.length(0.06 * job.barMm())
                + " at 45°: it seats the centre drill on the slope of a leaning hole, and finds the bore.");
        MakeStep step = MakeStep.of(
                        "ends",
                        making.set() > 1 ? "Face both ends of the length" : "Face both ends, centre one",
                        drawing,
                        lines,
                        making.set() > 1
                                ? "A long piece holds better than two short ones: all of the noses are made before it is parted."
                                : "Square ends are what every later length is measured from.",
                        "Length; light across the ends on a square.")
                .cautioned("Chuck key out. Deburr before you handle it.");
        return making.set() > 1
                ? step.shown(Working.of("Length to saw", "2 · l + 4 · f + p", mm(pair))
                        .with("l", mm(length))
                        .with("f", "facing", mm(FACING_MM).assumed())
                        .with("p", "parting", mm(PARTING_MM).assumed())
                        .told(say))
                : measuringLength(step);
    }

    private MakeStep measuringLength(MakeStep step) {
        return step.measuring(
                BoreField.MADE_LENGTH,
                say.length(making.drawnLengthMm()),
                asMade.judge(making.drawnLengthMm(), making.lengthMm(), "length", ""));
    }

    private MakeStep part() {
        double length = making.drawnLengthMm();
        return measuringLength(MakeStep.of(
                        "part",
                        "Part the set and face the far ends",
                        drawing,
                        List.of(
                                "Both noses are made: part the length in its middle, " + say.length(length + FACING_MM)
                                        + " from each nose, or saw it there.",
                                "Hold each by its shank and face the far end to " + say.length(length) + "."),
                        "Parted last, the stout middle held the work for all that came before.",
                        "Each bar's length.")
                .cautioned("Never part between centres: the pieces fold onto the tool. Catch what falls with a rod."));
    }

    private MakeStep braze() {
        double joint = 1.5 * BarEnd.tipMm(job);
        return MakeStep.of(
                        "braze",
                        "Braze the steel head on",
                        drawing,
                        List.of(
                                "Steel head " + say.length(job.headMm())
                                        + " long, turned to the bar's diameter; a spigot or socket "
                                        + say.length(Math.min(joint, job.headMm() / 2)) + " long, "
                                        + say.length(0.05) + " to " + say.length(0.1) + " of gap on the diameter.",
                                "Silver solder and its flux; heat the steel, let the " + material()
                                        + " draw its heat from it; cool it slowly in ash or lime."),
                        "The head takes the cross-hole and the thread, which " + material()
                                + " does not; brazed before drilling, the heat warps nothing that was made.",
                        "It rings as one piece; runs true to " + say.length(0.02) + " at the head.")
                .cautioned(
                        "Fumes of flux and of solder: good draught; use cadmium-free solder. Hot metal looks like cold.");
    }

    private MakeStep centres() {
        double length = making.drawnLengthMm();
        double centre = Math.max(2, Math.rint(2.5 * job.barMm()) / 10);
        return measuringLength(MakeStep.of(
                        "ends",
                        "Face and centre both ends",
                        drawing,
                        List.of(
                                "Saw off " + say.length(length + 2 * FACING_MM) + " of "
                                        + say.length(making.drawnBarMm()) + " " + material() + "; face to "
                                        + say.length(length) + ".",
                                "Centre both ends at 60°, about " + say.length(centre)
                                        + " across at the mouth, the bar held at the end that is centred.",
                                "File a flat for the dog's screw beside the headstock's centre."),
                        "The centres are the bar's axis: the bored radius is measured from them.",
                        "Between centres, indicator at the middle: if it runs out, straighten or turn it true before drilling.")
                .cautioned("Grease the tailstock's centre if it is a plain one, and feel it for heat."));
    }

    private MakeStep neck() {
        double kt = StressRaiser.shoulderInBending(job.barMm(), job.neckMm(), making.blendMm());
        double sharp = StressRaiser.shoulderInBending(job.barMm(), job.neckMm(), 0);
        return MakeStep.of(
                        "neck",
                        "Neck the nose",
                        drawing,
                        List.of(
                                "Turn " + say.length(making.drawnNeckMm()) + " for " + say.length(job.neckLengthMm())
                                        + " from the point, a centre in its end, in light passes.",
                                "Leave a radius of " + say.length(making.blendMm())
                                        + " at the shoulder: it raises the stress " + say.number(kt, 2)
                                        + " times, a sharp corner " + say.number(sharp, 2) + " times.",
                                "Face the centre away last, or leave it for regrinding."),
                        "Last of the turning: from here on the bar bends easily.",
                        "Diameter at both ends of the nose: a taper there is push-off, take a spring pass.")
                .measuring(
                        BoreField.MADE_NECK,
                        say.length(making.drawnNeckMm()),
                        asMade.judge(making.drawnNeckMm(), making.neckMm(), "nose", asMade.giveWords()))
                .cautioned("A broken-out cross-hole catches fingers and cloth: file its edges before you polish.")
                .shown(shoulder(kt, sharp));
    }

    /** How the stress at the shoulder comes about; nothing where the step is too small for the chart. */
    private Step[] shoulder(double kt, double sharp) {
        return StressRaiser.fit(job.barMm(), job.neckMm(), making.blendMm())
                .map(fit -> Working.of(
                                "Stress at the shoulder over that of a plain bar, between two rows of the chart",
                                "max(1; (1 − s) · A1 · x^B1 + s · A2 · x^B2)",
                                number(kt))
                        .with("x", "r / d, held to the chart", number(fit.radiusRatio()))
                        .with("A1", number(fit.low().factor()).fromTable())
                        .with("B1", number(fit.low().exponent()).fromTable())
                        .with("A2", number(fit.high().factor()).fromTable())
                        .with("B2", number(fit.high().exponent()).fromTable())
                        .with("s", "of the way from row to row", number(fit.share()))
                        .meaning("; left sharp " + say.number(sharp, 2))
                        .told(say))
                .stream()
                .toArray(Step[]::new);
    }

    /** Whether it is hardened, and how where it is: reckoned for the steel that toughened bars are commonly made of. */
    private List<MakeStep> hardening() {
        List<MakeStep> steps = new ArrayList<>(List.of(whetherHardened()));
        if (job.barMaterial().hard()) {
            ToolSteel steel = hardened();
            HeatTreatment treatment = HeatTreatment.usual(steel, making.drawnBarMm(), OptionalDouble.of(TOUGHENED_HRC));
            steps.addAll(new HeatSteps(treatment, making.drawnLengthMm(), say, drawing).steps());
        }
        return steps;
    }

    private ToolSteel hardened() {
        String id = job.barMaterial().id().equals("drill-rod-hard") ? SILVER_STEEL : COMMON_STEEL;
        return StockCatalogue.shipped().steel(id).orElseThrow();
    }

    private MakeStep whetherHardened() {
        boolean hard = job.barMaterial().hard();
        return MakeStep.of(
                        "hardening",
                        hard ? "Harden and temper" : "Harden it or not",
                        drawing,
                        List.of(
                                hard
                                        ? "After all soft work: the next steps, for "
                                                + hardened().name()
                                                + "; for another steel work it out under harden. Polish the bore of the cross-hole."
                                        : "Leave it soft unless the cross-hole wears: a harder bar is no stiffer, all steels share one modulus.",
                                "Warm work grows and warps a little: try the bit in its hole before and after."),
                        "Hardness buys threads that last and a surface that does not bruise, not stiffness.",
                        "The bit slides in by hand and does not rock.")
                .withCautions(
                        hard
                                ? List.of(
                                        "Quench oil burns: lid at hand, outdoors or under a hood, face shield and gloves; follow the steel maker's sheet and local rules.")
                                : List.of());
    }
}
