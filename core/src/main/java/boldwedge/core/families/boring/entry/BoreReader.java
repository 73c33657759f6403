package boldwedge.core.families.boring.entry;

import static boldwedge.core.families.boring.entry.BoreField.*;

import boldwedge.core.families.boring.advice.BoreAngles;
import boldwedge.core.families.boring.model.BarEnd;
import boldwedge.core.families.boring.model.BarHeld;
import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.families.boring.model.BoreJobBuilder;
import boldwedge.core.families.boring.model.Bottom;
import boldwedge.core.families.boring.model.Making;
import boldwedge.core.families.boring.model.Recess;
import boldwedge.core.language.measure.Tolerance;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.BarMaterial;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.Insert;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.wedge.TypedSignature;
import boldwedge.core.planning.FieldReader;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Calibrations;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;

/** Reads a boring job, field by field. */
public final class BoreReader extends FieldReader {
    /** A bar that leaves this share of the hole's radius free all round is the usual choice. */
    private static final double USUAL_BAR_SHARE = 0.7;
    /** A nose's diameter, of its bar's. */
    private static final double USUAL_NECK = 0.75;
    /** The hole for a bit may take so much of a bar's diameter. */
    private static final double MOST_BIT = 0.6;
    /** One that is chosen takes no more than this. */
    private static final double FITTING_BIT = 0.55;
    /** The thinnest that there is may take so much. */
    private static final double THINNEST_BIT = 0.7;

    private static final double SMALLEST_BIT_MM = 3;

    private static final double USUAL_FINISH_DEPTH_MM = 0.15;

    private static final double USUAL_FINISH_DEPTH_INCH = 0.006 * 25.4;

    public BoreReader(PlanRequest request) {
        super(request);
    }

    /** Reads a request and works its cut out. */
    public static Read<BoreCut> cut(PlanRequest request) {
        BoreReader reader = new BoreReader(request);
        Optional<BoreJob> job = reader.read();
        TypedSignature typed = typed(reader);
        return new Read<>(reader.states(), job.map(read -> BoreCut.of(read, typed)));
    }

    /** Angles typed over the advice. */
    public static TypedSignature typed(BoreReader reader) {
        return new TypedSignature(
                reader.typed(BACK_RAKE),
                reader.typed(SIDE_RAKE),
                reader.typed(RELIEF),
                reader.typed(SIDE_RELIEF),
                reader.typed(END_EDGE),
                reader.typed(SIDE_EDGE),
                reader.typed(NOSE_RADIUS));
    }

    /** A bit for a bar too slim for the usual one; empty where that fits, or none would. */
    private Optional<String> bitThatFits() {
        for (BoreField field : List.of(START, BAR_DIAMETER, NECK_LENGTH)) {
            measured(field, field.limits().orElseThrow());
        }
        double bar = typed(BAR_DIAMETER).orElseGet(() -> usualBar(typed(START).orElse(0)));
        double tip = typed(NECK_LENGTH).orElse(0) > 0 ? USUAL_NECK * bar : bar;
        StockCatalogue stock = StockCatalogue.shipped();
        double usual = stock.blank(BIT.usual(units)).orElseThrow().widthMm();
        if (usual <= MOST_BIT * tip) {
            return Optional.empty();
        }
        List<Blank> thin = stock.squareBits(units);
        return thin.reversed().stream()
                .filter(blank -> blank.widthMm() <= FITTING_BIT * tip)
                .findFirst()
                // Where none leaves that much round it, the thinnest is better than none.
                .or(() -> thin.stream().findFirst().filter(blank -> blank.widthMm() <= THINNEST_BIT * tip))
                .map(Blank::id);
    }

