package boldwedge.core.families.turning.report;

import static boldwedge.core.families.turning.entry.TurningField.*;

import boldwedge.core.families.turning.entry.TurningField;
import boldwedge.core.families.turning.entry.TurningReader;
import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.families.turning.model.TurningInfluences;
import boldwedge.core.families.turning.model.TurningJob;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.mechanics.cutting.Finish;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.mechanics.rigidity.PushOff;
import boldwedge.core.mechanics.wedge.Operation;
import boldwedge.core.mechanics.wedge.ToolSignature;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.Fixer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialReader;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.trial.Cause;
import boldwedge.core.trial.Diagnosis;
import boldwedge.core.trial.Measured;
import boldwedge.core.trial.Prediction;
import boldwedge.core.trial.Remedy;
import boldwedge.core.trial.SizePrediction;
import boldwedge.core.trial.UsualFaults;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** Judges a trial cut: predicts it for the settings really run, sets measured beside it, ranks causes, proposes one change. */
public final class TurningTrial {
    /** Rows of sizes, before those of finish and speed. */
    private static final int SIZE_ROWS = 3;
    /** Of the cut's length between the places that sizes are reckoned for where none was read. */
    private static final double SIGNS_APART = 0.9;

    private static final Map<String, Entry> RUN = Map.of("speed", SPEED, "feed", FEED, "depth", DEPTH);
    private static final List<String> RUN_ORDER = List.of("speed", "feed", "depth");
    /** As fine as a nose is stoned that still has to last, mm. */
    static final double FINE_NOSE_MM = 0.2;

    private static final String NEAR = "Diameter near the chuck";
    private static final String FAR = "Diameter at the far end";
    private static final String APART = "Distance between them";
    private static final Limits DISTANCE = new Limits(Quantity.LENGTH, 0.5, 3000);
    private static final String DIALLED = "Dialled, on the diameter";
    private static final String SET_OVER = "Tailstock set over";
    private static final String SWUNG = "Taper swung out";
    private static final Limits MOVED = new Limits(Quantity.LENGTH, -5, 5);
    private static final Limits DIAMETER = new Limits(Quantity.LENGTH, 0.1, 2000);

    private final TrialReader reader;
    private final UnitFormat say;

    private TurningTrial(TrialRequest request) {
        this.reader = new TrialReader(request);
        this.say = new UnitFormat(request.plan().units());
    }

    /** Judges a trial. */
    public static TrialAnswer prove(TrialRequest request) {
        return new TurningTrial(request).judge();
    }

    /** What trials have taught of axis and dial adds so much to the diameter in the middle of a cut, mm. */
    static double taughtEvenMm(TurningCut cut) {
        PushOff push = cut.pushOff();
        return new TurningInfluences(
                        cut,
                        push.stations().getFirst().fromChuckMm(),
                        push.stations().getLast().fromChuckMm())
                .taughtEvenMm();
    }

    /**
     * What was run and read of a trial.
     *
     * @param cut the cut as it was run; empty where it cannot be worked out
     * @param near diameter near the chuck, mm
     * @param far diameter at the far end, mm
     * @param apart how far apart, mm
     * @param warmth how warm it felt
     * @param moved what was moved since the tool was set
     */
    record Readings(
            Optional<TurningCut> cut,
            OptionalDouble near,
            OptionalDouble far,
            OptionalDouble apart,
            Measured.Warmth warmth,
            Moved moved) {
        static Readings of(TrialRequest request) {
            TurningTrial trial = new TurningTrial(request);
            return new Readings(
                    TurningReader.cut(trial.reader.ran(RUN)).cut(),
                    trial.reader.value("near", NEAR, DIAMETER),
                    trial.reader.value("far", FAR, DIAMETER),
                    trial.reader.value("apart", APART, DISTANCE),
                    trial.warmth(),
                    trial.moved());
        }

        boolean isIncomplete() {
            return cut.isEmpty() || near.isEmpty() || far.isEmpty() || apart.isEmpty();
        }
    }

    private Measured.Warmth warmth() {
        return reader.choice("warmth", "Warmth when measured", Measured.Warmth.values());
    }

    private Moved moved() {
        return new Moved(moved("dialled", DIALLED), moved("tailstock", SET_OVER), moved("swung", SWUNG));
    }

    /** What was done since, as read; nothing where nobody says. */
    private double moved(String id, String label) {
        return reader.value(id, label, MOVED).orElse(0);
    }

    private TrialAnswer judge() {
        PlanRequest run = reader.ran(RUN);
        Read<TurningCut> worked = TurningReader.cut(run);
        reader.ran(RUN_ORDER, RUN, worked.states());
        OptionalDouble near = reader.value("near", NEAR, DIAMETER);
        OptionalDouble far = reader.value("far", FAR, DIAMETER);
        OptionalDouble apart = reader.value("apart", APART, DISTANCE);
        OptionalDouble finish = reader.value("finish", "Finish measured", new Limits(Quantity.ROUGHNESS, 0.01, 100));
        Measured.Chip chip = reader.choice("chip", "Chip", Measured.Chip.values());
        Measured.Sound sound = reader.choice("sound", "Sound", Measured.Sound.values());
        Measured.Warmth warmth = warmth();
        Moved moved = moved();
        if (worked.cut().isEmpty() && !reader.hasErrors()) {
            return reader.stopped("The cut itself is not complete yet: mend it at the earlier stations first.");
        }
        // What was seen and heard is a trial too: the sizes then count as they were reckoned.
        boolean signsOnly = near.isEmpty()
                && far.isEmpty()
                && (chip != Measured.Chip.NOT_LOOKED || sound != Measured.Sound.QUIET || finish.isPresent());
        if (reader.hasErrors() || (!signsOnly && (near.isEmpty() || far.isEmpty() || apart.isEmpty()))) {
            return reader.stopped(
                    "Type both diameters and how far apart they were measured; or what chip, sound and finish tell.");
        }
        TurningCut cut = worked.cut().orElseThrow();
        double between = apart.orElse(SIGNS_APART * cut.job().lengthMm());
        if (cut.job().operation() != Operation.FACE && between > cut.job().lengthMm() * 1.0001) {
            reader.wrong(
                    "apart",
                    "The two places cannot be further apart than the cut is long ("
                            + say.length(cut.job().lengthMm()) + ").");
            return reader.stopped("One reading cannot be right.");
        }
        double finished = cut.job().finishedMm();
        double most = 0.25 * Math.max(1, finished);
        if (!signsOnly
                && (!reader.near("near", near.getAsDouble(), finished, most)
                        || !reader.near("far", far.getAsDouble(), finished, most))) {
            return reader.stopped("One reading cannot be right.");
        }
        Fixer<TurningCut> mender =
                new Fixer<>(run, request -> TurningReader.cut(request).cut());
        ReadAt at = ReadAt.of(cut, between, warmth, moved);
        Prediction predicted = predict(cut, at, shares(mender, cut, at));
        OptionalDouble raMm =
                finish.isPresent() ? OptionalDouble.of(finish.getAsDouble() / 1000) : OptionalDouble.empty();
        Measured measured = new Measured(
                near.orElse(predicted.sizes().nearMm()),
                far.orElse(predicted.sizes().farMm()),
                raMm,
                chip,
                sound,
                warmth);
        List<Cause> ranked = Diagnosis.rank(predicted, measured, say);
        List<Cause> causes = signsOnly ? TurningNext.signs(ranked) : ranked;
        double warm = predicted.fitted(measured).part(UsualFaults.WARMTH).mean();
        double grown = warm * TurningNext.grows(cut);
        boolean inTolerance = inTolerance(cut, measured, grown);
        boolean finishGood = raMm.isEmpty() || raMm.getAsDouble() <= cut.job().raMm() * 1.0001;
        boolean atItsEdge = inTolerance && isAtItsEdge(cut, measured, grown);
        String verdict = signsOnly
                ? Measured.SIZES_OPEN + surface(cut, measured, finishGood) + "."
                : verdict(cut, measured, inTolerance, atItsEdge, finishGood);
        boolean warmed =
                measured.warmth().hidesTheSize(TurningNext.grows(cut), cut.job().allowedErrorMm());
        boolean wellBehaved =
                sound == Measured.Sound.QUIET && chip != Measured.Chip.BLUE && chip != Measured.Chip.WELDED;
        boolean asWanted = (signsOnly || (inTolerance && !atItsEdge && !warmed)) && finishGood && wellBehaved;
        TurningNext against = new TurningNext(cut, predicted, measured, at, reader.text("apart"), mender, say);
        Optional<Remedy> next =
                asWanted ? Optional.empty() : signsOnly ? against.againstSigns(causes) : against.against(causes);
        List<TrialAnswer.Compared> rows = compare(cut, predicted, measured);
        return reader.judged(
                signsOnly ? rows.subList(SIZE_ROWS, rows.size()) : rows,
                causes,
                verdict,
                (signsOnly || inTolerance) && finishGood && wellBehaved,
                next,
                "Look at the edge under a loupe, stone it, and cut again.",
                Optional.of(scene(predicted, measured)));
    }