    /** Reads all; empty when a field is wrong (its state then says so). */
    public Optional<BoreJob> read() {
        unlessPicked(BIT, bitThatFits());
        harderUnlessPicked(BIT, MATERIAL);
        readAll(values());
        String teaching = choiceText(TEACHING);
        chosenFrom(
                TEACHING,
                teaching.equals("used") || teaching.equals("left-out") ? Optional.of(teaching) : Optional.empty(),
                "use of trials",
                "It can be used or left-out.");
        Optional<Tolerance> tolerance = tolerance(TOLERANCE, typed(FINISHED));
        if (hasErrors()) {
            return Optional.empty();
        }
        BoreJob job = job(tolerance.orElseThrow());
        checkTogether(job);
        return hasErrors() ? Optional.empty() : Optional.of(job);
    }

    /** The job, with what was left open as it usually is. */
    private BoreJob job(Tolerance tolerance) {
        StockCatalogue stock = StockCatalogue.shipped();
        double start = value(START);
        double depth = value(DEPTH_OF_HOLE);
        double drawnBar = typed(BAR_DIAMETER).orElse(usualBar(start));
        // What was made counts, once it is: the drawing only until then.
        double barMm = typed(MADE_BAR).orElse(drawnBar);
        double overhang = typed(OVERHANG).orElse(Math.ceil(depth + Math.max(3, 0.4 * barMm)));
        BarHeld held = picked(HELD, BarHeld.class);
        Blank bit = picked(BIT, Blank.class);
        Recess.Kind recess = picked(RECESS, Recess.Kind.class);
        boolean centres = held == BarHeld.CENTRES;
        double span = typed(SPAN).orElse(typed(BAR_LENGTH).orElse(Math.ceil(3 * depth + 60)));
        double drawnLength = typed(BAR_LENGTH).orElse(centres ? span : Math.ceil(overhang + BoreJob.GRIP * drawnBar));
        double whole = typed(MADE_LENGTH).orElse(drawnLength);
        double neckLength = value(NECK_LENGTH);
        double neck =
                neckLength > 0 ? typed(MADE_NECK).orElse(typed(NECK_DIAMETER).orElse(USUAL_NECK * drawnBar)) : barMm;
        Calibrations teachings = is(TEACHING, "used") ? request.taught() : Calibrations.NONE;
        Calibration taught = teachings.ofSize();
        return BoreJobBuilder.builder()
                .units(request.units())
                .work(picked(MATERIAL, WorkMaterial.class).withForce(taught.force()))
                .startMm(start)
                .finishedMm(value(FINISHED))
                .tolerance(tolerance)
                .holeDepthMm(depth)
                .bottom(picked(BOTTOM, Bottom.class))
                .outOfRoundMm(value(OUT_OF_ROUND))
                .raMm(value(FINISH) / 1000)
                .outsideMm(typed(OUTSIDE).orElse(1.7 * value(FINISHED)))
                .stickOutMm(typed(STICK_OUT).orElse(depth))
                .held(held)
                .lathe(request.lathe().orElseThrow())
                .bit(bit)
                .tool(stock.toolMaterial(bit))
                .bitAngleRad(value(BIT_ANGLE))
                .flankMm(typed(FLANK).orElse(bit.heightMm() * 0.75))
                .barMaterial(picked(BAR_MATERIAL, BarMaterial.class))
                .barMm(barMm)
                .barLengthMm(whole)
                .overhangMm(overhang)
                .neckMm(neck)
                .neckLengthMm(neckLength)
                .rodHoleMm(value(ROD_HOLE))
                .heightMm(value(HEIGHT))
                .aheadMm(value(AHEAD))
                .spanMm(span)
                .cutterAtMm(typed(CUTTER_AT).orElse(span / 2))
                .measuredNPerMm(typed(STIFFNESS))
                .damping(typed(DAMPING))
                .ringHz(typed(RING))
                .depthMm(typed(DEPTH)
                        .orElse(Math.min(
                                (value(FINISHED) - start) / 2,
                                request.units() == UnitSystem.METRIC
                                        ? USUAL_FINISH_DEPTH_MM
                                        : USUAL_FINISH_DEPTH_INCH)))
                .feedMm(typed(FEED))
                .speedRpm(typed(SPEED))
                .insert(stock.insert(choiceText(BIT)))
                .recess(recess == Recess.Kind.NONE ? Optional.empty() : Optional.of(recess(recess)))
                .headMm(value(HEAD))
                .holderSideMm(typed(HOLDER_SIDE).orElse(Math.max(16, Math.ceil(1.8 * barMm))))
                .taught(taught)
                .lessons(teachings)
                .heard(teachings.of(Calibration.Of.QUIET))
                .making(making(drawnBar, drawnLength))
                .build();
    }