    /** Whether it is within the tolerance cold; what it has grown by warmth is taken off, mm. */
    private static boolean inTolerance(TurningCut cut, Measured measured, double grownMm) {
        double upper = cut.job().finishedMm() + cut.job().tolerance().upperMm() + grownMm + 1e-6;
        double lower = cut.job().finishedMm() + cut.job().tolerance().lowerMm() + grownMm - 1e-6;
        return measured.nearMm() <= upper
                && measured.farMm() <= upper
                && measured.nearMm() >= lower
                && measured.farMm() >= lower;
    }

    /** Whether the next piece may be out, with what a gauge and a dial are off by, though this one is in. */
    private static boolean isAtItsEdge(TurningCut cut, Measured measured, double grownMm) {
        double middle = cut.job().finishedMm() + cut.job().tolerance().middleMm() + grownMm;
        return UsualFaults.isAtTheEdge(
                Math.max(Math.abs(measured.nearMm() - middle), Math.abs(measured.farMm() - middle)),
                cut.job().allowedErrorMm());
    }

    private String verdict(
            TurningCut cut, Measured measured, boolean inTolerance, boolean atItsEdge, boolean finishGood) {
        String taper = Math.abs(measured.taperMm()) < 0.0015
                ? "no taper"
                : say.length(Math.abs(measured.taperMm())) + (measured.taperMm() > 0 ? " larger" : " smaller")
                        + " at the far end";
        String size = inTolerance
                ? atItsEdge ? "Within the tolerance, near its edge" : "Within the tolerance"
                : isEven(cut, measured) ? "Outside the tolerance, but the dial brings it in" : "Outside the tolerance";
        return size + ", " + taper + surface(cut, measured, finishGood) + ".";
    }

    private String surface(TurningCut cut, Measured measured, boolean finishGood) {
        return measured.raMm().isEmpty()
                ? ""
                : finishGood
                        ? "; the finish is good enough"
                        : "; the finish is rougher than " + say.ra(cut.job().raMm());
    }

    /**
     * Where it was read, what was felt, and what was done since the tool was set.
     *
     * @param nearMm from the chuck or the headstock's centre to the place near it
     * @param farMm to the far place
     * @param warmth how warm it felt
     * @param moved what was dialled, set over and swung since
     */
    record ReadAt(double nearMm, double farMm, Measured.Warmth warmth, Moved moved) {
        /** The places sit as far apart as was measured, about the middle of the cut. */
        static ReadAt of(TurningCut cut, double apartMm, Measured.Warmth warmth, Moved moved) {
            PushOff push = cut.pushOff();
            double from = push.stations().getFirst().fromChuckMm();
            double to = push.stations().getLast().fromChuckMm();
            double slack = Math.max(0, (to - from - apartMm) / 2);
            return new ReadAt(from + slack, to - slack, warmth, moved);
        }
    }

    /**
     * What was done at the machine since the tool was set to the middle of the tolerance.
     *
     * @param dialledMm on the diameter, above 0 to make it larger
     * @param tailMm how far the tailstock was set over, above 0 away from the tool
     * @param swungMm taper that the headstock or the top slide was swung by, over the length of the cut; above 0 makes the far end larger
     */
    record Moved(double dialledMm, double tailMm, double swungMm) {
        static final Moved NOT = new Moved(0, 0, 0);

        /** What it adds to the diameter at a place, mm. */
        double at(TurningCut cut, double fromChuckMm) {
            TurningJob job = cut.job();
            double along = cut.pushOff().stations().getFirst().fromChuckMm();
            double tail = job.hold() == Hold.CHUCK ? 0 : 2 * tailMm * fromChuckMm / Math.max(1e-9, job.freeLengthMm());
            return dialledMm + tail + swungMm * (fromChuckMm - along) / Math.max(1e-9, job.lengthMm());
        }
    }

    static Prediction predict(TurningCut cut, ReadAt at, List<Prediction.Share> shares) {
        TurningJob job = cut.job();
        TurningInfluences influences = new TurningInfluences(cut, at.nearMm(), at.farMm());
        Span range = job.work().surfaceSpeed(job.tool());
        ToolSignature use = cut.wedge().signature(cut.used());
        return new Prediction(
                new SizePrediction(
                        job.finishedMm() + job.tolerance().middleMm(),
                        influences.errorAt(at.nearMm()),
                        influences.errorAt(at.farMm()),
                        at.moved().at(cut, at.nearMm()),
                        at.moved().at(cut, at.farMm()),
                        influences.all(at.warmth())),
                at.farMm() - at.nearMm(),
                job.hold() != Hold.CHUCK,
                cut.cutting().finish().raMm(),
                cut.cutting().surfaceSpeed(),
                range.low(),
                range.high(),
                Math.min(
                        Math.min(use.endRelief(), use.sideRelief()), cut.wedge().leastNoseClearance(cut.used())),
                cut.cutting().force().meanChipMm(),
                cut.cutting().smallestChipMm().chosen(),
                job.work().builtUp(),
                job.tool().family() == ToolMaterial.Family.HSS,
                job.hold().slenderness(job.freeLengthMm(), Math.max(1, job.finishedMm())),
                job.overhangMm() / job.blank().heightMm(),
                shares);
    }

    /** What nose and rake have in the spring: the same cut with a fine nose, with the most and the least rake of the handbook. */
    private List<Prediction.Share> shares(Fixer<TurningCut> mender, TurningCut cut, ReadAt at) {
        List<Prediction.Share> shares = new ArrayList<>();
        // Fat is a nose that is more than the program itself would stone for this cut.
        double advised = Math.max(FINE_NOSE_MM, cut.advice().noseRadius().chosen());
        if (cut.signature().noseRadiusMm() > 1.2 * advised) {
            String nose = say.nose(FINE_NOSE_MM);
            share(
                    shares,
                    mender,
                    at,
                    NOSE_RADIUS,
                    nose,
                    "fat-nose",
                    "The nose is fat for this cut",
                    "With a nose of " + nose);
        }
        Span rake = cut.advice().sideRake().span();
        double now = cut.signature().sideRake();
        if (now < rake.high() - Math.toRadians(2)) {
            String more = Written.degrees(rake.high());
            share(
                    shares,
                    mender,
                    at,
                    SIDE_RAKE,
                    more,
                    "little-rake",
                    "There is too little rake",
                    "With " + more + " of side rake");
        }
        if (now > rake.low() + Math.toRadians(2)) {
            String less = Written.degrees(rake.low());
            share(
                    shares,
                    mender,
                    at,
                    SIDE_RAKE,
                    less,
                    "drawn-in",
                    "Much rake draws the tool in",
                    "With " + less + " of side rake");
        }
        return shares;
    }

    private void share(
            List<Prediction.Share> shares,
            Fixer<TurningCut> mender,
            ReadAt at,
            TurningField field,
            String text,
            String id,
            String title,
            String instead) {
        mender.with(field.id(), text).ifPresent(then -> {
            Prediction without = predict(then, at, List.of());
            shares.add(new Prediction.Share(
                    id,
                    title,
                    instead,
                    without.sizes().evenMm(),
                    without.sizes().taperMm()));
        });
    }