    private Making making(double drawnBar, double drawnLength) {
        boolean necked = value(NECK_LENGTH) > 0;
        return new Making(
                drawnBar,
                necked ? typed(NECK_DIAMETER).orElse(USUAL_NECK * drawnBar) : drawnBar,
                drawnLength,
                value(BLEND),
                value(ROD_DRILL),
                (int) Math.rint(value(SET)),
                typed(MADE_BAR),
                necked ? typed(MADE_NECK) : OptionalDouble.empty(),
                typed(MADE_LENGTH),
                typed(MADE_CROSS));
    }

    /** The recess as typed; a gland takes its size from the cord where it was left open. */
    private Recess recess(Recess.Kind kind) {
        boolean ring = kind == Recess.Kind.O_RING;
        double hole = value(FINISHED);
        double cord = ring ? value(CORD) : 0;
        double deep = ring ? Recess.glandDepth(cord) : Math.max(0.3, 0.03 * hole);
        double wide = ring ? Math.ceil(10 * Recess.glandWidth(cord)) / 10 : 1.5 * value(GROOVER);
        double width = typed(RECESS_WIDTH).orElse(wide);
        return new Recess(
                kind,
                typed(RECESS_DIAMETER).orElse(hole + 2 * deep),
                width,
                typed(RECESS_AT).orElse(Math.max(0, (value(DEPTH_OF_HOLE) - width) / 2)),
                cord,
                value(GROOVER));
    }

    private void checkRecess(BoreJob job, Recess recess) {
        if (recess.diameterMm() <= job.finishedMm()) {
            wrong(RECESS_DIAMETER, "A recess is larger than its hole (" + length(job.finishedMm()) + ").");
        } else if (recess.diameterMm() >= job.outsideMm()) {
            wrong(RECESS_DIAMETER, "That breaks through the outside (" + length(job.outsideMm()) + ").");
        }
        if (recess.bitMm() > recess.widthMm() * (1 + 1e-9)) {
            wrong(GROOVER, "The bit is wider than the recess: at most " + length(recess.widthMm()) + ".");
        }
        double last = job.holeDepthMm() - recess.widthMm();
        if (recess.atMm() > last) {
            wrong(
                    RECESS_AT,
                    last < 0
                            ? "The recess is wider than the hole is deep."
                            : "There the recess would end past the hole: at most " + length(last) + " from the mouth.");
        }
    }

    private void checkInsert(BoreJob job, Insert insert) {
        if (job.rodHoleMm() > 0) {
            wrong(ROD_HOLE, "An insert has its own screw and needs no push rod: make this 0.");
        }
        double under = BarEnd.tipMm(job) - BarEnd.seatDepthMm(job, insert);
        if (under < 0.15 * BarEnd.tipMm(job)) {
            wrong(
                    AHEAD,
                    "Under the insert only " + length(Math.max(0, under)) + " of the bar would be left: set its face "
                            + length(0.15 * BarEnd.tipMm(job) - under) + " higher or take a thinner insert.");
        }
        OptionalDouble nose = typed(NOSE_RADIUS);
        if (nose.isPresent() && Math.abs(insert.nearestNose(nose.getAsDouble()) - nose.getAsDouble()) > 0.005) {
            wrong(
                    NOSE_RADIUS,
                    "This insert is sold with a corner of "
                            + insert.nosesMm().stream().map(this::length).collect(Collectors.joining(", ")) + ".");
        }
        OptionalDouble clearance = typed(RELIEF);
        if (clearance.isPresent() && clearance.getAsDouble() < insert.clearanceRad() - 1e-9) {
            wrong(
                    RELIEF,
                    "The insert itself has " + Written.degrees(insert.clearanceRad())
                            + "; tilting its pocket adds to that and takes from the rake.");
        }
        OptionalDouble trailing = typed(END_EDGE);
        double lead = typed(SIDE_EDGE).orElse(BoreAngles.insertLead(insert));
        double follows = BoreAngles.trailing(insert, lead);
        if (trailing.isPresent() && Math.abs(trailing.getAsDouble() - follows) > Math.toRadians(0.5)) {
            wrong(
                    END_EDGE,
                    "Its corner is " + Written.degrees(insert.pointRad()) + ": with this lead it trails by "
                            + Written.degrees(follows) + ". Leave this empty.");
        }
        if (follows < Math.toRadians(2)) {
            wrong(
                    SIDE_EDGE,
                    "With a corner of " + Written.degrees(insert.pointRad())
                            + " the other edge would drag along the wall: the lead must be "
                            + Written.degrees(insert.pointRad() - Math.toRadians(88)) + " or more.");
        }
    }

    /** The usual bar for a hole, down to a half or whole millimetre. */
    public static double usualBar(double startMm) {
        double bar = USUAL_BAR_SHARE * startMm;
        return bar >= 4 ? Math.floor(bar) : Math.max(1.5, Math.floor(2 * bar) / 2);
    }

    /** What goes into the hole must be thinner than it: the nose where it is as long as the hole is deep, else the whole bar. */
    private void checkEnters(BoreJob job) {
        boolean byNose = job.necked() && job.neckLengthMm() >= job.holeDepthMm();
        if (byNose && job.neckMm() >= job.startMm()) {
            wrong(
                    NECK_DIAMETER,
                    "A nose of " + length(job.neckMm()) + " does not go into a hole of " + length(job.startMm()) + ".");
        } else if (!byNose && job.barMm() >= job.startMm()) {
            wrong(
                    job.necked() ? NECK_LENGTH : BAR_DIAMETER,
                    job.necked()
                            ? "The nose goes in " + length(job.neckLengthMm()) + ", and behind it the bar of "
                                    + length(job.barMm()) + " does not: make the nose " + length(job.holeDepthMm())
                                    + " long or more."
                            : "A bar of " + length(job.barMm()) + " does not go into a hole of "
                                    + length(job.startMm()) + ". The usual one is "
                                    + length(usualBar(job.startMm())) + ".");
        }
    }

    private void checkTogether(BoreJob job) {
        if (job.finishedMm() <= job.startMm()) {
            wrong(
                    FINISHED,
                    "Boring makes a hole larger: the finished size must be over " + length(job.startMm())
                            + ", where it starts.");
        } else if (typed(DEPTH).orElse(0) > job.stockMm() * (1 + 1e-9)) {
            wrong(DEPTH, "There is only " + length(job.stockMm()) + " to take off each side.");
        }
        checkEnters(job);
        checkBar(job);
        job.recess().ifPresent(recess -> checkRecess(job, recess));
        job.insert().ifPresent(insert -> checkInsert(job, insert));
        checkTip(job);
        checkHole(job);
        checkHeld(job);
        OptionalDouble feed = typed(FEED);
        if (feed.isPresent() && feed.getAsDouble() > 0.6) {
            wrong(FEED, "No bar here bores at more than 0.6 mm a turn.");
        }
    }