    private List<TrialAnswer.Compared> compare(TurningCut cut, Prediction predicted, Measured measured) {
        List<TrialAnswer.Compared> rows = new ArrayList<>();
        rows.add(row(
                "Near the chuck", predicted.sizes().nearMm(), predicted.sizes().nearBandMm(), measured.nearMm()));
        rows.add(row("Far end", predicted.sizes().farMm(), predicted.sizes().farBandMm(), measured.farMm()));
        rows.add(row(
                "Taper",
                predicted.sizes().farMm() - predicted.sizes().nearMm(),
                predicted.sizes().taperBandMm(),
                measured.taperMm()));
        double low = predicted.paperRaMm() * Finish.LOW_OVER_THEORY;
        double high = predicted.paperRaMm() * Finish.HIGH_OVER_THEORY;
        rows.add(new TrialAnswer.Compared(
                "Finish",
                say.ra(low) + " to " + say.ra(high),
                measured.raMm().isPresent() ? say.ra(measured.raMm().getAsDouble()) : "",
                measured.raMm().isEmpty() || measured.raMm().getAsDouble() <= high));
        rows.add(new TrialAnswer.Compared(
                "Surface speed",
                say.surfaceSpeed(predicted.slowestGood()) + " to " + say.surfaceSpeed(predicted.fastestGood()),
                say.surfaceSpeed(cut.cutting().surfaceSpeed()),
                cut.cutting().surfaceSpeed() <= predicted.fastestGood() * 1.001));
        return rows;
    }

    private TrialAnswer.Compared row(String what, double predicted, double spread, double measured) {
        return new TrialAnswer.Compared(
                what,
                say.length(predicted) + " ± " + say.length(spread),
                say.length(measured),
                Math.abs(measured - predicted) <= spread + 1e-9);
    }

    /** Whether dialling brings both ends within the tolerance: then nothing else needs to change. */
    private static boolean isEven(TurningCut cut, Measured measured) {
        return UsualFaults.isForTheDial(
                Math.abs(measured.taperMm()) / 2, cut.job().allowedErrorMm());
    }

    private Scene scene(Prediction predicted, Measured measured) {
        SceneBuilder scene = new SceneBuilder("trial", "The trial cut, measured and predicted");
        double set = predicted.sizes().setMm();
        double[] all = {
            predicted.sizes().nearMm() - set,
            predicted.sizes().farMm() - set,
            measured.nearMm() - set,
            measured.farMm() - set,
            0.004
        };
        double largest = Arrays.stream(all).map(Math::abs).max().orElse(0.01);
        double magnify = 11 / largest;
        double radius = 13;
        double x0 = 20;
        double x1 = 80;
        double axis = 38;
        scene.place(0, 0, 1);
        double nearM = radius + magnify * (measured.nearMm() - set);
        double farM = radius + magnify * (measured.farMm() - set);
        double nearP = radius + magnify * (predicted.sizes().nearMm() - set);
        double farP = radius + magnify * (predicted.sizes().farMm() - set);
        scene.filled(Role.WORK_AREA, Role.WORK, x0, axis - nearM, x1, axis - farM, x1, axis + farM, x0, axis + nearM);
        scene.line(Role.SWEPT, x0 - 3, axis + nearP, x1 + 3, axis + farP);
        scene.line(Role.SWEPT, x0 - 3, axis - nearP, x1 + 3, axis - farP);
        scene.line(Role.CENTRE, 8, axis, 92, axis);
        scene.line(Role.HIDDEN, x0, axis + radius, x1, axis + radius);
        scene.line(Role.HIDDEN, x0, axis - radius, x1, axis - radius);
        scene.label(
                Role.DIMENSION, x0, axis + Math.max(nearM, nearP) + 4, Anchor.MIDDLE, say.length(measured.nearMm()));
        scene.label(Role.DIMENSION, x1, axis + Math.max(farM, farP) + 4, Anchor.MIDDLE, say.length(measured.farMm()));
        scene.label(Role.CAPTION, 6, axis - 27, Anchor.START, "chuck end");
        scene.label(Role.CAPTION, 94, axis - 27, Anchor.END, "far end");
        scene.label(Role.CAPTION, 50, 5, Anchor.MIDDLE, "full: measured · dotted: predicted · dashed: size set");
        return scene.build(
                0, 0, Plate.WIDTH, Plate.HEIGHT, "differences drawn about " + Written.about(magnify) + " times larger");
    }
}