    private void checkBar(BoreJob job) {
        if (job.neckLengthMm() > job.overhangMm()) {
            wrong(
                    NECK_LENGTH,
                    "The nose would be longer than the bar stands out (" + length(job.overhangMm()) + "). Make it "
                            + length(job.overhangMm()) + " or less.");
        }
        if (job.neckLengthMm() > 0 && job.neckMm() > job.barMm()) {
            wrong(NECK_DIAMETER, "The nose is thicker than the bar it grows from (" + length(job.barMm()) + ").");
        }
        if (job.headMm() > 0.8 * job.overhangMm()) {
            wrong(
                    HEAD,
                    "The head would be nearly the whole of what stands out: at most "
                            + length(Math.floor(0.8 * job.overhangMm())) + ", or make the bar of steel.");
        }
        if (Math.abs(job.making().set() - value(SET)) > 1e-9) {
            wrong(SET, "A whole number of bars, please.");
        }
        if (job.holderSideMm() <= job.barMm()) {
            wrong(HOLDER_SIDE, "The holder must be wider than the bar it holds (" + length(job.barMm()) + ").");
        }
    }

    private void checkTip(BoreJob job) {
        double tip = job.necked() ? job.neckMm() : job.barMm();
        if (job.bit().widthMm() > 0.85 * tip) {
            wrong(
                    BIT,
                    (job.insert().isPresent() ? "A pocket for this insert (" : "A hole for this bit (")
                            + length(job.bit().widthMm()) + ") is too wide for a "
                            + (job.necked() ? "nose" : "bar") + " of " + length(tip)
                            + ": keep it under " + length(0.6 * tip) + "."
                            + (0.6 * tip < SMALLEST_BIT_MM
                                    ? " No bit is that small: so thin a bar is ground with its point from one piece of tool steel, which is not reckoned here yet. Drill so small a hole, and ream it."
                                    : ""));
        }
        if (job.rodHoleMm() > 0.75 * tip) {
            wrong(
                    ROD_HOLE,
                    "That hole leaves too thin a wall in " + length(tip) + ": at most "
                            + length(Math.floor(7.5 * tip) / 10) + ".");
        }
    }

    private void checkHole(BoreJob job) {
        if (Math.abs(job.heightMm()) >= 0.4 * job.startMm()) {
            wrong(HEIGHT, "At " + length(Math.abs(job.heightMm())) + " off centre the point misses the wall.");
        }
        if (job.stockMm() > 0 && job.outOfRoundMm() > 2 * job.stockMm()) {
            wrong(
                    OUT_OF_ROUND,
                    "The hole is further out of round than there is stock: it would not clean up. Finish it larger by "
                            + length(job.outOfRoundMm() - 2 * job.stockMm()) + " or more.");
        }
        if (job.outsideMm() <= job.finishedMm()) {
            wrong(OUTSIDE, "The outside must be larger than the hole (" + length(job.finishedMm()) + ").");
        }
    }

    private void checkHeld(BoreJob job) {
        if (job.lathe().mill() && job.held() != BarHeld.HEAD) {
            wrong(HELD, job.lathe().name() + " is a mill: hold the bar in a boring head, or pick a lathe.");
        }
        if (job.held() == BarHeld.CENTRES) {
            if (job.barLengthMm() < job.spanMm()) {
                wrong(
                        SPAN,
                        "The bar is " + length(job.barLengthMm()) + " long: its centres cannot stand further apart.");
            }
            if (job.insert().isPresent()) {
                wrong(BIT, "A bar between centres takes a bit through its middle, not an insert at its end.");
            }
            if (job.cutterAtMm() >= job.spanMm()) {
                wrong(CUTTER_AT, "The cutter must sit between the centres, " + length(job.spanMm()) + " apart.");
            }
            if (job.bottom() != Bottom.THROUGH) {
                wrong(BOTTOM, "A bar between centres passes right through: the hole cannot be blind.");
            }
        } else if (job.overhangMm() > job.barLengthMm() - job.barMm()) {
            wrong(
                    OVERHANG,
                    "The bar is " + length(job.barLengthMm()) + " long: with a grip of one diameter it reaches "
                            + length(Math.max(0, job.barLengthMm() - job.barMm())) + " at most.");
        } else if (job.overhangMm() < job.holeDepthMm()) {
            wrong(
                    OVERHANG,
                    "The hole is " + length(job.holeDepthMm()) + " deep: let the point stand out "
                            + length(Math.ceil(job.holeDepthMm() + 2)) + " or more.");
        }
    }
}
